<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Measures;
use Kalokroma\Batch\Batch;
use Kalokroma\Batch\Entry;
use Kalokroma\Batch\Matrix;
use Kalokroma\Batch\Since;
use Kalokroma\Batch\Touch;
use Kalokroma\Batch\Toward;
use Kalokroma\Batch\Used;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Matching\Shelf;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** A plan being painted: what it takes from the pots, what was done otherwise, what it teaches. */
final class BatchTest extends TestCase
{
    private const SKETCH = "undercoat none\narea coat broad-folds main cloth\n basecoat navy 2:1 x2\n wash umber-wash 1:2 all\n variant teal\n basecoat green x2";

    public function testACoatTakesFilmAndPaletteFromItsPotByParts(): void
    {
        $plan = PlanSketch::plan("undercoat none\narea coat broad-folds main cloth\n basecoat navy blue*3 1:1 x2");
        $batch = Batch::of(SquadPlan::alike($plan, 4));
        $step = $plan->step('coat-1') ?? self::fail();
        $measures = Measures::usual();
        // Film over main broad folds of a 32 mm model on foot, in ml, thinned by half: a quarter of it navy and three quarters blue.
        $wet = Amounts::of($plan, 4, $measures)->wetMl($step, $plan->areas[0], 1.0);
        $spent = $batch->spends('coat-1', Used::asPlanned($step), [2], null, $measures);

        self::assertEqualsWithDelta(
            $measures->wetFilmMm * 0.1 * $plan->model->surfaceCm2()
                * $plan->areas[0]->size->share() * 2 * self::reached($plan) / (1.0 - $measures->loss),
            $wet,
            1e-9,
        );
        self::assertEqualsWithDelta(['navy' => 0.5 * $wet / 4.0, 'blue' => 0.5 * $wet * 3.0 / 4.0], $spent, 1e-12);
        self::assertEqualsWithDelta(
            4.0 * $spent['blue'],
            $batch->spends('coat-1', Used::asPlanned($step), [1, 2, 3, 4], null, $measures)['blue'],
            1e-12,
        );
        self::assertEqualsWithDelta(
            0.5 * $spent['blue'],
            $batch->spends('coat-1', Used::asPlanned($step), [1], 1, $measures)['blue'],
            1e-12,
            'One coat of two.',
        );
        self::assertSame([], $batch->spends('gone', Used::asPlanned($step), [1], null, $measures));
    }

    public function testCoatsThatWereRecordedByThemselvesArePaidForModelByModel(): void
    {
        $plan = self::plan();
        $step = $plan->step('coat-1') ?? self::fail();
        $fresh = Batch::of(SquadPlan::alike($plan, 3));
        $begun = Batch::of(SquadPlan::alike($plan, 3), [self::entry(new Done('coat-1', 1, 2, 100, 'a', [1, 3]), $plan)]);
        $one = $fresh->spends('coat-1', Used::asPlanned($step), [1], 1)['navy'];

        self::assertEqualsWithDelta(
            4.0 * $one,
            $begun->spends('coat-1', Used::asPlanned($step), [1, 2, 3], null)['navy'],
            1e-12,
            'Two coats on model 2, one each on 1 and 3.',
        );
        self::assertEqualsWithDelta(6.0 * $one, $fresh->spends('coat-1', Used::asPlanned($step), [1, 2, 3], null)['navy'], 1e-12);
    }

    public function testWhatWasReallyDoneBecomesThePlanAlsoInAVariant(): void
    {
        $plan = self::plan();
        $squad = SquadPlan::of($plan, Squad::of([new Member(1), new Member(2, ways: ['coat' => 'teal'])]));
        $brown = ['paint' => 'brown', 'parts' => 2, 'name' => 'Brown'];
        $batch = Batch::of($squad, [
            new Entry(new Done('coat-1', null, 1, 100, 'a'), new Used([$brown], Dilution::of(3, 1, Thinner::Water), 3)),
            new Entry(
                new Done('teal.teal-1', 1, 1, 200, 'b'),
                new Used([['paint' => 'red', 'parts' => 1, 'name' => 'Red']], Dilution::of(2, 1, Thinner::Water), 2),
            ),
            new Entry(
                new Done('coat-2', null, 1, 300, 'c'),
                new Used([['paint' => 'nobody-knows', 'parts' => 1, 'name' => 'Old']], Dilution::none(), 2),
            ),
        ]);
        $paints = self::paints();
        $done = $batch->asDone($paints);

        self::assertSame(
            ['brown', 3, 3],
            [$done->step('coat-1')?->mix?->ingredients[0]->paint->id, $done->step('coat-1')->dilution->paint, $done->step('coat-1')->coats],
        );
        self::assertSame(
            ['umber-wash', 2],
            [$done->step('coat-2')?->mix?->ingredients[0]->paint->id, $done->step('coat-2')->coats],
            'A paint that nobody knows any more leaves the mix as it was.',
        );
        $variant = $done->areas[0]->variant('teal') ?? self::fail();
        self::assertSame(
            ['red', 2],
            [$variant->steps[0]->mix?->ingredients[0]->paint->id, $variant->steps[0]->coats],
            'One coat of two says nothing of how many it takes.',
        );
        self::assertSame(['coat-1', 'teal.teal-1', 'coat-2'], array_column($batch->differences($paints), 'stepId'));
        self::assertStringContainsString('3 coats', $batch->differences($paints)[0]['done']);
        self::assertSame([], Batch::of($squad, [self::entry(new Done('coat-1', null, 1, 100), $plan)])->differences($paints));
    }

    public function testAMixInAnotherOrderIsTheSameMix(): void
    {
        $plan = PlanSketch::plan("undercoat none\narea coat broad-folds main cloth\n basecoat navy*2 blue");
        $step = $plan->step('coat-1') ?? self::fail();
        $told = static fn(array ...$parts): Used => new Used(
            array_map(static fn(array $one): array => ['paint' => $one[0], 'parts' => $one[1], 'name' => ''], $parts),
            $step->dilution,
            2,
        );

        self::assertTrue($told(['blue', 1], ['navy', 2])->isMixOf($step));
        self::assertTrue($told(['blue', 1], ['navy', 1], ['navy', 1])->isMixOf($step));
        self::assertFalse($told(['blue', 2], ['navy', 1])->isMixOf($step));
        self::assertFalse($told(['navy', 2])->isMixOf($step));
    }

    public function testItsEntriesTeachPaceAndWhetherItWasMixedAsPlanned(): void
    {
        $plan = self::plan();
        $used = Used::asPlanned($plan->step('coat-1') ?? self::fail());
        $worked = Batch::of(SquadPlan::alike($plan, 3), [
            new Entry(new Done('coat-1', 1, 3, 200, 'b'), $used, 30),
            new Entry(new Done('coat-1', null, 3, 100, 'a'), $used, null),
            new Entry(new Done('gone', null, 3, 300, 'c'), $used, 10),
        ])->worked();

        self::assertSame(
            [[3, 2, null, true], [3, 1, 30.0, false]],
            array_map(static fn($one): array => [$one->models, $one->coats, $one->minutes, $one->isAsMixed], $worked),
            'The oldest first; a step the plan has lost teaches nothing.',
        );
    }

    public function testWhoeverRepeatsItHearsWhatIsOtherwiseNow(): void
    {
        $painted = SquadPlan::alike(self::plan(), 4);
        [$navy, $wash] = [self::plan()->paints()['navy'], self::plan()->paints()['umber-wash']];
        $book = CraftBook::standard();
        $since = static fn(?bool $changed, Shelf $shelf, CraftBook $now): array => Since::of(
            $painted,
            $changed,
            $shelf,
            Measures::usual(),
            $book,
            $now,
        );

        self::assertSame([], $since(false, Shelf::of([$navy, $wash], ['navy' => 60.0, 'umber-wash' => 60.0]), $book));
        $short = $since(true, Shelf::of([$navy], ['navy' => 0.1]), $book->with(new Habit('wash', dryMinutes: 90)));
        self::assertCount(4, $short);
        self::assertStringContainsString('plan has changed', $short[0]);
        self::assertMatchesRegularExpression('/: 0\.1 ml left, \d+\.\d ml are needed/', $short[1].$short[2]);
        self::assertStringContainsString('is not on the shelf', $short[1].$short[2]);
        self::assertStringContainsString('otherwise now: wash', $short[3]);
        self::assertStringContainsString('was deleted', $since(null, Shelf::of([$navy, $wash], ['navy' => 60.0, 'umber-wash' => 60.0]), $book)[0]);
    }

    public function testWhatIsStoredOddlyIsMended(): void
    {
        self::assertSame([[], '', 1], [Used::stored(null)->mix, Used::stored('x')->mixWords(), Used::stored(['coats' => -3])->coats]);
        $odd = Used::stored([
            'mix' => [['paint' => 'a', 'parts' => 'two'], ['parts' => 3], 'b'],
            'dilution' => ['paint' => 0, 'thinner' => 999, 'with' => 'wine'],
            'coats' => '4',
        ]);
        self::assertSame([['paint' => 'a', 'parts' => 1, 'name' => 'a paint since removed']], $odd->mix);
        self::assertSame(
            [1, Dilution::MOST_PARTS, Thinner::Water, 4],
            [$odd->dilution->paint, $odd->dilution->thinner, $odd->dilution->with, $odd->coats],
        );
        self::assertEquals($odd, Used::stored($odd->toArray()));
    }

    public function testTheMatrixGivesModelsOfOneLookOneCell(): void
    {
        $squad = SquadPlan::of(
            self::plan(),
            Squad::of([new Member(1), new Member(2, ways: ['coat' => 'teal']), new Member(3), new Member(4, without: ['coat'])]),
        );
        $row = Matrix::of($squad)['coat'];

        self::assertSame($row[1], $row[3]);
        self::assertEquals($squad->rehearsalOf(1)->strip($squad->plan->areas[0])->final(), $row[1]?->look);
        self::assertNull($row[4]);
        self::assertSame(['teal', 'coat'], [$row[2]?->variant?->id, $row[2]?->area->id]);
        self::assertSame(['navy', 'umber-wash'], array_map(static fn(Paint $one): string => $one->id, $row[1]->paints ?? []));
        self::assertGreaterThan(5.0, Ciede2000::between(($row[1] ?? self::fail())->look->at(Zone::Face), $row[2]->look->at(Zone::Face)));
        $ways = Matrix::ways(SquadPlan::alike(self::plan(), 1))['coat'];
        self::assertSame([null, 'teal'], array_map(static fn($one): ?string => $one->variant?->id, $ways), 'Also what no model gets.');
        self::assertEquals($row[2]->look, $ways[1]->look);
        self::assertGreaterThan($row[2]->minutes, $row[1]->minutes, 'A wash more takes longer.');
    }

    public function testATouchGoesTheWayThatIsWantedAndNotTooFar(): void
    {
        $owned = array_map(
            self::paints(),
            [
                'navy', 'blue', 'sky', 'red', 'orange', 'yellow', 'ochre', 'tan', 'sand', 'brown', 'leather', 'green', 'lime', 'coal',
                'snow', 'ivory', 'purple', 'pink',
            ],
        );
        $owned = array_values(array_filter($owned));
        $found = 0;
        foreach (['navy', 'red', 'tan', 'green', 'mid-grey', 'skin', 'purple', 'leather', 'ochre'] as $paint) {
            $rehearsal = Rehearsal::of(PlanSketch::plan("area coat broad-folds main cloth\n basecoat $paint x2\n wash umber-wash 1:1 recesses"));
            $area = $rehearsal->plan->areas[0];
            $face = $rehearsal->strip($area)->final()->at(Zone::Face);
            foreach (Toward::cases() as $toward) {
                $touch = Touch::of($rehearsal, $area, $toward, Touch::USUAL, $owned);
                if ($touch === null) {
                    continue;
                }
                $found++;
                $changed = $rehearsal->stripAs($area->withSteps($touch->steps))->final()->at(Zone::Face);
                self::assertEqualsWithDelta($touch->difference, Ciede2000::between($face, $changed), 1e-9);
                self::assertLessThanOrEqual(Touch::USUAL, $touch->difference, "$paint $toward->value");
                self::assertGreaterThan(0.0, $toward->far($face, $changed), "$paint $toward->value");
                self::assertSame(
                    array_map(static fn($one): string => $one->id, $area->steps),
                    array_map(static fn($one): string => $one->id, $touch->steps),
                );
            }
        }
        self::assertGreaterThanOrEqual(24, $found, 'Two thirds of 36 wishes are met from eighteen pots: red gets no warmer, navy no darker.');
        self::assertNull(Touch::of($rehearsal, $area, Toward::Warmer, Touch::USUAL, []));
    }

    private static function plan(): Plan
    {
        return PlanSketch::plan(self::SKETCH);
    }

    /** @return \Closure(string): (Paint|null) */
    private static function paints(): \Closure
    {
        return DocumentPaints::of(PlanSketch::document('area a broad-folds main cloth'))->find(...);
    }

    private static function entry(Done $done, Plan $plan): Entry
    {
        return new Entry($done, Used::asPlanned($plan->step($done->stepId) ?? self::fail()));
    }

    /** Share of the area's relief that the basecoat reaches. */
    private static function reached(Plan $plan): float
    {
        $step = $plan->step('coat-1') ?? self::fail();

        return array_sum(array_map(
            static fn(Zone $zone): float => $plan->areas[0]->texture->share($zone) * $step->place->reach($zone) * $step->place->share($zone),
            Zone::cases(),
        ));
    }
}
