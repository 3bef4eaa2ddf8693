<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Models\LogEntry;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

final class BatchTest extends HttpTestCase
{
    /** Areas that vary on purpose: which models get what, with the drops of each way. */
    public function testModelsThatDifferOnPurposeAreToldApartAtTheDesk(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $plan['document']['areas'][0]['byTurns'] = true;
        $plan = $this->save($plan);
        $batch = $this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'Mixed', 'models' => 5, 'startsOn' => '2026-11-25'], 201);
        $id = $plan['document']['areas'][0]['id'];
        $coat = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['originId'] === $id));

        self::assertSame([[1, 3, 5], [2, 4]], array_values(array_unique(array_column($coat, 'models'), SORT_REGULAR)));
        $other = array_values(array_filter($coat, static fn(array $one): bool => $one['models'] === [2, 4]));
        self::assertStringContainsString('layered without a wash', $other[0]['areaName']);
        self::assertNotSame($id, $other[0]['areaId']);
        self::assertSame(
            [range(1, 5)],
            array_values(array_unique(
                array_map(
                    static fn(array $one): array => $one['models'],
                    array_filter($batch['steps'], static fn(array $one): bool => $one['originId'] !== $id),
                ),
                SORT_REGULAR,
            )),
        );
    }

    public function testTheDemoHasOneFinishedOneHalfWayAndOnePlannedBatch(): void
    {
        $batches = array_column($this->ask('GET', '/batches')['batches'], null, 'name');

        self::assertTrue($batches['First five wardens']['isFinished']);
        self::assertSame(17, $batches['Night shift']['passesDone']);
        self::assertFalse($batches['The Provost, for the midwinter show']['isBegun']);
        $bench = $this->ask('GET', '/bench');
        self::assertSame(['Gorse Yellow', 'Tar', 'Tar Wash'], array_column($bench['low'], 'name'));
        self::assertSame(['Night shift'], array_column($bench['underWay'], 'name'));
        self::assertSame('Jetty base', $bench['underWay'][0]['next']['areaName']);
        self::assertSame(['The Provost, for the midwinter show'], array_column($bench['planned'], 'name'));
        self::assertSame([1, ['First five wardens']], [$bench['finishedInAll'], array_column($bench['finished'], 'name')]);
    }

    public function testTheLogbookIsSearchedByNoteAreaTechniqueAndPaint(): void
    {
        $all = $this->ask('GET', '/log')['total'];
        foreach ([
            'lamp' => 'Night shift',
            'pooled' => 'First five wardens',
            'breeches wash' => 'Breeches',
            'umber' => 'Umber Wash',
            'NIGHT' => 'Night shift',
        ] as $words => $told) {
            $found = $this->ask('GET', '/log?find='.urlencode((string) $words));
            self::assertGreaterThan(0, $found['total'], (string) $words);
            self::assertLessThan($all, $found['total'], (string) $words);
            foreach ($found['entries'] as $entry) {
                self::assertStringContainsStringIgnoringCase(
                    $told,
                    implode(' ', [$entry['areaName'], $entry['mixWords'], $entry['batchName']]),
                    (string) $words,
                );
            }
        }
        foreach (['%', '_', 'nothing-like-it', "'"] as $words) {
            self::assertSame(0, $this->ask('GET', '/log?find='.urlencode($words))['total'], $words);
        }
        self::assertSame(['find'], self::fields($this->ask('GET', '/log?find='.str_repeat('x', 201), null, 422)));
    }

    public function testTheBatchThatWasPaintedOnLastLiesFirstOnTheBench(): void
    {
        $mine = $this->done($this->begin(5), 'undercoat', 1);

        self::assertSame(
            [$mine['id'], 'Night shift'],
            [$this->ask('GET', '/bench')['underWay'][0]['id'], $this->ask('GET', '/bench')['underWay'][1]['name']],
        );
        self::assertEquals(
            ['batches' => 4, 'plans' => 3],
            array_intersect_key($this->ask('GET', '/bench')['counts'], ['batches' => 0, 'plans' => 0]),
        );
        self::assertContains($mine['id'], array_column($this->ask('GET', '/batches/names'), 'id'));
        self::assertSame([4, 1], array_values(array_intersect_key($this->ask('GET', '/batches'), ['total' => 0, 'pages' => 0])));
    }

    public function testStepsAreDoneForAllOrForSomeUndoneAndPutBack(): void
    {
        $batch = $this->begin(5);
        $first = $batch['steps'][0]['step']['id'];
        $batch = $this->done($batch, $first, 2);
        self::assertSame([2, 3, $first], [$batch['steps'][0]['done'], $batch['steps'][0]['left'], $batch['next']]);

        $batch = $this->done($batch, $first, 3, ['minutes' => 12, 'note' => 'cold room 🥶']);
        self::assertSame([5, 0], [$batch['steps'][0]['done'], $batch['steps'][0]['left']]);
        self::assertSame($batch['steps'][1]['step']['id'], $batch['next']);

        $entry = $batch['steps'][0]['entries'][1]['id'];
        self::assertSame(2, $this->ask('DELETE', "/log/$entry")['steps'][0]['done']);
        self::assertSame(5, $this->ask('POST', "/log/$entry/restore")['steps'][0]['done']);
    }

    /** The last step of most models is a varnish, which has no colour of its own. */
    public function testAVarnishIsRecordedToldAndTakenBackLikeAnythingElse(): void
    {
        $batch = Batch::query()->where('name', 'The Provost, for the midwinter show')->firstOrFail();
        $clear = array_values(array_filter(
            $this->ask('GET', "/batches/$batch->id")['steps'],
            static fn(array $one): bool => in_array($one['technique'], ['Matt coat', 'Gloss spot'], true),
        ));
        self::assertNotEmpty($clear);
        foreach ($clear as $one) {
            $entry = (string) Str::ulid();
            $this->ask('POST', "/batches/$batch->id/log", ['id' => $entry, 'stepId' => $one['step']['id'], 'models' => 1], 201);
            $told = $this->ask('GET', '/log')['entries'][0];
            self::assertSame([$one['technique'], null, null], [$told['technique'], $told['colour'], $told['fault']]);
            $this->ask('DELETE', "/log/$entry");
            self::assertSame($one['technique'], $this->ask('GET', '/log?undone=1')['entries'][0]['technique']);
        }
    }

    public function testAnEntryThatCannotBeToldTakesNoOtherDown(): void
    {
        $batch = $this->done($this->begin(5), 'undercoat', 1, ['note' => 'kept all the same']);
        LogEntry::query()->where('batch_id', $batch['id'])->update(['done_at' => now()->addMinute()]);
        Batch::query()->where('id', $batch['id'])->update(['document' => '{"name":"gone"}']);
        $log = $this->ask('GET', '/log');

        self::assertSame(['kept all the same', []], [$log['entries'][0]['note'], $log['entries'][0]['onModels']]);
        self::assertStringContainsString('cannot be read', $log['entries'][0]['fault']);
        self::assertNull($log['entries'][1]['fault']);
    }

    public function testTheSameRecordSentTwiceIsRecordedOnce(): void
    {
        $batch = $this->begin(5);
        $body = ['id' => (string) Str::ulid(), 'stepId' => 'undercoat', 'models' => 2];
        $this->ask('POST', '/batches/'.$batch['id'].'/log', $body, 201);
        $again = $this->ask('POST', '/batches/'.$batch['id'].'/log', $body, 201);

        self::assertSame(2, $again['steps'][0]['done']);
        self::assertSame(1, LogEntry::query()->where('batch_id', $batch['id'])->count());
    }

    public function testAnEntryIsPutRightAndAStaleCorrectionRefused(): void
    {
        $batch = $this->done($this->begin(5), 'undercoat', 3, ['minutes' => 12]);
        $entry = $batch['steps'][0]['entries'][0];
        $dilution = ['paint' => 1, 'thinner' => 1, 'with' => 'medium'];
        $after = $this->ask(
            'PUT',
            "/log/$entry[id]",
            [
                'models' => 5,
                'minutes' => 30,
                'note' => 'two evenings',
                'used' => ['coats' => 3, 'dilution' => $dilution],
                'version' => $entry['version'],
            ],
        );
        $changed = $after['steps'][0]['entries'][0];

        self::assertSame(
            [5, 30, 'two evenings', 3, $dilution],
            [$changed['models'], $changed['minutes'], $changed['note'], $changed['used']['coats'], $changed['used']['dilution']],
        );
        self::assertSame($entry['doneAt'], $changed['doneAt']);
        self::assertSame($entry['used']['mix'], $changed['used']['mix']);
        $this->ask('PUT', "/log/$entry[id]", ['models' => 1, 'version' => $entry['version']], 409);
        self::assertSame(['models'], self::fields($this->ask('PUT', "/log/$entry[id]", ['models' => 6, 'version' => $changed['version']], 422)));
    }

    public function testWhatWasTakenBackStandsInTheLogbookAndCanBePutBackAnyTime(): void
    {
        $batch = $this->done($this->begin(5), 'undercoat', 3);
        $entry = $batch['steps'][0]['entries'][0]['id'];
        $this->ask('DELETE', "/log/$entry");
        $undone = $this->ask('GET', '/log?undone=1')['entries'];

        self::assertSame([$entry], array_column($undone, 'id'));
        self::assertTrue($undone[0]['isUndone']);
        self::assertSame(3, $this->ask('POST', "/log/$entry/restore")['steps'][0]['done']);
        self::assertSame([], $this->ask('GET', '/log?undone=1')['entries']);
    }

    public function testAnIdOfAnotherBatchsEntryIsRefused(): void
    {
        $first = $this->begin(5);
        $id = (string) Str::ulid();
        $this->ask('POST', "/batches/$first[id]/log", ['id' => $id, 'stepId' => 'undercoat', 'models' => 1], 201);
        $other = $this->begin(5);

        self::assertSame(
            ['id'],
            self::fields($this->ask('POST', "/batches/$other[id]/log", ['id' => $id, 'stepId' => 'undercoat', 'models' => 1], 409)),
        );
    }

    /** Such entries were taken once. */
    public function testOddEntriesOfLongAgoDoNotTakeTheLogbookDown(): void
    {
        $batch = $this->begin(5);
        foreach ([
            ['mix' => 'red', 'dilution' => [], 'coats' => 'two'],
            ['dilution' => ['paint' => '2', 'thinner' => true, 'with' => 7]],
            [],
            ['mix' => [['paint' => 5], 'x']],
        ] as $used) {
            LogEntry::query()->create([
                'batch_id' => $batch['id'],
                'step_id' => 'undercoat',
                'models' => 1,
                'used' => $used,
                'done_at' => '2026-01-01 20:00',
            ]);
        }

        self::assertCount(4, $this->ask('GET', "/log?batch=$batch[id]")['entries']);
        self::assertSame(4, $this->ask('GET', "/batches/$batch[id]")['steps'][0]['done']);
        $this->ask('GET', '/shelf/map');
    }

    public function testWhatWasReallyUsedIsKeptWithItsName(): void
    {
        $batch = $this->begin(1);
        $step = $batch['steps'][3]['step']['id'];
        $paint = $this->paint('Tide Teal');
        $this->done(
            $batch,
            $step,
            1,
            [
                'used' => [
                    'mix' => [['paint' => $paint->id, 'parts' => 2]],
                    'dilution' => ['paint' => 1, 'thinner' => 2, 'with' => 'medium'],
                    'coats' => 3,
                ],
            ],
        );
        $entry = $this->ask('GET', '/log?batch='.$batch['id'])['entries'][0];

        self::assertSame(['Tide Teal', 3, 2], [$entry['mixWords'], $entry['used']['coats'], $entry['used']['dilution']['thinner']]);
        self::assertSame($step, $entry['stepId']);
    }

    public function testABatchKeepsThePlanAsItWasUntilItIsToldToTakeTheNewOne(): void
    {
        $batch = $this->begin(3);
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $document = $plan['document'];
        $document['areas'] = array_slice($document['areas'], 0, 1);
        $document['areas'][0]['touches'] = [];
        $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']]);

        $kept = $this->ask('GET', '/batches/'.$batch['id']);
        self::assertTrue($kept['planChanged']);
        self::assertSame($batch['steps'], $kept['steps']);
        self::assertCount(8, $this->ask('POST', '/batches/'.$batch['id'].'/refresh')['steps']);
    }

    public function testABatchOutlivesItsPlanAndThePaintsOfIt(): void
    {
        $batch = $this->begin(3);
        $this->ask('DELETE', '/plans/'.$this->plan()->id, null, 204);
        $this->ask('DELETE', '/paints/'.$this->paint('Oilskin Yellow')->id, null, 204);
        $kept = $this->ask('GET', '/batches/'.$batch['id']);

        self::assertSame($batch['steps'], $kept['steps']);
        $this->ask('POST', '/batches/'.$batch['id'].'/refresh', [], 409);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'of nobody' => [['models' => 0], 'models'];
        yield 'of an army' => [['models' => 10_000], 'models'];
        yield 'of half a model' => [['models' => 1.5], 'models'];
        yield 'nameless' => [['name' => ''], 'name'];
        yield 'on no day' => [['startsOn' => '2026-02-31'], 'startsOn'];
        yield 'on a number' => [['startsOn' => 1e308], 'startsOn'];
        yield 'by no plan' => [['planId' => 'nothing'], 'planId'];
    }

    /** @param array<string, mixed> $spoilt */
    #[DataProvider('faults')]
    public function testAFaultyBatchIsRefusedByField(array $spoilt, string $field): void
    {
        $before = Batch::query()->count();
        $problem = $this->ask('POST', '/batches', [...$this->input(5), ...$spoilt], 422);

        self::assertContains($field, self::fields($problem));
        self::assertSame($before, Batch::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faultyRecords(): iterable
    {
        yield 'more than there are' => [['models' => 6], 'models'];
        yield 'on none' => [['models' => 0], 'models'];
        yield 'of no step' => [['stepId' => 'nothing'], 'stepId'];
        yield 'without an id' => [['id' => '1'], 'id'];
        yield 'in negative time' => [['minutes' => -5], 'minutes'];
        yield 'with ten parts' => [['used' => ['mix' => [['paint' => 'x', 'parts' => 10]]]], 'used.mix'];
        yield 'with an unknown paint' => [['used' => ['mix' => [['paint' => 'x', 'parts' => 1]]]], 'used.mix.0.paint'];
        yield 'with no coats' => [['used' => ['coats' => 0]], 'used.coats'];
        yield 'thinned by words' => [['used' => ['dilution' => ['paint' => '2', 'thinner' => '1', 'with' => 'water']]], 'used.dilution.paint'];
        yield 'thinned by truth' => [['used' => ['dilution' => ['paint' => true, 'thinner' => false, 'with' => 'water']]], 'used.dilution.paint'];
        yield 'thinned by nothing' => [['used' => ['dilution' => (object) []]], 'used.dilution'];
        yield 'thinned in part' => [['used' => ['dilution' => ['paint' => 2]]], 'used.dilution'];
        yield 'on half a model' => [['models' => '1'], 'models'];
        yield 'with words for a mix' => [['used' => ['mix' => 'red']], 'used.mix'];
    }

    /** @param array<string, mixed> $spoilt */
    #[DataProvider('faultyRecords')]
    public function testAFaultyRecordIsRefusedByField(array $spoilt, string $field): void
    {
        $batch = $this->begin(5);
        $problem = $this->ask(
            'POST',
            '/batches/'.$batch['id'].'/log',
            ['id' => (string) Str::ulid(), 'stepId' => 'undercoat', 'models' => 1, ...$spoilt],
            422,
        );

        self::assertContains($field, self::fields($problem));
        self::assertSame(0, LogEntry::query()->where('batch_id', $batch['id'])->count());
    }

    public function testABatchIsNeverSmallerThanWhatIsDone(): void
    {
        $batch = $this->begin(5);
        $this->done($batch, 'undercoat', 4);
        $change = ['name' => 'Fewer', 'startsOn' => '2026-11-01', 'version' => $batch['version']];
        self::assertSame(['models'], self::fields($this->ask('PUT', '/batches/'.$batch['id'], [...$change, 'models' => 3], 422)));
        self::assertSame(4, $this->ask('PUT', '/batches/'.$batch['id'], [...$change, 'models' => 4])['models']);
        $this->ask('PUT', '/batches/'.$batch['id'], [...$change, 'models' => 5], 409);
    }

    public function testWritesFromElsewhereAndBrokenJsonAreRefused(): void
    {
        $this->postJson('/api/batches', $this->input(2), ['Origin' => 'https://elsewhere.test'])->assertStatus(403);
        $this->call(
            'POST',
            '/api/batches',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            '{"name":',
        )->assertStatus(400);
        $this->ask('GET', '/batches/nothing', null, 404);
        $this->json('DELETE', '/api/bench')->assertStatus(405)->assertHeader('Content-Type', 'application/problem+json');
        self::assertSame(3, Batch::query()->count());
    }

    /** @return array<string, mixed> */
    private function begin(int $models): array
    {
        return $this->ask('POST', '/batches', $this->input($models), 201);
    }

    /** @return array<string, mixed> */
    private function input(int $models): array
    {
        return ['planId' => $this->plan()->id, 'name' => 'Second boat', 'models' => $models, 'startsOn' => '2026-11-24'];
    }

    /**
     * @param array<string, mixed> $batch
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private function done(array $batch, string $stepId, int $models, array $more = []): array
    {
        return $this->ask(
            'POST',
            '/batches/'.$batch['id'].'/log',
            ['id' => (string) Str::ulid(), 'stepId' => $stepId, 'models' => $models, ...$more],
            201,
        );
    }
}
