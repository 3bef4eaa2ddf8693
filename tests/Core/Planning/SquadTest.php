<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\IllegalSquad;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Opening;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Work;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\PlanSketch;
use Tests\Core\Schedule\Schedules;

/** Who of a batch is painted how. */
final class SquadTest extends TestCase
{
    private const SKETCH = <<<'E'
        role leader
        role rank
        area coat broad-folds main cloth touches plume
         basecoat navy x2
         layer blue raised
         edge-highlight sky edges only leader
         variant teal for rank
         basecoat green x2
         layer lime raised
        area plume fur-or-feather small fur only leader
         basecoat red x2
        area lens tiny-detail speck glass turns
         basecoat red
         variant blue-lens
         basecoat blue
         variant green-lens
         basecoat green
         layer lime
        whole
         matt-coat
        E;

    public function testRolesSayWhatIsThereForWhom(): void
    {
        $squad = SquadPlan::of(self::plan(), Squad::ofRoles(['leader' => 1, 'rank' => 2, '' => 1]));

        self::assertSame([1, 4], $squad->modelsOf('coat-1'));
        self::assertSame([1], $squad->modelsOf('coat-3'), 'The edge is the leader\'s alone.');
        self::assertSame([2, 3], $squad->modelsOf('teal.teal-1'), 'The rank is painted by its variant.');
        self::assertSame([1], $squad->modelsOf('plume-1'));
        self::assertSame(
            [[1, 4], [2], [3]],
            [$squad->modelsOf('lens-1'), $squad->modelsOf('blue-lens.blue-lens-1'), $squad->modelsOf('green-lens.green-lens-2')],
        );
        self::assertSame([1, 2, 3, 4], $squad->modelsOf('whole-1'));
        self::assertSame('coat', $squad->origin($squad->areaOn(self::area($squad, 'coat'), 2) ?? self::fail())->id);
        self::assertNull($squad->areaOn(self::area($squad, 'plume'), 2));
    }

    public function testAModelMayBePaintedOtherwiseThanItsRoleSays(): void
    {
        $squad = SquadPlan::of(self::plan(), Squad::of([
            new Member(1, 'Old Ferrel', 'leader', ['coat' => 'teal'], ['plume']),
            new Member(2, role: 'rank', ways: ['coat' => null, 'plume' => null]),
        ]));

        self::assertSame([[2], [1], [2]], [$squad->modelsOf('coat-1'), $squad->modelsOf('teal.teal-1'), $squad->modelsOf('plume-1')]);
        self::assertSame([], $squad->modelsOf('coat-3'));
        self::assertNotContains(
            'coat-3',
            array_map(static fn(Pass $pass): string => $pass->step->id, $squad->passes()),
            'What is on no model is no pass.',
        );
    }

    public function testWithoutRolesNothingIsOtherwise(): void
    {
        $plan = PlanSketch::plan("area coat broad-folds main cloth\n basecoat navy x2\n layer blue raised");
        $squad = SquadPlan::alike($plan, 5);

        self::assertSame($plan, $squad->plan);
        self::assertSame(range(1, 5), $squad->modelsOf('coat-1'));
    }

    public function testAVariantStandsWhereTheRecipeDoesInTheOrder(): void
    {
        $plan = self::plan();
        $plan = $plan->running($plan->running->inOrder(['lens-1', 'coat-1', 'plume-1', 'coat-2', 'coat-3', 'whole-1']));
        $squad = SquadPlan::of($plan, Squad::ofRoles(['leader' => 1, 'rank' => 2]));
        $ids = array_map(static fn(Pass $pass): string => $pass->step->id, $squad->passes());

        self::assertSame(
            [
                'undercoat', 'lens-1', 'blue-lens.blue-lens-1', 'green-lens.green-lens-1', 'green-lens.green-lens-2', 'coat-1',
                'teal.teal-1', 'plume-1', 'coat-2', 'teal.teal-2', 'coat-3', 'whole-1',
            ],
            $ids,
        );
    }

    public function testEachModelLooksLikeWhatIsDoneToIt(): void
    {
        $squad = SquadPlan::of(self::plan(), Squad::ofRoles(['leader' => 1, 'rank' => 1, '' => 1]));
        $edge = static function (int $model) use ($squad): float {
            $area = $squad->areaOn(self::area($squad, 'coat'), $model) ?? self::fail();

            return $squad->rehearsalOf($model)->strip($area)->final()->at(Zone::Edge)->lightness;
        };

        self::assertGreaterThan($edge(3) + 10.0, $edge(1), 'Only the leader has the edge.');
        self::assertGreaterThan($edge(3) + 10.0, $edge(2), 'Lime is lighter than blue.');
        self::assertSame($squad->rehearsalOf(1), $squad->rehearsalOf(1));
    }

    public function testAmountsGoByTheModelsThatHaveAStep(): void
    {
        $totals = static fn(array $roles): array => Amounts::for(SquadPlan::of(self::plan(), Squad::ofRoles($roles)))->totals();
        [$leader, $mixed] = [$totals(['leader' => 1]), $totals(['leader' => 1, 'rank' => 3])];

        self::assertArrayNotHasKey('lime', $leader);
        self::assertEqualsWithDelta($leader['navy'], $mixed['navy'], 1e-9, 'The rank has none of the leader\'s navy.');
        self::assertEqualsWithDelta($leader['sky'], $mixed['sky'], 1e-9);
        self::assertEqualsWithDelta(4.0 * $leader['grey'], $mixed['grey'], 0.01 * $mixed['grey'], 'Primer is for all four.');
    }

    public function testTheLogSaysWhichModels(): void
    {
        $squad = SquadPlan::of(self::plan(), Squad::ofRoles(['leader' => 1, 'rank' => 3]));
        $progress = Progress::of($squad, [
            new Done('teal.teal-1', 1, 1, 100, 'a', [4]),
            new Done('teal.teal-1', 2, 1, 200, 'b'),
            new Done('teal.teal-1', 1, 2, 300, 'c', [4, 2]),
            new Done('coat-1', null, 9, 400, 'd'),
        ]);

        self::assertSame(
            [[4], [4], [2], [1]],
            array_map($progress->record()->modelsOf(...), ['a', 'b', 'c', 'd']),
            'The next coat goes onto the model that has the one before.',
        );
        self::assertSame([2, 3], $progress->modelsLeft('teal.teal-1', 2), 'Model 2 is ready, 3 is not.');
        self::assertSame([0, 1], [$progress->left('coat-1'), $progress->doneOn('coat-1')]);
        self::assertSame([1, 2], [$progress->doneOn('teal.teal-1'), $progress->left('teal.teal-1')]);
    }

    public function testHowFarIsCountedByCoatsAndModels(): void
    {
        $plan = PlanSketch::plan(
            "role leader\nundercoat none\narea coat broad-folds main cloth\n basecoat navy x3\narea plume fur-or-feather small fur only leader\n basecoat red x1",
        );
        $squad = SquadPlan::of($plan, Squad::ofRoles(['leader' => 1, '' => 2]));
        $share = static fn(Done ...$done): float => Progress::of($squad, $done)->tally->share();

        self::assertSame(0.0, $share());
        self::assertEqualsWithDelta(2 / 10, $share(new Done('coat-1', 2, 1, 1)), 1e-12, 'Two of nine coats and one plume.');
        self::assertSame(1.0, $share(new Done('coat-1', null, 3, 1), new Done('plume-1', null, 1, 2)));
        self::assertEqualsWithDelta(
            1.0,
            Progress::of($squad, [new Done('coat-1', null, 3, 1)], ['plume-1'])->tally->share(),
            1e-12,
            'What is left out does not count.',
        );
        $tally = Progress::of($squad, [new Done('coat-1', null, 3, 1)])->tally;
        self::assertSame([2, 1, false, ['plume-1']], [$tally->passes(), $tally->passesDone(), $tally->isFinished(), $tally->open()]);
        $outline = Outline::of($squad);
        self::assertEquals($outline, Outline::kept(json_decode((string) json_encode($outline->toKeep()), true), 3));
    }

    public function testAModelWithoutAStepDoesNotWaitForIt(): void
    {
        $plan = PlanSketch::plan(
            "role leader\nundercoat none\narea coat broad-folds main cloth\n basecoat navy x1\n layer blue raised x1 only leader\n wash umber-wash all",
        );
        $squad = SquadPlan::of($plan, Squad::ofRoles(['leader' => 1, '' => 3]));
        $work = Work::of([Job::of($squad)]);
        $schedule = Scheduler::schedule($work, Schedules::endless());

        Schedules::mustHold($schedule, Job::of($squad), Schedules::endless());
        $models = [];
        foreach ($schedule->items as $item) {
            array_push($models, ...array_map(static fn(int $model): string => "{$item->pass->step->id} $model", $item->models));
        }
        sort($models);
        self::assertSame(['coat-1 1', 'coat-1 2', 'coat-1 3', 'coat-1 4', 'coat-2 1', 'coat-3 1', 'coat-3 2', 'coat-3 3', 'coat-3 4'], $models);
        $begun = Progress::of($squad, [new Done('coat-1', null, 2, 0, '', [2, 3])]);
        $openings = Opening::all(Work::of([Job::of($squad, $begun->record())]));
        self::assertTrue($openings[Opening::key(0, 'coat-3', 1)]->canBegin, 'Models 2 and 3 have their base and want no layer.');
        self::assertFalse($openings[Opening::key(0, 'coat-2', 1)]->canBegin, 'The leader has no base yet.');
        self::assertGreaterThan(0, $openings[Opening::key(0, 'coat-3', 1)]->readyAt, 'The wash waits until the base is dry.');
    }

    public function testWhateverTheSquadNothingIsPaintedBeforeItIsDry(): void
    {
        for ($seed = 0; $seed < 25; $seed++) {
            $dice = new Randomizer(new Mt19937($seed));
            $lines = explode("\n", Schedules::wild($seed, 12));
            foreach ($lines as $at => $line) {
                $lines[$at] .= str_starts_with($line, '  ') && $dice->getInt(0, 3) === 0 ? ' only leader' : '';
                $lines[$at] .= str_starts_with($line, 'area ') && $dice->getInt(0, 3) === 0 ? ' only leader,trial' : '';
            }
            $plan = PlanSketch::plan("role leader\nrole trial\n".implode("\n", $lines));
            $squad = SquadPlan::of($plan, Squad::ofRoles(['' => $dice->getInt(1, 3), 'leader' => 1, 'trial' => 1]));

            Schedules::mustHold(Scheduler::schedule(Work::of([Job::of($squad)]), Schedules::endless()), Job::of($squad), Schedules::endless());
        }
    }

    public function testAVariantMayStandOnAnotherGround(): void
    {
        $plan = PlanSketch::plan(
            "role leader\narea coat broad-folds main cloth\n basecoat yellow\n variant dark for leader over black\n basecoat yellow",
        );
        $squad = SquadPlan::of($plan, Squad::ofRoles(['leader' => 1, '' => 1]));
        $face = static fn(int $model): float => $squad->rehearsalOf($model)->strip(
            $squad->areaOn(self::area($squad, 'coat'), $model) ?? self::fail(),
        )->final()->at(Zone::Face)->lightness;

        self::assertLessThan($face(2) - 5.0, $face(1), 'One coat of yellow over black is dull.');
        self::assertArrayHasKey('black', Amounts::for($squad)->totals());
        self::assertSame('black', PlanDocument::ofPlan($plan)->fields['areas'][0]['variants'][0]['undercoat']['base']);
    }

    public function testRolesAreWrittenAndReadAgainAndMakeItVersionThree(): void
    {
        $document = PlanDocument::ofPlan(self::plan())->fields;

        self::assertSame(3, $document['version']);
        self::assertSame([['id' => 'leader', 'name' => 'Leader'], ['id' => 'rank', 'name' => 'Rank']], $document['roles']);
        self::assertSame(
            [['leader'], ['rank'], ['leader']],
            [$document['areas'][0]['steps'][2]['roles'], $document['areas'][0]['variants'][0]['roles'], $document['areas'][1]['roles']],
        );
        self::assertEquals(
            $document,
            PlanDocument::ofPlan(PlanDocument::ofFile($document)->plan(\Kalokroma\Exchange\DocumentPaints::of($document)))->fields,
        );
    }

    public function testARoleThatIsNotThereIsNamed(): void
    {
        foreach ([
            "area coat broad-folds main cloth only chief\n basecoat navy" => 'areas.0.roles',
            "area coat broad-folds main cloth\n basecoat navy only chief" => 'areas.0.steps.0.roles',
        ] as $sketch => $field) {
            try {
                PlanSketch::plan($sketch);
                self::fail($field);
            } catch (\Kalokroma\Exchange\Faulty $faulty) {
                self::assertSame($field, $faulty->faults[0]->field);
                self::assertStringContainsString('chief', $faulty->faults[0]->message);
            }
        }
    }

    public function testWhatAPlanHasLostIsForgottenOfTheSquad(): void
    {
        $squad = Squad::of([
            new Member(1, 'Ferrel', 'chief', ['coat' => 'pink', 'hat' => null, 'lens' => 'blue-lens'], ['hat', 'plume']),
            new Member(2, role: 'rank'),
        ])->knownTo(self::plan());

        self::assertEquals(new Member(1, 'Ferrel', null, ['lens' => 'blue-lens'], ['plume']), $squad->members[1]);
        self::assertSame('rank', $squad->members[2]->role);
        self::assertEquals($squad, Squad::by(self::plan(), array_values($squad->members)));
    }

    public function testASquadSaysWhatThePlanDoesNotHave(): void
    {
        foreach ([
            [new Member(1, role: 'chief'), 'squad.0.role'],
            [new Member(1, ways: ['hat' => null]), 'squad.0.ways.hat'],
            [new Member(1, ways: ['coat' => 'pink']), 'squad.0.ways.coat'],
            [new Member(1, without: ['hat']), 'squad.0.without.0'],
        ] as [$member, $field]) {
            try {
                Squad::by(self::plan(), [$member]);
                self::fail($field);
            } catch (IllegalSquad $illegal) {
                self::assertSame($field, $illegal->field);
            }
        }
        $this->expectException(IllegalSquad::class);
        Squad::of([]);
    }

    private static function plan(): Plan
    {
        return PlanSketch::plan(self::SKETCH);
    }

    private static function area(SquadPlan $squad, string $id): \Kalokroma\Recipe\Area
    {
        return $squad->written->area($id) ?? self::fail($id);
    }
}
