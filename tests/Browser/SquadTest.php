<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Str;
use Tests\Browser\Support\Patience;

/** A squad that differs on purpose: who is who, who is painted how, and painted so on a tablet whose line is cut again and again. */
final class SquadTest extends BrowserTestCase
{
    public function testALeaderSevenRanksATrialPieceAndALateComerArePlannedComparedPaintedAndRepeated(): void
    {
        self::driver()->manage()->window()->setSize(new WebDriverDimension(1280, 800));
        $this->theLanternIsTheLeaders();
        $this->thePoleIsPrimedApart();
        $this->theWaysAreCompared();
        $batch = $this->beginWithALeader();
        // What is loose and primed otherwise has a pass of its own.
        self::assertNotSame(
            [],
            array_filter(
                $this->told("batches/$batch")['steps'],
                static fn(array $one): bool => str_starts_with($one['step']['id'], 'undercoat') && str_contains($one['areaName'], 'Pole'),
            ),
        );

        // The coat of model 2 is painted the other way; the breeches of every second a touch warmer.
        $this->press('//button[starts-with(@aria-label, "Oilskin coat, model 2")]');
        $this->press('//aside//button[contains(., "layered without a wash")]');
        $this->see(
            '//button[starts-with(@aria-label, "Oilskin coat, model 2: layered without a wash")][contains(@aria-label, "otherwise than the others")]',
        );
        $this->press('//button[starts-with(@aria-label, "Breeches, model 1")]');
        $this->press('//aside//button[normalize-space(.)="every second"]');
        $this->press('//aside//button[normalize-space(.)="Mix it so"]');
        $this->see('//button[starts-with(@aria-label, "Breeches, model 2: a touch warmer")]');
        $this->see('//button[starts-with(@aria-label, "Lantern, model 2: does not have it")]');
        // One joins late, and is told what it is called.
        $this->press('//aside//button[normalize-space(.)="Close"]');
        $this->pressNamed('One model more');
        $this->see('//button[starts-with(@aria-label, "model 10")]');
        $this->press('//button[starts-with(@aria-label, "model 10")]');
        $this->fill('Name', 'Tarn');
        $this->pressNamed('Keep');
        $this->see('//button[starts-with(@aria-label, "model 10, Tarn")]');

        $this->aColumnIsDrawnOverOthers();
        $this->paintOnATablet($batch);
        $told = $this->told("batches/$batch");
        self::assertTrue($told['isFinished']);
        foreach ($told['steps'] as $step) {
            self::assertEqualsCanonicalizing($step['models'], $step['laid'][count($step['laid']) - 1], $step['areaName']);
        }
        $this->repeatIt($batch, $told);
    }

    /** Once by hand and once without one; each is taken back. */
    private function aColumnIsDrawnOverOthers(): void
    {
        $head = fn(int $number): WebDriverElement => $this->see(sprintf('//button[starts-with(@aria-label, "model %d")][contains(@class, "who")]', $number));
        $coat = static fn(int $number): string => sprintf(
            '//button[starts-with(@aria-label, "Oilskin coat, model %d: layered without a wash")]',
            $number,
        );
        self::driver()->action()->clickAndHold($head(2))->moveToElement($head(3))->moveToElement($head(4))->perform();
        $this->seeCount(3, '//thead//button[contains(@class, "filled")]');
        self::driver()->action()->release()->perform();
        $this->see($coat(3));
        $this->see($coat(4));
        $this->pressNamed('Undo');
        $this->seeNot($coat(4));

        $this->press('//button[starts-with(@aria-label, "model 2")][contains(@class, "who")]');
        $this->press('//form[@aria-label="Model 2"]//button[@aria-label="model 5"]');
        $this->pressNamed('As model 2');
        $this->see($coat(5));
        $this->pressNamed('Undo');
        $this->seeNot($coat(5));
        $this->press('//form[@aria-label="Model 2"]//button[normalize-space(.)="Close"]');
    }

    private function theLanternIsTheLeaders(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Ferry Warden"]');
        $this->pressNamed('Model and undercoat');
        $this->fill('Name of a role', 'Leader'.WebDriverKeys::ENTER);
        $this->see('//bdi[.="Leader"]');
        $this->fill('Name of a role', 'Trial piece'.WebDriverKeys::ENTER);
        $this->see('//bdi[.="Trial piece"]');
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Lantern"]');
        $this->pressNamed('Edit area');
        $this->press('//summary[contains(., "What it is made of")]');
        $this->press('//fieldset[contains(., "Only on")]//label[normalize-space(.)="Leader"]');
        $this->awaitSaved();
    }

    /** Kept off the model until the end, on another undercoat than the rest. */
    private function thePoleIsPrimedApart(): void
    {
        $this->fill('Name of a loose part', 'Pole'.WebDriverKeys::ENTER);
        $this->press('//button[contains(., "Own undercoat")][contains(., "Pole")]');
        $this->pick('Undercoat of Pole', 'Bark Primer');
        $this->awaitSaved();
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Ferry pole"]');
        $this->press('//summary[contains(., "What it is made of")]');
        $this->choose('On', 'Pole');
        $this->awaitSaved();
    }

    private function theWaysAreCompared(): void
    {
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Oilskin coat"]');
        $this->press('//summary[contains(., "2 variants")]');
        $this->seeCount(2, '//details[@data-variants]//li//dd[contains(., " min") or contains(., " h")][1]');
    }

    private function beginWithALeader(): string
    {
        $this->pressNamed('Paint it');
        $this->fill('Name of the batch', 'Mixed watch');
        $field = $this->field('How many models');
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys('9'.WebDriverKeys::TAB);
        $this->pressNamed('of them Leader: one more');
        $this->pressNamed('of them Trial piece: one more');
        $this->pressNamed('Begin the batch');
        $this->see('//section[@aria-label="The squad"]//button[starts-with(@aria-label, "model 1, Leader")]');

        return basename((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_FRAGMENT));
    }

    private function paintOnATablet(string $batch): void
    {
        self::driver()->manage()->window()->setSize(new WebDriverDimension(820, 1180));
        $lantern = array_values(array_filter(
            $this->told("batches/$batch")['steps'],
            static fn(array $one): bool => $one['areaName'] === 'Lantern',
        ))[0];
        self::assertSame([1], $lantern['models']);
        // All but the leader's first step are recorded as other tablets do; that one is done by hand.
        $this->all($batch, static fn(array $step): bool => $step['number'] < $lantern['number']);
        $this->visit("#/batches/$batch/paint?step={$lantern['step']['id']}");
        $this->see('//section[@aria-label="Open step"]//p[contains(., "only on model 1")]');
        $this->see(self::DONE.'[contains(., "model 1")]');
        $this->see('//p[contains(., "the other 9 are painted otherwise")]');
        $this->press(self::DONE);
        Patience::until(
            fn(): bool => array_values(array_filter(
                $this->told("batches/$batch")['steps'],
                static fn(array $one): bool => $one['step']['id'] === $lantern['step']['id'],
            ))[0]['coatsDone'][0] === 1,
            'the coat to be recorded',
        );
        for ($cut = 0; $cut < 3; $cut++) {
            $this->paintWithoutALine($batch);
        }
        $this->all($batch, static fn(array $step): bool => true);
    }

    /** Two coats of whatever is open, marked while nobody answers, over a reload; each is recorded once when somebody does. */
    private function paintWithoutALine(string $batch): void
    {
        $before = $this->recorded($batch);
        $this->see(self::DONE);
        self::$server->kill();
        for ($coat = 1; $coat <= 2; $coat++) {
            $waits = sprintf(
                '//section[@aria-label="Not recorded yet"]//*[@role="status"][contains(., "%s")]',
                $coat === 1 ? '1 thing you did waits' : '2 things you did wait',
            );
            $this->markAllTheSame($waits);
            $this->see($waits);
        }
        self::driver()->navigate()->refresh();
        $this->see('//section[@aria-label="Not recorded yet"]//*[@role="status"][contains(., "2 things you did wait")]');
        self::$server->start();
        $this->pressNamed('Try now');
        Patience::until(fn(): bool => $this->recorded($batch) === $before + 2, 'what was done without a line to be recorded, once');
        $this->seeNot('//section[@aria-label="Not recorded yet"]');
    }

    /** What is open; where everything is wet, the first pass all the same. */
    private function markAllTheSame(string $isMarked): void
    {
        $this->openWhatThereIs();
        $this->press(self::DONE);
        // It is marked at once, or asked about first.
        $early = self::DONE.'[contains(., "all the same")]';
        $this->see("$isMarked|$early");
        if (self::driver()->findElements(WebDriverBy::xpath($early)) !== []) {
            $this->press($early);
        }
    }

    private function recorded(string $batch): int
    {
        return (int) ($this->told("log?batch=$batch")['total'] ?? 0);
    }

    /** @param callable(array<string, mixed>): bool $such */
    private function all(string $batch, callable $such): void
    {
        foreach ($this->told("batches/$batch")['steps'] as $step) {
            if ($step['left'] > 0 && $such($step)) {
                $body = json_encode([
                    'id' => (string) Str::ulid(),
                    'stepId' => $step['step']['id'],
                    'models' => $step['left'],
                    'at' => date('c', time() + self::$server->moment->shiftSeconds - 86000),
                ]);
                $posted = ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => $body, 'ignore_errors' => true];
                $answer = (string) file_get_contents(
                    self::$server->url("api/batches/$batch/log"),
                    false,
                    stream_context_create(['http' => $posted]),
                );
                self::assertStringContainsString(' 201 ', $http_response_header[0] ?? '', "{$step['areaName']}, $step[number]: $body $answer");
            }
        }
    }

    /** @param array<string, mixed> $told */
    private function repeatIt(string $batch, array $told): void
    {
        $this->visit("#/logbook?batch=$batch");
        $this->pressNamed('Repeat this batch');
        $this->pressNamed('Begin it');
        $this->see('//h1/bdi[.="Mixed watch, once more"]');
        $this->see('//button[starts-with(@aria-label, "model 10, Tarn")]');
        $this->see('//button[starts-with(@aria-label, "Oilskin coat, model 2: layered without a wash")]');
        self::assertGreaterThan(30, count($told['steps']));
    }

    /** @return array<string, mixed> */
    private function told(string $path): array
    {
        return json_decode((string) file_get_contents(self::$server->url("api/$path")), true, flags: JSON_THROW_ON_ERROR);
    }
}
