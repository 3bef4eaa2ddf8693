<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\WebDriverKeys;

/** Walks that count what a painter has to press and to type. */
trait CountedHand
{
    /** Whoever tabs longer than that has lost the way. */
    private const LONGEST_WALK = 160;

    /** What something is called, as one hears it; of what is said of it behind a colon there may be more. */
    private const NAMED = <<<'JS'
        const named = (one) => (one.labels?.[0]?.innerText ?? one.getAttribute('aria-label') ?? one.innerText ?? '').trim().replace(/\s+/g, ' ').replace(/ :/g, ':');
        const isCalled = (one, name) => named(one) === name || named(one).startsWith(`${name}:`);
        JS."\n";

    private int $clicks = 0;

    private int $keys = 0;

    private function await(string $script, string $argument, string $what): void
    {
        Patience::until(static fn(): bool => self::driver()->executeScript("return $script", [$argument]) === true, $what);
        $this->addToAssertionCount(1);
    }

    private function click(string $xpath): void
    {
        $this->clicks++;
        $this->press($xpath);
    }

    private function type(string $text): void
    {
        $this->keys += mb_strlen($text);
        self::driver()->getKeyboard()->sendKeys($text);
    }

    /** By Tab, counted as the keys it takes, backwards when that is nearer; and as the one press that it takes by mouse. */
    private function walkTo(string $name): void
    {
        $this->clicks++;
        $way = null;
        Patience::until(static function () use ($name, &$way): bool {
            $way = self::driver()->executeScript(self::NAMED.<<<'JS'
                const all = [...document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex="0"]')];
                const to = all.find((one) => one.tabIndex >= 0 && !one.disabled && one.checkVisibility() && isCalled(one, arguments[0]));
                const from = document.activeElement;
                return to === undefined ? null : from.compareDocumentPosition(to) & Node.DOCUMENT_POSITION_PRECEDING ? 'back' : 'on';
                JS, [$name]);

            return $way !== null;
        }, "$name to be on the way");
        // Pressed as on a keyboard: handed to a field, a key would be typed into it.
        $keys = $way === 'back' ? [WebDriverKeys::SHIFT, WebDriverKeys::TAB] : [WebDriverKeys::TAB];
        $strokes = array_merge(...array_map(
            static fn(string $type): array => array_map(static fn(string $key): array => ['type' => $type, 'value' => $key], $keys),
            ['keyDown', 'keyUp'],
        ));
        for ($steps = 0; ! $this->hasFocus($name) && $steps < self::LONGEST_WALK; $steps++) {
            $this->keys++;
            self::driver()->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [[
                'type' => 'key', 'id' => 'keyboard', 'actions' => $strokes,
            ]]]);
        }
        $this->waitForFocus($name);
    }

    private function waitForFocus(string $name): void
    {
        Patience::until(fn(): bool => $this->hasFocus($name), "$name to have the focus");
        $this->addToAssertionCount(1);
    }

    private function hasFocus(string $name): bool
    {
        return self::driver()->executeScript(self::NAMED.'return isCalled(document.activeElement, arguments[0])', [$name]) === true;
    }
}
