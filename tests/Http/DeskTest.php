<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Models\Pot;
use App\Models\Setting;
use Illuminate\Support\Str;
use Kalokroma\Craft\Habit;
use PHPUnit\Framework\Attributes\DataProvider;

/** At the desk and after it: coats one by one, pots that fall, touch-ups, pictures, what the logbook teaches, and the same once more. */
final class DeskTest extends HttpTestCase
{
    public function testCoatsAreRecordedOneByOneAndTheStepIsDoneWithTheLast(): void
    {
        $batch = $this->begin(4);
        $step = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['step']['coats'] === 3))[0];
        $id = $step['step']['id'];
        $batch = $this->record($batch, $id, ['coat' => 1, 'models' => 4]);
        self::assertSame([0, 4, 2, [4, 0, 0]], self::told($batch, $id));
        $batch = $this->record($batch, $id, ['coat' => 2, 'models' => 3]);
        self::assertSame([0, 4, 2, [4, 3, 0]], self::told($batch, $id));
        self::assertSame(
            ['models'],
            self::fields($this->ask(
                'POST',
                "/batches/$batch[id]/log",
                ['id' => (string) Str::ulid(), 'stepId' => $id, 'coat' => 2, 'models' => 2],
                422,
            )),
        );
        self::assertSame(
            ['coat'],
            self::fields($this->ask(
                'POST',
                "/batches/$batch[id]/log",
                ['id' => (string) Str::ulid(), 'stepId' => $id, 'coat' => 4, 'models' => 1],
                422,
            )),
        );
        $batch = $this->record($batch, $id, ['models' => 4]);
        self::assertSame([4, 0, 3, [4, 4, 4]], self::told($batch, $id));
        self::assertSame(1, array_column($this->ask('GET', '/batches')['batches'], 'passesDone', 'id')[$batch['id']]);
        $newest = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['step']['id'] === $id))[0]['entries'];
        $batch = $this->ask('DELETE', '/log/'.end($newest)['id']);
        self::assertSame([0, 4, 2, [4, 3, 0]], self::told($batch, $id));
    }

    public function testPotsFallAsPassesAreMarkedAndComeBackWithUndo(): void
    {
        $batch = $this->begin(5);
        $step = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['areaName'] === 'Breeches'))[0];
        $paint = $step['step']['mix'][0]['paint'];
        $before = $this->ml($paint);

        $batch = $this->record($batch, $step['step']['id'], ['models' => 5]);
        $entry = self::step($batch, $step['step']['id'])['entries'][0];
        self::assertSame($paint, $entry['spent'][0]['paint']);
        self::assertEqualsWithDelta($before - $entry['spent'][0]['ml'], $this->ml($paint), 1e-6);
        // Twice as many coats take twice as much.
        $changed = $this->ask(
            'PUT',
            "/log/$entry[id]",
            ['models' => 5, 'version' => $entry['version'], 'used' => ['coats' => 2 * $step['step']['coats']]],
        );
        self::assertEqualsWithDelta($before - 2 * $entry['spent'][0]['ml'], $this->ml($paint), 1e-3);
        $this->ask('DELETE', "/log/$entry[id]");
        self::assertEqualsWithDelta($before, $this->ml($paint), 1e-6);
        $this->ask('POST', "/log/$entry[id]/restore");
        self::assertEqualsWithDelta($before - 2 * $entry['spent'][0]['ml'], $this->ml($paint), 1e-3);
        self::assertSame($batch['id'], $changed['id']);
    }

    public function testAPotIsNeverEmptierThanEmpty(): void
    {
        $batch = $this->begin(60);
        $step = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['areaName'] === 'Oilskin coat'))[0];
        $paint = $step['step']['mix'][0]['paint'];
        Pot::query()->where('product_id', $paint)->update(['remaining_ml' => 0.1]);

        $batch = $this->record($batch, $step['step']['id'], ['models' => 60]);

        self::assertSame(0.0, $this->ml($paint));
        $this->ask('DELETE', '/log/'.self::step($batch, $step['step']['id'])['entries'][0]['id']);
        self::assertEqualsWithDelta(0.1, $this->ml($paint), 1e-9);
    }

    public function testWhatIsStillToBePouredIsToldByPassAndInAll(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id.'/amounts?models=10');
        self::assertSame(10, $plan['models']);
        self::assertContains('Moon Silver', array_column($plan['short'], 'name'));
        $batch = $this->begin(10);
        $step = $batch['steps'][3]['step']['id'];
        $whole = array_column($this->ask('GET', "/batches/$batch[id]/amounts")['passes'], null, 'stepId')[$step];
        $this->record($batch, $step, ['models' => 6]);
        $left = array_column($this->ask('GET', "/batches/$batch[id]/amounts")['passes'], null, 'stepId')[$step];
        self::assertLessThanOrEqual($whole['mixtures'][0]['drops'], $left['mixtures'][0]['drops']);
        $this->ask('GET', '/plans/'.$this->plan()->id.'/amounts?models=0', null, 422);
        $this->ask('GET', '/plans/'.$this->plan()->id.'/amounts?models=10000', null, 422);
    }

    public function testAPlanSaysWhereOneWaitsAndWhatASplitCosts(): void
    {
        $answer = $this->ask('GET', '/plans/'.$this->plan()->id.'/round-trip?models=20');

        self::assertSame([20, 10, 5, 1], array_column($answer['splits'], 'size'));
        foreach ($answer['passes'] as $pass) {
            self::assertEqualsWithDelta($pass['dryMinutes'] - 19 * $pass['minutesPerModel'], $pass['waitMinutes'], 1.0);
            self::assertGreaterThan(20, $pass['smallest']);
        }
        self::assertSame(['models'], self::fields($this->ask('GET', '/plans/'.$this->plan()->id.'/round-trip?models=0', null, 422)));
        $this->ask('GET', '/plans/'.$this->plan()->id.'/round-trip?models=10000', null, 422);
    }

    public function testWhatASlipWouldCostIsToldByNeighbourAndALookalikeOnTheShelfIsNamed(): void
    {
        $batch = $this->ask('GET', '/batches/'.array_column($this->ask('GET', '/batches')['batches'], 'id', 'name')['Night shift']);
        $step = array_values(array_filter(
            $batch['steps'],
            static fn(array $one): bool => $one['areaName'] === 'Breeches' && $one['technique'] === 'Highlight',
        ))[0];

        $prices = $this->ask('GET', "/batches/$batch[id]/steps/{$step['step']['id']}/slip-price");

        self::assertSame('Oilskin coat', $prices[0]['areaName']);
        self::assertMatchesRegularExpression('/coats of Oilskin Yellow, and the wash again$/', $prices[0]['words']);
        self::assertGreaterThanOrEqual($prices[1]['minutes'], $prices[0]['minutes']);
        $this->ask('GET', "/batches/$batch[id]/steps/none/slip-price", null, 404);
        $pours = array_merge(
            ...array_map(
                static fn(array $one): array => array_merge(...array_column($one['mixtures'], 'pours')),
                $this->ask('GET', "/batches/$batch[id]/amounts")['passes'],
            )
        );
        self::assertSame('Driftwood', array_column($pours, 'lookalike', 'name')['Silt']);
        self::assertNull(array_column($pours, 'lookalike', 'name')['Sedge']);

        // Without the other there is nothing to take it for.
        $driftwood = array_values(array_filter(
            $this->ask('GET', '/paints?find=Driftwood')['paints'],
            static fn(array $one): bool => $one['name'] === 'Driftwood',
        ))[0];
        $this->ask(
            'PUT',
            "/paints/$driftwood[id]/pot",
            ['pots' => 0, 'remainingMl' => 0, 'note' => '', 'wished' => false, 'version' => $driftwood['pot']['version']],
        );
        $pours = array_merge(
            ...array_map(
                static fn(array $one): array => array_merge(...array_column($one['mixtures'], 'pours')),
                $this->ask('GET', "/batches/$batch[id]/amounts")['passes'],
            )
        );
        self::assertNotSame('Driftwood', array_column($pours, 'lookalike', 'name')['Silt']);
    }

    public function testTheBenchOffersWhatIsDryBelow(): void
    {
        $batch = $this->begin(1);
        $next = fn(): array => array_column($this->ask('GET', '/bench')['underWay'], 'next', 'id')[$batch['id']];
        $batch = $this->record($batch, $batch['steps'][0]['step']['id'], ['models' => 1]);
        // All stands on the primer: nothing else can be painted, and it is said until when.
        self::assertSame($batch['steps'][1]['step']['id'], $next()['stepId']);
        self::assertGreaterThan(time(), strtotime((string) $next()['readyAt']));
        foreach ([1, 2] as $hours) {
            $this->travel(6 * $hours)->hours();
            self::assertNull($next()['readyAt']);
            $batch = $this->record($batch, $next()['stepId'], ['models' => 1, 'at' => now()->toIso8601ZuluString()]);
        }
        // Its second coat, or what comes over it, is wet; another area is not.
        $wet = $batch['steps'][2];
        $offered = $next();
        self::assertNull($offered['readyAt']);
        self::assertNotSame($wet['areaName'], $offered['areaName']);
        self::assertNotContains($offered['number'], array_column($offered['following'], 'number'));
    }

    public function testASlipGoesIntoTheQueueAndIsPutRight(): void
    {
        $batch = $this->begin(5);
        $step = $batch['steps'][2]['step']['id'];
        $batch = $this->record($batch, $step, ['models' => 5]);
        $slip = ['id' => (string) Str::ulid(), 'stepId' => $step, 'kind' => 'dulled', 'models' => [3, 1, 3]];
        $batch = $this->ask('POST', "/batches/$batch[id]/slips", $slip, 201);
        $this->ask('POST', "/batches/$batch[id]/slips", $slip, 201);

        self::assertCount(1, $this->ask('GET', "/batches/$batch[id]")['slips']);
        self::assertSame([[1, 3], false], [$batch['slips'][0]['models'], $batch['slips'][0]['isMended']]);
        self::assertSame('repaint', $batch['slips'][0]['ways'][0]['way']);
        self::assertContains($batch['slips'][0]['id'], array_column($this->ask('GET', '/bench')['touchUps'], 'id'));
        $batch = $this->ask('PUT', '/slips/'.$batch['slips'][0]['id'], ['isMended' => true, 'version' => 1]);
        self::assertTrue($batch['slips'][0]['isMended']);
        self::assertSame([], $this->ask('GET', '/bench')['touchUps']);
        $this->ask('PUT', '/slips/'.$batch['slips'][0]['id'], ['isMended' => false, 'version' => 1], 409);
        $this->ask('DELETE', '/slips/'.$batch['slips'][0]['id']);
        self::assertCount(1, $this->ask('POST', '/slips/'.$batch['slips'][0]['id'].'/restore')['slips']);
    }

    public function testOfABatchThatWasTakenAwayNothingIsTakenAway(): void
    {
        $batch = $this->begin(5);
        $slip = ['id' => (string) Str::ulid(), 'stepId' => $batch['steps'][2]['step']['id'], 'kind' => 'gap', 'models' => [1]];
        $this->ask('POST', "/batches/$batch[id]/slips", $slip, 201);
        $pin = ['id' => (string) Str::ulid(), 'photoId' => $this->photo(), 'model' => 4];
        $this->ask('POST', "/batches/$batch[id]/photos", $pin, 201);
        $this->ask('DELETE', "/batches/$batch[id]", null, 204);

        $this->ask('DELETE', "/slips/$slip[id]", null, 404);
        $this->ask('DELETE', "/pinned-photos/$pin[id]", null, 404);

        $back = $this->ask('POST', "/batches/$batch[id]/restore");
        self::assertSame([$slip['id']], array_column($back['slips'], 'id'));
        self::assertSame([$pin['id']], array_column($back['photos'], 'id'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function slips(): iterable
    {
        yield 'no such step' => [['stepId' => 'none'], 'stepId'];
        yield 'no such model' => [['models' => [6]], 'models.0'];
        yield 'on none' => [['models' => []], 'models'];
        yield 'no such kind' => [['kind' => 'lost'], 'kind'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('slips')]
    public function testASlipThatCannotBeIsRefusedByItsField(array $change, string $field): void
    {
        $batch = $this->begin(5);
        $slip = [...['id' => (string) Str::ulid(), 'stepId' => $batch['steps'][2]['step']['id'], 'kind' => 'gap', 'models' => [1]], ...$change];

        self::assertContains($field, self::fields($this->ask('POST', "/batches/$batch[id]/slips", $slip, 422)));
        self::assertSame([], $this->ask('GET', "/batches/$batch[id]")['slips']);
    }

    public function testPicturesArePinnedToAStepAModelOrATestPieceAndStay(): void
    {
        $batch = $this->begin(5);
        $photo = $this->photo();
        $piece = $batch['testPieces'][0];
        $batch = $this->ask(
            'POST',
            "/batches/$batch[id]/photos",
            ['id' => (string) Str::ulid(), 'photoId' => $photo, 'stepId' => 'undercoat', 'note' => 'by the window'],
            201,
        );
        $batch = $this->ask(
            'POST',
            "/batches/$batch[id]/photos",
            ['id' => (string) Str::ulid(), 'photoId' => $this->photo(), 'areaId' => $piece['areaId'], 'variantId' => $piece['variantId']],
            201,
        );
        $batch = $this->ask('POST', "/batches/$batch[id]/photos", ['id' => (string) Str::ulid(), 'photoId' => $this->photo(), 'model' => 4], 201);

        self::assertSame([true, 'by the window'], [$batch['photos'][0]['isOfUndercoat'], $batch['photos'][0]['note']]);
        self::assertSame([$piece['variantId'], 4], [$batch['photos'][1]['variantId'], $batch['photos'][2]['model']]);
        self::assertSame(['photo'], self::fields($this->ask('DELETE', "/photos/$photo", null, 409)));
        $this->travel(40)->days();
        $this->photo();
        $this->get("/api/photos/$photo")->assertOk();
        $this->ask('DELETE', '/pinned-photos/'.$batch['photos'][0]['id']);
        self::assertCount(3, $this->ask('POST', '/pinned-photos/'.$batch['photos'][0]['id'].'/restore')['photos']);
        foreach (['photoId' => 'none', 'stepId' => 'none', 'areaId' => 'none', 'model' => 6] as $field => $wrong) {
            self::assertSame(
                [$field],
                self::fields($this->ask(
                    'POST',
                    "/batches/$batch[id]/photos",
                    ['id' => (string) Str::ulid(), 'photoId' => $photo, $field => $wrong],
                    422,
                )),
            );
        }
    }

    public function testABatchIsRepeatedWithItsMixesAsTheyWereReallyDone(): void
    {
        $batch = $this->begin(5);
        $step = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['areaName'] === 'Breeches'))[0]['step'];
        $other = $this->paint('Chalk')->id;
        $batch = $this->record(
            $batch,
            $step['id'],
            [
                'models' => 5,
                'used' => [
                    'mix' => [['paint' => $step['mix'][0]['paint'], 'parts' => 3]],
                    'dilution' => ['paint' => 1, 'thinner' => 1, 'with' => 'water'],
                    'coats' => 4,
                ],
            ],
        );
        self::assertSame([$step['id']], array_column($batch['differences'], 'stepId'));
        self::assertStringContainsString('1 : 1 water, 4 coats', $batch['differences'][0]['done']);

        $again = $this->ask('POST', "/batches/$batch[id]/repeat", ['name' => 'Next year', 'models' => 7, 'startsOn' => '2027-11-26'], 201);

        self::assertSame([7, 0, 'Next year'], [$again['models'], $again['passesDone'], $again['name']]);
        $repeated = self::step($again, $step['id'])['step'];
        self::assertSame(
            [4, ['paint' => 1, 'thinner' => 1, 'with' => 'water']],
            [$repeated['coats'], array_intersect_key($repeated['dilution'], ['paint' => 0, 'thinner' => 0, 'with' => 0])],
        );
        self::assertSame([], $again['differences']);
        self::assertSame(
            array_map(static fn(array $one): string => $one['step']['id'], $batch['steps']),
            array_map(static fn(array $one): string => $one['step']['id'], $again['steps']),
        );
        self::assertSame(
            ['models'],
            self::fields($this->ask('POST', "/batches/$batch[id]/repeat", ['name' => 'x', 'models' => 0, 'startsOn' => '2027-11-26'], 422)),
        );
        // What has changed since is said beforehand.
        Pot::query()->where('product_id', $step['mix'][0]['paint'])->update(['pots' => 0]);
        self::assertContains('Reed Green is not on the shelf.', $this->ask('GET', "/batches/$batch[id]")['since']);
        self::assertNotSame('', $other);
    }

    public function testTheLogbookTeachesAndWhatIsUsedCanBeForgotten(): void
    {
        $lessons = array_column($this->ask('GET', '/lessons'), null, 'id');
        $pace = $lessons['pace:basecoat'];
        self::assertSame([2.5, false], [$pace['default'], $pace['isUsed']]);
        self::assertGreaterThanOrEqual(3, $pace['samples']);
        self::assertGreaterThanOrEqual($pace['low'], $pace['high']);
        $before = $this->ask('GET', '/plans/'.$this->plan()->id)['looks']['order'][2]['minutesPerModel'] ?? null;

        $used = array_column($this->ask('PUT', '/lessons/pace:basecoat', ['use' => true]), null, 'id');
        self::assertTrue($used['pace:basecoat']['isUsed']);
        $habit = array_column($this->ask('GET', '/craft')['techniques'], null, 'value')['basecoat'];
        self::assertEqualsWithDelta($pace['learned'], $habit['minutes'], 0.05);
        $this->ask('PUT', '/lessons/pace:basecoat', ['use' => false]);
        self::assertSame(2.5, array_column($this->ask('GET', '/craft')['techniques'], null, 'value')['basecoat']['minutes']);
        self::assertSame($before, $this->ask('GET', '/plans/'.$this->plan()->id)['looks']['order'][2]['minutesPerModel'] ?? null);

        $opacity = array_values(array_filter($lessons, static fn(array $one): bool => $one['kind'] === 'opacity'))[0];
        $paint = substr($opacity['id'], 8);
        $was = $this->ask('GET', "/paints/$paint")['paint']['opacity'];
        $this->ask('PUT', "/lessons/$opacity[id]", ['use' => true]);
        self::assertEqualsWithDelta($opacity['learned'] / 100, $this->ask('GET', "/paints/$paint")['paint']['opacity'], 0.001);
        $this->ask('PUT', "/lessons/$opacity[id]", ['use' => false]);
        self::assertSame($was, $this->ask('GET', "/paints/$paint")['paint']['opacity']);
        self::assertSame(['id'], self::fields($this->ask('PUT', '/lessons/pace:freehand', ['use' => true], 422)));
        self::assertSame(['id'], self::fields($this->ask('PUT', '/lessons/nothing', ['use' => true], 422)));
    }

    public function testWhatWasFoundDryAndWhatPotsReallyHeldTeachToo(): void
    {
        $batch = $this->begin(5);
        $step = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['areaName'] === 'Breeches'))[0]['step'];
        $this->record($batch, $step['id'], ['models' => 5]);
        self::assertSame(
            ['minutes'],
            self::fields($this->ask(
                'POST',
                '/clocks',
                ['id' => (string) Str::ulid(), 'batchId' => $batch['id'], 'stepId' => $step['id'], 'minutes' => 10080],
                422,
            )),
        );
        foreach ([30, 26] as $minutes) {
            $this->ask(
                'POST',
                '/clocks',
                ['id' => (string) Str::ulid(), 'batchId' => $batch['id'], 'stepId' => $step['id'], 'minutes' => $minutes],
                201,
            );
        }
        $drying = array_column($this->ask('GET', '/lessons'), null, 'id')['drying:basecoat'];
        self::assertSame([20, 28, 2], [$drying['default'], $drying['learned'], $drying['samples']]);
        $this->ask('PUT', '/lessons/drying:basecoat', ['use' => true]);
        self::assertSame(28, array_column($this->ask('GET', '/craft')['techniques'], null, 'value')['basecoat']['dryMinutes']);
        $this->ask('PUT', '/lessons/drying:basecoat', ['use' => false]);
        self::assertSame(20, array_column($this->ask('GET', '/craft')['techniques'], null, 'value')['basecoat']['dryMinutes']);
        self::assertSame(
            ['stepId'],
            self::fields($this->ask('POST', '/clocks', ['id' => (string) Str::ulid(), 'batchId' => $batch['id'], 'stepId' => 'none'], 422)),
        );

        foreach (['Oilskin Yellow', 'Ochre Ground'] as $name) {
            $paint = $this->ask('GET', '/paints/'.$this->paint($name)->id)['paint'];
            $this->ask(
                'PUT',
                "/paints/$paint[id]/pot",
                [...$paint['pot'], 'remainingMl' => $paint['pot']['remainingMl'] - 1.0, 'version' => $paint['pot']['version']],
            );
        }
        $palette = array_column($this->ask('GET', '/lessons'), null, 'id')['palette'];
        self::assertGreaterThan(30, $palette['learned']);
        $this->ask('PUT', '/lessons/palette', ['use' => true]);
        self::assertEqualsWithDelta($palette['learned'] / 100, $this->ask('GET', '/settings')['measures']['palettePart'], 0.001);
        // Used again and again it stays what it is.
        foreach (range(1, 4) as $press) {
            self::assertSame(
                $palette['learned'],
                array_column($this->ask('PUT', '/lessons/palette', ['use' => true]), null, 'id')['palette']['learned'],
                "press $press",
            );
        }
        $this->ask('PUT', '/lessons/palette', ['use' => false]);
        self::assertSame(0.3, $this->ask('GET', '/settings')['measures']['palettePart']);
        // What the painter has set meanwhile is nobody's to take back.
        $this->ask('PUT', '/lessons/palette', ['use' => true]);
        $this->ask('PUT', '/settings', ['measures' => ['dropMl' => 0.045, 'palettePart' => 0.2]]);
        $this->ask('PUT', '/lessons/palette', ['use' => false]);
        self::assertSame(0.2, $this->ask('GET', '/settings')['measures']['palettePart']);

        $reading = $palette['readings'][0];
        self::assertSame(['palette', false], [$reading['kind'], $reading['isStruck']]);
        self::assertArrayNotHasKey(
            'palette',
            array_column($this->ask('PUT', "/readings/palette/$reading[id]", ['struck' => true]), null, 'id'),
            'One reading teaches nothing.',
        );
        self::assertSame(
            $palette['samples'],
            array_column($this->ask('PUT', "/readings/palette/$reading[id]", ['struck' => false]), null, 'id')['palette']['samples'],
        );
        self::assertSame(['id'], self::fields($this->ask('PUT', '/readings/palette/99999', ['struck' => true], 422)));
        // What is in use can be forgotten when its readings are struck out, and they can be taken in again.
        $this->ask('PUT', '/lessons/palette', ['use' => true]);
        $faded = array_column($this->ask('PUT', "/readings/palette/$reading[id]", ['struck' => true]), null, 'id')['palette'];
        self::assertSame([0, true, $palette['learned']], [$faded['samples'], $faded['isUsed'], $faded['learned']]);
        self::assertContains(true, array_column($faded['readings'], 'isStruck'));
        $this->ask('PUT', '/lessons/palette', ['use' => false]);
        $this->ask('PUT', "/readings/palette/$reading[id]", ['struck' => false]);
    }

    public function testForgettingALessonLeavesWhatWasMeasuredOrTypedSince(): void
    {
        $lesson = array_values(array_filter($this->ask('GET', '/lessons'), static fn(array $one): bool => $one['kind'] === 'opacity'))[0];
        $paint = substr($lesson['id'], 8);
        $input = fn(): array => array_intersect_key(
            $this->ask('GET', "/paints/$paint")['paint'],
            array_flip(['maker', 'range', 'code', 'name', 'kind', 'finish', 'volumeMl', 'price', 'barcode', 'swatch', 'opacity', 'version']),
        );
        $was = $this->ask('GET', "/paints/$paint")['paint'];
        $this->ask('PUT', "/lessons/$lesson[id]", ['use' => true]);
        $this->ask(
            'PUT',
            "/paints/$paint",
            [...$input(), 'measured' => ['colour' => ['lab' => [50.0, 10.0, 20.0], 'source' => 'reader', 'readings' => 2]]],
        );
        $this->ask('PUT', "/lessons/$lesson[id]", ['use' => false]);
        $now = $this->ask('GET', "/paints/$paint")['paint'];
        self::assertSame('50, 10, 20', str_replace('.00', '', $now['lab']), 'the colour that was measured since');
        self::assertSame($was['typedOpacity'], $now['typedOpacity']);

        $this->ask('PUT', "/lessons/$lesson[id]", ['use' => true]);
        $this->ask('PUT', "/paints/$paint", [...$input(), 'opacity' => 0.31]);
        $this->ask('PUT', "/lessons/$lesson[id]", ['use' => false]);
        self::assertSame(0.31, $this->ask('GET', "/paints/$paint")['paint']['opacity'], 'the opacity that was typed since');

        $pace = array_column($this->ask('GET', '/lessons'), null, 'id')['pace:basecoat'];
        $this->ask('PUT', '/lessons/pace:basecoat', ['use' => true]);
        $habit = array_column($this->ask('GET', '/craft')['techniques'], null, 'value')['basecoat'];
        Setting::keepHabit(new Habit('basecoat', minutes: 9.0));
        $this->ask('PUT', '/lessons/pace:basecoat', ['use' => false]);
        self::assertSame(
            9,
            array_column($this->ask('GET', '/craft')['techniques'], null, 'value')['basecoat']['minutes'],
            'the minutes that were set since',
        );
        self::assertNotSame(9, $habit['minutes']);
        self::assertNotSame(9.0, $pace['learned']);
    }

    public function testMixesThatWereMeasuredTeachTogetherWhatOneOfThemWouldSayAlone(): void
    {
        $parts = [['paint' => $this->paint('Oilskin Yellow')->id, 'parts' => 1], ['paint' => $this->paint('Reed Green')->id, 'parts' => 1]];
        $asked = $this->ask('POST', '/measured-mixes', ['parts' => $parts, 'colour' => '60, 0, 40']);
        self::assertArrayNotHasKey(
            'strength:'.$asked['paint']['id'],
            array_column($this->ask('GET', '/lessons'), null, 'id'),
            'asking keeps nothing',
        );

        $told = [];
        foreach (['60, 0, 40', '62, 2, 42', '55, -4, 36'] as $colour) {
            $body = ['id' => (string) Str::ulid(), 'parts' => $parts, 'colour' => $colour];
            $told[] = $this->ask('POST', '/measured-mixes', $body)['opacity'];
            $this->ask('POST', '/measured-mixes', $body);
        }
        sort($told);
        $paint = $asked['paint']['id'];
        $lesson = array_column($this->ask('GET', '/lessons'), null, 'id')["strength:$paint"];
        self::assertSame(3, $lesson['samples']);
        self::assertEqualsWithDelta(100 * $told[1], $lesson['learned'], 0.1);
        $was = $this->ask('GET', "/paints/$paint")['paint'];
        self::assertTrue(array_column($this->ask('PUT', "/lessons/strength:$paint", ['use' => true]), null, 'id')["strength:$paint"]['isUsed']);
        self::assertSame(
            ['mix', 3],
            [
                $this->ask('GET', "/paints/$paint")['paint']['measured']['strength']['source'],
                $this->ask('GET', "/paints/$paint")['paint']['measured']['strength']['readings'],
            ],
        );
        $this->ask('PUT', "/lessons/strength:$paint", ['use' => false]);
        self::assertSame(
            [$was['measured'], $was['opacity']],
            [$this->ask('GET', "/paints/$paint")['paint']['measured'], $this->ask('GET', "/paints/$paint")['paint']['opacity']],
        );
    }

    public function testTheLogbookIsReadByAreaAndModelAndTakenAwayAsAFile(): void
    {
        $batch = Batch::query()->where('name', 'Night shift')->firstOrFail();
        $all = $this->ask('GET', "/log?batch=$batch->id");
        $mine = $this->ask('GET', "/log?batch=$batch->id&model=7");
        self::assertLessThan($all['total'], $mine['total']);
        foreach ($mine['entries'] as $entry) {
            self::assertContains(7, $entry['onModels']);
        }
        $area = $this->ask('GET', "/batches/$batch->id")['steps'][2];
        $ofArea = $this->ask('GET', "/log?batch=$batch->id&area=$area[areaId]");
        self::assertSame([$area['areaName']], array_values(array_unique(array_column($ofArea['entries'], 'areaName'))));

        $csv = $this->get("/api/log/export?as=csv&batch=$batch->id")->assertOk()->streamedContent();
        $lines = explode("\r\n", trim((string) $csv));
        self::assertSame('done_at,batch,batch_models,area,technique,coat,models,planned_coats,coats,mix,thinned,minutes,note', $lines[0]);
        self::assertCount($all['total'] + 1, $lines);
        $json = json_decode((string) $this->get("/api/log/export?as=json&batch=$batch->id")->assertOk()->streamedContent(), true);
        self::assertSame(
            ['kalokroma-log', 'Night shift', $all['total']],
            [$json['format'], $json['batches'][0]['name'], count($json['batches'][0]['entries'])],
        );
        $this->ask('GET', '/log/export?as=pdf', null, 422);
    }

    public function testSettingsOfTheRoomAndTheBottlesAreCheckedByField(): void
    {
        self::assertSame([12, 70], array_values($this->ask('PUT', '/settings', ['room' => ['celsius' => 12, 'humidity' => 70]])['room']));
        self::assertSame(['room.celsius'], self::fields($this->ask('PUT', '/settings', ['room' => ['celsius' => 80, 'humidity' => 70]], 422)));
        self::assertSame(['zone'], self::fields($this->ask('PUT', '/settings', ['zone' => 'Saltfen/Jetty'], 422)));
        self::assertSame(
            ['measures.dropMl'],
            self::fields($this->ask('PUT', '/settings', ['measures' => ['dropMl' => 3, 'palettePart' => 0.2]], 422)),
        );
        self::assertSame([12, 70], array_values($this->ask('GET', '/settings')['room']));
    }

    public function testTwoDevicesThatMarkTheSamePassMarkItOnce(): void
    {
        $batch = $this->begin(5);
        $this->record($batch, 'undercoat', ['models' => 5]);

        $problem = $this->ask('POST', "/batches/$batch[id]/log", ['id' => (string) Str::ulid(), 'stepId' => 'undercoat', 'models' => 5], 422);

        self::assertStringContainsString('done on all models already', $problem['faults'][0]['message']);
        self::assertCount(1, $this->ask('GET', "/batches/$batch[id]")['steps'][0]['entries']);
    }

    public function testACoatPutBackAfterTheNextStandsAgain(): void
    {
        $batch = $this->begin(5);
        $step = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['step']['coats'] === 2))[0]['step']['id'];
        $own = static fn(array $batch): array => array_values(array_filter(
            $batch['steps'],
            static fn(array $one): bool => $one['step']['id'] === $step,
        ))[0];
        $batch = $this->record($batch, $step, ['coat' => 1, 'models' => 5]);
        $first = $own($batch)['entries'][0]['id'];
        $batch = $this->record($batch, $step, ['coat' => 2, 'models' => 5]);
        $left = $this->levels();
        $this->ask('DELETE', "/log/$first");
        $batch = $this->ask('POST', "/log/$first/restore");

        self::assertSame([[5, 5], 2], [$own($batch)['coatsDone'], count($own($batch)['entries'])]);
        self::assertSame($left, $this->levels());
        // Recorded anew meanwhile it does not stand twice.
        $this->ask('DELETE', "/log/$first");
        $this->ask('DELETE', '/log/'.$own($batch)['entries'][1]['id']);
        $this->record($batch, $step, ['coat' => 1, 'models' => 3]);
        self::assertSame(['models'], self::fields($this->ask('POST', "/log/$first/restore", null, 409)));
    }

    public function testABatchDoesNotShrinkBelowWhatHasACoat(): void
    {
        $batch = $this->begin(5);
        $step = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['step']['coats'] === 2))[0]['step']['id'];
        $batch = $this->record($batch, $step, ['coat' => 1, 'models' => 4]);
        $change = ['name' => 'Fewer', 'startsOn' => '2026-11-25', 'version' => $batch['version']];

        self::assertSame(['models'], self::fields($this->ask('PUT', "/batches/$batch[id]", [...$change, 'models' => 3], 422)));
        self::assertSame(4, $this->ask('PUT', "/batches/$batch[id]", [...$change, 'models' => 4])['models']);
    }

    public function testUndoPutsNoMoreIntoAPotThanItHolds(): void
    {
        $batch = $this->begin(40);
        $batch = $this->record($batch, 'undercoat', ['models' => 40]);
        $entry = $batch['steps'][0]['entries'][0];
        $paint = $entry['spent'][0]['paint'];
        $pot = Pot::query()->with('product')->findOrFail($paint);
        $full = $pot->product->fullMl($pot->pots);
        $pot->update(['remaining_ml' => $full]);
        $this->ask('DELETE', "/log/$entry[id]");

        self::assertSame($full, Pot::query()->findOrFail($paint)->remaining_ml);
    }

    public function testEntriesOfADeletedBatchAreTakenBackAndPutRightLikeOthers(): void
    {
        $batch = $this->record($this->begin(5), 'undercoat', ['models' => 2]);
        $entry = $batch['steps'][0]['entries'][0];
        $this->ask('DELETE', "/batches/$batch[id]", null, 204);

        $this->ask('PUT', "/log/$entry[id]", ['models' => 3, 'version' => $entry['version']]);
        $this->ask('DELETE', "/log/$entry[id]");
        self::assertSame($entry['id'], $this->ask('GET', '/log?undone=1')['entries'][0]['id']);
        $this->ask('POST', "/log/$entry[id]/restore");
    }

    /** Another paint than was planned, which the batch has never heard of. */
    public function testARepeatedBatchTakesThePaintThatWasReallyUsed(): void
    {
        $batch = $this->begin(5);
        $step = array_values(array_filter(
            $batch['steps'],
            static fn(array $one): bool => $one['areaName'] === 'Breeches' && $one['technique'] === 'Basecoat',
        ))[0]['step'];
        $other = $this->ask('POST', '/paints', ['name' => 'Borrowed Green', 'swatch' => '#3f6f45'], 201);
        $batch = $this->record($batch, $step['id'], ['models' => 5, 'used' => ['mix' => [['paint' => $other['id'], 'parts' => 1]]]]);
        $told = array_column($batch['differences'], null, 'stepId')[$step['id']];
        self::assertStringContainsString('Borrowed Green', $told['done']);

        $again = $this->ask('POST', "/batches/$batch[id]/repeat", ['name' => 'Again', 'models' => 5, 'startsOn' => '2027-11-26'], 201);
        $repeated = array_column(array_column($again['steps'], 'step'), null, 'id')[$step['id']];
        self::assertSame([$other['id']], array_column($repeated['mix'], 'paint'));
    }

    public function testBatchesBeyondADozenAreNamedAndWait(): void
    {
        foreach (range(1, 12) as $number) {
            $this->ask(
                'POST',
                '/batches',
                ['planId' => $this->plan()->id, 'name' => "Batch $number", 'models' => 1, 'startsOn' => sprintf('2027-01-%02d', $number)],
                201,
            );
        }
        $agenda = $this->ask('GET', '/evenings');
        self::assertSame([12, ['Batch 11', 'Batch 12']], [count($agenda['batches']), array_column($agenda['beyond'], 'name')]);
        $late = $agenda['beyond'][0]['id'];
        self::assertStringContainsString(
            'waits for room',
            $this->ask('POST', '/evenings/deadline', ['batchId' => $late, 'day' => '2027-06-01'], 422)['detail'],
        );
        $first = $agenda['batches'][0];
        $this->ask('PUT', "/batches/$first[id]/desk", ['rests' => true, 'skipped' => [], 'version' => $first['version']]);
        self::assertSame(['Batch 12'], array_column($this->ask('GET', '/evenings')['beyond'], 'name'));
    }

    /** @return array<string, float> */
    private function levels(): array
    {
        return Pot::query()
            ->orderBy('product_id')
            ->pluck('remaining_ml', 'product_id')
            ->map(static fn(mixed $ml): float => round((float) $ml, 3))
            ->all();
    }

    public function testAClockThatIsWrongDatesNothingIntoTheFutureOrFarBack(): void
    {
        $batch = $this->begin(5);
        $this->travelTo('2026-11-26 20:00:00');
        $this->travelTo('2026-12-20 20:00:00');
        $batch = $this->record($batch, 'undercoat', ['models' => 1, 'at' => '2026-11-27T19:00:00Z']);
        self::assertContains(
            '2026-11-27T19:00:00Z',
            array_column($batch['steps'][0]['entries'], 'doneAt'),
            'Three weeks without a line, and still when it was done.',
        );
        $this->travelTo('2026-11-26 20:00:00');
        foreach ([
            '2026-11-26T19:40:00Z' => '2026-11-26T19:40:00Z',
            '2031-01-01T00:00:00Z' => '2026-11-26T20:00:00Z',
            '1999-01-01T00:00:00Z' => '2026-11-26T20:00:00Z',
        ] as $said => $kept) {
            $batch = $this->record($batch, 'undercoat', ['models' => 1, 'at' => $said]);
            $entries = $batch['steps'][0]['entries'];
            self::assertContains($kept, array_column($entries, 'doneAt'));
        }
        self::assertSame(
            ['at'],
            self::fields($this->ask(
                'POST',
                "/batches/$batch[id]/log",
                ['id' => (string) Str::ulid(), 'stepId' => 'undercoat', 'models' => 1, 'at' => 'yesterday evening-ish'],
                422,
            )),
        );
    }

    /** @return array<string, mixed> */
    private function begin(int $models): array
    {
        return $this->ask(
            'POST',
            '/batches',
            ['planId' => $this->plan()->id, 'name' => 'Mine', 'models' => $models, 'startsOn' => '2026-11-25'],
            201,
        );
    }

    /**
     * @param array<string, mixed> $batch
     * @param array<string, mixed> $done
     *
     * @return array<string, mixed>
     */
    private function record(array $batch, string $stepId, array $done): array
    {
        return $this->ask('POST', "/batches/$batch[id]/log", ['id' => (string) Str::ulid(), 'stepId' => $stepId, ...$done], 201);
    }

    /**
     * @param array<string, mixed> $batch
     *
     * @return array<string, mixed>
     */
    private static function step(array $batch, string $id): array
    {
        return array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['step']['id'] === $id))[0];
    }

    /**
     * @param array<string, mixed> $batch
     *
     * @return list<mixed>
     */
    private static function told(array $batch, string $id): array
    {
        $step = self::step($batch, $id);

        return [$step['done'], $step['left'], $step['coat'], $step['coatsDone']];
    }

    private function ml(string $paint): float
    {
        return (float) Pot::query()->where('product_id', $paint)->value('remaining_ml');
    }

    private function photo(): string
    {
        $image = imagecreatetruecolor(40, 30);
        ob_start();
        imagepng($image);
        $bytes = (string) ob_get_clean();

        return (string) $this->call(
            'POST',
            '/api/photos',
            server: ['CONTENT_TYPE' => 'image/png', 'HTTP_ACCEPT' => 'application/json'],
            content: $bytes,
        )->json('id');
    }
}
