<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\CountedHand;
use Tests\Browser\Support\Patience;

/**
 * What is done again and again, each by keys alone and with as few of them as it may take; whoever has a mouse presses what is gone to by Tab.
 * Nothing breaks on the way, and nothing is asked for in vain.
 */
final class WalksTest extends BrowserTestCase
{
    use CountedHand;

    private const NAMES = [
        'Sky blue', 'Pine green', 'Brick red', 'Bone white', 'Black wash', 'Deep violet', 'Warm grey', 'Dark brown', 'Rose pink', 'Orange',
        'Matt varnish', 'Tarnished brass',
    ];

    protected function tearDown(): void
    {
        parent::tearDown();
        self::$chromium->resize(1280, 800);
        self::assertSame([], self::complaints());
    }

    public function testARecipeIsWrittenForAColourThatIsOnlyNamed(): void
    {
        $this->openPlan('The Bound Capstan');
        $this->walkTo('Name of another area');
        $this->type('Warm red cloak'.WebDriverKeys::ENTER);
        $this->see('//section[@aria-label="Strip of Warm red cloak"]');
        $this->walkTo('Write a recipe');
        $this->type(WebDriverKeys::ENTER);
        $this->walkTo('Write recipes');
        $this->type(WebDriverKeys::ENTER);
        $this->see('(//button[starts-with(normalize-space(.), "Take this one")])[1]');
        // What is busy for a moment keeps the keyboard's place.
        $this->waitForFocus('Write them anew');
        $this->walkTo('Take this one');
        $this->type(WebDriverKeys::ENTER);
        $this->see('//section[@aria-label="Strip of Warm red cloak"]//ol[@aria-label="Steps"]/li[3]');
        $this->awaitSaved();
        $this->tookAtMost(4, 100);
    }

    public function testAGuideBecomesAPlan(): void
    {
        $this->visit('#/plans');
        $this->walkTo('From a guide');
        $this->type(WebDriverKeys::ENTER);
        $this->waitForFocus('The guide, as somebody wrote it');
        self::driver()->getKeyboard()->sendKeys('Coat: base Oilskin Yellow, wash Umber Wash 1:1. Boots: base Boot Brown');
        $this->see('//h2[contains(., "steps understood")]');
        $this->walkTo('Make the plan');
        $this->type(WebDriverKeys::ENTER);
        $this->see('//nav[@aria-label="Areas"]//bdi[.="Boots"]');
        $this->tookAtMost(2, 60);
    }

    public function testABatchIsBegunAndPainted(): void
    {
        $this->openPlan('The Bound Capstan');
        $this->walkTo('Paint it');
        $this->type(WebDriverKeys::ENTER);
        $this->walkTo('Begin the batch');
        $this->type(WebDriverKeys::ENTER);
        $this->walkTo('Paint at the desk');
        $this->type(WebDriverKeys::ENTER);
        $this->see(self::DONE);
        $this->type(' ');
        $this->see('//*[contains(., "1 of ")]');
        $this->tookAtMost(3, 80);
    }

    public function testTwelvePaintsComeOntoTheShelfByTheirNamesAndGoAgain(): void
    {
        $this->visit('#/shelf/list');
        $this->walkTo('Paste names');
        $this->type(WebDriverKeys::ENTER);
        $this->waitForFocus('One pot a line');
        $this->type(implode("\n", self::NAMES));
        $this->seeCount(12, '//ul[@aria-label="What they are"]/li');
        $put = $this->see('//button[starts-with(normalize-space(.), "Put 1")][contains(., "paints on my shelf")]');
        $this->walkTo(trim($put->getText()));
        $this->type(WebDriverKeys::ENTER);
        $this->see('//*[@role="status"][contains(., "pots on your shelf")]');
        $this->tookAtMost(2, 240);

        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->see('//button[starts-with(normalize-space(.), "Put 1")][contains(., "paints on my shelf")]');
        $this->visit('#/shelf/list?find=Pine%20green');
        $this->see('//h2[contains(., "Nothing is called")]');
    }

    public function testARecipeIsSharedAndTakenElsewhere(): void
    {
        $this->openPlan('Ferry Warden', 'Breeches');
        $this->walkTo('Share');
        $this->type(WebDriverKeys::ENTER);
        $this->waitForFocus('Share this recipe as');
        $this->type(WebDriverKeys::ENTER);
        $this->awaitSaved();
        $this->see('//p[contains(., "Shared recipe")]');
        $this->openPlan('The Bound Capstan');
        $this->walkTo('Name of another area');
        $this->type('Spare sails'.WebDriverKeys::ENTER);
        $this->see('//section[@aria-label="Strip of Spare sails"]');
        $this->walkTo('Take a shared one');
        $this->type(WebDriverKeys::ENTER);
        $this->walkTo('Paint it so: Breeches');
        $this->type(WebDriverKeys::ENTER);
        $this->see('//section[@aria-label="Strip of Spare sails"]//p[contains(., "Shared recipe")]//a[contains(., "Ferry Warden")]');
        $this->tookAtMost(5, 100);
    }

    public function testABatchIsRepeatedAsItWasReallyPainted(): void
    {
        $this->visit('#/');
        $this->see('//a[contains(., "First five wardens")][not(contains(., "once more"))]')->sendKeys(WebDriverKeys::ENTER);
        $this->walkTo('To the logbook');
        $this->type(WebDriverKeys::ENTER);
        $this->walkTo('Repeat this batch');
        $this->type(WebDriverKeys::ENTER);
        $this->walkTo('Begin it');
        $this->type(WebDriverKeys::ENTER);
        $this->see('//h1/bdi[.="First five wardens, once more"]');
        $this->tookAtMost(3, 80);
    }

    /** What to do, what to pour, done: in that order, and nothing to be scrolled for. */
    public function testABatchIsBegunAndPaintedOnAPhone(): void
    {
        self::$chromium->resize(360, 740);
        $this->openPlan('The Bound Capstan');
        $this->click('//nav[@aria-label="Faces of the plan"]/a[starts-with(normalize-space(.), "Paint it")]');
        $this->click('//button[normalize-space(.)="Begin the batch"]');
        $this->click('//a[normalize-space(.)="Paint at the desk"]');
        $tops = [];
        foreach ([
            '//section[@aria-label="Open step"]//h1',
            '//section[@aria-label="Pour this"]|//*[@aria-label="Pour this"]',
            self::DONE,
        ] as $part) {
            $box = self::driver()->executeScript(
                'const { top, bottom } = arguments[0].getBoundingClientRect(); return [top, bottom]',
                [$this->see($part)],
            );
            self::assertLessThanOrEqual(740, $box[1], $part);
            $tops[] = $box[0];
        }
        self::assertSame($tops, array_values(array_unique(self::sorted($tops))));
        $this->click(self::DONE);
        $this->see('//*[contains(., "1 of ")]');
        $this->tookAtMost(4, 0);
    }

    /** By the keys everybody has in their fingers, by dragging, and by a recipe as a whole. */
    public function testAStepAndARecipeAreCopiedToOtherAreasAndPlans(): void
    {
        $this->openPlan('Ferry Warden', 'Breeches');
        $this->press('//ol[@aria-label="Steps"]/li[2]/button');
        $this->withControl('c');
        $this->see('//div[@role="status"][contains(., "Copied: Wash of Breeches")]');
        $this->press('//nav[@aria-label="Areas"]//button[.//bdi[.="Ferry pole"]]');
        $this->see('//section[@aria-label="Strip of Ferry pole"]');
        $this->seeCount(3, '//ol[@aria-label="Steps"]/li');
        $this->withControl('v');
        $this->seeCount(4, '//ol[@aria-label="Steps"]/li');
        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->seeCount(3, '//ol[@aria-label="Steps"]/li');

        // Let go over another area a step is copied there, and stays where it was.
        $from = $this->see('//ol[@aria-label="Steps"]/li[2]/button');
        $to = $this->see('//nav[@aria-label="Areas"]//button[.//bdi[.="Jetty base"]]');
        self::driver()->action()->clickAndHold($from)->moveByOffset(-12, 0)->moveToElement($to)->moveByOffset(3, 0)->perform();
        $this->see('//nav[@aria-label="Areas"]//li[contains(@class, "over")][.//bdi[.="Jetty base"]]');
        self::driver()->action()->release()->perform();
        $this->see('//*[@role="status"][contains(., "1 step put into Jetty base")]');
        $this->seeCount(3, '//ol[@aria-label="Steps"]/li');
        $this->press('//nav[@aria-label="Areas"]//button[.//bdi[.="Jetty base"]]');
        $this->seeCount(5, '//section[@aria-label="Strip of Jetty base"]//ol[@aria-label="Steps"]/li');

        // A recipe goes along into another plan.
        $this->press('//nav[@aria-label="Areas"]//button[.//bdi[.="Breeches"]]');
        $this->see('//section[@aria-label="Strip of Breeches"]');
        $this->withControl('c');
        $this->see('//div[@role="status"][contains(., "4 steps of Breeches")]');
        $this->openPlan('Provost on the White Heron', 'Saddle');
        $this->pressNamed('In place of this recipe');
        $this->see('//*[@role="status"][contains(., "4 steps put into Saddle")]');
        $this->seeCount(4, '//section[@aria-label="Strip of Saddle"]//ol[@aria-label="Steps"]/li');
        $this->pressNamed('Let go');
        $this->seeNot('//div[@role="status"][contains(., "Copied")]');
    }

    public function testTheDemoIsLeftForADeskOfOnesOwnAndComeBackTo(): void
    {
        $guide = '//textarea[@id=//label[normalize-space(.)="The guide, as somebody wrote it"]/@for]';
        $this->visit('#/plans/guide');
        $this->see($guide)->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'Coat: base Straw');
        $this->see('//h2[contains(., "1 step understood")]');
        $this->visit('#/');
        $this->click('//button[normalize-space(.)="Begin my own desk"]');
        $this->see('//section[@aria-label="How to begin"]//a[normalize-space(.)="Put your pots on the shelf"]');
        $this->see('//h2[normalize-space(.)="What would you like to paint?"]');
        $this->press('//section[@aria-label="How to begin"]//button[normalize-space(.)="I know my way"]');
        $this->seeNot('//section[@aria-label="How to begin"]');
        // What was typed at the one desk is not shown at the other.
        $this->visit('#/plans/guide');
        self::assertSame('', $this->see($guide)->getAttribute('value'));
        $this->visit('#/settings');
        $this->click('//button[normalize-space(.)="Back to the demo"]');
        $this->see('//*[.="Night shift"]');
        $this->see('//button[normalize-space(.)="Back to my own desk"]');
        $this->tookAtMost(2, 0);
    }

    public function testWithoutWebglTheServerDrawsTheFigure(): void
    {
        $tools = new ChromeDevToolsDriver(self::driver());
        $blind = $tools->execute(
            'Page.addScriptToEvaluateOnNewDocument',
            [
                'source' => 'HTMLCanvasElement.prototype.getContext = ((get) => function (kind, ...more) { return /webgl/.test(kind) ? null : get.call(this, kind, ...more); })(HTMLCanvasElement.prototype.getContext)',
            ],
        );
        $isSeen = static fn(string $address): bool => self::driver()->executeScript(
            'const img = document.querySelector(".figure .still img"); return img !== null && img.src.includes(arguments[0]) && img.complete && img.naturalWidth === 600',
            [$address],
        ) === true;
        try {
            $this->openPlan('Ferry Warden');
            $this->press('//nav[@aria-label="Faces of the plan"]/a[.="Figure"]');
            Patience::until(static fn(): bool => $isSeen('turn=0&'), 'the figure');
            $this->press('//button[@aria-label="Turn it to the right" or contains(., "Turn it to the right")]');
            Patience::until(static fn(): bool => $isSeen('turn=45&'), 'the figure turned');
            preg_match('/pass=(\d+)/', (string) $this->find('.figure .still img')->getAttribute('src'), $pass);
            $this->press('//button[contains(., "One step back") or @aria-label="One step back"]');
            Patience::until(static fn(): bool => $isSeen('pass='.((int) ($pass[1] ?? 0) - 1)), 'the step before');
        } finally {
            $tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $blind['identifier']]);
        }
    }

    private function tookAtMost(int $clicks, int $keys): void
    {
        self::assertLessThanOrEqual($clicks, $this->clicks, 'clicks');
        self::assertLessThanOrEqual($keys, $this->keys, 'keys');
    }

    private function openPlan(string $plan, ?string $area = null): void
    {
        $this->visit('#/plans');
        $this->press(sprintf('//h2/a[normalize-space(.)="%s"]', $plan));
        if ($area !== null) {
            $this->press(sprintf('//nav[@aria-label="Areas"]//button[.//bdi[.="%s"]]', $area));
            $this->see(sprintf('//section[@aria-label="Strip of %s"]', $area));
        } else {
            $this->see('//section[starts-with(@aria-label, "Strip of")]');
        }
    }

    private function withControl(string $key): void
    {
        self::driver()->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, $key, WebDriverKeys::NULL]);
    }

    /**
     * @param list<float|int> $numbers
     *
     * @return list<float|int>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
