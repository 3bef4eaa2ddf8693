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

    protected function tearDown(): void
    {
        parent::tearDown();
        self::assertSame([], self::complaints());
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
        self::driver()->executeScript(<<<'JS'
            const map = document.querySelector('svg[role=application]');
            const mark = map.querySelector('.point').getBoundingClientRect();
            map.setPointerCapture = () => {};
            for (const type of ['pointerdown', 'pointerup'])
                map.dispatchEvent(new PointerEvent(type, { bubbles: true, button: 0, pointerId: 1, clientX: mark.left + mark.width / 2, clientY: mark.top + mark.height / 2 }));
            JS);
        Patience::until(
            static fn(): bool => self::driver()->findElements(WebDriverBy::cssSelector('.point.chosen')) !== [],
            'the paint to be chosen',
        );
        $this->assertSeen($this->see('//section[@aria-label="Chosen paints"]//h2'));
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

    /** A finger that rests on an area takes it along; a swipe over it does not. */
    public function testAreasAreMovedByAFinger(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="The Bound Capstan"]');
        $areas = static fn(): array => self::driver()->executeScript(
            'return [...document.querySelectorAll("nav[aria-label=Areas] li bdi")].map((one) => one.textContent)',
        );
        $second = $this->see('//nav[@aria-label="Areas"]//li[2]');
        self::driver()->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$second]);
        [$one, $two, $three] = $areas();
        [$from, $to] = array_map($this->middle(...), [$second, $this->see('//nav[@aria-label="Areas"]//li[1]')]);

        $this->touch('touchStart', $from);
        Patience::until(
            static fn(): bool => self::driver()->findElements(WebDriverBy::cssSelector('#dnd-action-dragged-el')) !== [],
            'the area to be taken along',
        );
        $this->touch('touchMove', ['x' => $from['x'], 'y' => $from['y'] - 15]);
        $this->touch('touchMove', ['x' => $to['x'], 'y' => $to['y'] - 12]);
        Patience::until(static fn(): bool => array_slice($areas(), 0, 2) === [$two, $one], 'the areas to make room');
        $this->touch('touchEnd', null);
        $this->seeNot('//*[@id="dnd-action-dragged-el"]');
        $this->awaitSaved();
        self::assertSame([$two, $one, $three], array_slice($areas(), 0, 3));

        $this->pressNamed('Undo');
        Patience::until(static fn(): bool => array_slice($areas(), 0, 2) === [$one, $two], 'the areas to be back');
        $this->touch('touchStart', $from);
        foreach ([30, 60, 90] as $by) {
            $this->touch('touchMove', ['x' => $from['x'], 'y' => $from['y'] - $by]);
        }
        $this->touch('touchEnd', null);
        $this->seeNot('//*[@id="dnd-action-dragged-el"]');
        self::assertSame([$one, $two, $three], array_slice($areas(), 0, 3));
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

    /** Five places lie under the thumb, all others one press further away, each with its name whole. */
    public function testEveryPlaceIsReachedFromTheBar(): void
    {
        $this->visit('#/');
        foreach (['Mixing' => 'Mixing', 'Handbook' => 'Handbook', 'Settings' => 'Settings'] as $place => $title) {
            $this->press('//nav[@aria-label="Places"]//button[normalize-space(.)="More"]');
            $this->press(sprintf('//nav[@aria-label="Places"]//div[contains(@class, "sheet")]/a[normalize-space(.)="%s"]', $place));
            $this->see(sprintf('//h1[normalize-space(.)="%s"]', $title));
            $this->seeNot('//nav[@aria-label="Places"]//div[contains(@class, "sheet")]');
        }
        $this->press('//nav[@aria-label="Places"]//button[normalize-space(.)="More"]');
        $this->press('//div[contains(@class, "sheet")]/button[contains(., "Find anything")]');
        $this->see('//input[@placeholder="A plan, an area, a paint, a technique"]');
        self::assertSame(
            [],
            self::driver()->executeScript(
                'return [...document.querySelectorAll("nav[aria-label=Places] > *")].filter((one) => one.scrollWidth > one.clientWidth).map((one) => one.textContent)',
            ),
        );
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

    /** @param array{x: float, y: float}|null $at */
    private function touch(string $type, ?array $at): void
    {
        self::driver()->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => 'Input.dispatchTouchEvent', 'params' => ['type' => $type, 'touchPoints' => $at === null ? [] : [$at]]],
        );
    }

    /** @return array{x: float, y: float} */
    private function middle(WebDriverElement $element): array
    {
        /** @var array{x: float, y: float} */
        return self::driver()->executeScript(
            'const box = arguments[0].getBoundingClientRect(); return { x: box.left + box.width / 2, y: box.top + box.height / 2 }',
            [$element],
        );
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
