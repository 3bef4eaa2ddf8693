<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\Technique;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Minutes held against what painters say they need. */
final class PaceTest extends TestCase
{
    /** A hooded rank and file figure as most are painted until it may stand on a table. */
    private const RANK_AND_FILE = 'undercoat black light bone
        area tunic close-folds main cloth
          basecoat navy x2
          wash umber-wash
          layer navy x1
        area sleeves close-folds medium cloth
          basecoat red x2
          wash umber-wash
        area mail scales-or-chain medium metal
          basecoat steel x1
          wash umber-wash
        area face skin small skin
          basecoat tan x2
          wash umber-wash
          layer tan x1
        area boots broad-folds small leather
          basecoat brown x2
          wash umber-wash
        area spear rope-or-grain small wood
          basecoat brown x1
          drybrush tan
        area pouches broad-folds small leather
          basecoat leather x2
        area base rubble medium ground ground
          basecoat dark-brown x1
          drybrush tan';

    public function testTenRankAndFileAreTableReadyInEightToTwelveHours(): void
    {
        $hours = self::minutes(PlanSketch::plan(self::RANK_AND_FILE), 10) / 60;

        self::assertGreaterThan(8.0, $hours);
        self::assertLessThan(12.0, $hours);
    }

    public function testASingleFigureForDisplayTakesFiveToSixHoursAndALittle(): void
    {
        $document = PlanDocument::ofFile(
            (array) json_decode((string) file_get_contents(__DIR__.'/../../../resources/demo/plans/heron-provost.json'), true),
        );

        self::assertEqualsWithDelta(5.75, self::minutes($document->plan(DocumentPaints::of($document->fields)), 1) / 60, 0.75);
    }

    public function testAPaceIsAFifthToFiveTimesTheUsualOne(): void
    {
        $layer = Technique::of('layer');
        foreach ([[0.01, 0.2], [0.2, 0.2], [0.7, 0.7], [4.9, 4.9], [5.0, 5.0], [40.0, 5.0]] as [$told, $held]) {
            self::assertEqualsWithDelta($held, Paces::of(['layer' => $told])->ratio($layer), 1e-9);
        }
        self::assertEqualsWithDelta(1.0, Paces::of(['wash' => 3.0])->ratio($layer), 1e-9);
    }

    public function testTenModelsTakeLessThanTenTimesOne(): void
    {
        $plan = PlanSketch::plan(self::RANK_AND_FILE);
        $passes = count(Rehearsal::of($plan)->order()->passes);

        self::assertEqualsWithDelta(10 * self::minutes($plan, 1) - 9 * $passes * Paces::SET_UP, self::minutes($plan, 10), 1e-6);
        self::assertEqualsWithDelta(
            self::minutes($plan, 1) - $passes * Paces::SET_UP,
            self::minutes($plan, 1, Paces::usual()->withSetUp(0.0)),
            1e-6,
        );
        self::assertEqualsWithDelta(2 * self::minutes($plan, 3), self::minutes($plan, 3, Paces::usual()->times(2.0)), 1e-6);
    }

    public function testWhatIsCountedCostsByItsNumber(): void
    {
        $gems = static function (int $count): float {
            $heads = 'heads '.implode(',', array_map(static fn(int $at): string => "g$at", range(1, $count)));

            return self::coat("undercoat none\narea gems tiny-detail speck glass\n gem red x1 $heads");
        };

        self::assertEqualsWithDelta(2 * $gems(20), $gems(40), 1e-9);
        self::assertGreaterThan(20.0, $gems(40));
        self::assertLessThan(6.0, $gems(5));
    }

    public function testABaseTakesTwoMinutesOnTheSmallestBuckleAndADecalNoMoreOnAHull(): void
    {
        self::assertSame(2.0, self::coat("undercoat none\narea buckle tiny-detail speck metal\n basecoat navy x1"));
        self::assertSame(2.5, self::coat("undercoat none\narea coat broad-folds medium cloth\n basecoat navy x1"));
        self::assertSame(
            self::coat("undercoat none\narea hull smooth-panel small metal\n decal setting"),
            self::coat("undercoat none\narea hull smooth-panel main metal\n decal setting"),
        );
    }

    public function testEveryGapIsFollowedMoreSlowlyThanAllIsFlooded(): void
    {
        $wash = static fn(string $place): float => self::coat("undercoat none\narea hull hard-edged-panel main armour\n wash umber-wash$place");

        self::assertEqualsWithDelta(2.5 * $wash(''), $wash(' recesses'), 1e-9);
        self::assertGreaterThan(5.0, $wash(' recesses'), 'a whole armour');
    }

    private static function coat(string $sketch): float
    {
        $plan = PlanSketch::plan($sketch);

        return Pace::of($plan)->coat($plan->areas[0]->steps[0], $plan->areas[0]);
    }

    private static function minutes(Plan $plan, int $models, ?Paces $own = null): float
    {
        return array_sum(array_map(
            static fn(Pass $pass): float => Pace::of($plan, $own)->pass($pass->step, $pass->area, $models),
            Rehearsal::of($plan)->order()->passes,
        ));
    }
}
