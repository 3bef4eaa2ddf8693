<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use Kalokroma\Batch\Budget;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** So many hours: where they go, and what goes so that they do. */
final class BudgetTest extends TestCase
{
    private const SKETCH = "area coat broad-folds main cloth\n basecoat navy x2\n wash umber-wash all\n layer blue raised\n edge-highlight sky edges\narea belt smooth-panel small leather\n basecoat brown x1\n layer leather raised optional";

    public function testTheHoursAreThoseOfThePasses(): void
    {
        $squad = SquadPlan::alike(PlanSketch::plan(self::SKETCH), 4);
        $budget = Budget::of($squad, INF);
        $pace = Pace::of($squad->plan);
        $minutes = array_sum(array_map(static fn($pass): float => $pace->pass($pass->step, $pass->area, 4), $squad->passes()));

        self::assertEqualsWithDelta($minutes, $budget->inAll, 1e-9);
        self::assertEqualsWithDelta($minutes, array_sum(array_column($budget->areas, 'minutes')), 1e-9);
        self::assertSame([[], true, 'coat'], [$budget->leftOut, $budget->fits, $budget->areas[0]['area']?->id]);
        self::assertSame([0.0], array_values(array_unique(array_column($budget->areas, 'loses'))));
    }

    public function testOptionalStepsGoFirstThenTheLastLightsAndNeverTheShade(): void
    {
        $squad = SquadPlan::alike(PlanSketch::plan(self::SKETCH), 4);
        $whole = Budget::of($squad, INF)->inAll;
        $gone = static fn(float $minutes): array => array_map(
            static fn(array $one): string => $one['pass']->step->id,
            Budget::of($squad, $minutes)->leftOut,
        );

        self::assertSame(['belt-2'], $gone($whole - 1.0));
        self::assertSame(['belt-2', 'coat-4'], array_slice($gone(0.7 * $whole), 0, 2));
        $least = Budget::of($squad, 1.0);
        self::assertFalse($least->fits);
        self::assertNotContains('coat-2', $gone(1.0), 'The shade is what makes a model readable.');
        self::assertNotContains('coat-1', $gone(1.0));
        self::assertEqualsWithDelta($whole, $least->minutes + array_sum(array_column($least->leftOut, 'minutes')), 1e-9);
        $coat = array_values(array_filter($least->areas, static fn(array $one): bool => $one['area']?->id === 'coat'))[0];
        self::assertGreaterThan(2.0, $coat['loses'], 'Without its lights the coat looks otherwise.');
    }

    public function testWhatOnlySomeHaveCountsForThem(): void
    {
        $plan = PlanSketch::plan("role leader\narea coat broad-folds main cloth\n basecoat navy x2\n layer blue raised only leader");
        $minutes = static fn(array $roles): float => Budget::of(SquadPlan::of($plan, Squad::ofRoles($roles)), INF)->inAll;

        self::assertEqualsWithDelta(
            $minutes(['leader' => 1]) - $minutes(['' => 1]),
            $minutes(['leader' => 1, '' => 3]) - $minutes(['' => 4]),
            1e-9,
        );
    }
}
