<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\OrderStyle;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\FixedOrder;
use Kalokroma\Planning\LockStep;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\RunStep;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\PlanSketch;
use Tests\Core\SensiblePlans;

/** Every law and preference, by a plan in which it alone decides. */
final class LawsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> plan, what comes first, what then */
    public static function laws(): iterable
    {
        yield 'what primes the whole model comes first' => [
            "undercoat none\narea a broad-folds main cloth\n basecoat navy\nwhole\n primer grey",
            'whole-1',
            'a-1',
        ];
        yield 'a part is glued on when what it hides is painted' => [
            "loose p\narea arm broad-folds medium cloth behind face\n basecoat tan\n highlight sand\narea face hard-edged-panel small armour part p\n basecoat steel\nwhole\n glue-part part p",
            'arm-2',
            'whole-1',
        ];
        yield 'a mask comes off after what is sprayed past it' => [
            "area a broad-folds main cloth\n basecoat navy\nwhole\n mask\n spray-layer coal\n unmask",
            'whole-2',
            'whole-3',
        ];
        yield 'decals lie on gloss' => [
            "area a smooth-panel main armour\n basecoat green\n decal setting\nwhole\n gloss-coat gloss",
            'whole-1',
            'a-2',
        ];
        yield 'grime goes over decals' => [
            "area a smooth-panel main armour\n basecoat green\n decal setting\nwhole\n streaks grime",
            'a-2',
            'whole-1',
        ];
        yield 'the dull coat closes the work' => [
            "area a smooth-panel main armour\n basecoat green\n edge-highlight lime\nwhole\n matt-coat matt",
            'a-2',
            'whole-1',
        ];
        yield 'what is to shine comes after the dull coat' => [
            "area a smooth-panel small glass\n lens ivory\n gloss-spot gloss\nwhole\n matt-coat matt",
            'whole-1',
            'a-2',
        ];
        yield 'slime dries after the dull coat' => [
            "area a rubble small stone\n basecoat brown\n effect slime\nwhole\n matt-coat matt",
            'whole-1',
            'a-2',
        ];
        yield 'the whole model as it is listed' => [
            "area a smooth-panel main armour\n basecoat green\nwhole\n satin-coat satin\n chip coal",
            'whole-1',
            'whole-2',
        ];
        yield 'what is behind comes first' => [
            "area harp rope-or-grain small wood\n basecoat brown\narea chest broad-folds medium cloth behind harp\n basecoat tan\n layer sand",
            'chest-2',
            'harp-1',
        ];
        yield 'inner before outer' => [
            "area coat broad-folds main cloth\n basecoat navy\narea shirt close-folds small cloth under coat\n stipple tan",
            'shirt-1',
            'coat-1',
        ];
        yield 'eyes before the face is lit' => [
            "area face skin small skin touches eyes\n basecoat skin\n highlight skin-pale\narea eyes tiny-detail speck other\n basecoat ivory\n highlight snow\n eye coal",
            'eyes-3',
            'face-2',
        ];
        yield 'lines before the lights beside them' => [
            "area plate hard-edged-panel main armour\n basecoat red\n highlight orange\n lining coal borders cloth\narea cloth close-folds small cloth\n basecoat blue\n highlight sky",
            'plate-3',
            'cloth-2',
        ];
        yield 'washes before the repairs beside them' => [
            "area trim hard-edged-panel small metal touches cloth\n basecoat brass\n touch-up brass\narea cloth close-folds main cloth\n basecoat red\n glaze ruby\n wash umber-wash",
            'cloth-3',
            'trim-2',
        ];
        yield 'dark before what is pale beside it is finished' => [
            "area sail broad-folds main cloth touches mast\n basecoat ivory x2\n highlight snow\narea mast rope-or-grain medium wood\n basecoat dark-brown",
            'mast-1',
            'sail-2',
        ];
        yield 'messy before neat' => [
            "area coat broad-folds main cloth touches pelt\n basecoat navy\n layer blue\narea pelt fur-or-feather small fur\n basecoat brown\n highlight tan\n drybrush sand",
            'pelt-3',
            'coat-2',
        ];
    }

    #[DataProvider('laws')]
    public function testEachDecidesWhereItAloneCan(string $sketch, string $first, string $then): void
    {
        $order = Order::of(PlanSketch::plan($sketch));

        self::assertLessThan($order->place($then), $order->place($first));
        self::assertSame([], $order->clashes);
    }

    /** Whatever the plan, the product's own order breaks a custom only where keeping it would break another: no move makes it better. */
    public function testItsOwnOrderIsContradictedByItsOwnReviewOnlyWhereNoMoveHelps(): void
    {
        $helped = [];
        $findings = 0;
        foreach (OrderStyle::cases() as $style) {
            for ($seed = 1; $seed <= 250; $seed++) {
                $document = ['way' => ['order' => $style->value]] + SensiblePlans::document($seed);
                $plan = PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
                $before = self::ofOrder($plan);
                foreach ($before as $finding) {
                    $findings++;
                    $edit = $finding->mends[0]->edit;
                    if ($edit instanceof MoveStep && count(self::ofOrder($edit->applyTo($plan))) < count($before)) {
                        $helped[] = "$seed $style->value: $finding->rule at $finding->step";
                    }
                }
            }
        }
        // The one: a painted outside before its inside, that standing otherwise would be a mess after neat work or hard to reach.
        self::assertLessThanOrEqual(1, count($helped), implode("\n", $helped));
        self::assertLessThan(100, $findings, 'of 500 orders');
    }

    public function testWhatBelongsIntoWetPasteComesRightAfterIt(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            $document = SensiblePlans::document($seed);
            $passes = Order::of(PlanDocument::ofFile($document)->plan(DocumentPaints::of($document)))->passes;
            foreach ($passes as $at => $pass) {
                if ($pass->step->technique->id === 'grit') {
                    self::assertSame('texture-paste', $passes[$at - 1]->step->technique->id, "plan $seed");
                }
            }
        }
    }

    /** @return list<Finding> */
    private static function ofOrder(Plan $plan): array
    {
        $scene = Scene::of(Rehearsal::of($plan));
        $findings = [];
        foreach (Review::rules() as $rule) {
            if ($rule instanceof OrderRule) {
                array_push($findings, ...$rule->check($scene));
            }
        }

        return $findings;
    }

    public function testBothWaysThroughKeepEveryRecipeAndTellEveryStepOnce(): void
    {
        $plan = PlanSketch::plan(
            "area a broad-folds main cloth\n basecoat navy\n wash blue-wash\n highlight sky\narea b close-folds small cloth\n basecoat brown\n wash umber-wash",
        );
        $ids = static fn(OrderStyle $style): array => array_map(static fn(Pass $pass): string => $pass->step->id, Order::of($plan, $style)->passes);

        self::assertSame(['undercoat', 'a-1', 'b-1', 'a-2', 'b-2', 'a-3'], $ids(OrderStyle::BasesFirst));
        self::assertSame(['undercoat', 'a-1', 'a-2', 'a-3', 'b-1', 'b-2'], $ids(OrderStyle::AreaByArea));
    }

    public function testOnePotOpenServesAllItCan(): void
    {
        $order = Order::of(PlanSketch::plan(
            "area a broad-folds main cloth\n basecoat navy\narea b close-folds small cloth\n basecoat brown\narea c close-folds small cloth\n basecoat navy",
        ));

        self::assertSame(['undercoat', 'a-1', 'c-1', 'b-1'], array_map(static fn(Pass $pass): string => $pass->step->id, $order->passes));
        self::assertTrue($order->passes[2]->joinsLast);
        self::assertContains('the same pot is open', $order->passes[2]->reasons);
    }

    public function testThePaintersOwnOrderStandsAndNewStepsFindTheirPlaceInIt(): void
    {
        $order = Order::of(PlanSketch::plan(
            "area a broad-folds main cloth\n basecoat navy\n highlight blue\narea b close-folds small cloth\n basecoat brown\n wash umber-wash\norder b-1 b-2 a-1 a-2",
        ));
        self::assertSame(['undercoat', 'b-1', 'b-2', 'a-1', 'a-2'], array_map(static fn(Pass $pass): string => $pass->step->id, $order->passes));

        $partly = Order::of(PlanSketch::plan(
            "area a broad-folds main cloth\n basecoat navy\n highlight blue\narea b close-folds small cloth\n basecoat brown\n wash umber-wash\norder a-1 a-2",
        ));
        self::assertLessThan($partly->place('a-2'), $partly->place('b-1'), 'A base belongs before the lights.');
    }

    public function testAMoveThatNoOrderCanHoldIsRefusedWithItsReason(): void
    {
        $plan = PlanSketch::plan(
            "loose p\narea arm broad-folds medium cloth behind face\n basecoat tan\narea face hard-edged-panel small armour part p\n basecoat steel\nwhole\n glue-part part p",
        );
        self::assertSame('face-1', Order::of((new RunStep('face-1', 'arm-1'))->applyTo($plan))->passes[1]->step->id);

        $this->expectException(IllegalPlan::class);
        $this->expectExceptionMessage('no brush gets to Arm once the part is on');
        (new RunStep('whole-1', 'arm-1'))->applyTo($plan);
    }

    public function testALockFixesTheOrderAsItIsAndABatchKeepsWhatWasBegun(): void
    {
        $plan = PlanSketch::plan("area a broad-folds main cloth\n basecoat navy\n highlight blue\narea b close-folds small cloth\n basecoat brown");
        $locked = (new LockStep('b-1', true))->applyTo($plan);
        self::assertSame([['a-1', 'b-1', 'a-2'], ['b-1']], [$locked->running->order, $locked->running->locked]);
        self::assertSame([], (new LockStep('b-1', false))->applyTo($locked)->running->locked);

        $newer = FixedOrder::keeping($plan, ['b-1']);
        self::assertSame(['b-1', 'a-1', 'a-2'], $newer->running->order);
    }

    /** Whatever is planned: all steps once, recipes in sequence, and what the solver orders it does not complain about itself. */
    public function testTheSolversOwnOrderRaisesNoFindingAboutOrder(): void
    {
        $about = [
            'hard-to-reach', 'glued-too-early', 'decal-after-grime', 'gloss-lost', 'outer-before-inner', 'eyes-after-face', 'lining-late',
            'wash-after-repair', 'unsteady-order',
        ];
        $random = new Randomizer(new Mt19937(20261125));
        for ($round = 0; $round < 60; $round++) {
            $plan = PlanSketch::plan($this->sketch($random));
            $order = Order::of($plan);
            self::assertEqualsCanonicalizing(
                array_map(static fn($step): string => $step->id, $plan->steps()),
                array_map(static fn(Pass $pass): string => $pass->step->id, $order->passes),
            );
            foreach ($plan->areas as $area) {
                $places = array_map(static fn($step): int => $order->place($step->id) ?? -1, $area->steps);
                $sorted = $places;
                sort($sorted);
                self::assertSame($sorted, $places, "round $round");
            }
            self::assertSame([], $order->clashes);
            $told = array_filter(
                Review::of(Scene::of(Rehearsal::of($plan))),
                static fn(Finding $one): bool => in_array($one->rule, $about, true) && $one->severity !== Severity::Taste,
            );
            self::assertSame(
                [],
                array_map(static fn(Finding $one): string => "$one->rule $one->step $one->why", array_values($told)),
                "round $round",
            );
        }
    }

    private function sketch(Randomizer $random): string
    {
        $sketch = "undercoat grey\nloose p\n";
        $count = $random->getInt(2, 7);
        for ($i = 0; $i < $count; $i++) {
            $under = $i > 0 && $random->getInt(0, 2) === 0 ? ' under a'.$random->getInt(0, $i - 1) : '';
            $behind = $i > 0 && $random->getInt(0, 3) === 0 ? ' behind a'.$random->getInt(0, $i - 1) : '';
            $touches = $i > 0 ? ' touches a'.$random->getInt(0, $i - 1) : '';
            $sketch .= "area a$i broad-folds medium ".['cloth', 'skin', 'leather'][$random->getInt(0, 2)].$under.$behind.$touches
                ."\n basecoat brown x2\n";
            foreach (['wash umber-wash', 'layer brown', 'highlight tan', 'edge-highlight sand', 'decal setting', 'streaks grime'] as $step) {
                $sketch .= $random->getInt(0, 1) === 1 ? " $step\n" : '';
            }
        }

        return $sketch."whole\n gloss-coat gloss\n matt-coat matt";
    }
}
