<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\Zone;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\AreaWay;
use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Rehearsal;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Ways to paint an area, held against each other. */
final class AreaWayTest extends TestCase
{
    private const SKETCH = "undercoat grey\narea coat broad-folds main cloth\n basecoat navy x2\n wash umber-wash all\n variant sprayed over black\n basecoat red x1 brush airbrush\n variant plain\n basecoat navy x2\n wash umber-wash all";

    public function testEachWayTellsWhatItTakes(): void
    {
        $rehearsal = Rehearsal::of(PlanSketch::plan(self::SKETCH));
        $area = $rehearsal->plan->areas[0];
        $navy = $rehearsal->plan->paints()['navy'];
        [$recipe, $sprayed, $plain] = array_map(
            static fn($variant): AreaWay => AreaWay::of($rehearsal, $area, $variant, Shelf::of([$navy])),
            [null, ...$area->variants],
        );

        self::assertSame([3, 1, 3], [$recipe->cost->coats, $sprayed->cost->coats, $plain->cost->coats]);
        self::assertSame(
            [['umber-wash'], ['black', 'red'], ['umber-wash']],
            array_map(
                static fn(AreaWay $one): array => array_map(static fn(Paint $paint): string => $paint->id, $one->cost->toBuy),
                [$recipe, $sprayed, $plain],
            ),
        );
        self::assertSame([[], 1, []], [$recipe->cost->brushes, count($sprayed->cost->brushes), $plain->cost->brushes]);
        self::assertSame(DryTimes::betweenCoats($area->steps[0]) + DryTimes::between($area->steps[0], $area->steps[1]), $recipe->cost->dryMinutes);
        self::assertSame(0, $sprayed->cost->dryMinutes);
        self::assertEqualsWithDelta(Pace::of($rehearsal->plan)->recipe($area), $recipe->cost->minutes, 1e-9);
        self::assertEquals($recipe->strip->final(), $plain->strip->final());
        self::assertEquals($rehearsal->strip($area)->final(), $recipe->strip->final());
    }

    /** White on black: two coats of black hide it and what lay over them is laid again; layers on top make a slip dearer. */
    public function testASlipOntoAWayCostsMoreTheMoreLiesOverItsColour(): void
    {
        $slips = static fn(string $more): array => (static function () use ($more): array {
            $rehearsal = Rehearsal::of(PlanSketch::plan(
                "undercoat grey\narea coat broad-folds main cloth\n basecoat navy x2\n variant layered\n basecoat navy x2\n layer sky x1\n highlight ice x1$more",
            ));
            $area = $rehearsal->plan->areas[0];

            return array_map(
                static fn($variant): ?float => AreaWay::of($rehearsal, $area, $variant, Shelf::of([]))->cost->slipMinutes,
                [null, $area->variants[0]],
            );
        })();
        [$plain, $layered] = $slips("\narea belt hard-edged-panel small leather touches coat\n basecoat white x1");

        self::assertGreaterThan(1.0, $plain);
        self::assertGreaterThan($plain, $layered);
        self::assertSame([null, null], $slips(''), 'Nothing lies beside it.');
        self::assertSame(
            [null, null],
            $slips("\narea belt hard-edged-panel small leather touches coat\n wash umber-wash"),
            'No covering paint is near.',
        );
    }

    public function testAWayOnAnotherGroundIsSeenOnIt(): void
    {
        $look = static fn(string $over): float => (static function () use ($over): float {
            $rehearsal = Rehearsal::of(PlanSketch::plan(
                "undercoat white\narea coat broad-folds main cloth\n basecoat navy\n variant sun$over\n basecoat yellow x1",
            ));

            return AreaWay::of(
                $rehearsal,
                $rehearsal->plan->areas[0],
                $rehearsal->plan->areas[0]->variants[0],
                Shelf::of([]),
            )->strip->final()->at(Zone::Face)->lightness;
        })();

        self::assertGreaterThan($look(' over black') + 15.0, $look(''), 'A coat of yellow over white shines, over black it is mud.');
    }
}
