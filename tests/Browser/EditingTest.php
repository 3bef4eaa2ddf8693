<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;

final class EditingTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Ferry Warden"]');
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->see('//ol[@aria-label="Steps"]/li[4]');
    }

    public function testStepsAreReorderedByKeyboardAndByPointerAndTheOrderIsKept(): void
    {
        $before = $this->mixes();
        $this->press('//ol[@aria-label="Steps"]/li[2]/button');
        self::driver()->getKeyboard()->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::NULL]);
        $this->awaitMixes([$before[0], $before[2], $before[1], $before[3]]);
        $this->awaitSaved();

        $from = $this->see('//ol[@aria-label="Steps"]/li[3]/button');
        $to = $this->see('//ol[@aria-label="Steps"]/li[1]/button');
        self::driver()->action()->clickAndHold($from)->moveByOffset(-12, 0)->moveToElement($to, -30, 0)->perform();
        $this->awaitMixes([$before[1], $before[0], $before[2], $before[3]]);
        self::driver()->action()->release()->perform();
        $this->awaitMixes([$before[1], $before[0], $before[2], $before[3]]);
        $this->awaitSaved();

        self::driver()->navigate()->refresh();
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->awaitMixes([$before[1], $before[0], $before[2], $before[3]]);
        $this->pressNamed('Undo');
        $this->awaitMixes([$before[0], $before[2], $before[1], $before[3]]);
        $this->pressNamed('Undo');
        $this->awaitMixes($before);
    }

    /** Two recipes under one name; one of the areas changes; both ways are seen side by side, and the old one is taken with one press. */
    public function testRecipesOfSeveralAreasAreHeldAgainstEachOtherAsOneWay(): void
    {
        $before = $this->mixes();
        $this->press('//a[normalize-space(.)="Paint it"]');
        $this->press('//summary[contains(., "Put the recipes of several areas aside")]');
        $this->press('//section[@aria-label="Ways to paint it"]//button[.="Breeches"]');
        $this->press('//section[@aria-label="Ways to paint it"]//button[.="Oilskin coat"]');
        $this->fill('Name of the way', 'as we know it'.WebDriverKeys::ENTER);
        $this->see('//ul[@aria-label="Ways"]/li[contains(., "as we know it")][contains(., "painted so")]');
        $this->awaitSaved();
        $this->press('//a[normalize-space(.)="Areas"]');
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->press('//ol[@aria-label="Steps"]/li[4]/button');
        $this->press('//button[normalize-space(.)="Take out"]');
        $this->awaitMixes(array_slice($before, 0, 3));
        $this->awaitSaved();
        $this->press('//a[normalize-space(.)="Paint it"]');
        $this->seeCount(2, '//ul[@aria-label="Ways"]/li');
        $this->see('//ul[@aria-label="Ways"]/li[contains(., "as we know it")][contains(., "otherwise: Breeches")]');
        $this->press('//ul[@aria-label="Ways"]//button[starts-with(normalize-space(.), "Paint it so")]');
        $this->see('//ul[@aria-label="Ways"]/li[contains(., "as we know it")][contains(., "painted so")]');
        $this->awaitSaved();
        $this->press('//a[normalize-space(.)="Areas"]');
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->awaitMixes($before);
    }

    /** From a colour to a recipe: three ways side by side, one is taken, and one press takes it back. */
    public function testARecipeIsWrittenTakenAndTakenBack(): void
    {
        $before = $this->mixes();
        $this->pressNamed('Write a recipe');
        $this->fill('Colour it shall have', '#26508a');
        $this->pressNamed('Write recipes');
        $this->see('(//section[starts-with(@aria-label, "Recipes for")]//article)[3]');
        /** @var list<string> $told */
        $told = self::driver()->executeScript(
            'return [...document.querySelectorAll("section.writer article:first-child li bdi")].map((one) => one.textContent)',
        );
        $this->press('(//section[starts-with(@aria-label, "Recipes for")]//article)[1]//button[starts-with(normalize-space(.), "Take this one")]');
        $this->awaitMixes($told);
        $this->seeNot('//section[starts-with(@aria-label, "Recipes for")]');
        $this->awaitSaved();
        $this->press('//*[@role="status"]//button[normalize-space(.)="Undo"]');
        $this->awaitMixes($before);
    }

    public function testAnUndercoatIsAdvisedAndTaken(): void
    {
        $this->pressNamed('Model');
        $this->pressNamed('Which undercoat?');
        $advised = $this->see('//section[@aria-label="Which undercoat"]//li[1]//bdi')->getText();
        $this->press('//section[@aria-label="Which undercoat"]//li[1]//button[starts-with(normalize-space(.), "Take it")]');
        $this->see(sprintf('//section[@aria-label="Which undercoat"]/p[contains(., "%s")]', explode(',', $advised)[0]));
        $this->awaitSaved();
        $this->pressNamed('Undo');
        $this->see(sprintf('//section[@aria-label="Which undercoat"]//li//bdi[.="%s"]', $advised));
    }

    public function testByWhatItIsPrimedIsAdvisedByWhatMattersAndTaken(): void
    {
        $way = '//section[@aria-label="By what"]//li[.//b[.="%s"]]';
        $this->pressNamed('Model');
        $this->pressNamed('Which undercoat?');
        $this->see(sprintf($way, 'brush').'[contains(., "a model")]');
        $this->press('//section[@aria-label="By what"]//button[normalize-space(.)="no dust on it"]');
        $this->see(sprintf($way, 'spray can').'[contains(., "lands as dust")]');
        $this->press(sprintf($way, 'brush').'//button[starts-with(normalize-space(.), "Take it")]');
        $this->see(sprintf($way, 'brush').'[contains(., "as planned")]');
        $this->awaitSaved();
        $this->pressNamed('Undo');
        $this->see(sprintf($way, 'brush').'//button[starts-with(normalize-space(.), "Take it")]');
    }

    public function testTheStripIsRedrawnAsTheRecipeChanges(): void
    {
        $this->press('//ol[@aria-label="Steps"]/li[2]/button');
        $before = $this->colours(2);
        $this->press('//section[starts-with(@aria-label, "Step 2")]//summary[contains(., "hinned")]');
        $this->pressNamed('to parts of: one more');
        Patience::until(fn(): bool => $this->colours(2) !== $before, 'other colours');
        $this->awaitSaved();
        $this->pressNamed('Undo');
        Patience::until(fn(): bool => $this->colours(2) === $before, 'the colours from before');
        self::assertSame($before, $this->colours(2));
    }

    public function testASecondTabShowsWhatTheFirstHasChanged(): void
    {
        $first = self::driver()->getWindowHandle();
        $address = self::driver()->getCurrentURL();
        $coats = (int) $this->field('Coats')->getAttribute('value');
        self::driver()->switchTo()->newWindow();
        self::driver()->get($address);
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->pressNamed('Coats: one more');
        $this->awaitSaved();
        self::driver()->close();
        self::driver()->switchTo()->window($first);

        Patience::until(
            fn(): bool => $this->field('Coats')->getAttribute('value') === (string) ($coats + 1),
            'the coat that the other tab has added',
        );
        $this->pressNamed('Coats: one more');
        $this->awaitSaved();
        $this->seeNot('//main//*[@role="alert"]');
        self::assertSame((string) ($coats + 2), $this->field('Coats')->getAttribute('value'));
    }

    public function testTakingAStepOutCanBeUndone(): void
    {
        $before = $this->mixes();
        $this->pressNamed('Take out');
        $this->seeNot('//ol[@aria-label="Steps"]/li[4]');
        $this->awaitSaved();
        $this->press('//*[@role="status"]//button[normalize-space(.)="Undo"]');
        $this->awaitMixes($before);
    }

    public function testStepsAndAreasAreDuplicated(): void
    {
        $before = $this->mixes();
        $this->press('//ol[@aria-label="Steps"]/li[1]/button');
        $this->press('//section[starts-with(@aria-label, "Step")]//button[normalize-space(.)="Duplicate"]');
        $this->awaitMixes([$before[0], ...$before]);
        $this->pressNamed('Undo');
        $this->awaitMixes($before);

        $this->pressNamed('Edit area');
        $this->pressNamed('Duplicate this area');
        $this->see('//nav[@aria-label="Areas"]//button[@aria-current="true"]//bdi[.="Breeches (copy)"]');
        $this->awaitMixes($before);
        self::driver()->getKeyboard()->sendKeys('z');
        $this->seeNot('//nav[@aria-label="Areas"]//bdi[.="Breeches (copy)"]');
    }

    public function testTheShelfIsFoundFilteredEditedAndFilled(): void
    {
        // Anything is found by a few letters: an area of a plan, and a paint by its colour.
        $this->key('/');
        $this->key('oilsk co');
        $this->see('//*[@role="dialog"]//*[@role="option"][@aria-selected="true"][contains(., "Oilskin coat")]');
        // A part of the view below that is through with its work only now may not take the cursor.
        self::driver()->executeScript('document.querySelector("main button").focus()');
        $this->key(WebDriverKeys::ENTER);
        $this->see('//section[@aria-label="Strip of Oilskin coat"]');
        $this->visit('#/shelf/list');
        $this->see('//tbody/tr');
        $this->fill('Find a paint', 'deep teal');
        $this->pressNamed('All paints');
        $this->see('//tbody/tr[.//bdi[.="Deep Tide"]]');
        $this->seeNot('//tbody/tr[.//bdi[.="Oilskin Yellow"]]');
        $field = $this->see('//input[@aria-label="Pots of Deep Tide"]');
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys('2'.WebDriverKeys::TAB);
        Patience::until(
            static fn(): bool => self::driver()->findElement(WebDriverBy::xpath(
                '//input[@aria-label="ml left of Deep Tide"]',
            ))->getAttribute('value') === '34',
            'full pots',
        );

        $this->pressNamed('Add a paint');
        $this->pressNamed('Add it');
        $this->see('//form//*[contains(., "This may not be empty.")]');
        Patience::until(
            fn(): bool => $this->field('Name')->equals(self::driver()->switchTo()->activeElement()),
            'the faulty field to have the cursor',
        );
        // One after the other by name and Enter; a colour is asked for only where the name tells none.
        $this->fill('Name', 'Ferry Sky Blue'.WebDriverKeys::ENTER);
        $this->see('//*[@role="status"][contains(., "“Ferry Sky Blue” is on your shelf")]');
        $name = fn(): string => (string) $this->field('Name')->getAttribute('value');
        Patience::until(static fn(): bool => $name() === '', 'the form to be ready for the next');
        self::assertTrue($this->field('Name')->equals(self::driver()->switchTo()->activeElement()));
        self::driver()->getKeyboard()->sendKeys('Ferry Xyzzy'.WebDriverKeys::ENTER);
        $this->see('//form//*[contains(., "The name tells no colour")]');
        self::driver()->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a']);
        self::driver()->getKeyboard()->sendKeys('#335577'.WebDriverKeys::ENTER);
        $this->see('//*[@role="status"][contains(., "“Ferry Xyzzy” is on your shelf")]');
        $this->pressNamed('Leave it');
        $this->pressNamed('On my shelf');
        $this->fill('Find a paint', 'Ferry Sky Blue');
        $this->press('//tbody/tr[.//bdi[.="Ferry Sky Blue"]]');
        $this->see('//section[@aria-label="Ferry Sky Blue"]//dd[contains(., "1 pot")]');
    }

    /** @return list<string> */
    private function mixes(): array
    {
        /** @var list<string> */
        return self::driver()->executeScript(
            'return [...document.querySelectorAll(\'ol[aria-label="Steps"] .mix\')].map((one) => one.textContent)',
        );
    }

    /** @return list<string> */
    private function colours(int $step): array
    {
        /** @var list<string> */
        return self::driver()->executeScript(
            'return [...document.querySelectorAll(`ol[aria-label="Steps"] li:nth-child(${arguments[0]}) .bars span`)].map((one) => one.style.background)',
            [$step],
        );
    }

    /** @param list<string> $wanted */
    private function awaitMixes(array $wanted): void
    {
        Patience::until(fn(): bool => $this->mixes() === $wanted, 'the steps in the order '.implode(', ', $wanted));
        self::assertSame($wanted, $this->mixes());
    }
}
