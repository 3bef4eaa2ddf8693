<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;

/** The main views, each opened and ready to be looked at. */
final readonly class Views
{
    public function __construct(
        private AppServer $server,
        private Chromium $chromium,
    ) {}

    /** @return array<string, callable(): void> */
    public function all(): array
    {
        return [
            'bench' => fn() => $this->open('#/', 'article .next'),
            'plans' => fn() => $this->open('#/plans', 'li .looks'),
            'plan' => fn() => $this->plan('Ferry Warden', 'Oilskin coat'),
            'plan-substitute' => fn() => $this->substitute(),
            'plan-order' => function (): void {
                $this->plan('Ferry Warden', 'Oilskin coat');
                $this->press('Running order');
                $this->await('ol[aria-label="Running order"] li:nth-child(30)');
            },
            'plan-batches' => function (): void {
                $this->plan('Ferry Warden', 'Oilskin coat');
                $this->press('Batches');
                $this->await('form .bx--number');
            },
            'new-plan' => fn() => $this->open('#/plans/new', 'textarea'),
            'painting' => fn() => $this->painting(),
            'shelf' => fn() => $this->open('#/shelf', 'tbody tr:nth-child(12)'),
            'shelf-bring-in' => function (): void {
                $this->open('#/shelf', 'tbody tr:nth-child(12)');
                $this->press('Bring in, take out');
                $this->await('input[type=file]');
            },
            'logbook' => fn() => $this->open('#/logbook', 'section li'),
            'plan-lamp' => function (): void {
                $this->theme('lamp');
                $this->plan('Provost on the White Heron', 'Cloak');
                $this->await('section[aria-label="What do I have?"] .body');
            },
            'shelf-lamp' => fn() => $this->open('#/shelf', 'tbody tr:nth-child(12)'),
            'painting-tablet' => function (): void {
                $this->theme('day');
                $this->chromium->resize(820, 1180);
                $this->painting();
            },
            'bench-phone' => function (): void {
                $this->chromium->resize(390, 844);
                $this->open('#/', 'article .next');
            },
        ];
    }

    public function open(string $hash, string $ready): void
    {
        $this->chromium->driver->get('about:blank');
        $this->chromium->driver->get($this->server->url($hash));
        $this->await($ready);
        $this->chromium->driver->executeAsyncScript('const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)))');
    }

    public function theme(string $theme): void
    {
        $this->open('#/', 'h1');
        $this->chromium->driver->executeScript("localStorage.setItem('kalokroma.theme', arguments[0])", [$theme]);
    }

    public function await(string $selector): void
    {
        $this->chromium->driver->wait(15, 50)->until(WebDriverExpectedCondition::visibilityOfElementLocated(WebDriverBy::cssSelector($selector)));
    }

    public function press(string $label): void
    {
        $this->chromium->driver->findElement(WebDriverBy::xpath(sprintf('//*[self::button or self::a][starts-with(normalize-space(.), "%s")]', $label)))->click();
    }

    private function plan(string $name, string $area): void
    {
        $this->open('#/plans', 'li .looks');
        $this->press($name);
        $this->await('nav[aria-label="Areas"] li');
        $this->chromium->driver->findElement(WebDriverBy::xpath("//nav[@aria-label='Areas']//bdi[.='$area']"))->click();
        $this->await('section[aria-label^="Step"]');
    }

    private function substitute(): void
    {
        $this->plan('Ferry Warden', 'Boots and straps');
        $this->chromium->driver->findElement(WebDriverBy::xpath('//ol[@aria-label="Steps"]/li[2]/button'))->click();
        $this->await('section[aria-label="What do I have?"] .body');
    }

    private function painting(): void
    {
        $this->open('#/', 'article .next');
        $this->press('Paint on');
        $this->await('section[aria-label="Open step"] .done');
    }
}
