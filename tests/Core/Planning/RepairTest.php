<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Planning\Done;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Repair;
use Kalokroma\Planning\Slipped;
use Kalokroma\Planning\SlipPrice;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Planning\TouchUp;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What a slip costs: the area's own recipe over just that paint. */
final class RepairTest extends TestCase
{
    private const YELLOW = "undercoat white\narea coat broad-folds main cloth touches belt\n basecoat yellow x2\narea belt close-folds small leather touches coat\n basecoat dark-brown";

    public function testYellowOverDarkBrownTakesManyCoatsOrAnotherToneFirst(): void
    {
        $straight = self::repair(self::YELLOW, 'coat-1', 'dark-brown');
        self::assertNotNull($straight);
        self::assertNull($straight->first, 'the plan has nothing paler than its yellow');
        self::assertTrue($straight->coats === null || $straight->coats >= 7, 'never the two that were planned');

        $stepped = self::repair(str_replace('basecoat yellow x2', "basecoat sand x2\n basecoat yellow x2", self::YELLOW), 'coat-2', 'dark-brown');
        self::assertNotNull($stepped);
        self::assertSame('sand', $stepped->first?->id);
        self::assertLessThan($straight->coats ?? PHP_INT_MAX, $stepped->all());
    }

    public function testAStrongColourOverItsLikeTakesOneOrTwo(): void
    {
        self::assertLessThanOrEqual(2, self::repair(str_replace('yellow', 'navy', self::YELLOW), 'coat-1', 'dark-brown')?->all());
    }

    public function testATransparentGetsItsGroundAgain(): void
    {
        $repair = self::repair("undercoat bone\narea robe close-folds main cloth\n one-coat moss", 'robe-1', 'navy');
        self::assertNotNull($repair);
        self::assertSame(['bone', 1], [$repair->first?->id, $repair->coats]);
        self::assertGreaterThanOrEqual(1, $repair->firstCoats);

        self::assertSame(
            'ivory',
            self::repair("undercoat grey\narea robe close-folds main cloth\n basecoat ivory x3\n one-coat moss", 'robe-2', 'navy')?->first?->id,
        );
    }

    public function testWhatIsDoneWithoutPaintIsDoneOnceMore(): void
    {
        $sketch = "undercoat grey\narea hull hard-edged-panel main armour\n basecoat green\n solvent-wash grime\n wipe-back";

        self::assertSame(
            'Wipe back once more, only where it slipped.',
            self::touchUp($sketch, ['hull-1', 'hull-2', 'hull-3'], 'hull-3')->ways[0]['words'],
        );
    }

    public function testGrimeOverVarnishIsWipedOff(): void
    {
        $sketch = "undercoat grey\narea hull hard-edged-panel main armour touches door\n basecoat green\n gloss-spot gloss\narea door hard-edged-panel medium armour touches hull\n basecoat red\n gloss-spot gloss\n solvent-wash grime";

        self::assertSame('wipe', self::touchUp($sketch, ['hull-1', 'hull-2', 'door-1', 'door-2', 'door-3'], 'hull-1')->ways[0]['way']);
        self::assertSame('repaint', self::touchUp($sketch, ['hull-1', 'door-1'], 'hull-1')->ways[0]['way']);
    }

    public function testWhatASlipWouldCostIsToldBeforeTheDarkPaintIsOnTheBrush(): void
    {
        $sketch = "undercoat grey
area coat broad-folds main cloth touches belt
  basecoat sand x2
  basecoat yellow x2
  wash umber-wash
area belt close-folds small leather touches coat,boots
  basecoat dark-brown
area boots close-folds small leather touches belt
  basecoat brown x2
  layer brown x3
  highlight tan x1
order coat-1 coat-2 coat-3 boots-1 belt-1 boots-2 boots-3";
        $prices = static function (array $done) use ($sketch): array {
            $plan = PlanSketch::plan($sketch);
            $progress = Progress::of(SquadPlan::alike($plan, 4), array_map(static fn(string $id): Done => new Done($id, null, 4, 0), $done));
            $belt = array_values(array_filter($progress->passes, static fn($one): bool => $one->step->id === 'belt-1'))[0];

            return array_map(
                static fn(SlipPrice $one): array => [$one->beside->id, $one->words(), $one->minutes > 0.0],
                SlipPrice::all($progress, $belt),
            );
        };
        $yellow = self::repair($sketch, 'coat-2', 'dark-brown');

        self::assertSame([], $prices([]), 'nothing beside it is begun');
        self::assertMatchesRegularExpression('/^[2-5] coats of Sand$/', $prices(['coat-1'])[0][1], 'the two of yellow to come hide no brown');
        self::assertSame(['coat', 'boots'], array_column($prices(['coat-1', 'coat-2', 'coat-3', 'boots-1']), 0), 'the dearest first');
        self::assertSame(
            "{$yellow?->firstCoats} coats of Sand, then {$yellow?->coats} coats of Yellow, and the wash again",
            $prices(['coat-1', 'coat-2', 'coat-3'])[0][1],
        );
        self::assertSame(['boots', 'nothing: a coat that is still to come hides it', false], $prices(['boots-1'])[0]);
        self::assertMatchesRegularExpression('/^[12] coats? of Brown$/', $prices(['boots-1', 'boots-2'])[0][1]);
    }

    public function testACoatToComeHidesASlipOnlyWhereItHasCoatsEnough(): void
    {
        $minutes = static function (int $coats): float {
            $plan = PlanSketch::plan(
                "undercoat grey\narea boots broad-folds medium leather touches belt\n basecoat tan x2\n layer tan x$coats\narea belt close-folds small leather touches boots\n basecoat dark-brown\norder boots-1 belt-1 boots-2",
            );
            $progress = Progress::of(SquadPlan::alike($plan, 1), [new Done('boots-1', null, 1, 0)]);
            $belt = array_values(array_filter($progress->passes, static fn($one): bool => $one->step->id === 'belt-1'))[0];

            return SlipPrice::all($progress, $belt)[0]->minutes;
        };
        $needed = self::repair(
            "undercoat grey\narea boots broad-folds medium leather\n basecoat tan x2\narea belt close-folds small leather touches boots\n basecoat dark-brown",
            'boots-1',
            'dark-brown',
        );

        self::assertNull($needed?->first, 'or another condition decides');
        self::assertGreaterThan(1, $needed->coats);
        self::assertSame([true, false], [$minutes($needed->coats - 1) > 0.0, $minutes($needed->coats) > 0.0]);
    }

    public function testAWashWithoutColourAndAWholeModelSpoilNothing(): void
    {
        $plan = PlanSketch::plan(
            "undercoat grey\narea coat broad-folds main cloth touches belt\n basecoat yellow x2\n gloss-spot gloss\narea belt close-folds small leather touches coat\n basecoat brown\nwhole\n matt-coat matt",
        );
        $progress = Progress::of(SquadPlan::alike($plan, 1), [new Done('belt-1', null, 1, 0), new Done('coat-1', null, 1, 0)]);
        foreach ($progress->passes as $pass) {
            if (in_array($pass->step->technique->id, ['gloss-spot', 'matt-coat'], true)) {
                self::assertSame([], SlipPrice::all($progress, $pass));
            }
        }
    }

    public function testWhatWasRubbedOffIsLaidOverTheUndercoat(): void
    {
        self::assertStringContainsString('over the White', self::touchUp(self::YELLOW, ['coat-1'], 'coat-1', Slipped::Rubbed)->ways[0]['words']);
        self::assertStringNotContainsString(' over the ', self::touchUp(self::YELLOW, ['coat-1'], 'coat-1', Slipped::Dulled)->ways[0]['words']);
    }

    private static function repair(string $sketch, string $step, string $slip): ?Repair
    {
        $plan = PlanSketch::plan($sketch);
        [$area, $found] = $plan->find($step) ?? self::fail($step);
        $other = PlanSketch::plan("area a broad-folds main cloth\n basecoat $slip")->areas[0]->steps[0]->mix;

        return $other === null ? null : Repair::of($plan, $area, $found, $other);
    }

    /** @param list<string> $done */
    private static function touchUp(string $sketch, array $done, string $step, Slipped $kind = Slipped::PaintOnIt): TouchUp
    {
        $plan = PlanSketch::plan($sketch);
        $progress = Progress::of(SquadPlan::alike($plan, 2), array_map(static fn(string $id): Done => new Done($id, null, 2, 0), $done));
        foreach ($progress->passes as $pass) {
            if ($pass->step->id === $step) {
                return TouchUp::of($progress, $pass, 1, $kind);
            }
        }
        self::fail($step);
    }
}
