<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;
use Tests\Browser\Support\SwatchPhoto;

/** The evening: when one sits down and what for, and what is left of it in the logbook. */
final class EveningsTest extends BrowserTestCase
{
    public function testTheWeekIsSaidAndASingleEveningMissed(): void
    {
        $this->visit('#/evenings');
        $this->see('//section[@aria-label="The evening"]//li/a');
        $this->pressNamed('When I sit down');
        $this->press('//form[@aria-label="When I sit down"]//button[normalize-space(.)="Another evening"]');
        $this->fillLast('From', '25:00');
        $this->pressNamed('Keep the week');
        $this->see('//form[@aria-label="When I sit down"]//*[contains(., "Write the time as hours and minutes")]');
        $this->fillLast('From', '18:15');
        $this->pressNamed('Keep the week');
        $this->seeNot('//form[@aria-label="When I sit down"]');
        $before = $this->see('(//section[@aria-label="When it stands on the table"]//b)[1]')->getText();

        $this->pressNamed('I miss this evening');
        $this->press(
            '//section//button[normalize-space(.)="I miss this evening"][ancestor::section[.//button[normalize-space(.)="Keep this day"]]]',
        );
        // The week before it can be taken back too: it is this evening that is.
        $this->press(
            '//div[contains(@class, "notices")]//*[contains(@class, "bx--inline-notification")][contains(., "is off. What is done stays done.")]//button[normalize-space(.)="Undo"]',
        );
        $this->see('(//section[@aria-label="When it stands on the table"]//b)[1][.="'.$before.'"]');
    }

    public function testSoManyMinutesAreFilledAndBegunAtTheDesk(): void
    {
        // An evening long enough for all of them.
        $day = self::$server->moment->day(0);
        Patience::until(static fn(): bool => self::sittingAllNight($day), 'the long evening');
        $this->visit('#/evenings');
        $card = '//section[@aria-label="Only some minutes"]';
        $first = $this->see("$card//li")->getText();
        $this->pressNamed('Something else');
        Patience::until(fn(): bool => $this->see("$card//li")->getText() !== $first, 'something else');
        $this->press("$card//a[normalize-space(.)=\"Begin\"]");
        $this->see('//section[@aria-label="Open step"]//h1');
    }

    public function testForAnEarlierDayWhatMustGoIsSaidLeftOutAndTakenIn(): void
    {
        $this->visit('#/evenings');
        $this->press('(//button[normalize-space(.)="Make it sooner …"])[1]');
        $this->choose('“Night shift”', 'finished');
        $this->by('2020-01-01');
        $this->see('//*[contains(., "This day is over")]');
        $this->by(self::$server->moment->day(60));
        $this->see('//*[@role="status"][contains(., "ready by then as it is")]');
        // A day that is tight: whatever it takes, the shades stay.
        for ($day = 0; $day < 30; $day++) {
            $this->by(self::$server->moment->day($day));
            $said = $this->see('//section[@aria-label="When it stands on the table"]//*[@role="status"]//p')->getText();
            if (str_starts_with($said, 'Leave out')) {
                self::assertStringNotContainsString('wash', $said);
                $this->pressNamed('Leave them out');
                $this->see('//section[@aria-label="When it stands on the table"]//li//*[contains(., "left out")]');
                $this->pressNamed('take them in again');
                $this->seeNot('//section[@aria-label="When it stands on the table"]//button[.="take them in again"]');

                return;
            }
            self::assertStringStartsWith('Not even', $said);
        }
        self::fail('No day was tight.');
    }

    public function testABatchRestsAndComesBack(): void
    {
        $this->visit('#/evenings');
        $this->press('(//button[normalize-space(.)="Let it rest"])[2]');
        $this->see('//*[.="one batch has the desk"]');
        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->see('//*[.="2 batches share the desk"]');
    }

    public function testWhatTheLogbookTeachesIsUsedAndForgotten(): void
    {
        $this->visit('#/logbook/lessons');
        $this->press('//button[@aria-label="Use Wash"]');
        $this->press('//button[@aria-label="Forget Wash"]');
        $this->see('//button[@aria-label="Use Wash"]');
        $this->see('//section[@aria-label="How your paints cover"]//li[contains(., "coats where")]');
    }

    public function testAPictureIsPinnedAndABatchRepeated(): void
    {
        $this->visit('#/logbook');
        $this->choose('Batch', 'First five wardens');
        $this->see('//section[@aria-label="The batch as it was painted"]');
        $this->choose('A picture of', 'model 3');
        $this->fill('What it shows', 'in the light of the window');
        $this->handFile(SwatchPhoto::path(), 'section[aria-label="The batch as it was painted"] input[type=file]');
        $this->see('//figcaption[contains(., "model 3")][contains(., "in the light of the window")]');
        $this->press('//figcaption[contains(., "model 3")]//button');
        $this->seeNot('//figcaption[contains(., "in the light of the window")]');
        $this->press('//div[contains(@class, "notices")]//button[normalize-space(.)="Undo"]');
        $this->see('//figcaption[contains(., "in the light of the window")]');

        $this->pressNamed('Repeat this batch');
        $this->see('//ul[@aria-label="What changed since"]/li[contains(., "Moon Silver is not on the shelf")]');
        $this->see('//form//p[contains(., "otherwise than planned")]');
        $this->pressNamed('Begin it');
        $this->see('//h1/bdi[.="First five wardens, once more"]');
        $this->see('//*[.="0 of 33 steps"]');
    }

    public function testAPlanSaysWhatToPourAndWhichPotWillNotLast(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Ferry Warden"]');
        $this->pressNamed('Paint it');
        $drops = fn(): int => (int) $this->see(
            '//section[@aria-label="Step by step"]//li[contains(., "Oilskin coat")]//b[number(.) = number(.)]',
        )->getText();
        $this->setModels('2');
        $this->see('//section[@aria-label="Pots that will not last"]//li[contains(., "Moon Silver")]');
        $this->see('//h2[contains(., "2 models at once")]');
        $two = $drops();
        $this->setModels('10');
        Patience::until(static fn(): bool => $drops() > $two, 'more drops');
        $this->setModels('2');
        Patience::until(static fn(): bool => $drops() === $two, 'as many drops as before');
    }

    /**
     * Two batches of one plan, and one of its copy, have steps of the same names; each is poured for by itself, and what is short told for
     * each.
     */
    public function testBatchesOfOnePlanAndItsCopyArePouredForEachByItself(): void
    {
        $batches = self::asked('batches')['batches'];
        $plan = array_column($batches, 'planId', 'name')['The Provost, for the midwinter show'];
        $copy = self::asked("plans/$plan/duplicate", [])['id'];
        foreach ($batches as $batch) {
            self::asked("batches/$batch[id]/desk", ['rests' => true, 'skipped' => [], 'version' => $batch['version']], 'PUT');
        }
        foreach (['One' => $plan, 'Two' => $plan, 'Of the copy' => $copy] as $name => $of) {
            self::asked('batches', ['planId' => $of, 'name' => $name, 'models' => 40, 'startsOn' => self::$server->moment->day(0)]);
        }
        $this->visit('#/evenings');
        $card = '//section[@aria-label="Fetch and pour"]';
        $this->see("$card//li");
        foreach (['One', 'Two', 'Of the copy'] as $name) {
            $this->see("{$card}//p[contains(., 'short by')][contains(., 'for $name')]");
        }
        $keys = array_map(
            static fn($one): string => $one->getText(),
            self::driver()->findElements(WebDriverBy::xpath("$card//p[contains(@class, 'short')]")),
        );
        self::assertSame($keys, array_values(array_unique($keys)));
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<string, mixed>
     */
    private static function asked(string $path, ?array $body = null, ?string $method = null): array
    {
        $answer = file_get_contents(self::$server->url("api/$path"), false, stream_context_create(['http' => [
            'method' => $method
                ?? (
                    $body === null ? 'GET' : 'POST'
                ), 'header' => "Content-Type: application/json\r\nAccept: application/json", 'content' => $body === null
                ? ''
                : json_encode((object) $body),
        ]]));

        return (array) json_decode((string) $answer, true);
    }

    /** What another page still writes may come first: then it is asked anew. */
    private static function sittingAllNight(string $day): bool
    {
        $version = array_column(self::asked('evenings')['days'], 'version', 'day')[$day];
        $answer = @file_get_contents(self::$server->url("api/evenings/days/$day"), false, stream_context_create(['http' => [
            'method' => 'PUT', 'header' => 'Content-Type: application/json',
            'content' => json_encode(['sittings' => [['from' => '19:30', 'minutes' => 1440]], 'version' => $version]),
        ]]));

        return $answer !== false;
    }

    /** A field for dates takes them as its country writes them; what matters is what comes of it. */
    private function by(string $day): void
    {
        self::driver()->executeScript(
            'const field = document.querySelector("section[aria-label=\'When it stands on the table\'] input[type=date]"); field.value = arguments[0]; field.dispatchEvent(new Event("input", { bubbles: true })); field.dispatchEvent(new Event("change", { bubbles: true }));',
            [$day],
        );
        $this->pressNamed('What must go?');
    }

    private function fillLast(string $label, string $text): void
    {
        $field = $this->see(sprintf('(//*[self::input][@id = //label[normalize-space(.)="%1$s"]/@for])[last()]', $label));
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text);
    }

    private function setModels(string $models): void
    {
        $field = $this->field('How many models');
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($models.WebDriverKeys::TAB);
    }
}
