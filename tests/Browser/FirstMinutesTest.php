<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\CountedHand;

/** A newcomer before an empty application: how much is to be clicked and typed until a first recipe stands. */
final class FirstMinutesTest extends BrowserTestCase
{
    use CountedHand;

    private const MOST_CLICKS = 12;

    private const MOST_KEYS = 100;

    /** Tab from field to field, and Enter for a click. */
    private const MOST_KEYS_ALONE = 120;

    /** The paints of the recipe, none of which is there yet; blue is taken twice. */
    private const STAGES = ['Blue', 'Black wash', 'Blue', 'Sky blue', 'White'];

    protected static function server(): AppServer
    {
        return AppServer::withNothing();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        self::assertSame([], self::complaints());
    }

    public function testAFirstFiveStageRecipeOverAnOwnPrimerTakesFewClicksAndKeys(): void
    {
        $this->visit('#/');
        $this->click('//a[normalize-space(.)="Make your first plan"]');
        $this->click('//input[@id=//label[normalize-space(.)="Name of the plan"]/@for]');
        $this->type('Warden');
        $this->click('//input[@id=//label[normalize-space(.)="Undercoat"]/@for]');
        $this->typePaint('Black primer');
        $this->see('//section[@aria-label="The plan taking shape"]');
        $this->click('//textarea[@id=//label[normalize-space(.)="Its areas, one a line"]/@for]');
        $this->type("Cloak\nFace");
        $this->see('//section[@aria-label="The plan taking shape"][contains(., "As Black primer leaves them")]//li[contains(., "skin, skin")]');
        $this->click('//button[normalize-space(.)="Make the plan"]');
        $this->see('//h1[normalize-space(.)="Warden"]');
        foreach (self::STAGES as $number => $paint) {
            $this->click($number === 0 ? '//button[normalize-space(.)="Add the first step"]' : '//button[normalize-space(.)="Add a step"]');
            $this->typeStage($number, $paint);
        }
        $this->seeTheRecipe();

        self::assertLessThanOrEqual(self::MOST_CLICKS, $this->clicks, "clicks: $this->clicks");
        self::assertLessThanOrEqual(self::MOST_KEYS, $this->keys, "keys: $this->keys");
    }

    public function testByKeyboardAloneToo(): void
    {
        $this->visit('#/plans/new');
        $this->see('//h1[normalize-space(.)="New plan"]');
        $this->walkTo('Name of the plan');
        $this->type('Piker');
        $this->walkTo('Undercoat');
        $this->typePaint('Grey primer');
        $this->walkTo('Its areas, one a line');
        $this->type('Fur cape');
        $this->walkTo('Make the plan');
        $this->type(WebDriverKeys::ENTER);
        $this->see('//h1[normalize-space(.)="Piker"]');
        $this->await('document.activeElement !== document.body', '', 'the focus to have come along');
        foreach (self::STAGES as $number => $paint) {
            $this->walkTo($number === 0 ? 'Add the first step' : 'Add a step');
            $this->type(WebDriverKeys::ENTER);
            $this->typeStage($number, $paint);
        }
        $this->seeTheRecipe();

        self::assertLessThanOrEqual(self::MOST_CLICKS, $this->clicks, "gone to: $this->clicks");
        self::assertLessThanOrEqual(self::MOST_KEYS_ALONE, $this->keys, "keys: $this->keys");
    }

    public function testAShelfToStartWithIsPutUpAndTakenBackInOnePress(): void
    {
        $this->visit('#/shelf/files');
        $this->press('//ul[@aria-label="Shelves to start with"]/li[.//h3[.="Metal and machine"]]//button');
        $this->see('//ul[@aria-label="Shelves to start with"]/li[.//h3[.="Metal and machine"]][contains(., "on your shelf")]');
        $this->visit('#/shelf/list?find=brass');
        $this->see('//tbody/tr[.//bdi[.="Old brass"]]');
        $this->visit('#/shelf/files');
        $this->press('//ul[@aria-label="Shelves to start with"]/li[.//h3[.="Earth and leather"]]//button');
        $this->press('//*[@role="status"]//button[normalize-space(.)="Undo"]');
        $this->see('//ul[@aria-label="Shelves to start with"]/li[.//h3[.="Earth and leather"]]//button[contains(., "Put these")]');
    }

    /** A text that is nobody's name is never dropped: leaving the field offers to make a paint of it. */
    public function testWhatIsTypedIntoAPickerAndLeftIsOfferedAsANewPaint(): void
    {
        $this->visit('#/plans/new');
        $this->field('Undercoat')->click();
        $this->type('Heron ground');
        $this->field('Name of the plan')->click();
        $here = '//div[contains(@class, "here")]';
        $this->see($here);
        self::assertSame('Heron ground', $this->see($here.'//input')->getAttribute('value'));
        $this->see($here.'//select/option[@value="primer"]');
        $this->press($here.'//button[normalize-space(.)="Leave it"]');
        $this->seeNot($here);

        // Open, it asks once for each word it is given, and not because it was answered.
        $this->visit('#/plans/new');
        $asked = static fn(): int => (int) self::driver()->executeScript(
            'return performance.getEntriesByType("resource").filter((one) => one.name.includes("/api/paints?")).length',
        );
        $before = $asked();
        $this->field('Undercoat')->click();
        $this->type('Primer');
        $this->see('//*[@role="option"]');
        self::driver()->executeAsyncScript(
            'const done = arguments[0]; let frames = 0; const look = () => (++frames > 60 ? done() : requestAnimationFrame(look)); look();',
        );
        self::assertLessThan($before + 12, $asked());
    }

    private function typeStage(int $number, string $paint): void
    {
        $this->see(sprintf('//section[starts-with(@aria-label, "Step %d,")]', $number + 1));
        $this->typePaint($paint);
        $this->see(sprintf('//ol[@aria-label="Steps"]/li[%d]//bdi[.="%s"]', $number + 1, $paint));
    }

    /** Into the picker that has the cursor; a paint that is not there yet is added with the colour its name tells. */
    private function typePaint(string $name): void
    {
        $this->type($name);
        $this->await(
            'document.querySelector("[role=option][class*=highlighted] bdi")?.textContent === arguments[0]',
            $name,
            "$name to be offered first",
        );
        $this->type(WebDriverKeys::ENTER);
        $isNew = 'document.activeElement.innerText === "Add it"';
        $this->await(
            "$isNew || [...document.querySelectorAll('input[role=combobox]')].some((one) => one.value === arguments[0]) && !document.querySelector('.here') && document.querySelector('[aria-label=\"Steps\"] .chosen, [aria-label=Steps] [aria-pressed=true] bdi')?.textContent === arguments[0]",
            $name,
            "$name to be taken or added",
        );
        if (self::driver()->executeScript("return $isNew") === true) {
            $this->type(WebDriverKeys::ENTER);
        }
        $this->seeNot('//div[contains(@class, "here")]');
        $this->await('document.activeElement !== document.body', '', 'the focus to have a home');
    }

    private function seeTheRecipe(): void
    {
        $this->awaitSaved();
        $this->seeCount(5, '//ol[@aria-label="Steps"]/li');
        // Nobody's fresh recipe is greeted by a warning, and every paint in it is owned.
        $this->seeNot('//nav[@aria-label="Areas"]//*[contains(., "caution") or contains(., "not owned")]');
    }
}
