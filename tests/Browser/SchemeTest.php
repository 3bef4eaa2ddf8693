<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;
use Tests\Browser\Support\SwatchPhoto;

/** The whole scheme: looked at and squinted at, its colours decided before their recipes, recipes wished otherwise, tried and shared. */
final class SchemeTest extends BrowserTestCase
{
    private const PANEL = '//section[starts-with(@aria-label, "Patch of")]';

    public function testTheQuiltIsSquintedAtAndWalkedByKeyboard(): void
    {
        $this->quilt('Ferry Warden');
        self::assertFalse($this->isSquinting());
        $this->press('//div[contains(@class, "quilt")]//button[@title="Breeches"]');
        $this->see(self::PANEL.'//h2[.="Breeches"]');
        $this->see('//section[@aria-label="Key areas"]//li[.//bdi[.="Oilskin coat"]][.//*[.="solved"]]');
        $this->see('//section[starts-with(@aria-label, "Patch of")]//dt[.="complement"]');

        $this->key('q');
        Patience::until(fn(): bool => $this->isSquinting(), 'the squint');
        $this->key(WebDriverKeys::ARROW_RIGHT);
        $this->see(self::PANEL.'//h2[not(.="Breeches")]');
        $this->key('q');
        Patience::until(fn(): bool => ! $this->isSquinting(), 'eyes open again');
    }

    /** A new area gets a colour, then its recipe, and the quilt shows both at once. */
    public function testAColourIsDecidedThenItsRecipeIsWrittenAndTakenBack(): void
    {
        $this->open('Ferry Warden', 'Breeches');
        $this->see('//nav[@aria-label="Areas"]//input')->sendKeys('Scarf'.WebDriverKeys::ENTER);
        $this->see('//nav[@aria-label="Areas"]//bdi[.="Scarf"]');
        $this->awaitSaved();
        $this->toTheQuilt();
        $this->press('//div[contains(@class, "quilt")]//button[@title="Scarf"]');
        $this->see('//*[local-name()="rect"][@class and contains(@class, "bare")]');

        $this->fill('Colour it shall have', '#a3231f'.WebDriverKeys::TAB);
        $this->seeNot('//*[local-name()="rect"][contains(@class, "bare")]');
        $this->awaitSaved();
        $this->pressNamed('Write the recipes of 1 area');
        $this->see(self::PANEL.'//button[normalize-space(.)="Open its recipe"]');
        $this->seeNot('//button[starts-with(normalize-space(.), "Write the recipes of")]');
        $this->press('//*[@role="status"]//button[normalize-space(.)="Undo"]');
        $this->see(self::PANEL.'//button[normalize-space(.)="Write its recipe"]');
    }

    public function testAColourIsTakenFromAPictureByPointerAndByKeyboard(): void
    {
        $this->quilt('The Bound Capstan');
        $this->press('//div[contains(@class, "quilt")]//button[@title="Rope"]');
        $this->pressNamed('Colours from a picture');
        $this->handFile(SwatchPhoto::path(), 'section[aria-label="Colours from a picture"] input[type=file]');
        $this->press('//button[starts-with(@aria-label, "The picture: take the colour at the mark for Rope")]');
        Patience::until(fn(): bool => $this->aim() !== '', 'the colour of the picture');
        $first = $this->aim();
        foreach (range(1, 14) as $ignored) {
            $this->key(WebDriverKeys::ARROW_LEFT);
        }
        $this->key(WebDriverKeys::ENTER);
        Patience::until(fn(): bool => $this->aim() !== $first, 'another colour of the picture');
        $this->awaitSaved();
    }

    /** One press changes all three; pressed again it asks for more; one is put aside to be tried, and promoted. */
    public function testProposalsAreWishedOtherwisePutAsideJudgedAndPromoted(): void
    {
        $this->open('The Bound Capstan', 'Weed');
        $this->write('#3f6b35');
        $before = $this->told();
        $this->press('//div[@aria-label="Rather"]//button[normalize-space(.)="warmer"]');
        Patience::until(fn(): bool => $this->told() !== $before, 'warmer recipes');
        $this->press('//div[@aria-label="Rather"]//button[normalize-space(.)="fewer steps"]');
        $this->see('//div[@aria-label="Rather"]//button[@aria-pressed="true"][starts-with(normalize-space(.), "warmer")]');
        $this->press('//div[@aria-label="Rather"]//button[normalize-space(.)="as it was"]');
        Patience::until(fn(): bool => $this->told() === $before, 'the recipes as they were');

        $this->press('(//section[starts-with(@aria-label, "Recipes for")]//article)[1]//button[starts-with(normalize-space(.), "To try")]');
        $this->press('//summary[contains(., "1 variant")]');
        $this->press('//summary[starts-with(normalize-space(.), "Not tried yet")]');
        $this->press('//label[normalize-space(.)="Tried on a test piece"]');
        $this->fill('Verdict', 'grows on the barnacles'.WebDriverKeys::TAB);
        $this->awaitSaved();
        $this->press('//details[@data-variants]//button[starts-with(normalize-space(.), "Paint it so")]');
        $this->see('//summary[contains(., "2 variants")][contains(., "1 tried")][contains(., "painted as")]');
        $this->awaitSaved();
    }

    /** A recipe written anew leaves alone what was changed by hand. */
    public function testWhatWasTouchedByHandIsLeftAlone(): void
    {
        $this->open('Ferry Warden', 'Breeches');
        $this->write('#26508a');
        $this->press('(//section[starts-with(@aria-label, "Recipes for")]//article)[1]//button[starts-with(normalize-space(.), "Take this one")]');
        $this->seeNot('//section[starts-with(@aria-label, "Recipes for")]');
        $this->awaitSaved();
        $this->press('//ol[@aria-label="Steps"]/li[1]/button');
        $this->press('//*[contains(@class, "coats")]//button[contains(., "one more")]');
        $this->awaitSaved();
        [$mine, $coats] = [$this->see('//ol[@aria-label="Steps"]/li[1]//bdi')->getText(), $this->coats()];
        // Writing anew starts from what was asked for, not from what came of it.
        $this->pressNamed('Write a recipe');
        $field = $this->see(
            '//section[starts-with(@aria-label, "Recipes for")]//label[normalize-space(.)="Colour it shall have"]/following::input[1]',
        );
        self::assertSame('#26508a', $field->getDomProperty('value'));
        $this->pressNamed('Leave it');
        $this->seeNot('//section[starts-with(@aria-label, "Recipes for")]');

        $this->write('#a3231f');
        self::assertSame(
            1,
            self::driver()->executeScript('return document.querySelectorAll("section.writer fieldset input:checked").length'),
            'Only what was touched is ticked.',
        );
        foreach ([1, 2, 3] as $proposal) {
            $this->see(
                "(//section[starts-with(@aria-label, \"Recipes for\")]//article)[$proposal]//li[.//bdi[.=\"$mine\"]][contains(., \"Left as you have it\")]",
            );
        }
        $this->press('(//section[starts-with(@aria-label, "Recipes for")]//article)[1]//button[starts-with(normalize-space(.), "Take this one")]');
        $this->seeNot('//section[starts-with(@aria-label, "Recipes for")]');
        $this->press("//ol[@aria-label=\"Steps\"]/li[.//bdi[.=\"$mine\"]][1]/button");
        self::assertSame($coats, $this->coats());
    }

    /** What is changed on one model is changed on the other, until it is cut loose. */
    public function testASharedRecipeReachesAnotherPlanUntilItIsCutLoose(): void
    {
        $this->open('Ferry Warden', 'Jetty base');
        $this->see('//p[contains(., "Shared recipe")]//a[contains(., "Provost on the White Heron")]');
        $this->press('//ol[@aria-label="Steps"]/li[1]/button');
        $this->press('//*[contains(@class, "coats")]//button[contains(., "one more")]');
        $this->awaitSaved();
        $coats = $this->coats();
        $this->press('//p[contains(., "Shared recipe")]//a[contains(., "Provost on the White Heron")]');
        $this->see('//h1[contains(., "Provost")]');
        $this->press('//ol[@aria-label="Steps"]/li[1]/button');
        Patience::until(fn(): bool => $this->coats() === $coats, 'the same coats there');

        $this->pressNamed('Cut loose');
        $this->seeNot('//p[contains(., "Shared recipe")]');
        $this->awaitSaved();
        $this->visit('#/plans/recipes');
        $this->see('//li[.//input[@value="Jetty mud"] or contains(., "Jetty base, Ferry Warden")]');
        $this->seeNot('//a[contains(., "Jetty base, Provost")]');
    }

    public function testTheMusterIsSquintedAtAndAPlanOfAnotherForceIsLeftOut(): void
    {
        $this->visit('#/plans/muster');
        $this->see('//li[.//h2[contains(., "The Bound Capstan")]]//p[contains(., "darker than the others")]');
        $this->pressNamed('Squint');
        Patience::until(fn(): bool => $this->isSquinting(), 'the squint');
        $this->press('//li[.//h2[contains(., "The Bound Capstan")]]//label[normalize-space(.)="belongs to this force"]');
        $this->seeNot('//li[.//h2[contains(., "The Bound Capstan")]]//p[contains(., "darker than the others")]');
    }

    public function testTheWeatherSaysWhetherOneMaySpray(): void
    {
        $this->canISpray();
        $this->see('//section[@aria-label="Weather for priming"]//ol/li[48]');
        $this->press('//section[@aria-label="Weather for priming"]//a[.="simulated station"]');
        $this->choose('Its weather', 'frost');
        $this->see('//*[@role="status"][contains(., "Kept")]');
        $this->canISpray();
        $this->see('//section[@aria-label="Weather for priming"]/p[contains(., "Another way")][contains(., "too cold")]');

        // Without a station it is what one reads off a thermometer.
        $this->visit('#/settings');
        $this->press('//label[contains(., "Weather station")]');
        $this->seeNot('//label[contains(., "Its weather")]');
        $this->canISpray();
        $this->fill('°C', '18');
        $this->fill('% humidity', '180');
        $this->pressNamed('May I spray?');
        $this->see('//form[@aria-label="Weather outside"]//*[contains(., "from 0 to 100")]');
        $this->fill('% humidity', '80');
        $this->pressNamed('May I spray?');
        $this->see('//section[@aria-label="Weather for priming"]/p[contains(., "Wait")][contains(., "80 % humidity")]');
        $this->pressNamed('It has changed');
        $this->fill('% humidity', '50');
        $this->pressNamed('May I spray?');
        $this->see('//section[@aria-label="Weather for priming"]/p[contains(., "Go")]');

        $this->visit('#/settings');
        $this->press('//label[contains(., "Weather station")]');
        $this->choose('Its weather', 'as usual for the season');
        $this->see('//*[@role="status"][contains(., "Kept")]');
    }

    private function canISpray(): void
    {
        $this->open('The Bound Capstan', 'Rope');
        $this->pressNamed('Model');
        $this->pressNamed('Can I spray now?');
    }

    private function open(string $plan, string $area): void
    {
        $this->visit('#/plans');
        $this->press("//h2/a[normalize-space(.)=\"$plan\"]");
        $this->press("//nav[@aria-label=\"Areas\"]//bdi[.=\"$area\"]");
        $this->see('//ol[@aria-label="Steps"]/li[1]');
    }

    private function write(string $colour): void
    {
        $this->pressNamed('Write a recipe');
        $this->fill('Colour it shall have', $colour);
        $this->pressNamed('Write recipes');
        $this->see('(//section[starts-with(@aria-label, "Recipes for")]//article)[3]');
    }

    private function quilt(string $plan): void
    {
        $this->visit('#/plans');
        $this->press("//h2/a[normalize-space(.)=\"$plan\"]");
        $this->toTheQuilt();
        $this->see('//section[@aria-label="Scheme"]//ol/li[1]');
    }

    /** The demo's plans have figures, from which a press leads on to the quilt. */
    private function toTheQuilt(): void
    {
        $this->press('//nav[@aria-label="Faces of the plan"]/a[.="Figure"]');
        $this->press('//section[@aria-label="Figure"]//a[normalize-space(.)="Quilt"]');
    }

    private function isSquinting(): bool
    {
        return self::driver()->findElements(WebDriverBy::cssSelector('.quilt svg g[filter]')) !== [];
    }

    private function aim(): string
    {
        return (string) $this->field('Colour it shall have')->getAttribute('value');
    }

    private function coats(): string
    {
        return (string) $this->field('Coats')->getAttribute('value');
    }

    /** @return list<string> */
    private function told(): array
    {
        /** @var list<string> */
        return self::driver()->executeScript(
            'return [...document.querySelectorAll("section.writer article li bdi")].map((one) => one.textContent)',
        );
    }
}
