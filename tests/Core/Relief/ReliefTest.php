<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Craft\Facing;
use Kalokroma\Relief\Exposure;
use Kalokroma\Relief\IllegalSculpt;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Measure;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Nearby;
use Kalokroma\Relief\PackedRelief;
use Kalokroma\Relief\Relief;
use Kalokroma\Relief\Spray;
use Kalokroma\Simulation\SprayCone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReliefTest extends TestCase
{
    public function testABallIsOpenEverywhereAndBentByItsRadius(): void
    {
        $ball = Bodies::ball(6.0);
        $openness = Exposure::around($ball)->finish()->openness();
        self::assertGreaterThan(0.97, min($openness));
        foreach ([1.0, 2.0] as $radiusMm) {
            $curvature = Nearby::of($ball, $radiusMm, $openness)->curvature;
            self::assertEqualsWithDelta(1 / 6.0, array_sum($curvature) / count($curvature), 0.02);
        }
        self::assertEqualsWithDelta(4 * M_PI * 36, array_sum($ball->triangleAreas()), 4 * M_PI * 36 * 0.01);
    }

    public function testABallTwiceAsLargeIsBentHalfAsMuch(): void
    {
        [$small, $large] = array_map(static function (float $radius): float {
            $ball = Bodies::ball($radius);
            $curvature = Nearby::of($ball, 2.0, array_fill(0, $ball->vertexCount(), 1.0))->curvature;

            return array_sum($curvature) / count($curvature);
        }, [5.0, 10.0]);
        self::assertEqualsWithDelta(2.0, $small / $large, 0.1);
    }

    /** @return iterable<string, array{float, float}> */
    public static function holes(): iterable
    {
        yield 'as deep as wide' => [4.0, 4.0];
        yield 'twice as deep' => [4.0, 8.0];
        yield 'shallow' => [6.0, 3.0];
    }

    #[DataProvider('holes')]
    public function testTheMiddleOfAHoleSeesWhatIsLeftOfTheSky(float $radius, float $deep): void
    {
        $hole = Bodies::hole($radius, $deep);
        $openness = Exposure::around($hole)->finish()->openness();
        $middle = self::nearest($hole, [0.0, -$deep, 0.0]);
        self::assertEqualsWithDelta($radius ** 2 / ($radius ** 2 + $deep ** 2), $openness[$middle], 0.09);
        self::assertGreaterThan(0.95, $openness[self::nearest($hole, [20.0, 0.0, 0.0])]);
    }

    /** Beside a wall as high as h, so far from it: all of the sky but what the wall takes, which is half right at its foot. */
    public function testBesideAnInsideCornerHalfIsSeen(): void
    {
        $corner = Bodies::corner(20.0);
        $openness = Exposure::around($corner)->finish()->openness();
        foreach ([1.0, 4.0, 18.0] as $far) {
            self::assertEqualsWithDelta(0.5 + 0.5 * $far / hypot($far, 20.0), $openness[self::nearest($corner, [0.0, 0.0, $far])], 0.08, "$far mm");
        }
    }

    public function testOfACubeEdgesAreEdgeAndFacesAreFace(): void
    {
        $cube = Bodies::cube();
        $relief = WorkedOut::of($cube, []);
        self::assertGreaterThan(3.3, $relief->zones[self::nearest($cube, [5.0, 5.0, 0.0])]);
        self::assertEqualsWithDelta(2.0, $relief->zones[self::nearest($cube, [0.0, 0.0, 5.0])], 0.3);
        self::assertEqualsWithDelta(2.0, $relief->zones[self::nearest($cube, [5.0, 0.0, 0.0])], 0.3);
        self::assertLessThan(1.6, $relief->zones[self::nearest($cube, [0.0, -5.0, 0.0])], 'its underside looks down');
        self::assertGreaterThan(2.4, $relief->zones[self::nearest($cube, [0.0, 5.0, 0.0])], 'its upper side catches light');
    }

    public function testTheUndersideOfABallGetsNothingFromAbove(): void
    {
        $ball = Bodies::ball(6.0);
        $above = Spray::of(SprayCone::ofHalfAngle(45.0));
        $below = Spray::of(SprayCone::ofHalfAngle(45.0)->fromBelow());
        $relief = WorkedOut::of($ball, [$above, $below]);
        [$top, $side, $bottom] = [
            self::nearest($ball, [0.0, 6.0, 0.0]),
            self::nearest($ball, [6.0, 0.0, 0.0]),
            self::nearest($ball, [0.0, -6.0, 0.0]),
        ];
        $reach = $relief->reach[$above->key()];
        self::assertEqualsWithDelta(1.0, $reach[$top], 0.03);
        self::assertSame(0.0, $reach[$bottom]);
        self::assertGreaterThan(0.05, $reach[$side]);
        self::assertLessThan(0.5, $reach[$side]);
        self::assertEqualsWithDelta($reach[$top], $relief->reach[$below->key()][$bottom], 0.03);
    }

    /** What the strip takes for a zone that looks a certain way, the sculpt has where it looks that way. */
    /** A roof of slivers, each from the middle to the rim and next to no width, hides what lies under it as one of any cut. */
    public function testARoofOfSliversHidesWhatLiesUnderIt(): void
    {
        [$rim, $positions, $triangles] = [240, [0.0, 10.0, 0.0], []];
        for ($at = 0; $at < $rim; $at++) {
            array_push($positions, 20 * cos(2 * M_PI * $at / $rim), 10.0, -20 * sin(2 * M_PI * $at / $rim));
            array_push($triangles, 0, 1 + $at, 1 + ($at + 1) % $rim);
        }
        $under = 1 + $rim;
        foreach ([[-12.0, -12.0], [0.0, 0.0], [12.0, 9.0], [-3.0, 14.0], [27.0, 0.0], [27.0, 3.0], [30.0, 0.0]] as [$x, $z]) {
            array_push($positions, $x, 0.0, $z);
        }
        array_push($triangles, $under, $under + 3, $under + 1, $under + 1, $under + 3, $under + 2, $under + 4, $under + 5, $under + 6);
        $reach = Exposure::of(Mesh::of($positions, $triangles), Spray::of(SprayCone::ofHalfAngle(10.0)))->finish()->reach();

        self::assertGreaterThan(0.95, min(array_slice($reach, 0, $under)), 'the roof');
        self::assertSame([0.0, 0.0, 0.0, 0.0], array_slice($reach, $under, 4), 'under it');
        self::assertGreaterThan(0.95, min(array_slice($reach, $under + 4)), 'beside it');
    }

    public function testOnAnOpenBallASprayLandsAsTheStripHasIt(): void
    {
        $ball = Bodies::ball(8.0);
        $cone = SprayCone::ofHalfAngle(45.0);
        $reach = WorkedOut::of($ball, [Spray::of($cone)])->reach[Spray::of($cone)->key()];
        foreach (\Kalokroma\Craft\Zone::cases() as $zone) {
            $tilt = deg2rad($zone->tiltDegrees());
            self::assertEqualsWithDelta(
                $cone->reach($zone),
                $reach[self::nearest($ball, [8 * sin($tilt), 8 * cos($tilt), 0.0])],
                0.06,
                $zone->value,
            );
        }
    }

    public function testTurningTheFigureChangesNothing(): void
    {
        $hole = Bodies::hole(5.0, 4.0);
        $turned = Bodies::turnedBy($hole, 37.0);
        $spray = Spray::of(SprayCone::ofHalfAngle(50.0));
        [$one, $other] = [WorkedOut::of($hole, [$spray]), WorkedOut::of($turned, [$spray])];
        self::assertLessThan(0.06, self::meanDifference($one->zones, $other->zones));
        self::assertLessThan(0.02, self::meanDifference($one->reach[$spray->key()], $other->reach[$spray->key()]));
    }

    public function testTwiceTheTrianglesChangeTheZonesLittle(): void
    {
        $mean = static function (Mesh $mesh): float {
            $sum = 0.0;
            $weights = $mesh->vertexAreas();
            foreach (WorkedOut::of($mesh, [])->zones as $vertex => $zone) {
                $sum += $weights[$vertex] * $zone;
            }

            return $sum / array_sum($weights);
        };
        self::assertEqualsWithDelta($mean(Bodies::cube(10.0, 20)), $mean(Bodies::cube(10.0, 28)), 0.1);
        self::assertEqualsWithDelta($mean(Bodies::ball(6.0, 30)), $mean(Bodies::ball(6.0, 42)), 0.1);
    }

    public function testWorkThatWasLeftGoesOnToTheSameEnd(): void
    {
        $hole = Bodies::hole(5.0, 4.0);
        $begun = Exposure::around($hole);
        for ($at = 0; $at < 30; $at++) {
            $begun->goOn();
        }
        self::assertSame(Exposure::AROUND - 30, $begun->left());
        self::assertEqualsWithDelta(
            Exposure::around($hole)->finish()->openness(),
            Exposure::around($hole)->resumed($begun->state())->finish()->openness(),
            1e-9,
        );
        $this->expectException(IllegalSculpt::class);
        Exposure::around(Bodies::cube(10.0, 4))->resumed($begun->state());
    }

    public function testAreasAreMeasured(): void
    {
        $cube = Bodies::cube(10.0, 12);
        $openness = Exposure::around($cube)->finish()->openness();
        $zones = Relief::zones($cube, $openness);
        $labels = '';
        foreach (array_chunk($cube->triangles, 3) as $corners) {
            $x = max(array_map(static fn(int $vertex): float => abs($cube->positions[3 * $vertex]), $corners));
            $isLid = min(array_map(static fn(int $vertex): float => $cube->positions[3 * $vertex + 1], $corners)) > 4.99;
            $labels .= $isLid ? "\0" : ($x > 4.99 && $cube->positions[3 * $corners[0]] > 0 ? "\1" : chr(Labels::NONE));
        }
        [$lid, $side, $rest] = Measure::of($cube, Labels::of(['lid', 'side'], $labels, $cube), $zones, $openness);
        self::assertEqualsWithDelta(100.0, $lid->mm2, 0.01);
        self::assertEqualsWithDelta(100.0, $side->mm2, 25.0);
        // What it stands on is no skin that is painted.
        self::assertEqualsWithDelta(500.0, $lid->mm2 + $side->mm2 + $rest->mm2, 0.01);
        self::assertEqualsWithDelta(1.0, $lid->share + $side->share + $rest->share, 1e-9);
        self::assertEqualsWithDelta(1.0, array_sum($lid->zones), 1e-9);
        self::assertEqualsWithDelta(10.0, $lid->bordersMm['side'], 1.7);
        self::assertEqualsWithDelta($lid->bordersMm['side'], $side->bordersMm['lid'], 1e-9);
        self::assertNull($rest->area);
        self::assertSame([5.0, 5.0], [$lid->lowestMm, $lid->highestMm]);
        self::assertSame([1.0, Facing::Up], [round($lid->height, 6), $lid->facing]);
        self::assertEqualsWithDelta(0.5, $side->height, 0.1);
        self::assertSame(Facing::Out, $side->facing, 'One side is neither front nor back.');
    }

    public function testWhatIsSmallerThanASquareMillimetreIsMeasuredToo(): void
    {
        $sliver = Mesh::of([0.0, 0.0, 0.0, 0.2, 0.0, 0.0, 0.0, 4.0, 0.0], [0, 1, 2]);
        [$all] = Measure::of($sliver, Labels::of(['thread'], "\0", $sliver), [2.0, 2.0, 2.0], [1.0, 1.0, 1.0]);

        self::assertEqualsWithDelta(0.4, $all->mm2, 1e-9);
        self::assertSame(1.0, $all->share);
    }

    public function testPatchesAreAreasToo(): void
    {
        $cube = Bodies::cube(10.0);
        $labels = Labels::ofPatches($cube);
        $skin = array_fill(0, count($labels->areas), 0.0);
        foreach ($cube->triangleAreas() as $triangle => $mm2) {
            $skin[ord($labels->triangles[$triangle])] += $mm2;
        }

        $sorted = $skin;
        rsort($sorted);
        self::assertSame($sorted, $skin, 'The largest first.');
        self::assertSame('patch 1', $labels->areas[0]);
        self::assertEqualsWithDelta(array_fill(0, 6, 100.0), array_slice($skin, 0, 6), 25.0, 'A cube has six sides.');
        self::assertEqualsWithDelta(600.0, array_sum($skin), 0.01);
    }

    public function testWhereMostOfItLooksIsOneWord(): void
    {
        self::assertSame(Facing::Front, Facing::of(0.1, 0.2, 0.8));
        self::assertSame(Facing::Back, Facing::of(0.1, 0.2, -0.8));
        self::assertSame(Facing::Down, Facing::of(0.1, -0.7, 0.6));
        self::assertSame(Facing::Out, Facing::of(0.0, 0.1, 0.2), 'All round.');
        self::assertSame(Facing::Out, Facing::of(-0.9, 0.3, 0.2));
        self::assertSame('to the front', Facing::Front->label());
    }

    public function testWhatIsKeptIsWhatWasWorkedOut(): void
    {
        $hole = Bodies::hole(5.0, 4.0);
        $openness = Exposure::around($hole)->finish()->openness();
        [$zones, $open] = PackedRelief::read(PackedRelief::of($hole, $openness));
        self::assertEqualsWithDelta(Relief::zones($hole, $openness), $zones, 4 / 255);
        self::assertEqualsWithDelta($openness, $open, 1 / 255);
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     */
    private static function meanDifference(array $one, array $other): float
    {
        return array_sum(array_map(static fn(float $here, float $there): float => abs($here - $there), $one, $other)) / count($one);
    }

    /** @param array{float, float, float} $place */
    private static function nearest(Mesh $mesh, array $place): int
    {
        $best = [INF, 0];
        foreach (array_chunk($mesh->positions, 3) as $vertex => [$x, $y, $z]) {
            $best = min($best, [($x - $place[0]) ** 2 + ($y - $place[1]) ** 2 + ($z - $place[2]) ** 2, $vertex]);
        }

        return $best[1];
    }
}
