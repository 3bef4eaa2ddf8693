<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;

/** Small things of every day: where a mix goes, what an address holds, what a batch would lack, what is found. */
final class DailyTest extends BrowserTestCase
{
    /** @var list<string> handed to the browser, which reads them in its own time */
    private array $files = [];

    private const FACT = '//section[@aria-label="Side by side"]';

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
        parent::tearDown();
    }

    public function testAMixGoesIntoAStepAndComesOutAgain(): void
    {
        $this->visit('#/mixing?colour=%23a0522d');
        $words = $this->see('//section[@aria-label="Two"]//li[1]//bdi')->getText();
        $this->press('//section[@aria-label="Two"]//li[1]/button');
        $this->press(self::FACT.'//button[normalize-space(.)="Put it into a step"]');
        $this->choose('Plan', 'Ferry Warden');
        $this->choose('Step', 'Boots and straps, 1: basecoat');
        $this->press(self::FACT.'//button[normalize-space(.)="Put it in"]');
        $this->see('//h2/bdi[.="Boots and straps"]');
        $this->see(sprintf('//ol[@aria-label="Steps"]/li[1]//bdi[.="%s"]', $words));
        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->see('//ol[@aria-label="Steps"]/li[1]//bdi[.="Warden Leather"]');
    }

    public function testAMixIsKeptByNameAndDroppedAgain(): void
    {
        $this->visit('#/mixing?colour=%23a0522d');
        $this->see('//section[@aria-label="Two"]//li[1]//bdi');
        $this->press(self::FACT.'//button[normalize-space(.)="Keep it by name"]');
        $this->fill('Name of the mix', '');
        self::driver()->getKeyboard()->sendKeys(WebDriverKeys::BACKSPACE.WebDriverKeys::ENTER);
        $this->see(self::FACT.'//*[contains(., "Give it a name")]');
        $this->fill('Name of the mix', 'Rust of the capstan'.WebDriverKeys::ENTER);
        $this->see('//section[@aria-label="My mixes"]//bdi[.="Rust of the capstan"]');
        self::driver()->navigate()->refresh();
        $this->press('//section[@aria-label="My mixes"]//button[normalize-space(.)="Keep Rust of the capstan no longer"]');
        $this->seeNot('//section[@aria-label="My mixes"]');
        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->see('//section[@aria-label="My mixes"]//bdi[.="Rust of the capstan"]');
    }

    public function testTheAddressHoldsAreaStepAndFaceAndTheTitleSaysWhere(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Ferry Warden"]');
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Lantern"]');
        $this->press('//ol[@aria-label="Steps"]/li[2]/button');
        $this->see('//section[starts-with(@aria-label, "Step 2,")]');
        self::driver()->navigate()->refresh();
        $this->see('//section[starts-with(@aria-label, "Step 2,")]');
        $this->see('//h2/bdi[.="Lantern"]');
        self::assertSame('Ferry Warden · Kalokroma', self::driver()->getTitle());

        $this->pressNamed('Running order');
        $this->see('//section[@aria-label="Running order"]//button[@data-step]');
        self::driver()->navigate()->back();
        $this->see('//section[starts-with(@aria-label, "Step 2,")]');
        // Looking at areas and steps is no way that one has to go back step by step.
        self::driver()->navigate()->back();
        $this->see('//h1[.="Plans"]');
        self::assertSame('Plans · Kalokroma', self::driver()->getTitle());
    }

    public function testABatchSaysBeforehandWhatItWouldLack(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="The Bound Capstan"]');
        $this->fill('Name of another area', 'Brass plate'.WebDriverKeys::ENTER);
        $this->see('//nav[@aria-label="Areas"]//button[@aria-current="true"][.//bdi[.="Brass plate"]][contains(., "hard-edged panel")]');
        $this->pressNamed('Paint it');
        $this->see('//form//p[contains(., "Brass plate: no steps yet")]');
        $models = $this->field('How many models');
        $models->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $models->sendKeys(WebDriverKeys::DELETE);
        $this->pressNamed('Begin the batch');
        $this->see('//form//*[contains(@class, "bx--form-requirement")]');
        Patience::until(
            fn(): bool => self::driver()->switchTo()->activeElement()->getAttribute('aria-invalid') === 'true',
            'the first field at fault to have the cursor',
        );
        $this->pressNamed('Undo');
        $this->seeNot('//form//p[contains(., "no steps yet")]');
    }

    public function testAPaintIsFoundOnTheMapAndAPartOfItLookedAtCloser(): void
    {
        $this->visit('#/shelf?find=tide');
        $this->see('//section[@aria-label="Chosen paints"][contains(., "Tide Teal")]');
        $all = $this->points();
        $this->choose('Look at', 'reds to yellows');
        Patience::until(fn(): bool => $this->points() < $all, 'fewer paints');
        $this->seeNot('//*[name()="g"][@class="point"]/*[name()="title"][starts-with(., "Tide Teal")]');
        $this->choose('Look at', 'all hues');
        Patience::until(fn(): bool => $this->points() === $all, 'all paints');
        self::assertSame($all, $this->points());
    }

    public function testAnUndercoatIsChosenAmongThePrimersFirst(): void
    {
        $this->visit('#/plans/new');
        $this->field('Undercoat')->click();
        $this->see('//*[@role="option"][2]');
        $first = array_map(
            static fn($option): string => $option->getText(),
            array_slice(self::driver()->findElements(WebDriverBy::xpath('//*[@role="option"]//*[contains(@class, "name")]/bdi')), 0, 4),
        );
        // Those that stand on the shelf before those that do not.
        self::assertSame(['Black Primer', 'Bone Primer'], array_slice($first, 0, 2));
        $this->field('Undercoat')->sendKeys('bone');
        $this->see('//*[@role="option"][contains(@class, "highlighted")]//bdi[.="Bone Primer"]');
        $this->field('Undercoat')->sendKeys(WebDriverKeys::ENTER);
        Patience::until(fn(): bool => $this->field('Undercoat')->getAttribute('value') === 'Bone Primer', 'the primer to be chosen');
        self::assertSame('Bone Primer', $this->field('Undercoat')->getAttribute('value'));
    }

    public function testTheLogbookIsSearched(): void
    {
        $this->visit('#/logbook');
        $this->see('//section//li');
        $this->fill('Find in the logbook', 'cold room');
        Patience::until(static fn(): bool => count(self::driver()->findElements(WebDriverBy::xpath('//section//li'))) === 1, 'one entry');
        $this->see('//section//li[contains(., "Cold room, paint slow to dry.")]');
        $this->fill('Find in the logbook', 'nothing like it');
        $this->see('//h2[contains(., "Nothing tells of")]');
    }

    /** Out of the menu of a plan, into the list of plans; a file that is none is refused with its place. */
    public function testAPlanIsBroughtInFromAFileAndTakenOutAgain(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="The Bound Capstan"]');
        $this->press('//button[contains(@class, "bx--overflow-menu")]');
        $file = (string) $this->see('//*[@role="menu"]//a[normalize-space(.)="Save to a file"]')->getAttribute('href');
        $plan = (string) file_get_contents(self::$server->url(ltrim((string) parse_url($file, PHP_URL_PATH), '/')));

        $this->visit('#/plans');
        $this->choosePlanFile(substr($plan, 0, 4000));
        $this->see('//*[@role="alert"][contains(., "cut short")]');
        $this->choosePlanFile(str_replace('"technique": "drybrush"', '"technique": "sorcery"', $plan));
        $this->see('//*[@role="alert"][contains(., "sorcery")]');
        $this->choosePlanFile(str_replace('"name": "The Bound Capstan"', '"name": "The Second Capstan"', $plan));
        $this->see('//h1[normalize-space(.)="The Second Capstan"]');
        self::assertStringContainsString('The Second Capstan', self::driver()->getTitle());
        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->see('//h1[.="Plans"]');
        $this->seeNot('//h2/a[normalize-space(.)="The Second Capstan"]');
    }

    private function choosePlanFile(string $text): void
    {
        $file = sys_get_temp_dir().'/kalokroma-plan-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents($file, $text);
        $this->see('//h1[.="Plans"]');
        $this->handFile($file, 'main input[type=file]');
        $this->files[] = $file;
    }

    private function points(): int
    {
        return count(self::driver()->findElements(WebDriverBy::cssSelector('svg[role=application] .point')));
    }
}
