<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Recipe\Edit\AddRole;
use Kalokroma\Recipe\Edit\PutSteps;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Steps copied from one area into another. */
final class PutStepsTest extends TestCase
{
    private const SKETCH = <<<'PLAN'
        undercoat black
        area coat broad-folds main cloth touches belt
          basecoat navy
          wash umber-wash
        area belt hard-edged-panel small leather under coat
          basecoat leather
          lining coal borders coat
        PLAN;

    public function testTheyGoBehindAStepBehindAllOrInPlaceOfTheRecipe(): void
    {
        $plan = self::plan();
        $steps = $plan->areas[0]->steps;

        self::assertSame(['belt-1', 'new-1', 'new-2', 'belt-2'], self::ids((new PutSteps('belt', $steps, 'new', 'belt-1'))->applyTo($plan)));
        self::assertSame(['belt-1', 'belt-2', 'new-1', 'new-2'], self::ids((new PutSteps('belt', $steps, 'new'))->applyTo($plan)));
        self::assertSame(['new-1', 'new-2'], self::ids((new PutSteps('belt', $steps, 'new', instead: true))->applyTo($plan)));
    }

    public function testACopyPaintsTheSameAndTheFirstStaysAsItWas(): void
    {
        $plan = self::plan();
        $put = (new PutSteps('belt', $plan->areas[0]->steps, 'new', instead: true))->applyTo($plan);
        $paints = static fn(array $steps): array => array_map(static fn(Step $step): string => $step->fingerprint(), $steps);

        self::assertSame($paints($plan->areas[0]->steps), $paints($put->areas[1]->steps));
        self::assertEquals($plan->areas[0], $put->areas[0]);
    }

    /** Borders of another area, and roles this plan does not have, mean nothing here. */
    public function testWhatOnlyMakesSenseWhereItComesFromStaysBehind(): void
    {
        $plan = self::plan();
        $lining = $plan->areas[1]->steps[1]->told($plan->areas[1]->steps[1]->more->forRoles(['leader', 'stranger']));
        $put = (new PutSteps('coat', [$lining], 'new'))->applyTo((new AddRole('leader', 'Leader'))->applyTo($plan));
        $copy = $put->step('new-1');

        self::assertNotNull($copy);
        self::assertSame([[], ['leader']], [$copy->more->borders, $copy->more->roles]);
    }

    /** @return iterable<string, array{PutSteps, string}> */
    public static function refused(): iterable
    {
        $steps = self::plan()->areas[0]->steps;
        yield 'no such area' => [new PutSteps('gone', $steps, 'new'), 'area'];
        yield 'no such step' => [new PutSteps('belt', $steps, 'new', 'coat-1'), 'after'];
        yield 'ids that are taken' => [new PutSteps('belt', $steps, 'coat'), 'id'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBePutIsRefusedByItsField(PutSteps $edit, string $field): void
    {
        try {
            $edit->applyTo(self::plan());
            self::fail('It was taken.');
        } catch (IllegalPlan $illegal) {
            self::assertSame($field, $illegal->field);
        }
    }

    private static function plan(): Plan
    {
        return PlanSketch::plan(self::SKETCH);
    }

    /** @return list<string> of the belt's steps */
    private static function ids(Plan $plan): array
    {
        return array_map(static fn(Step $step): string => $step->id, $plan->areas[1]->steps);
    }
}
