<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Tests\Browser\Support\Patience;

/** On a phone: what was tapped is seen, what is pressed most lies in reach, and nothing hides behind the bar of places. */
final class PhoneTest extends BrowserTestCase
{
    private const WIDTH = 390;

    private const HEIGHT = 844;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$chromium->resize(self::WIDTH, self::HEIGHT);
    }

    public function testDoneLiesInReachOfTheThumbHoweverLongTheStepIs(): void
    {
        $this->visit('#/');
        $this->pressNamed('Paint on');
        $done = $this->see('//div[contains(@class, "finish")]//button[contains(@class, "done")]');
        $this->assertSeen($done);
        self::driver()->executeScript('document.querySelector("main").scrollTo(0, 200)');
        $this->assertSeen($this->see('//div[contains(@class, "finish")]//button[contains(@class, "done")]'));
    }

    public function testTheStripComesBeforeTheListOfAreas(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Ferry Warden"]');
        $strip = $this->see('//section[starts-with(@aria-label, "Strip of")]');

        self::assertLessThan($this->top($this->see('//nav[@aria-label="Areas"]')), $this->top($strip));
        $this->assertSeen($this->see('//section[starts-with(@aria-label, "Strip of")]//h2'));
    }

    public function testThePanelOfATappedPaintComesIntoView(): void
    {
        $this->visit('#/shelf');
        $this->see('//*[name()="svg"][@role="application"]//*[name()="g"][contains(@class, "point")]');
        $point = self::driver()->executeScript(<<<'JS'
            const map = document.querySelector('svg[role=application]');
            const mark = map.querySelector('.point').getBoundingClientRect();
            map.setPointerCapture = () => {};
            for (const type of ['pointerdown', 'pointerup'])
                map.dispatchEvent(new PointerEvent(type, { bubbles: true, button: 0, pointerId: 1, clientX: mark.left + mark.width / 2, clientY: mark.top + mark.height / 2 }));
            return map.querySelector('.point.chosen') !== null;
            JS);
        Patience::until(static fn(): bool => self::driver()->findElements(WebDriverBy::cssSelector('.point.chosen')) !== [], 'the paint to be chosen');
        $this->assertSeen($this->see('//section[@aria-label="Chosen paints"]//h2'));
        self::assertNotNull($point);
    }

    public function testThePanelOfAPaintTappedFarDownTheListComesIntoView(): void
    {
        $this->visit('#/shelf/list');
        $this->see('//tbody/tr[12]');
        self::driver()->executeScript('document.querySelector("tbody tr:nth-child(12)").scrollIntoView({ block: "center" })');
        $name = $this->see('//tbody/tr[12]//bdi')->getText();
        $this->press('//tbody/tr[12]//th//button');
        $this->assertSeen($this->see(sprintf('//aside//h2[bdi[.="%s"]]', $name)));
    }

    public function testTheLegendOfTheMapIsWhole(): void
    {
        $this->visit('#/shelf');
        $this->see('//*[name()="svg"][@role="application"]');
        $board = self::driver()->executeScript('return document.querySelector(".board").getBoundingClientRect().bottom');
        foreach (['covers', 'wash', 'gap'] as $word) {
            $mark = $this->see(sprintf('//main//li[normalize-space(.)="%1$s"] | //main//span[normalize-space(.)="%1$s"]', $word));
            self::assertGreaterThanOrEqual((float) $board, $this->top($mark), $word);
        }
    }

    public function testAMessageStandsAboveTheBarOfPlaces(): void
    {
        $this->visit('#/logbook');
        $this->press('(//section//li//button[contains(@class, "bx--overflow-menu")])[1]');
        $this->press('//*[@role="menu"]//button[normalize-space(.)="Take back"]');
        $this->assertSeen($this->see('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]'));
        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->see('//div[contains(@class, "notices")]//*[contains(., "stands again")]');
    }

    private function top(WebDriverElement $element): float
    {
        return (float) self::driver()->executeScript('return arguments[0].getBoundingClientRect().top', [$element]);
    }

    /** On screen, and nothing lies over its middle. */
    private function assertSeen(WebDriverElement $element): void
    {
        Patience::until(static fn(): bool => self::driver()->executeScript(
            'const box = arguments[0].getBoundingClientRect(); const on = document.elementFromPoint(box.left + Math.min(box.width, innerWidth) / 2, box.top + box.height / 2); return box.top >= 0 && box.bottom <= innerHeight && (arguments[0].contains(on) || on?.contains(arguments[0]))',
            [$element],
        ) === true, 'it to be seen');
        $this->addToAssertionCount(1);
    }
}
