<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;

/** What a painter does in passing: lists brought in, areas moved, light changed, things taken back, a server that is away. */
final class HabitsTest extends BrowserTestCase
{
    /** @var list<string> handed to the browser, which reads them in its own time */
    private array $files = [];

    private const HEADER = "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\n";

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
        parent::tearDown();
    }

    public function testAListIsLookedThroughBeforeItIsTakenAndAFaultyOneIsToldByRow(): void
    {
        $this->visit('#/shelf/files');
        $this->bringIn(self::HEADER."Own,,1,Ferry Lamp,glitter,#e0a030,,matt,17,320,\n");
        $this->see('//*[@role="alert"][contains(., "row 2, kind")]');

        $this->bringIn(self::HEADER."Own,,1,Ferry Lamp,opaque,#e0a030,,matt,17,320,\n");
        $this->see('//*[@role="status"][contains(., "1 would be added")]');
        $this->pressNamed('Take it in');
        $this->see('//*[@role="status"][contains(., "1 paint added")]');
        $this->key('/');
        $this->key('ferry lamp');
        $this->press('//*[@role="dialog"]//*[@role="option"][contains(., "Ferry Lamp")]');
        $this->pressNamed('All paints');
        self::assertStringContainsString('light', $this->see('//tbody/tr[.//bdi[.="Ferry Lamp"]]')->getText());
    }

    public function testAreasAreMovedByKeyboardAndByPointer(): void
    {
        $this->openWarden();
        $before = $this->areas();
        $first = $this->see('//nav[@aria-label="Areas"]//li[1]/button');
        $first->click();
        self::driver()->getKeyboard()->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_DOWN, WebDriverKeys::NULL]);
        $this->awaitAreas([$before[1], $before[0], ...array_slice($before, 2)]);

        $third = $this->see('//nav[@aria-label="Areas"]//li[3]/button');
        self::driver()
            ->action()
            ->clickAndHold($third)
            ->moveByOffset(0, -12)
            ->moveToElement($this->see('//nav[@aria-label="Areas"]//li[1]/button'), 0, -10)
            ->perform();
        $this->awaitAreas([$before[2], $before[1], $before[0], ...array_slice($before, 3)]);
        self::driver()->action()->release()->perform();
        $this->awaitAreas([$before[2], $before[1], $before[0], ...array_slice($before, 3)]);
        $this->awaitSaved();
        $this->pressNamed('Undo');
        $this->pressNamed('Undo');
        $this->awaitAreas($before);
    }

    /** Whoever goes by Tab reads the button that has the focus as well as the others. */
    public function testAButtonWithTheFocusCanBeReadInBothLights(): void
    {
        $this->openWarden();
        $read = <<<'JS'
            const [light, kind, done] = arguments;
            document.documentElement.dataset.theme = light;
            const button = document.createElement('button');
            button.className = `bx--btn bx--btn--sm bx--btn--${kind}`;
            button.textContent = 'Read me';
            document.querySelector('main').append(button);
            button.focus();
            const parts = (colour) => (colour.match(/[\d.]+/g) ?? []).map(Number);
            const linear = (one) => (one / 255 <= 0.04045 ? one / 255 / 12.92 : ((one / 255 + 0.055) / 1.055) ** 2.4);
            const bright = ([r, g, b]) => 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
            const look = () => {
                if (document.getAnimations().some((one) => one.playState === 'running')) return requestAnimationFrame(look);
                const face = getComputedStyle(button);
                const behind = parts(face.backgroundColor)[3] === 0 ? getComputedStyle(document.querySelector('.panel')).backgroundColor : face.backgroundColor;
                const [one, other] = [bright(parts(face.color)), bright(parts(behind))].sort((a, b) => b - a);
                button.remove();
                delete document.documentElement.dataset.theme;
                done((one + 0.05) / (other + 0.05));
            };
            requestAnimationFrame(() => requestAnimationFrame(look));
            JS;
        foreach (['day', 'lamp'] as $light) {
            foreach (['primary', 'secondary', 'tertiary', 'ghost'] as $kind) {
                self::assertGreaterThan(4.5, self::driver()->executeAsyncScript($read, [$light, $kind]), "$kind by $light");
            }
        }
    }

    public function testTheLightIsRemembered(): void
    {
        $this->visit('#/');
        $this->press('//nav//button[contains(., "Day")]');
        self::driver()->navigate()->refresh();
        $this->see('//nav//button[contains(., "Lamp")]');
        self::assertSame('lamp', self::driver()->executeScript('return document.documentElement.dataset.theme'));
        $this->press('//nav//button[contains(., "Lamp")]');
    }

    public function testTheKeysAreTold(): void
    {
        $this->visit('#/');
        $this->see('//h1[.="What now?"]');
        $this->key('?');
        $this->see('//*[@role="dialog"]//dd[.="find anything"]');
        $this->key('?');
        $this->seeNot('//*[@role="dialog"]');
    }

    /** Who strikes keys by mistake can switch the letters off; the panel is still reached, by its button. */
    public function testSingleLettersCanBeSwitchedOffAndTheCurrencySet(): void
    {
        $this->visit('#/shelf/buy');
        $this->see('//section[@aria-label="Basket"]//h2[contains(., "€")]');
        $this->press('//nav//button[contains(., "Keys")]');
        $this->press('//*[@role="dialog"]//label[contains(., "Single letters")]');
        $this->press('//*[@role="dialog"]//a[contains(., "other settings")]');
        $this->seeNot('//*[@role="dialog"]');
        $this->fill('Currency of prices', 'c'.WebDriverKeys::TAB);
        $this->see('//*[contains(., "three capital letters")]');
        $this->fill('Currency of prices', 'chf'.WebDriverKeys::TAB);
        $this->see('//*[@role="status"][contains(., "Kept")]');
        $this->visit('#/shelf/buy');
        $this->see('//section[@aria-label="Basket"]//h2[contains(., "CHF")]');
        $this->key('?');
        $this->key('/');
        $this->seeNot('//*[@role="dialog"]');
        self::assertStringContainsString('#/shelf/buy', self::driver()->getCurrentURL());
        $this->press('//nav//button[contains(., "Keys")]');
        $this->press('//*[@role="dialog"]//label[contains(., "Single letters")]');
        $this->press('//nav//a[contains(., "Settings")]');
        $this->fill('Currency of prices', 'EUR'.WebDriverKeys::TAB);
        $this->see('//*[@role="status"][contains(., "Kept")]');
        $this->pressNamed('Undo');
        Patience::until(
            fn(): bool => $this->see('//section[@aria-label="Bottles and prices"]//input[@placeholder="EUR"]')->getAttribute('value') === 'CHF',
            'the currency there was',
        );
        $this->fill('Currency of prices', 'EUR'.WebDriverKeys::TAB);
        $this->visit('#/shelf/buy');
        $this->see('//section[@aria-label="Basket"]//h2[contains(., "€")]');
    }

    public function testAnEntryOfTheLogbookIsTakenOutAndPutBack(): void
    {
        $this->visit('#/logbook');
        $this->see('//section//li');
        $count = fn(): int => count(self::driver()->findElements(WebDriverBy::xpath('//section//li')));
        $before = $count();
        $this->more('Take back');
        Patience::until(static fn(): bool => $count() === $before - 1, 'one entry less');
        $this->press('//*[@role="status"]//button[normalize-space(.)="Undo"]');
        Patience::until(static fn(): bool => $count() === $before, 'the entry again');
        self::assertSame($before, $count());
    }

    public function testAnEntryIsPutRightAndWhatWasTakenBackStaysInReach(): void
    {
        $this->visit('#/logbook');
        $this->more('Edit');
        $this->fill('Note', 'thin coats, cold room');
        // What is typed survives a reload.
        self::driver()->navigate()->refresh();
        $this->more('Edit');
        Patience::until(fn(): bool => $this->field('Note')->getAttribute('value') === 'thin coats, cold room', 'the note that was typed');
        $this->pressNamed('Save it');
        $this->see('(//section//li)[1][contains(., "thin coats, cold room")]');
        self::assertStringStartsWith(
            'More for',
            (string) self::driver()->switchTo()->activeElement()->getAttribute('aria-label').self::driver()->switchTo()->activeElement()->getText(),
        );

        $this->more('Take back');
        $this->see('//*[contains(., "taken back; the step is open again")]');
        $this->choose('Shown', 'what was taken back');
        $this->see('//section//li[contains(., "thin coats, cold room")]');
        $this->pressNamed('Put back');
        $this->see('//h2[.="Nothing was taken back"]');
    }

    public function testABrushIsOwnedKeptForMetalAndWarnedOfAtTheDesk(): void
    {
        $this->visit('#/settings');
        foreach (['Red one', 'Tin'] as $name) {
            $this->fill('A brush', $name);
            $this->pressNamed('Add it');
            $this->see(sprintf('//ul[@aria-label="My brushes"]/li[contains(., "%s")]', $name));
        }
        $this->press('//ul[@aria-label="My brushes"]/li[contains(., "Tin")]//label[contains(., "kept for metal")]');
        self::driver()->navigate()->refresh();
        $this->see('//ul[@aria-label="My brushes"]/li[contains(., "Tin")]//label[contains(., "kept for metal")]');
        self::assertTrue(
            (bool) self::driver()->executeScript(
                'return [...document.querySelectorAll("ul[aria-label=\"My brushes\"] li")].find((one) => one.textContent.includes("Tin")).querySelector("input").checked',
            ),
        );
        $this->visit('#/');
        $this->press('(//article//*[contains(@class, "next")]//a)[1]');
        $this->choose('With', 'Tin');
        $this->see('//section[@aria-label="Open step"]//*[@role="status"][contains(., "Tin is kept for metal")]');
        $this->press('//section[@aria-label="Open step"]//button[starts-with(normalize-space(.), "Take ")]');
        $this->seeNot('//section[@aria-label="Open step"]//*[@role="status"][contains(., "kept for metal")]');
    }

    public function testAPlanIsDeletedAndComesBack(): void
    {
        $this->openWarden();
        $this->press('//button[contains(@class, "bx--overflow-menu")]');
        $this->press('//*[@role="menu"]//button[normalize-space(.)="Delete"]');
        $this->see('//h1[.="Plans"]');
        $this->seeNot('//h2/a[normalize-space(.)="Ferry Warden"]');
        $this->press('//*[@role="status"]//button[normalize-space(.)="Undo"]');
        $this->see('//h1[normalize-space(.)="Ferry Warden"]');
    }

    public function testAFaultyFieldIsNamedAndWhatWasTypedStays(): void
    {
        $this->visit('#/plans/new');
        $this->press('//summary[contains(., "Model, size and light")]');
        $this->fill('Model, if it has a name of its own', 'Piker');
        $this->pressNamed('Make the plan');
        $this->see('//form//*[contains(., "This may not be empty.")]');
        self::driver()->navigate()->refresh();
        $this->press('//summary[contains(., "Model, size and light")]');
        Patience::until(fn(): bool => $this->field('Model, if it has a name of its own')->getAttribute('value') === 'Piker', 'what was typed');
        self::assertSame('Piker', $this->field('Model, if it has a name of its own')->getAttribute('value'));
    }

    /** From the menu of the newest entry. */
    private function more(string $what): void
    {
        $this->press('(//section//li//button[contains(@class, "bx--overflow-menu")])[1]');
        $this->press("//*[@role=\"menu\"]//button[normalize-space(.)=\"$what\"]");
    }

    private function openWarden(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Ferry Warden"]');
        $this->see('//section[starts-with(@aria-label, "Step")]');
    }

    private function bringIn(string $csv): void
    {
        $file = sys_get_temp_dir().'/kalokroma-list-'.bin2hex(random_bytes(4)).'.csv';
        file_put_contents($file, $csv);
        $this->handFile($file);
        $this->files[] = $file;
    }

    /** @return list<string> */
    private function areas(): array
    {
        /** @var list<string> */
        return self::driver()->executeScript(
            'return [...document.querySelectorAll(\'nav[aria-label="Areas"] li bdi\')].map((one) => one.textContent)',
        );
    }

    /** @param list<string> $wanted */
    private function awaitAreas(array $wanted): void
    {
        Patience::until(fn(): bool => $this->areas() === $wanted, 'the areas in the order '.implode(', ', $wanted));
        self::assertSame($wanted, $this->areas());
    }
}
