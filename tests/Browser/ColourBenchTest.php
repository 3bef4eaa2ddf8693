<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;
use Tests\Browser\Support\SwatchPhoto;

/** Mixing, matching, buying and the shelf, as a painter goes about them. */
final class ColourBenchTest extends BrowserTestCase
{
    public function testAPaintThatIsNotOwnedIsMixedWithinLimits(): void
    {
        $this->visit('#/mixing');
        $this->see('//h2[.="Say what you want to mix"]');
        $this->pick('Paint wanted', 'Dusk Rose');
        $this->see('//section[@aria-label="Side by side"]//figure[1]//bdi[.="Dusk Rose"]');
        $first = $this->see('//section[@aria-label="Two"]//li[1]//bdi')->getText();
        $this->see('//section[@aria-label="Three"]');

        $this->press('//section[@aria-label="Two"]//li[1]/button');
        $this->see(sprintf('//section[@aria-label="Side by side"]//figure[2]//bdi[.="%s"]', $first));
        $this->see('//section[@aria-label="Side by side"]//h2[.="One part more"]');

        $this->pressNamed('Paints, at most: one less');
        $this->seeNot('//section[@aria-label="Three"]');
        preg_match('/ : \d+ (.+)$/', $first, $last);
        $this->pick('Keep out', $last[1]);
        $this->seeNot(sprintf('//section[@aria-label="Two"]//bdi[contains(., "%s")]', $last[1]));
        $this->press(sprintf('//button[normalize-space(.)="Keep out: no longer %s"]', $last[1]));
        $this->see(sprintf('//section[@aria-label="Two"]//li[1]//bdi[.="%s"]', $first));
    }

    public function testAColourOutOfReachSaysHowNearOneCanComeAndWhy(): void
    {
        $this->visit('#/mixing');
        $this->pressNamed('A colour');
        $this->fill('Colour, in words or as a code', 'bright nothing'.WebDriverKeys::TAB);
        $this->see('//*[contains(., "is no colour")]');
        $this->fill('Colour, in words or as a code', 'warm red'.WebDriverKeys::TAB);
        $this->see('//section[@aria-label="Two"]//li[1]');
        $this->fill('Colour, in words or as a code', '#00ff00'.WebDriverKeys::TAB);
        $this->see('//section[@aria-label="Out of reach"][contains(., "Nearest to buy")]//button[normalize-space(.)="Wish for it"]');
        self::assertStringContainsString('nothing comes nearer', $this->see('//*[@role="status"][contains(., "too saturated")]')->getText());
    }

    public function testAStepOfAPlanAndWhatIsSeenOfItAreMixed(): void
    {
        $this->visit('#/mixing');
        $this->pressNamed('A plan');
        $this->choose('Plan', 'Ferry Warden');
        $this->see('//section[@aria-label="Side by side"]//figure[1]//bdi[starts-with(., "Oilskin coat")]');
        $this->choose('Wanted of it', 'what shows in the recess');
        self::assertStringContainsString(
            'Oilskin coat',
            $this->see('//section[@aria-label="Side by side"]//figure[1]//bdi[contains(., " after ")]')->getText(),
        );
    }

    public function testAPastedListIsAnsweredAndAnUnknownPaintGetsAColour(): void
    {
        $this->visit('#/mixing/list');
        $this->see('//textarea')->sendKeys("Oilskn Yelow\nDeep Tide\nsome old green");
        $this->see('//tr[.//bdi[.="Oilskin Yellow"]][contains(., "on the shelf")]');
        $this->see('//tr[.//bdi[.="Deep Tide"]]//select');
        self::driver()->executeScript(
            'const input = document.querySelector("td input[type=color]"); input.value = "#5f7a40"; input.dispatchEvent(new Event("change", { bubbles: true }))',
        );
        $this->see('//tr[.//bdi[.="some old green"]]//select/option[contains(., "Reed Green") or contains(., "Osier Bed")]');
        self::assertStringEndsWith('some old green #5f7a40', (string) $this->see('//textarea')->getAttribute('value'));

        $this->press('//tr[.//bdi[.="Deep Tide"]]//button[normalize-space(.)="Wish for it"]');
        $this->see('//*[contains(., "Deep Tide” is on the wish list")]');
    }

    public function testStandInsAreTakenIntoAPlanAndUndone(): void
    {
        $this->visit('#/mixing/list');
        $this->choose('Wanted by', 'the plan “Provost on the White Heron”');
        $before = $this->see('//section[contains(., "stand-ins chosen for")]/p')->getText();
        $this->see('//section[@aria-label="Before and after"]//article[.//bdi[.="Cloak"]]');
        $this->press('//tr[.//bdi[.="Deep Tide"]]//button[normalize-space(.)="Take it"]');
        $this->seeNot('//tr[.//bdi[.="Deep Tide"]]//button[normalize-space(.)="Take it"]');
        $this->pressNamed('Take all');
        $this->seeNot('//button[normalize-space(.)="Take all"]');
        // Only the newest change can be taken back from its notice.
        $this->seeCount(1, '//*[@role="status"]//button[normalize-space(.)="Undo"]');
        $this->pressNamed('Undo');
        $this->see('//button[normalize-space(.)="Take all"]');
        self::assertNotSame($before, $this->see('//section[contains(., "chosen for")]/p')->getText());
    }

    public function testASwatchIsMeasuredInAPhotoAndMixed(): void
    {
        $this->visit('#/shelf/measure');
        $this->see('//h2[starts-with(., "Photograph a dry swatch")]');
        $this->handFile(SwatchPhoto::path());
        $this->see('//*[.="Draw a box over the grey card."]');
        $this->draw(0.08, 0.15, 0.26, 0.7);
        $this->see('//*[.="Now draw a box over the swatch."]');
        $this->draw(0.58, 0.2, 0.3, 0.6);
        $this->see('//section[@aria-label="The swatch"][contains(., "mid muted teal")]');
        $this->pressNamed('Mix it');
        $this->see('//section[@aria-label="Side by side"]//figure[1]//figcaption[contains(., "teal") and contains(., "value 49")]');
        self::assertContains($this->see('//section[@aria-label="One paint"]//li[1]//bdi')->getText(), ['Tide Teal', 'Tideline']);
    }

    public function testAMarkOnASwatchForACardIsToldAndMovedByKeys(): void
    {
        $this->visit('#/shelf/measure');
        $this->handFile(SwatchPhoto::path());
        $this->see('//*[.="Draw a box over the grey card."]');
        $this->draw(0.5, 0.3, 0.2, 0.4);
        $this->pressNamed('Mark the middle');
        $this->see('//*[@role="alert"][contains(., "unevenly") or contains(., "coloured")]');
        $mark = $this->find('.mark .hold');
        $mark->sendKeys(WebDriverKeys::DELETE);
        $this->see('//*[.="Draw a box over the grey card."]');
    }

    public function testAPurchaseForAPlanIsPricedBoughtAndTakenBack(): void
    {
        $this->visit('#/shelf/buy');
        $this->choose('Plan', 'Provost on the White Heron');
        $this->see('//section[@aria-label="Basket"]//li[.//bdi[.="Moon Silver"] or contains(., "Moon Silver")]');
        $price = $this->see('//section[@aria-label="Basket"]//li[1]//input');
        $total = $this->see('//div[contains(@class, "ways")]//label[1]//b')->getText();
        $price->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $price->sendKeys('0.50'.WebDriverKeys::TAB);
        $this->see('//section[@aria-label="Basket"]//small[.="price by hand"]');
        Patience::until(fn(): bool => $this->see('//div[contains(@class, "ways")]//label[1]//b')->getText() !== $total, 'another total');

        $this->fill('Spend at most', '6'.WebDriverKeys::TAB);
        $this->see('//section[@aria-label="Basket"]//b[.="Left open:"]');
        $this->fill('Spend at most', WebDriverKeys::BACKSPACE.WebDriverKeys::TAB);
        $this->seeNot('//b[.="Left open:"]');
        $this->press('//label[contains(., "Fewest boxes")]');
        self::assertSame('fewestBoxes', self::driver()->executeScript('return document.querySelector("input[name=way]:checked").value'));
        self::driver()->switchTo()->activeElement()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        self::assertSame('bestValue', self::driver()->executeScript('return document.querySelector("input[name=way]:checked").value'));
        $this->pressNamed('Bought: put on my shelf');
        $this->see('//h2[.="Nothing to buy"]');
        $this->pressNamed('Undo');
        $this->see('//section[@aria-label="Basket"]//li');
    }

    public function testWhatStandsOnTheShelfIsNamedInTheBasketAndNotBought(): void
    {
        $this->visit('#/shelf/buy');
        $this->choose('Buy for', 'a list of mine');
        $this->fill('One paint a line', "Marsh Umber #5b4632\nDeep Tide");
        $this->see('//section[@aria-label="Basket"]//p[contains(., "On your shelf already:") and contains(., "Mud for Marsh Umber")]');
        $this->seeNot('//section[@aria-label="Basket"]//li[contains(., "Mud")]');
        $this->see('//section[@aria-label="Basket"]//li[contains(., "Deep Tide")]');
    }

    public function testALongFileIsLookedThroughInPortionsAndLeftAlone(): void
    {
        $file = sys_get_temp_dir().'/kalokroma-long-'.getmypid().'.csv';
        $rows = array_map(
            static fn(int $i): string => sprintf('Long,,L%d,Long %d,opaque,#%06x,,matt,17,300,', $i, $i, 7919 * $i % 0xFFFFFF),
            range(1, 2300),
        );
        file_put_contents($file, implode("\n", ['maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode', ...$rows]));
        try {
            $this->visit('#/shelf/files');
            $this->handFile($file);
            $this->see('//*[@role="status"][contains(., "2300 rows") and contains(., "2300 would be added")]');
            $this->pressNamed('Leave it');
            $this->seeNot('//*[contains(., "would be added")]');
            self::assertSame(
                0,
                self::driver()->executeAsyncScript(
                    'const done = arguments[0]; fetch("/api/paints?search=Long").then((answer) => answer.json()).then((page) => done(page.total))',
                ),
            );
        } finally {
            unlink($file);
        }
    }

    public function testTheMapIsWalkedByKeysAndBrushedByPointer(): void
    {
        $this->visit('#/shelf');
        $this->see('//*[local-name()="g"][@data-paint]');
        $this->see('//section[@aria-label="Gaps"][contains(., "no ")]');
        $map = $this->find('svg[role=application]');
        self::driver()->executeScript('arguments[0].focus()', [$map]);
        $this->key(WebDriverKeys::ARROW_RIGHT);
        $this->key(' ');
        $this->see('//section[@aria-label="Chosen paints"]/h2[.="1 paint chosen"]');
        $name = $this->see('//section[@aria-label="Chosen paints"]//tbody//bdi')->getText();
        self::assertStringStartsWith($name, trim((string) self::driver()->executeScript('return document.getElementById("map-at").textContent')));
        $this->key(WebDriverKeys::ESCAPE);
        $this->seeNot('//section[@aria-label="Chosen paints"]');

        $size = $map->getSize();
        (new WebDriverActions(self::driver()))->moveToElement($map, 0, (int) (-0.45 * $size->getHeight()))->clickAndHold()
            ->moveToElement($map, (int) (-0.48 * $size->getWidth()), (int) (0.4 * $size->getHeight()))->release()->perform();
        $this->see('//section[@aria-label="Chosen paints"]//tbody/tr[10]');
        self::assertStringContainsString(
            'what=selection&format=gpl&ids=',
            (string) $this->see('//section[@aria-label="Chosen paints"]//a[normalize-space(.)="Palette"]')->getAttribute('href'),
        );
        $this->choose('Lay a set over it', 'Eight Washes (3 new)');
        $this->see('//section[@aria-label="Set laid over"]/h2[.="3 of 8 would be really new"]');
    }

    public function testBarcodesBringPotsOntoTheShelf(): void
    {
        $this->visit('#/shelf/measure/scanner');
        $this->pressNamed('Scan it');
        $this->see('//*[@role="alert"][contains(., "sees no code")]');
        $this->pick('A pot of', 'Oxblood Wash');
        // The pot is held when nothing is said against it any more.
        $this->seeNot('//section[@aria-label="Scan"]//*[@role="alert"]');
        $this->pressNamed('Scan it');
        $this->see('//*[@role="status"][contains(., "not on the shelf yet")]');
        $this->pressNamed('Put a pot on the shelf');
        $this->see('//*[@role="status"][contains(., "1 pot, ")]');
        $this->fill('Or the code on it', '4711'.WebDriverKeys::TAB);
        $this->pressNamed('Scan it');
        $this->pressNamed('Add a paint with it');
        self::assertSame('4711', $this->field('Barcode')->getAttribute('value'));
    }

    public function testTheReaderIsAveragedAndADirtyWindowTold(): void
    {
        $this->visit('#/shelf/measure/reader');
        $this->pick('The dry swatch of a paint', 'Tide Teal');
        foreach (['Read it', 'Read once more', 'Read once more'] as $press) {
            $this->pressNamed($press);
        }
        $this->see('//section[@aria-label="Read"]//li[3]');
        $this->see('//section[@aria-label="Tide Teal"][contains(., "teal, value")]');
        $this->press('//label[contains(., "its window is dirty")]');
        $this->see('//section[@aria-label="Read"][not(.//li)]');
        $this->pressNamed('Read it');
        self::assertStringContainsString('not a number', $this->see('//*[@role="alert"][contains(., "Clean the window")]')->getText());
    }

    public function testADrawdownSetsTheOpacityAndIsUndone(): void
    {
        $this->visit('#/shelf/measure/opacity');
        $this->pick('The paint', 'Oilskin Yellow');
        $fields = self::driver()->findElements(WebDriverBy::xpath('//input[@id = //label[starts-with(., "Its colour")]/@for]'));
        $fields[0]->sendKeys('60, 10, 60'.WebDriverKeys::TAB);
        $fields[1]->sendKeys('50, 10, 60'.WebDriverKeys::TAB);
        $this->see('//*[contains(., "swapped")]');
        $fields[1]->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $fields[1]->sendKeys('76, 10, 60'.WebDriverKeys::TAB);
        $this->see('//p[.="56 %"]');
        $this->pressNamed('Set it on Oilskin Yellow');
        $this->see('//*[contains(., "so far 56 %")]');
        $this->pressNamed('Undo');
        $this->see('//*[contains(., "so far 36 %, estimated")]');
        $this->seeNot('//*[contains(., "so far 56 %")]');
    }

    private function draw(float $x, float $y, float $width, float $height): void
    {
        $board = $this->find('.board');
        $size = $board->getSize();
        $at = static fn(float $share, int $length): int => (int) round(($share - 0.5) * $length);
        (new WebDriverActions(self::driver()))
            ->moveToElement($board, $at($x, $size->getWidth()), $at($y, $size->getHeight()))->clickAndHold()
            ->moveToElement($board, $at($x + $width, $size->getWidth()), $at($y + $height, $size->getHeight()))->release()->perform();
    }
}
