<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\AreaWay;
use Kalokroma\Planning\PlanWay;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\AddWay;
use Kalokroma\Recipe\Edit\GroundWay;
use Kalokroma\Recipe\Edit\PromoteWay;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Ways of several areas: what they come to together, put aside and taken as one. */
final class PlanWayTest extends TestCase
{
    private const SKETCH = <<<'TEXT'
        undercoat grey
        area coat broad-folds main cloth touches hood
         basecoat navy x2
         highlight blue
        variant quick
         one-coat amber 1:1
        variant alone
         basecoat tan
        area hood close-folds medium cloth
         basecoat green x2
         wash umber-wash
        variant quick
         one-coat moss 1:1
        area boots close-folds small leather
         basecoat leather
        TEXT;

    /** What stands on a black of its own looks otherwise, wants that pot too, and goes back to the model's ground by the same edit. */
    public function testAWayStandsOnAnUndercoatOfItsOwn(): void
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $black = PlanSketch::plan('undercoat black')->undercoat;
        $grounded = (new GroundWay('quick', $black))->applyTo($plan);
        $ways = static fn(Plan $one): array => PlanWay::all(Rehearsal::of($one), Shelf::of([]));
        [[, $before], [$planned, $after]] = [$ways($plan), $ways($grounded)];

        self::assertSame([null, null, $black->words()], [$before->undercoat, $planned->undercoat, $after->undercoat?->words()]);
        self::assertLessThan(
            $before->areas['hood']->strip->final()->mean()->lightness - 3.0,
            $after->areas['hood']->strip->final()->mean()->lightness,
            'A transparent over black stays dark.',
        );
        self::assertSame(['amber', 'black', 'moss'], self::sorted($after->cost->pots));
        self::assertSame(['amber', 'moss'], self::sorted($before->cost->pots));
        self::assertNull($grounded->areas[0]->variants[1]->undercoat, 'Another variant stays where it stands.');
        self::assertEquals($plan, (new GroundWay('quick', null))->applyTo($grounded));
        $this->expectException(IllegalPlan::class);
        (new GroundWay('nothing', $black))->applyTo($plan);
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<string>
     */
    private static function sorted(array $paints): array
    {
        $ids = array_map(static fn(Paint $one): string => $one->id, $paints);
        sort($ids);

        return $ids;
    }

    public function testVariantsOfOneNameAreHeldAgainstWhatIsPlannedTogether(): void
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $rehearsal = Rehearsal::of($plan);
        $shelf = Shelf::of(array_values(array_filter($plan->paints(), static fn(Paint $one): bool => $one->id !== 'moss')));
        [$planned, $quick] = $ways = PlanWay::all($rehearsal, $shelf);

        self::assertSame([null, 'quick'], array_map(static fn(PlanWay $one): ?string => $one->name, $ways), 'One area alone makes no way.');
        self::assertSame(['coat', 'hood'], array_keys($planned->areas));
        self::assertSame([[], ['coat', 'hood']], [$planned->changed, $quick->changed]);
        self::assertSame([7, 2], [$planned->cost->coats, $quick->cost->coats]);
        self::assertLessThan($planned->cost->minutes, $quick->cost->minutes);
        self::assertSame(['amber', 'moss'], array_map(static fn(Paint $one): string => $one->id, $quick->cost->pots));
        self::assertSame([[], ['moss']], [$planned->cost->toBuy, array_map(static fn(Paint $one): string => $one->id, $quick->cost->toBuy)]);
        foreach ($ways as $way) {
            $minutes = array_map(static fn(AreaWay $one): float => $one->cost->minutes, $way->areas);
            self::assertEqualsWithDelta(array_sum($minutes), $way->cost->minutes, 1e-9);
            self::assertSame(max(array_map(static fn(AreaWay $one): int => $one->cost->dryMinutes, $way->areas)), $way->cost->dryMinutes);
            self::assertSame(max(array_map(static fn(AreaWay $one): ?float => $one->cost->slipMinutes, $way->areas)), $way->cost->slipMinutes);
        }
        self::assertSame([], PlanWay::all(Rehearsal::of(PlanSketch::plan("undercoat grey\narea coat broad-folds main cloth\n basecoat navy")), $shelf));
    }

    /** Taken and taken back it is the plan it was; both stay among the variants. */
    public function testAWayIsTakenAndTakenBackAsOne(): void
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $quick = (new PromoteWay('quick', 'before'))->applyTo($plan);
        $back = (new PromoteWay('as it was', 'again'))->applyTo($quick);

        self::assertSame(['amber', 'moss'], [self::first($quick, 'coat'), self::first($quick, 'hood')]);
        self::assertSame(self::words($plan), self::words($back));
        self::assertSame(
            [[null, []], ['quick', []], ['as it was', ['coat', 'hood']]],
            array_map(
                static fn(PlanWay $one): array => [$one->name, $one->changed],
                PlanWay::all(Rehearsal::of($quick), Shelf::of([])),
            ),
        );
    }

    /** What was put aside twice is shown and taken as it was put aside last. */
    public function testOfTwoThatAreCalledAlikeTheNewestIsShownAndTaken(): void
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $again = (new PromoteWay('quick', 'before'))->applyTo($plan);
        $repainted = $again->withArea($again->areas[0]->withVariants([
            ...$again->areas[0]->variants,
            new Variant('newest', 'as it was', false, '', '', $again->areas[2]->steps),
        ]));
        $shown = array_column(PlanWay::all(Rehearsal::of($repainted), Shelf::of([])), null, 'name')['as it was'];
        $taken = (new PromoteWay('as it was', 'y'))->applyTo($repainted);

        self::assertSame('leather', self::first($taken, 'coat'));
        self::assertSame(['leather'], array_map(static fn(Paint $one): string => $one->id, $shown->areas['coat']->cost->pots));
    }

    public function testSeveralRecipesArePutAsideUnderOneName(): void
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $aside = (new AddWay('by the book', ['coat', 'boots', 'coat'], 'book'))->applyTo($plan);

        self::assertSame(self::words($plan), self::words($aside), 'Nothing is painted otherwise yet.');
        self::assertSame(['book-1', null, 'book-2'], array_map(
            static fn(Area $area): ?string => $area->variantCalled('by the book')?->id,
            $aside->areas,
        ));
        foreach ([
            'areas' => static fn(): Plan => (new AddWay('none', [], 'x'))->applyTo($plan),
            'name' => static fn(): Plan => (new AddWay('quick', ['boots', 'hood'], 'x'))->applyTo($plan),
            'area' => static fn(): Plan => (new AddWay('new', ['coat', 'nobody'], 'x'))->applyTo($plan),
        ] as $field => $illegal) {
            self::assertSame($field, self::fault($illegal));
        }
        self::assertSame('name', self::fault(static fn(): Plan => (new PromoteWay('nowhere', 'x'))->applyTo($plan)));
        $quick = (new PromoteWay('quick', 'x'))->applyTo($plan);
        self::assertSame('name', self::fault(static fn(): Plan => (new PromoteWay('quick', 'y'))->applyTo($quick)), 'It is painted so already.');
    }

    /** @param callable(): Plan $illegal */
    private static function fault(callable $illegal): string
    {
        try {
            $illegal();
        } catch (IllegalPlan $plan) {
            return $plan->field;
        }

        return '';
    }

    private static function first(Plan $plan, string $area): ?string
    {
        return $plan->area($area)?->steps[0]->mix?->ingredients[0]->paint->id;
    }

    /** @return list<list<string>> */
    private static function words(Plan $plan): array
    {
        return array_map(static fn(Area $area): array => array_map(static fn(Step $step): string => $step->words(), $area->steps), $plan->areas);
    }
}
