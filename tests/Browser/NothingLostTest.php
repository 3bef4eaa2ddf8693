<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Str;
use Tests\Browser\Support\Patience;

/** Reloads, outages, second tabs and elbows on the keyboard. */
final class NothingLostTest extends BrowserTestCase
{
    /** Records that its undercoat has. */
    private int $primed = 0;

    private const WAITS = '//section[@aria-label="Not recorded yet"]//*[@role="status"][contains(., "No connection")]';

    protected function setUp(): void
    {
        self::$server->ensure();
    }

    public function testDoneWhileTheServerIsAwayWaitsAndIsRecordedOnce(): void
    {
        $batch = $this->openNewBatch('Away');
        $before = $this->entries($batch);
        self::$server->kill();
        $this->key(' ');
        $this->see('//*[@role="status"][contains(., "No connection")][contains(., "1 thing you did waits")]');
        self::$server->start();
        self::driver()->navigate()->refresh();
        $this->see(self::DONE);
        $this->seeNot('//*[contains(., "No connection")]');
        Patience::until(fn(): bool => $this->entries($batch) === $before + 1, 'the record to be sent');
        $this->visit('#/logbook');
        $this->seeCount($before + 1, '//section//li[.//bdi[.="Away"]]');
    }

    /** The same pass was marked on another tablet meanwhile: what this one did is refused, and stands above every view until somebody decides. */
    public function testWhatIsRefusedStandsAboveEveryViewUntilSomebodyDecides(): void
    {
        $batch = $this->openNewBatch('Twice');
        $step = (string) basename(
            (string) self::driver()->executeScript('return document.querySelector("section[aria-label=\"Open step\"]").dataset.step'),
        );
        self::$server->kill();
        $this->key(' ');
        $this->see('//*[@role="status"][contains(., "1 thing you did waits")]');
        $this->visitOffline('#/handbook');
        $this->see('//section[@aria-label="Not recorded yet"]//*[@role="status"][contains(., "1 thing you did waits")]');
        self::driver()->get('about:blank');
        self::$server->start();
        $this->record($batch, $step);
        $this->visit('#/plans');
        $this->see(
            '//section[@aria-label="Not recorded yet"]//*[@role="alert"][contains(., "is not recorded")][contains(., "done on all models already")]',
        );
        self::driver()->navigate()->refresh();
        $this->visit('#/logbook');
        $this->see('//section[@aria-label="Not recorded yet"]//*[@role="alert"]');
        $this->pressNamed('Drop it');
        $this->seeNot('//section[@aria-label="Not recorded yet"]');
        self::assertSame($this->primed + 1, $this->entries($batch));
    }

    /** Another database answers at the address: what was done at the first waits until that is back. */
    public function testWhatWasDoneAtOneDeskWaitsForIt(): void
    {
        $batch = $this->openNewBatch('At home');
        self::$server->kill();
        $this->key(' ');
        $this->see('//*[@role="status"][contains(., "1 thing you did waits")]');
        self::driver()->get('about:blank');
        $other = self::$server->another();
        try {
            $this->visit('#/plans');
            $this->see('//section[@aria-label="Not recorded yet"]//*[@role="status"][contains(., "was done at another desk")]');
        } finally {
            self::driver()->get('about:blank');
            $other->stop();
            self::$server->start();
        }
        $this->visit('#/handbook');
        Patience::until(fn(): bool => $this->entries($batch) === $this->primed + 1, 'the record to be sent to its own desk');
        $this->seeNot('//section[@aria-label="Not recorded yet"]');
    }

    public function testAnElbowOnTheKeyMarksOneCoat(): void
    {
        $batch = $this->openNewBatch('Elbow');
        foreach ([' ' => 'Space', 'Enter' => 'Enter'] as $key => $code) {
            $done = $this->entries($batch);
            self::driver()->executeScript(
                $key === 'Enter' ? 'document.querySelector("section button.done").focus()' : 'document.activeElement.blur()',
            );
            // As the system repeats a key that is held: down, down, down, up.
            self::driver()->executeScript(
                'const target = document.activeElement; for (let i = 0; i < 12; i++) { const event = new KeyboardEvent("keydown", { key: arguments[0], code: arguments[1], bubbles: true, cancelable: true, repeat: i > 0 }); if (target.dispatchEvent(event) && arguments[0] === "Enter" && target.matches("button")) target.click(); }',
                [$key, $code],
            );
            Patience::until(fn(): bool => $this->entries($batch) > $done, 'a coat to be done');
            $this->see(self::DONE);
            self::assertSame($done + 1, $this->entries($batch));
        }
    }

    public function testAPassIsOpenedFromTheOverviewAndSpaceMarksItDone(): void
    {
        $batch = $this->openNewBatch('Pressed');
        $this->visit("#/batches/$batch");
        $this->press('(//nav[@aria-label="Steps in painting order"]//a)[2]');
        $this->see(self::DONE);
        Patience::until(
            static fn(): bool => str_starts_with(self::driver()->switchTo()->activeElement()->getText(), 'Done'),
            'the button to have the focus',
        );
        $this->key(' ');
        Patience::until(fn(): bool => $this->entries($batch) === $this->primed + 1, 'the pass to be recorded');
    }

    public function testWhatIsTypedAtTheDeskSurvivesAReload(): void
    {
        $batch = $this->openNewBatch('Typed');
        $this->press('//summary[contains(., "worth a note")]');
        $this->fill('Note', 'half a drop more');
        $this->fill('Minutes', '17');
        self::driver()->navigate()->refresh();
        Patience::until(fn(): bool => $this->field('Note')->getAttribute('value') === 'half a drop more', 'the note');
        self::assertSame('17', $this->field('Minutes')->getAttribute('value'));
        $this->press(self::DONE);
        Patience::until(fn(): bool => $this->entries($batch) === $this->primed + 1, 'the record to be kept');
        $this->visit('#/logbook');
        $this->see('//section//li[contains(., "half a drop more")][contains(., "17 min")]');
    }

    public function testAHalfFilledPaintSurvivesAReload(): void
    {
        $this->visit('#/shelf/list?add=1');
        $this->fill('Name', 'Half a paint');
        self::driver()->navigate()->refresh();
        Patience::until(fn(): bool => $this->field('Name')->getAttribute('value') === 'Half a paint', 'the name');
        $this->pressNamed('Leave it');
        self::assertNotNull($this->see('//h1[.="Shelf"]'));
    }

    /**
     * All kinds of edits made without a line, looked through, one of them taken back, the page loaded anew: when the line is back each is
     * made, once.
     */
    public function testAnEveningOfEditsWithoutALineIsKeptInItsOrder(): void
    {
        $this->openPlan();
        $this->awaitKept();
        $id = basename((string) strtok((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_FRAGMENT), '?'));
        $before = $this->told("plans/$id");
        $area = array_search('Breeches', array_column($before['document']['areas'], 'name'), true);
        $steps = $before['document']['areas'][$area]['steps'];
        self::$server->kill();
        $this->pressNamed('Coats: one more');
        $this->see(self::WAITS.'[contains(., "1 thing you did waits")]');
        $this->pressNamed('Move step earlier');
        $this->press('(//section[starts-with(@aria-label, "Step")]//button[normalize-space(.)="Duplicate"])[1]');
        $this->see(self::WAITS.'[contains(., "3 things you did wait")]');
        $this->press('(//section[starts-with(@aria-label, "Step")]//button[normalize-space(.)="Take out"])[1]');
        $this->seeCount(count($steps) - 1, '//ol[@aria-label="Steps"]/li');
        $this->pressNamed('Show them');
        $this->see('//section[@aria-label="Not recorded yet"]//li[contains(., "Breeches, step")][contains(., "coats")]');
        $this->press('//section[@aria-label="Not recorded yet"]//li[contains(., "taken out")]//button[contains(., "Take it back")]');
        $this->seeCount(count($steps), '//ol[@aria-label="Steps"]/li');
        self::driver()->navigate()->refresh();
        $this->see(self::WAITS.'[contains(., "3 things you did wait")]');
        self::$server->start();
        $this->awaitSaved();
        $this->seeNot('//section[@aria-label="Not recorded yet"]');

        $after = $this->told("plans/$id");
        self::assertSame($before['version'] + 3, $after['version']);
        $now = $after['document']['areas'][$area]['steps'];
        self::assertCount(count($steps) + 1, $now);
        self::assertSame([$steps[3]['id'], $steps[3]['coats'] + 1], [$now[2]['id'], $now[2]['coats']], (string) json_encode([$steps, $now]));
        self::assertSame(
            [$now[2]['technique'], $now[2]['coats']],
            [$now[3]['technique'], $now[3]['coats']],
            (string) json_encode(array_map(static fn(array $one): array => [$one['id'], $one['technique'], $one['coats']], [...$steps, ...$now])),
        );
    }

    /** Made while the server was away, then reloaded; meanwhile another tab has changed the very same: ours stands beside the newer state. */
    public function testWhatWasChangedHereAndElsewhereStandsBesideTheNewerState(): void
    {
        $this->openPlan();
        $address = self::driver()->getCurrentURL();
        $coats = (int) $this->coats();
        self::$server->kill();
        $this->pressNamed('Coats: one more');
        $this->see(self::WAITS);
        // Another tab is quicker than the next try of this one.
        self::driver()->executeScript('window.stop(); location.href = "about:blank"');
        self::$server->start();
        $this->changeElsewhere(
            $address,
            static fn(array $document): array => ['at' => ['model'], 'fields' => ['heightMm' => $document['model']['heightMm'] + 1]],
        );
        $this->changeElsewhere($address, static function (array $document) use ($coats): array {
            $area = array_values(array_filter($document['areas'], static fn(array $one): bool => $one['name'] === 'Breeches'))[0];

            return ['at' => ['areas', $area['id'], 'steps', $area['steps'][count($area['steps']) - 1]['id']], 'fields' => ['coats' => $coats + 2]];
        });
        self::driver()->get($address);
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->see(sprintf('//*[@role="alert"][contains(., "Changed elsewhere")][contains(., "there %d, here %d")]', $coats + 2, $coats + 1));
        self::assertSame((string) ($coats + 1), $this->coats());
        $this->pressNamed('Load the newer state');
        $this->seeNot('//main//*[@role="alert"]');
        self::assertSame((string) ($coats + 2), $this->coats());
    }

    /** Nothing that this one touched was changed there: both stand, and nobody is asked. */
    public function testWhatWasChangedElsewhereAndNotHereIsTakenAlong(): void
    {
        $this->openPlan();
        $coats = (int) $this->coats();
        $this->changeElsewhere(self::driver()->getCurrentURL(), static fn(): array => ['at' => [], 'fields' => ['name' => 'Ferry Warden']]);
        $height = $this->changeElsewhere(
            self::driver()->getCurrentURL(),
            static fn(array $document): array => ['at' => ['model'], 'fields' => ['heightMm' => $document['model']['heightMm'] + 1]],
        );
        $this->pressNamed('Coats: one more');
        $this->awaitSaved();
        $this->seeNot('//main//*[@role="alert"]');
        self::assertSame((string) ($coats + 1), $this->coats());
        $this->pressNamed('Model and undercoat');
        self::assertSame((string) $height['document']['model']['heightMm'], $this->field('Height, mm')->getAttribute('value'));
    }

    public function testAStaleTabsUndoTakesNothingBack(): void
    {
        $this->openPlan();
        $this->pressNamed('Coats: one more');
        $this->awaitSaved();
        $mine = $this->coats();
        $this->changeElsewhere(
            self::driver()->getCurrentURL(),
            static fn(array $document): array => ['at' => ['model'], 'fields' => ['heightMm' => $document['model']['heightMm'] + 1]],
        );
        $this->key('z');
        $this->see('//*[@role="status"][contains(., "no longer be taken back")]');
        $this->awaitSaved();
        self::assertSame($mine, $this->coats());
    }

    public function testAnEditThatCannotBeSavedIsWhatUndoTakesBackFirst(): void
    {
        $this->openPlan();
        $this->pressNamed('Edit area');
        $this->fill('Name of the area', WebDriverKeys::BACKSPACE.WebDriverKeys::TAB);
        $this->see('//*[@role="alert"][contains(., "is not saved")]');
        self::driver()->executeScript('document.activeElement.blur()');
        $this->key('z');
        $this->seeNot('//main//*[@role="alert"]');
        $this->see('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->awaitSaved();
    }

    public function testTheFocusGoesToTheNextRowWhenOneGoes(): void
    {
        $this->openPlan();
        $this->press('(//section[starts-with(@aria-label, "Step")]//button[normalize-space(.)="Take out"])[1]');
        $this->awaitSaved();
        Patience::until(static fn(): bool => self::driver()->switchTo()->activeElement()->getTagName() !== 'body', 'the focus to be somewhere');
        $this->pressNamed('Undo');
        self::assertNotSame('body', self::driver()->switchTo()->activeElement()->getTagName());
    }

    /** What is recorded of a batch. */
    private function entries(string $batch): int
    {
        return (int) (json_decode((string) file_get_contents(self::$server->url("api/log?batch=$batch")), true)['total'] ?? -1);
    }

    /** The page is there already: only its address changes. */
    private function visitOffline(string $hash): void
    {
        self::driver()->executeScript('location.hash = arguments[0]', [$hash]);
    }

    /** As another tablet would. */
    private function record(string $batchId, string $stepId, ?string $at = null): void
    {
        $body = json_encode(['id' => (string) Str::ulid(), 'stepId' => $stepId, 'models' => 5, 'at' => $at]);
        file_get_contents(
            self::$server->url("api/batches/$batchId/log"),
            false,
            stream_context_create(['http' => ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => $body]]),
        );
    }

    /** Primed hours ago, and open at the desk. @return string its id */
    private function openNewBatch(string $name): string
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Provost on the White Heron"]');
        $this->pressNamed('Paint it');
        $this->fill('Name of the batch', $name);
        $this->pressNamed('Begin the batch');
        $this->see('//nav[@aria-label="Steps in painting order"]');
        $batch = basename((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_FRAGMENT));
        $told = json_decode((string) file_get_contents(self::$server->url("api/batches/$batch")), true);
        $this->primed = 0;
        foreach ($told['steps'] as $step) {
            if (str_starts_with($step['step']['id'], 'undercoat')) {
                $this->record($batch, $step['step']['id'], date('c', time() + self::$server->moment->shiftSeconds - 7200));
                $this->primed++;
            }
        }
        $this->visit("#/batches/$batch/paint");
        $this->see(self::DONE);

        return $batch;
    }

    private function openPlan(): void
    {
        $this->visit('#/plans');
        $this->press('//h2/a[normalize-space(.)="Ferry Warden"]');
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Breeches"]');
        $this->see('//ol[@aria-label="Steps"]/li[4]');
    }

    private function coats(): string
    {
        return (string) $this->field("Coats")->getAttribute('value');
    }

    /**
     * As another tab would, over the API.
     *
     * @param callable(array<string, mixed>): array<string, mixed> $change of the document: a place and fields
     *
     * @return array<string, mixed> the plan as it is then
     */
    private function changeElsewhere(string $address, callable $change): array
    {
        $id = basename((string) strtok((string) parse_url($address, PHP_URL_FRAGMENT), '?'));
        $plan = $this->told("plans/$id");
        $body = json_encode(['version' => $plan['version'], 'edit' => ['do' => 'set', ...$change($plan['document'])]]);
        $answer = file_get_contents(
            self::$server->url("api/plans/$id/edits"),
            false,
            stream_context_create(['http' => ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => $body]]),
        );

        return json_decode((string) $answer, true);
    }

    /** @return array<string, mixed> */
    private function told(string $path): array
    {
        return json_decode((string) file_get_contents(self::$server->url("api/$path")), true);
    }

    /** What was read is kept for when there is no line. */
    private function awaitKept(): void
    {
        $id = basename((string) strtok((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_FRAGMENT), '?'));
        Patience::until(
            static fn(): bool => self::driver()->executeAsyncScript(
                'const done = arguments[arguments.length - 1]; caches.open("kalokroma-1").then((kept) => kept.keys()).then((all) => done(all.some((one) => one.url.endsWith(arguments[0])) && navigator.serviceWorker.controller !== null));',
                ["/api/plans/$id"],
            ) === true,
            'what was read to be kept',
        );
    }
}
