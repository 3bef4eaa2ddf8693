<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;

/** Wet hands: a tablet behind the palette, space and a thumb, a server that goes away and a line that is cut. */
final class AtTheDeskTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        self::$server->ensure();
        self::driver()->manage()->window()->setSize(new WebDriverDimension(820, 1180));
    }

    public function testThePriceOfASlipIsOnePressAwayBeforeTheBrushIsLoaded(): void
    {
        $batch = self::batch('Night shift');
        $light = array_values(array_filter(
            $batch['steps'],
            static fn(array $one): bool => $one['areaName'] === 'Breeches' && $one['technique'] === 'Highlight',
        ))[0];
        $this->visit("#/batches/$batch[id]/paint?step={$light['step']['id']}");
        $this->see('//h1[contains(., "Breeches")][contains(., "highlight")]');
        $this->tap('//button[normalize-space(.)="Price of a slip"]');
        $this->see('(//ul[@aria-label="Price of a slip"]/li)[1][contains(., "min")]');
    }

    public function testTheHalfDoneBatchIsFinishedOnATabletThroughARestartAndACutLine(): void
    {
        $this->sitDown('Night shift');
        $this->see('//h1[contains(., "Jetty base")][contains(., "wash")]');
        // Six of the ten are left; three are ticked with the thumb and done with it.
        foreach ([7, 9, 5] as $model) {
            $this->tap("//ol[@aria-label='Models']//button[.='$model']");
        }
        $this->see('//ol[@aria-label="Models"]//button[.="6"][@aria-pressed="false"]');
        $this->see(self::DONE.'[contains(., "3 of 6")]');
        self::driver()->navigate()->refresh();
        $this->see(self::DONE.'[contains(., "3 of 6")]');
        $this->tap(self::DONE);
        $this->see(self::DONE.'[contains(., "the 3 left")]');
        // What was ticked is spent.
        $this->see('//ol[@aria-label="Models"]//button[.="8"][@aria-pressed="false"]');

        $marked = 0;
        while ($marked < 60 && self::driver()->findElements(WebDriverBy::xpath('//h1[.="All 10 are done."]')) === []) {
            match ($marked) {
                4 => $this->throughARestart(),
                8 => $this->throughACutLine(),
                default => $marked % 3 === 0 ? $this->mark(fn() => $this->tap(self::DONE)) : $this->mark(fn() => $this->key(WebDriverKeys::SPACE)),
            };
            $marked++;
        }

        $this->see('//h1[.="All 10 are done."]');
        $this->see('//*[normalize-space(.)="33 of 33 steps"]');
        // Each coat on each model once, not more and not less.
        $batch = self::batch('Night shift');
        foreach ($batch['steps'] as $step) {
            self::assertSame(array_fill(0, $step['step']['coats'], 10), $step['coatsDone'], "$step[areaName], $step[technique]");
        }
        self::assertGreaterThan(15, $marked);
    }

    public function testPaintThatIsWetIsAskedAboutOnceAndSomethingElseOffered(): void
    {
        $this->sitDown('The Provost, for the midwinter show');
        $this->see('//p[contains(@class, "coat")][contains(., "1")][contains(., "of 2")]');
        $this->pressNamed('Understood');
        $this->key(WebDriverKeys::SPACE);
        $this->see('//section//h1[contains(., "10:") or contains(., "9:") or contains(., "8:")]');
        $this->see('//section//p[contains(., "until Whole model, primer is dry")]');
        // The next press of space opens nothing that stands beside it.
        $this->key(WebDriverKeys::SPACE);
        self::assertSame([], self::driver()->findElements(WebDriverBy::xpath('//section[@aria-label="It slipped"]')));
        $this->pressNamed('All steps');
        $this->press('(//nav[@aria-label="Steps still open"]//button)[1]');
        $this->key(WebDriverKeys::SPACE);
        $this->see('//*[@role="alert"][contains(., "wet for another")]');
        self::assertSame([1, 0], self::batch('The Provost, for the midwinter show')['steps'][0]['coatsDone']);
        $this->see(self::DONE.'[contains(., "Done all the same")]');
        $this->key(WebDriverKeys::SPACE);
        Patience::until(
            static fn(): bool => self::batch('The Provost, for the midwinter show')['steps'][0]['coatsDone'] === [1, 1],
            'the second coat to be recorded',
        );
        // The clock goes on through a reload, and is on the bench too.
        self::driver()->navigate()->refresh();
        $this->see('//ul[@aria-label="Drying"]/li[contains(., "Whole model")]');
        $this->visit('#/');
        $this->see('//section[@aria-label="Drying now"]//li[contains(., "Whole model")]');
        // What was warned of once is one line from then on.
        self::assertSame([], self::driver()->findElements(WebDriverBy::xpath('//button[.="Understood"]')));
    }

    /** Without a line too: it waits, also over a reload, and is in the queue once the server is back. */
    public function testASlipIsNotedWithAThumbAndPutRight(): void
    {
        $this->sitDown('The Provost, for the midwinter show');
        $this->tap('//button[normalize-space(.)="It slipped"]');
        $this->see('//section[@aria-label="It slipped"]');
        self::$server->kill();
        $this->pressNamed('Into the queue');
        $this->tap('//button[normalize-space(.)="Touch-ups"]');
        $this->see('//section[@aria-label="Touch-ups"]//li[contains(., "paint got on it")][contains(., "waits for the server")]');
        $this->see('//section[@aria-label="Not recorded yet"]//*[@role="status"][contains(., "1 thing you did waits")]');
        self::$server->start();
        self::driver()->navigate()->refresh();
        $this->seeNot('//section[@aria-label="Not recorded yet"]');
        $this->tap('//button[normalize-space(.)="Touch-ups 1"]');
        $this->see('//section[@aria-label="Touch-ups"]//li[contains(., "paint got on it")][contains(., "Repaint")]');
        $this->visit('#/');
        $this->press('//section[@aria-label="Touch-ups"]//a');
        $this->tap('//section[@aria-label="Touch-ups"]//button[normalize-space(.)="Put right"]');
        $this->see('//section[@aria-label="Touch-ups"]//li[contains(., "Nothing has slipped")]');
    }

    public function testTheBatchCanBeReadWithoutAConnection(): void
    {
        $this->sitDown('Night shift');
        $this->see('//header//a[contains(., "Night shift")]');
        Patience::until(
            static fn(): bool => self::driver()->executeAsyncScript(
                'const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(() => caches.open("kalokroma-1")).then((kept) => kept.keys()).then((all) => done(all.some((one) => one.url.endsWith("/api/craft")) && navigator.serviceWorker.controller !== null));',
            ) === true,
            'what was read to be kept',
        );
        self::$server->kill();
        self::driver()->navigate()->refresh();
        $this->see('//header//a[contains(., "Night shift")]');
        $this->see('//h1[contains(., "done") or contains(., ",")]');
        self::$server->start();
    }

    private function sitDown(string $batch): void
    {
        $this->visit('#/batches/'.self::batch($batch)['id'].'/paint');
        $this->see('//header//a[contains(., "'.$batch.'")]');
    }

    /** Marks what is open, twice where it is asked whether it is not too early; where nothing is dry, the first that is open all the same. */
    private function mark(callable $press): void
    {
        $before = self::coats('Night shift');
        $this->openWhatThereIs();
        $press();
        Patience::until(static function () use ($before, $press): bool {
            if (self::driver()->findElements(WebDriverBy::xpath(
                '//*[@role="alert"][contains(., "wet for another") or contains(., "not recorded yet")]',
            )) !== []) {
                $press();
            }

            return self::coats('Night shift') > $before;
        }, 'the coat to be recorded');
    }

    private function throughARestart(): void
    {
        self::$server->kill();
        self::$server->start();
        $this->mark(fn() => $this->key(WebDriverKeys::SPACE));
    }

    private function throughACutLine(): void
    {
        $before = self::coats('Night shift');
        $this->see(self::DONE);
        self::$server->kill();
        $this->key(WebDriverKeys::SPACE);
        Patience::until(function (): bool {
            if (self::driver()->findElements(WebDriverBy::xpath(
                '//*[@role="alert"][contains(., "wet for another") or contains(., "not recorded yet")]',
            )) !== []) {
                $this->key(WebDriverKeys::SPACE);
            }

            return self::driver()->findElements(WebDriverBy::xpath(
                '//*[@role="status"][contains(., "No connection")][contains(., "1 thing you did waits")]',
            )) !== [];
        }, 'the record to wait');
        self::driver()->navigate()->refresh();
        self::$server->start();
        Patience::until(static fn(): bool => self::coats('Night shift') > $before, 'the record to be sent once the line is back');
        $this->seeNot('//*[@role="status"][contains(., "No connection")]');
    }

    /** With a finger, as a touch screen tells it. */
    private function tap(string $xpath): void
    {
        $element = $this->see($xpath);
        assert($element instanceof WebDriverElement);
        self::driver()->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);
        $rect = self::driver()->executeScript(
            'const box = arguments[0].getBoundingClientRect(); return [Math.round(box.x + box.width / 2), Math.round(box.y + box.height / 2)]',
            [$element],
        );
        assert(is_array($rect));
        self::driver()->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [[
            'type' => 'pointer', 'id' => 'finger', 'parameters' => ['pointerType' => 'touch'],
            'actions' => [
                ['type' => 'pointerMove', 'duration' => 0, 'x' => $rect[0], 'y' => $rect[1]],
                ['type' => 'pointerDown', 'button' => 0],
                ['type' => 'pointerUp', 'button' => 0],
            ],
        ]]]);
    }

    /** @return array<string, mixed> as the server knows it */
    private static function batch(string $name): array
    {
        $get = static fn(string $path): array => (array) json_decode((string) @file_get_contents(self::$server->url("api/$path")), true);
        foreach ($get('batches')['batches'] ?? [] as $batch) {
            if ($batch['name'] === $name) {
                return $get("batches/$batch[id]");
            }
        }
        self::fail("There is no batch $name");
    }

    /** Coats on single models that are recorded. */
    private static function coats(string $name): int
    {
        return array_sum(array_map(static fn(array $step): int => array_sum($step['coatsDone']), self::batch($name)['steps']));
    }
}
