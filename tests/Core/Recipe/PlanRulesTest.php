<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\AddWay;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What a plan and its edits refuse, and what they leave alone. */
final class PlanRulesTest extends TestCase
{
    private const TWO = "area coat broad-folds main cloth\n basecoat navy\n wash black-wash\n highlight blue\narea hat broad-folds small cloth\n basecoat tan\n highlight sand";

    public function testAWayIsKeptUnderANameThatNoneOfItsAreasHas(): void
    {
        $plan = (new AddWay('cold', ['coat', 'hat', 'coat'], 'w'))->applyTo(PlanSketch::plan(self::TWO));

        self::assertSame([1, 1], array_map(static fn(Area $one): int => count($one->variants), $plan->areas));
        self::assertSame('cold', $plan->areas[1]->variants[0]->name);
        self::assertSame('name', self::refusal(static fn(): Plan => (new AddWay('cold', ['hat'], 'x'))->applyTo($plan)));
        self::assertSame('areas', self::refusal(static fn(): Plan => (new AddWay('warm', [], 'x'))->applyTo($plan)));
        self::assertCount(2, (new AddWay('warm', ['hat'], 'x'))->applyTo($plan)->areas[1]->variants);
    }

    public function testStepsThatAreNotThereAreNeitherMovedNorChanged(): void
    {
        $plan = PlanSketch::plan(self::TWO);
        $order = ['coat-1', 'coat-2', 'coat-3', 'hat-1', 'hat-2'];
        foreach ([['nobody', 'coat-1'], ['coat-1', 'nobody'], ['coat-1', 'coat-1']] as [$step, $other]) {
            self::assertSame('step', self::refusal(static fn(): Plan => (new MoveStep($step, $other, true, $order))->applyTo($plan)));
        }
        $stranger = self::stranger();
        self::assertSame('step', self::refusal(static fn(): Plan => (new ChangeStep($stranger))->applyTo($plan)));
        $changed = (new ChangeStep($plan->areas[0]->steps[0]->inCoats(4)))->applyTo($plan);
        self::assertSame(4, $changed->areas[0]->steps[0]->coats);
    }

    /** Next to a step of another area it comes behind what of its own runs before that. */
    public function testAStepPutBesideAnothersHasItsPlaceInItsOwnRecipe(): void
    {
        $plan = PlanSketch::plan(self::TWO);
        $order = ['coat-1', 'hat-1', 'coat-2', 'hat-2', 'coat-3'];
        $put = static function (string $beside, bool $before) use ($plan, $order): array {
            $area = (new InsertStep(self::stranger(), 'coat', $beside, $before, $order))->applyTo($plan)->areas[0];

            return array_map(static fn(Step $one): string => $one->id, $area->steps);
        };

        self::assertSame(['coat-1', 'new', 'coat-2', 'coat-3'], $put('hat-1', true));
        self::assertSame(['coat-1', 'coat-2', 'new', 'coat-3'], $put('hat-2', false));
        self::assertSame(['new', 'coat-1', 'coat-2', 'coat-3'], $put('nobody', false), 'beside nothing that runs');
        self::assertSame(['coat-1', 'coat-2', 'new', 'coat-3'], $put('coat-3', true));
        self::assertSame(['coat-1', 'coat-2', 'coat-3', 'new'], $put('coat-3', false));
    }

    /** A running order keeps to the recipes, but where one of the two steps is locked. */
    public function testAnOrderAgainstARecipeIsRefusedUnlessItIsLocked(): void
    {
        $against = "order hat-1 coat-2 coat-1 coat-3 hat-2";
        self::assertSame('order.1', self::refusal(static fn(): Plan => PlanSketch::plan(self::TWO."\n$against")));
        foreach (['coat-1', 'coat-2'] as $locked) {
            self::assertSame([$locked], PlanSketch::plan(self::TWO."\n$against\nlocked $locked")->running->locked);
        }
        self::assertSame('order.1', self::refusal(static fn(): Plan => PlanSketch::plan(self::TWO."\n$against\nlocked coat-3")));
    }

    public function testWhatLiesWithinAPatchNamesOneOfItsOwnRecipe(): void
    {
        $badge = static fn(string $within): Plan => PlanSketch::plan(
            "area a broad-folds main cloth\n basecoat navy\n freehand ivory 1:0 x8 patch\n freehand coal 1:0 x3 patch within $within",
        );
        $plan = $badge('a-2');
        self::assertSame('a-2', $plan->areas[0]->steps[2]->more->within);
        self::assertNotNull(self::refusal(static fn(): Plan => $badge('a-3')), 'not within itself');
        self::assertNotNull(self::refusal(static fn(): Plan => $badge('nobody')));

        $without = $plan->areas[0]->withSteps([$plan->areas[0]->steps[0], $plan->areas[0]->steps[2]]);
        self::assertNull($without->steps[1]->more->within, 'What it lay within is gone.');
        $shorter = $plan->areas[0]->withSteps([$plan->areas[0]->steps[1], $plan->areas[0]->steps[2]]);
        self::assertSame('a-2', $shorter->steps[1]->more->within);
    }

    public function testWhatShinesOnPurposeIsAGlossByHandOrAWetEffect(): void
    {
        $steps = PlanSketch::plan("area a broad-folds main cloth\n gloss-spot gloss\n gloss-coat gloss\n effect slime\n effect rust")->areas[0]->steps;

        self::assertSame([true, false, true, false], array_map(static fn(Step $one): bool => $one->isMeantToShine(), $steps));
    }

    /** @return string|null the field that is at fault */
    private static function refusal(callable $ask): ?string
    {
        try {
            $ask();
        } catch (IllegalPlan $refused) {
            return $refused->field;
        } catch (\Kalokroma\Exchange\Faulty $faulty) {
            return $faulty->faults[0]->field;
        }

        return null;
    }

    private static function stranger(): Step
    {
        $step = PlanSketch::plan("area b broad-folds main cloth\n highlight sky")->areas[0]->steps[0];

        return $step->called('new')->with(Mix::single($step->mix?->ingredients[0]->paint ?? self::fail('no paint')));
    }
}
