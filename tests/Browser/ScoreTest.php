<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebElement as WebDriverElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Patience;
use Tests\Core\PlanSketch;

/** The score worked by keys and pointer, and a plan full of mistakes mended by presses alone. */
final class ScoreTest extends BrowserTestCase
{
    /** A dozen mistakes that twelve rules find. */
    private const MISTAKES = "undercoat none
        loose shield
        area coat broad-folds main cloth touches pelt
         basecoat red x1
         wash umber-wash
         highlight dark-red
        area pelt fur-or-feather medium fur touches coat fragile
         basecoat dark-brown x1
         drybrush tan
        area plate smooth-panel large armour
         basecoat green
         wash umber-wash
        area hull hard-edged-panel large metal
         basecoat steel 1:3 x1
         streaks grime 1:1 thinner
         decal setting
        area lens smooth-panel small glass
         lens ivory x3
         lens ruby
        area arm broad-folds medium cloth behind face
         basecoat tan
         wash umber-wash wait 5
         layer tan
        area face hard-edged-panel medium armour part shield
         basecoat steel x1
        area sash broad-folds medium cloth
         basecoat yellow x2
        area trim rope-or-grain small rope
        whole
         matt-coat matt
         glue-part part shield
        order coat-1 coat-2 coat-3 pelt-1 pelt-2 plate-1 plate-2 hull-1 hull-2 hull-3 lens-1 lens-2 face-1 arm-1 whole-2 arm-2 arm-3 whole-1";

    private const FOUND = [
        'unprimed', 'weak-over-dark', 'highlight-not-lighter', 'weak-part-drybrushed', 'blotchy-wash', 'overthinned-metallic',
        'streaks-thinned', 'decal-after-grime', 'solvent-unsealed',
        'gloss-lost', 'glued-too-early', 'dried-too-short', 'empty-area',
    ];

    /** Findings worse than taste that can be mended here; for what is not on the shelf there is only the shop. */
    private const URGENT = '//section[@aria-label="Cautions"]//article[.//*[.="stops the job" or .="costs time" or .="a risk"]][.//div[contains(@class, "acts")]//button[not(normalize-space(.)="It stays so")]]';

    public function testTheScoreIsWalkedAndStepsAreMovedByKeys(): void
    {
        $this->score('Ferry Warden');
        $chosen = $this->chosen();
        $this->see(sprintf('//button[@data-step="%s"]', $chosen))->sendKeys(WebDriverKeys::ARROW_RIGHT);
        Patience::until(fn(): bool => $this->chosen() !== $chosen, 'the next note');
        $second = $this->chosen();
        self::assertSame($this->order()[1], $second);

        $before = $this->order();
        self::driver()->getKeyboard()->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_LEFT, WebDriverKeys::NULL]);
        Patience::until(fn(): bool => array_slice($this->order(), 0, 2) === [$before[1], $before[0]], 'the two to have changed places');
        $this->see('//*[contains(., "in your own order")]');
        $this->pressNamed('Undo');
        Patience::until(fn(): bool => $this->order() === $before, 'the order from before');
        self::assertSame($before, $this->order());
    }

    public function testANoteIsDraggedAndWhatALawForbidsSpringsBackAndSaysWhy(): void
    {
        $this->score('Ferry Warden');
        $before = $this->order();
        $coat = $this->steps('Oilskin coat');
        $from = $this->see(sprintf('//button[@data-step="%s"]', $coat[0]));
        $to = $this->see(sprintf('//button[@data-step="%s"]', $before[0]));
        $this->drag($from, $to);
        Patience::until(fn(): bool => $this->order()[0] === $coat[0], 'the ground of the coat to come first');
        $moved = $this->order();

        // A recipe's own sequence holds.
        $note = $this->see(sprintf('//button[@data-step="%s"]', $coat[3]));
        $first = $this->see(sprintf('//button[@data-step="%s"]', $coat[0]));
        $this->drag($note, $first);
        $this->see('//div[contains(@class, "notices")]//*[contains(., "The recipe of")]');
        self::assertSame($moved, $this->order());
    }

    public function testANoteIsDraggedWithAFinger(): void
    {
        $this->score('Ferry Warden');
        $before = $this->order();
        $note = $this->steps('Oilskin coat')[0];
        [$from, $to] = array_map(
            fn(string $id): array => self::driver()->executeScript(
                'const box = document.querySelector(`[data-step="${arguments[0]}"]`).getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2];',
                [$id],
            ),
            [$note, $before[0]],
        );
        $touch = static fn(string $type, ?float $x): mixed => (new ChromeDevToolsDriver(self::driver()))->execute(
            'Input.dispatchTouchEvent',
            ['type' => $type, 'touchPoints' => $x === null ? [] : [['x' => $x, 'y' => $from[1]]]],
        );
        $touch('touchStart', $from[0]);
        for ($step = 1; $step <= 6; $step++) {
            $touch('touchMove', $from[0] + $step / 6 * ($to[0] - 8 - $from[0]));
        }
        $touch('touchEnd', null);

        Patience::until(fn(): bool => $this->order()[0] === $note, 'the note to have come first');
        self::assertSame([$note, $before[0]], array_slice($this->order(), 0, 2));
    }

    public function testStopsAndLocksAreSetOnTheScore(): void
    {
        $this->score('Ferry Warden');
        $this->press(sprintf('//button[@data-step="%s"]', $this->order()[10]));
        $this->pressNamed('Lock it here');
        $this->see('//button[@data-step and contains(@aria-label, "locked")]');
        $this->pressNamed('Stop after it');
        $this->see('//span[contains(@class, "stopped")][contains(., "stop 2")]');
        $this->pressNamed('No stop here');
        $this->seeNot('//span[contains(@class, "stopped")][contains(., "stop 2")]');
        $this->seeCount(1, '//*[contains(concat(" ", @class, " "), " stopped ")]');
    }

    public function testADozenMistakesAreMendedByPressesAloneUndoneAndDoneAgain(): void
    {
        $id = $this->broughtIn(self::MISTAKES);
        $this->visit("#/plans/$id?face=findings");
        $this->see('//section[@aria-label="Cautions"]//article');
        self::assertSame([], array_values(array_diff(self::FOUND, $this->rules())));

        for ($presses = 0; $this->urgent() > 0 && $presses < 30; $presses++) {
            $left = $this->rules();
            // In the middle: at the foot of the page the notice of the last one lies over it for a while.
            self::driver()->executeScript(
                'arguments[0].scrollIntoView({ block: "center" })',
                [$this->see('('.self::URGENT.')[1]//div[contains(@class, "acts")]//button[1]')],
            );
            $this->press('('.self::URGENT.')[1]//div[contains(@class, "acts")]//button[1]');
            Patience::until(fn(): bool => $this->rules() !== $left, 'the finding to be mended');
        }
        self::assertSame(0, $this->urgent(), implode(', ', $this->rules()));
        $this->awaitSaved();
        $mended = $this->file($id);

        for ($i = 0; $i < $presses; $i++) {
            self::assertArrayHasKey('document', $this->api('POST', "plans/$id/undo", ['version' => $this->version($id)]));
        }
        self::assertGreaterThan(11, $presses);
        self::assertNotSame($mended, $this->file($id));
        for ($i = 0; $i < $presses; $i++) {
            $this->api('POST', "plans/$id/redo", ['version' => $this->version($id)]);
        }
        self::assertSame($mended, $this->file($id));
        $again = $this->api('POST', 'plans/file', json_decode($mended, true))['id'];
        self::assertSame($mended, $this->file($again), 'Out, in and out again it is the same.');
    }

    public function testAFindingIsSilencedWithANoteAndToldAgain(): void
    {
        $id = $this->broughtIn("undercoat grey\narea plate smooth-panel large armour\n basecoat green\n wash umber-wash\n edge-highlight lime");
        $this->visit("#/plans/$id?face=findings");
        $this->see('//article[@data-rule="blotchy-wash"]');
        $this->press('//article[@data-rule="blotchy-wash"]//button[normalize-space(.)="It stays so"]');
        $this->fill('Why it stays as it is', 'I like tide marks');
        $this->pressNamed('Be silent about it');
        $this->seeNot('//article[@data-rule="blotchy-wash"]');
        $this->press('//summary[contains(., "1 caution you are silent about")]');
        $this->pressNamed('Tell me again');
        $this->see('//article[@data-rule="blotchy-wash"]');
        self::assertStringContainsString('"silenced": []', $this->file($id));
    }

    /** Puts a note down a little left of another. */
    private function drag(WebDriverElement $note, WebDriverElement $to): void
    {
        self::driver()->action()->clickAndHold($note)->moveByOffset(-12, 0)->moveToElement($to, -8, 0)->perform();
        self::driver()->action()->release()->perform();
    }

    private function score(string $plan): void
    {
        $this->visit('#/plans');
        $this->press(sprintf('//h2/a[normalize-space(.)="%s"]', $plan));
        $this->pressNamed('Running order');
        $this->see('//section[@aria-label="Running order"]//button[@data-step]');
        // Other tests have put it in an order of their own.
        $anew = '//button[normalize-space(.)="Work the order out anew"]';
        if (self::driver()->findElements(WebDriverBy::xpath($anew)) !== []) {
            $this->press($anew);
            $this->seeNot($anew);
        }
    }

    private function chosen(): string
    {
        return (string) $this->see('//button[@data-step and @aria-current="step"]')->getDomProperty('dataset')['step'];
    }

    /** @return list<string> ids of steps by the number that their note says */
    private function order(): array
    {
        return self::driver()->executeScript(
            'return [...document.querySelectorAll("button[data-step].note")].map((one) => [Number(one.ariaLabel.match(/step (\d+) of/)[1]), one.dataset.step]).sort((one, other) => one[0] - other[0]).map((one) => one[1])',
        );
    }

    /** @return list<string> ids of the steps of an area, from left to right */
    private function steps(string $area): array
    {
        return self::driver()->executeScript(
            'return [...document.querySelectorAll("button[data-step].note")].filter((one) => one.ariaLabel.startsWith(arguments[0] + ":")).map((one) => one.dataset.step)',
            [$area],
        );
    }

    /** @return list<string> */
    private function rules(): array
    {
        return self::driver()->executeScript('return [...document.querySelectorAll("article[data-rule]")].map((one) => one.dataset.rule)');
    }

    private function urgent(): int
    {
        return count(self::driver()->findElements(WebDriverBy::xpath(self::URGENT)));
    }

    private function broughtIn(string $sketch): string
    {
        $document = PlanSketch::document($sketch);
        $used = array_unique([...array_values(array_filter((array) ($document['undercoat'] ?? []), is_string(...))), ...self::paintsIn($document)]);
        $owned = [...$used, 'grey', 'gloss', 'satin', 'black', 'ivory', 'orange', 'pale-grey', 'coal', 'lime', 'sand'];
        $document['paints'] = array_values(array_filter($document['paints'], static fn(array $one): bool => in_array($one['id'], $owned, true)));
        return $this->api('POST', 'plans/file', $document)['id'];
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<string>
     */
    private static function paintsIn(array $document): array
    {
        $ids = [];
        array_walk_recursive($document, static function (mixed $value, int|string $key) use (&$ids): void {
            if ($key === 'paint' && is_string($value)) {
                $ids[] = $value;
            }
        });

        return $ids;
    }

    private function version(string $id): int
    {
        return $this->api('GET', "plans/$id", null)['version'];
    }

    private function file(string $id): string
    {
        return (string) self::driver()->executeAsyncScript(
            'const done = arguments[1]; fetch(`/api/plans/${arguments[0]}/file`).then((answer) => answer.text()).then(done)',
            [$id],
        );
    }

    /**
     * As the page itself asks the server.
     *
     * @param array<mixed>|null $body
     *
     * @return array<string, mixed>
     */
    private function api(string $method, string $path, ?array $body): array
    {
        if (! str_starts_with(self::driver()->getCurrentURL(), 'http')) {
            $this->visit('#/');
        }
        $answer = self::driver()->executeAsyncScript(
            'const [method, path, body, done] = arguments; fetch("/api/" + path, { method, headers: { "Content-Type": "application/json", Accept: "application/json", "Idempotency-Key": crypto.randomUUID() }, ...(body === null ? {} : { body }) }).then((answer) => answer.text()).then(done)',
            [$method, $path, $body === null ? null : json_encode($body)],
        );

        return json_decode((string) $answer, true) ?? [];
    }
}
