<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\WebDriverBy;

/** What opens within a view when something in it is pressed. */
final class Panels
{
    /** The view, what is pressed in it one after the other, and what is seen then. */
    private const OPENED = [
        'plan menu' => ['plan', ['More for this plan'], '.bx--overflow-menu-options'],
        'plan model' => ['plan', ['Model and undercoat'], 'section[aria-label="Which undercoat"], main input[type=text]'],
        'plan step' => ['plan', ['Thinned', 'Waiting', 'Add a note', '+ mix in another paint'], 'section[aria-label^="Step"] details[open]'],
        'new plan in full' => ['new-plan', ['Model, size and light', 'Choose it'], 'details[open]'],
        'way of several areas' => ['plan-paint', ['Put the recipes of several areas'], 'form[aria-label="Put aside as a way"]'],
        'habit' => ['handbook', ['I do it otherwise'], 'form'],
        'painting steps' => ['painting', ['All steps'], '[aria-label="All steps"], nav[aria-label="Steps"], ol'],
        'painting touch-ups' => ['painting', ['Touch-ups'], 'section[aria-label="Touch-ups"]'],
        'painting otherwise' => ['painting', ['Was it different'], 'details[open] input'],
        'evening otherwise' => ['evenings', ['Something else', 'Thu 26'], 'form, section[aria-label^="Thursday"]'],
        'mixing into a step' => ['mixing', ['Put it into a step'], 'select'],
        'mixing kept' => ['mixing', ['Keep it by name'], 'form input'],
        'wanted more' => ['wanted', ['More for Soot Wash'], '.bx--overflow-menu-options'],
        'paint' => ['shelf-list', ['Oilskin Yellow'], 'aside h2'],
        'photo new paint' => ['shelf-photo', ['In numbers', 'New paint with it'], 'form input'],
        'log entry' => ['logbook', ['More for Jetty base: wash', 'Edit'], 'form, input'],
        'batch picture' => ['batch-record', ['2 steps done otherwise', 'Add a picture'], 'input[type=file]'],
        'model' => ['batch', ['model 1: say who'], 'aside form, aside input, form input'],
    ];

    /** Those that close when the page takes another size. */
    private const MENUS = ['plan menu', 'wanted more'];

    /** @return array<string, callable(): void> */
    public static function of(Views $views, Chromium $chromium): array
    {
        $panels = [];
        foreach (self::OPENED as $name => [$view, $pressed, $seen]) {
            $panels[$name] = static function () use ($views, $chromium, $view, $pressed, $seen): void {
                $views->all()[$view]();
                foreach ($pressed as $label) {
                    $chromium->driver->wait(45, 50)->until(static fn() => $chromium->driver->findElements(self::named($label)) !== []);
                    $chromium->driver->findElement(self::named($label))->click();
                    $views->settle();
                }
                $views->await($seen);
            };
        }

        return $panels;
    }

    /** A menu that has closed opens anew. */
    public static function reopen(string $name, Chromium $chromium): void
    {
        if (
            in_array($name, self::MENUS, true)
            && $chromium->driver->executeScript('return document.querySelector(".bx--overflow-menu-options") === null') === true
        ) {
            $pressed = self::OPENED[$name][1];
            $chromium->driver->findElement(self::named($pressed[count($pressed) - 1]))->click();
        }
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::OPENED);
    }

    private static function named(string $label): WebDriverBy
    {
        return WebDriverBy::xpath(sprintf(
            '//*[self::button or self::summary or @role="menuitem"][starts-with(normalize-space(.), "%1$s") or starts-with(@aria-label, "%1$s")]',
            $label,
        ));
    }
}
