<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\WebDriverKeys;

/** Walks that count what a painter has to press and to type. */
trait CountedHand
{
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

    /** By Tab, counted as the keys it takes; backwards when that is nearer. */
    private function walkTo(string $name): void
    {
        $named = <<<'JS'
            const all = [...document.querySelectorAll('a[href], button:not([disabled]), input, select, textarea, summary, [tabindex="0"]')].filter((one) => one.tabIndex >= 0 && !one.disabled && one.checkVisibility({ contentVisibilityAuto: true, visibilityProperty: true }));
            const name = (one) => (one.labels?.[0]?.innerText ?? one.getAttribute('aria-label') ?? one.innerText).trim();
            const to = all.findIndex((one) => name(one) === arguments[0]);
            const from = document.activeElement;
            const at = all.includes(from) ? all.indexOf(from) : all.filter((one) => from.compareDocumentPosition(one) & Node.DOCUMENT_POSITION_PRECEDING).length - 1;
            return to < 0 ? null : to - at;
            JS;
        $steps = null;
        Patience::until(static function () use ($named, $name, &$steps): bool {
            $steps = self::driver()->executeScript($named, [$name]);

            return $steps !== null;
        }, "$name to be on the way");
        for ($i = 0; $i < abs((int) $steps); $i++) {
            $this->keys++;
            if ($steps < 0) {
                self::driver()->getKeyboard()->pressKey(WebDriverKeys::SHIFT);
            }
            self::driver()->getKeyboard()->sendKeys(WebDriverKeys::TAB);
            if ($steps < 0) {
                self::driver()->getKeyboard()->releaseKey(WebDriverKeys::SHIFT);
            }
        }
        $this->waitForFocus($name);
    }

    private function waitForFocus(string $name): void
    {
        $this->await(
            '((one) => (one.labels?.[0]?.innerText ?? one.getAttribute("aria-label") ?? one.innerText ?? "").trim() === arguments[0])(document.activeElement)',
            $name,
            "$name to have the focus",
        );
    }
}
