<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Batches\TurnsApart;
use App\Models\LogEntry;
use Illuminate\Support\Str;

/** Who of a batch is painted how. */
final class SquadTest extends HttpTestCase
{
    public function testRolesAndNamesAreToldAndTheStepsFollow(): void
    {
        $batch = $this->begun();
        $squad = $this->ask('GET', "/batches/$batch[id]/squad");

        self::assertSame([1, 2, 3, 4], array_column($squad['models'], 'number'));
        self::assertSame([['id' => 'leader', 'name' => 'Leader'], ['id' => 'rank', 'name' => 'Rank and file']], $squad['roles']);
        $seated = $this->seat($squad, [['name' => 'Old Ferrel', 'role' => 'leader'], ['role' => 'rank'], ['role' => 'rank'], []]);
        self::assertSame(['Old Ferrel', '', '', ''], array_column($seated['models'], 'name'));
        $lantern = self::area($seated, $batch['lantern']);
        self::assertSame([0, null, null, null], $lantern['cells'], 'Only the leader has a lantern.');
        $now = $this->ask('GET', "/batches/$batch[id]");
        self::assertSame(
            [[1]],
            array_values(array_unique(
                array_column(array_filter($now['steps'], static fn(array $one): bool => $one['areaId'] === $batch['lantern']), 'models'),
                SORT_REGULAR,
            )),
        );
        self::assertGreaterThan($seated['models'][1]['minutes'], $seated['models'][0]['minutes']);
        self::assertEqualsWithDelta(array_sum(array_column($seated['models'], 'minutes')), $seated['minutes'], 0.3);
    }

    public function testAModelThatJoinsLateAndOneThatIsPaintedOtherwise(): void
    {
        $batch = $this->begun();
        $squad = $this->ask('GET', "/batches/$batch[id]/squad");
        $area = $squad['areas'][0];
        $variant = array_values(array_filter($area['ways'], static fn(array $one): bool => $one['variant'] !== null))[0];
        $seated = $this->seat(
            $squad,
            [[], ['ways' => [$area['id'] => $variant['variant']]], ['without' => [$area['id']]], [], ['name' => 'joined late']],
        );
        $row = self::area($seated, $area['id']);

        self::assertCount(5, $seated['models']);
        self::assertSame([0, 1, null, 0, 0], $row['cells']);
        self::assertSame(0, $row['usual']);
        self::assertSame([null, $variant['variant']], array_column($row['looks'], 'variant'));
        self::assertSame($variant['zones'], $row['looks'][1]['zones']);
        self::assertSame(5, $this->ask('GET', "/batches/$batch[id]")['models']);
    }

    public function testWhatIsPaintedStaysAsItWasPainted(): void
    {
        $batch = $this->begun();
        $squad = $this->seat($this->ask('GET', "/batches/$batch[id]/squad"), [['role' => 'leader'], [], [], []]);
        $lantern = array_values(array_filter(
            $this->ask('GET', "/batches/$batch[id]")['steps'],
            static fn(array $one): bool => $one['areaId'] === $batch['lantern'],
        ))[0];
        $this->log($batch['id'], $lantern['step']['id'], ['on' => [1]]);
        $refused = $this->ask(
            'PUT',
            "/batches/$batch[id]/squad",
            ['models' => [['role' => 'rank'], [], [], []], 'version' => $squad['version']],
            422,
        );

        self::assertSame(['squad.0'], self::fields($refused));
        self::assertStringContainsString('Model 1 has', (string) json_encode($refused));
        $painted = self::area($this->ask('GET', "/batches/$batch[id]/squad"), $batch['lantern'])['painted'];
        self::assertGreaterThan(0.0, $painted[0]);
        self::assertSame([0, 0, 0], array_slice($painted, 1));
        $seated = $this->ask(
            'PUT',
            "/batches/$batch[id]/squad",
            ['models' => [['role' => 'leader'], ['role' => 'rank'], ['role' => 'rank']], 'version' => $squad['version']],
        );
        self::assertCount(3, $seated['models'], 'Nothing was painted on the fourth.');
        self::assertSame(
            ['models'],
            self::fields($this->ask('PUT', "/batches/$batch[id]/squad", ['models' => [], 'version' => $seated['version']], 422)),
        );
    }

    public function testTheLogSaysWhichModels(): void
    {
        $batch = $this->begun();
        $step = $batch['steps'][0];
        $now = $this->log($batch['id'], $step['step']['id'], ['on' => [4, 2]]);
        $told = $this->ask('GET', "/log?batch=$batch[id]")['entries'][0];

        self::assertSame([[2, 4], 2], [$told['onModels'], $told['models']]);
        self::assertSame([2, 4], $now['steps'][0]['laid'][0]);
        self::assertSame([2, 2], [$now['steps'][0]['done'], $now['steps'][0]['left']]);
        self::assertSame(['on.0'], self::fields($this->log($batch['id'], $step['step']['id'], ['on' => [4]], 422)), 'Model 4 has it.');
        self::assertSame(['on.1'], self::fields($this->log($batch['id'], $step['step']['id'], ['on' => [1, 9]], 422)), 'There is no model 9.');
        self::assertSame(['on'], self::fields($this->log($batch['id'], $step['step']['id'], ['on' => []], 422)));
        $rest = $this->log($batch['id'], $step['step']['id'], ['models' => 2]);
        self::assertSame([1, 2, 3, 4], $rest['steps'][0]['laid'][0], 'So many of those that come next.');
        $undone = $this->ask('DELETE', "/log/$told[id]");
        self::assertSame([1, 3], $undone['steps'][0]['laid'][0], 'What was done to 1 and 3 stays theirs.');
        $again = $this->ask('POST', "/log/$told[id]/restore", []);
        self::assertSame([1, 2, 3, 4], $again['steps'][0]['laid'][0]);
        $moved = $this->ask('PUT', "/log/$told[id]", ['on' => [2], 'version' => $told['version']]);
        self::assertSame([1, 2, 3], $moved['steps'][0]['laid'][0]);
    }

    public function testEverySecondATouchWarmer(): void
    {
        $batch = $this->begun();
        $squad = $this->ask('GET', "/batches/$batch[id]/squad");
        $area = $squad['areas'][0]['id'];
        $varied = $this->ask(
            'POST',
            "/batches/$batch[id]/squad/vary",
            ['area' => $area, 'toward' => 'warmer', 'within' => 3, 'models' => [2, 4], 'version' => $squad['version']],
        );
        $row = self::area($varied, $area);

        self::assertSame([0, 1, 0, 1], $row['cells']);
        self::assertStringStartsWith('a touch warmer, with ', $row['looks'][1]['name']);
        self::assertNotSame($row['looks'][0]['zones'][2], $row['looks'][1]['zones'][2]);
        self::assertGreaterThan(count($row['looks'][0]['pots']) - 1, count($row['looks'][1]['pots']));
        $back = $this->seat($varied, [[], [], [], []]);
        self::assertSame([0, 0, 0, 0], self::area($back, $area)['cells']);
        self::assertCount(
            count($row['ways']) - 1,
            self::area($back, $area)['ways'],
            'What was made for the squad goes with the last model that had it.',
        );
        self::assertSame(
            ['area'],
            self::fields($this->ask(
                'POST',
                "/batches/$batch[id]/squad/vary",
                ['area' => 'hat', 'toward' => 'warmer', 'models' => [2], 'version' => $back['version']],
                422,
            )),
        );
        self::assertSame(
            ['toward'],
            self::fields($this->ask(
                'POST',
                "/batches/$batch[id]/squad/vary",
                ['area' => $area, 'toward' => 'sideways', 'models' => [2], 'version' => $back['version']],
                422,
            )),
        );
    }

    public function testAStaleSquadAndOneThatThePlanDoesNotHaveAreRefused(): void
    {
        $batch = $this->begun();
        $squad = $this->ask('GET', "/batches/$batch[id]/squad");

        $this->ask('PUT', "/batches/$batch[id]/squad", ['models' => [[]], 'version' => $squad['version'] - 1], 409);
        foreach ([
            'squad.1.role' => ['role' => 'chief'],
            'squad.1.ways.hat' => ['ways' => ['hat' => null]],
            'squad.1.without.0' => ['without' => ['hat']],
            'squad.1.name' => ['name' => str_repeat('x', 61)],
        ] as $field => $member) {
            self::assertSame(
                [$field],
                self::fields($this->ask('PUT', "/batches/$batch[id]/squad", ['models' => [[], $member], 'version' => $squad['version']], 422)),
            );
        }
        self::assertSame($squad, $this->ask('GET', "/batches/$batch[id]/squad"));
    }

    public function testANewerPlanIsTakenWithoutWhatItHasLost(): void
    {
        $batch = $this->begun();
        $squad = $this->ask('GET', "/batches/$batch[id]/squad");
        $touched = $this->ask(
            'POST',
            "/batches/$batch[id]/squad/vary",
            ['area' => $squad['areas'][1]['id'], 'toward' => 'darker', 'within' => 6, 'models' => [2], 'version' => $squad['version']],
        );
        $this->seat($touched, [['role' => 'leader'], $touched['models'][1], [], []]);
        $plan = $this->ask('GET', "/plans/$batch[planId]");
        $this->ask('POST', "/plans/$plan[id]/edits", ['edit' => ['do' => 'remove-role', 'role' => 'leader'], 'version' => $plan['version']]);
        $now = $this->ask('POST', "/batches/$batch[id]/refresh", []);

        self::assertSame([null, null, null, null], array_column($now['squad'], 'role'));
        self::assertSame(['rank'], array_column($now['roles'], 'id'));
        self::assertSame(
            1,
            self::area($this->ask('GET', "/batches/$batch[id]/squad"), $squad['areas'][1]['id'])['cells'][1],
            'What was made for it stays.',
        );
    }

    public function testABatchIsBegunWithItsSquadAndRepeatedWithIt(): void
    {
        $plan = $this->withRoles();
        $batch = $this->ask(
            'POST',
            '/batches',
            [
                'planId' => $plan['id'],
                'name' => 'Watch',
                'models' => 2,
                'squad' => [['name' => 'Ferrel', 'role' => 'leader'], ['role' => 'rank']],
                'startsOn' => '2026-11-25',
            ],
            201,
        );
        $again = $this->ask('POST', "/batches/$batch[id]/repeat", ['name' => 'Watch once more', 'models' => 3, 'startsOn' => '2027-11-25'], 201);

        self::assertSame(['leader', 'rank', null], array_column($again['squad'], 'role'));
        self::assertSame(
            ['squad.0.role'],
            self::fields($this->ask(
                'POST',
                '/batches',
                ['planId' => $plan['id'], 'name' => 'Watch', 'models' => 1, 'squad' => [['role' => 'chief']], 'startsOn' => '2026-11-25'],
                422,
            )),
        );
    }

    public function testARecordOfTheTimeWhenALineSpokeOfAllModelsIsPutRight(): void
    {
        $plan = $this->withRoles();
        $plan['document']['areas'][0]['byTurns'] = true;
        $plan = $this->save($plan);
        $batch = $this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'By turns', 'models' => 5, 'startsOn' => '2026-11-25'], 201);
        $steps = $plan['document']['areas'][0]['steps'];
        foreach ([[0, 5], [1, 3]] as [$at, $models]) {
            LogEntry::query()->create([
                'id' => (string) Str::ulid(), 'batch_id' => $batch['id'], 'step_id' => $steps[$at]['id'], 'models' => $models, 'used' => [],
                'note' => '', 'done_at' => '2026-11-25 19:0'.$at,
            ]);
        }
        TurnsApart::all();
        $now = $this->ask('GET', "/batches/$batch[id]");
        $laid = [];
        foreach ($now['steps'] as $step) {
            if ($step['originId'] === $plan['document']['areas'][0]['id'] && $step['done'] > 0) {
                $laid[] = [$step['step']['technique'], $step['laid'][$step['step']['coats'] - 1]];
            }
        }

        self::assertSame([['basecoat', [1, 3, 5]], ['basecoat', [2, 4]]], array_slice($laid, 0, 2), 'All five have their base.');
        self::assertSame([[1, 3], [2]], array_column(array_slice($laid, 2), 1), 'And the first three what came next.');
        $entries = LogEntry::query()->where('batch_id', $batch['id'])->count();
        TurnsApart::all();
        self::assertSame($entries, LogEntry::query()->where('batch_id', $batch['id'])->count(), 'What is right stays.');
    }

    public function testFiveHoursAndWhereTheyGo(): void
    {
        $plan = $this->withRoles();
        $all = $this->ask('GET', "/plans/$plan[id]/budget?models=5");
        $five = $this->ask('GET', "/plans/$plan[id]/budget?models=5&minutes=300");

        self::assertSame([$all['inAll'], true, []], [$all['minutes'], $all['fits'], $all['leaveOut']]);
        self::assertLessThan($all['minutes'], $five['minutes']);
        self::assertNotSame([], $five['leaveOut']);
        self::assertEqualsWithDelta($five['inAll'], $five['minutes'] + array_sum(array_column($five['leaveOut'], 'minutes')), 5);
        self::assertSame(['minutes'], self::fields($this->ask('GET', "/plans/$plan[id]/budget?models=5&minutes=1", null, 422)));
        $led = $this->ask('GET', "/plans/$plan[id]/budget?models=5&roles=leader:1");
        self::assertGreaterThan($all['inAll'], $led['inAll'], 'The leader has a lantern.');
        self::assertSame(['roles'], self::fields($this->ask('GET', "/plans/$plan[id]/budget?models=5&roles=leader:6", null, 422)));
        $areas = static fn(array $amounts): array => array_column($amounts['passes'], 'areaName');
        self::assertNotContains('Lantern', $areas($this->ask('GET', "/plans/$plan[id]/amounts?models=5")));
        self::assertContains('Lantern', $areas($this->ask('GET', "/plans/$plan[id]/amounts?models=5&roles=leader:1,rank:2")));
    }

    public function testHowFarABatchIsHasOneAnswerEverywhere(): void
    {
        foreach ($this->ask('GET', '/batches')['batches'] as $brief) {
            $shares = [$brief['share'], $this->ask('GET', "/batches/$brief[id]")['share']];
            foreach (['underWay', 'planned', 'finished'] as $where) {
                array_push(
                    $shares,
                    ...array_column(
                        array_filter($this->ask('GET', '/bench')[$where], static fn(array $one): bool => $one['id'] === $brief['id']),
                        'share',
                    ),
                );
            }
            array_push(
                $shares,
                ...array_column(
                    array_filter($this->ask('GET', '/evenings')['batches'], static fn(array $one): bool => $one['id'] === $brief['id']),
                    'share',
                ),
            );
            self::assertGreaterThan(2, count($shares));
            self::assertCount(1, array_unique($shares), $brief['name'].': '.implode(', ', $shares));
        }
    }

    /** @return array<string, mixed> a plan whose lantern is the leader's */
    private function withRoles(): array
    {
        $plan = $this->ask('GET', '/plans/'.\App\Models\Plan::query()->orderBy('name')->firstOrFail()->id);
        foreach ($this->ask('GET', '/plans')['plans'] as $one) {
            $plan = $one['name'] === 'Ferry wardens' ? $this->ask('GET', "/plans/$one[id]") : $plan;
        }
        $plan['document']['roles'] = [['id' => 'leader', 'name' => 'Leader'], ['id' => 'rank', 'name' => 'Rank and file']];
        foreach ($plan['document']['areas'] as $at => $area) {
            $plan['document']['areas'][$at]['roles'] = $area['name'] === 'Lantern' ? ['leader'] : [];
        }

        return $this->save($plan);
    }

    /** @return array<string, mixed> a batch of four */
    private function begun(): array
    {
        $plan = $this->withRoles();
        $lantern = array_values(array_filter($plan['document']['areas'], static fn(array $one): bool => ($one['roles'] ?? []) !== []))[0]['id'];

        return [
            ...$this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'Watch', 'models' => 4, 'startsOn' => '2026-11-25'], 201),
            'lantern' => $lantern,
        ];
    }

    /**
     * @param array<string, mixed> $squad
     * @param list<array<string, mixed>> $models
     *
     * @return array<string, mixed>
     */
    private function seat(array $squad, array $models): array
    {
        return $this->ask(
            'PUT',
            "/batches/$squad[batchId]/squad",
            ['models' => array_map(static fn(array $one): array => ['name' => '', ...$one], $models), 'version' => $squad['version']],
        );
    }

    /**
     * @param array<string, mixed> $done
     *
     * @return array<string, mixed>
     */
    private function log(string $batch, string $step, array $done, int $status = 201): array
    {
        return $this->ask('POST', "/batches/$batch/log", ['id' => (string) Str::ulid(), 'stepId' => $step, ...$done], $status);
    }

    /**
     * @param array<string, mixed> $squad
     *
     * @return array<string, mixed>
     */
    private static function area(array $squad, string $id): array
    {
        foreach ($squad['areas'] as $area) {
            if ($area['id'] === $id) {
                return $area;
            }
        }
        self::fail($id);
    }
}
