<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Relief\Camera;
use Kalokroma\Relief\Frame;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedLook;
use Kalokroma\Relief\Skin;
use Kalokroma\Relief\Still;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Pictures of bodies that are known, in colours that the strip tells. */
final class StillTest extends TestCase
{
    private const SKETCH = <<<'PLAN'
        undercoat grey
        area front broad-folds main cloth
          basecoat navy
          wash umber-wash
        area back broad-folds large cloth
          basecoat leather
        PLAN;

    /** As light as this a picture sends back half of what it does where it is lightest. */
    private const HALF = 0.762;

    /** @return iterable<string, array{int}> */
    public static function zones(): iterable
    {
        foreach (Zone::cases() as $index => $zone) {
            yield $zone->value => [$index];
        }
    }

    /** What faces the eye looks as the strip says, in every zone. */
    #[DataProvider('zones')]
    public function testSkinThatFacesTheEyeIsTheStripsColour(int $zone): void
    {
        $still = self::still((float) $zone, 0.0);
        $strip = self::rehearsal()->strip(self::plan()->areas[0])->final()->at(Zone::cases()[$zone]);

        self::assertLessThan(2.0, Ciede2000::between(self::at($still, 100, 100), $strip));
    }

    /** An area is looked at from where most of it is; what is much the same from both sides, from the front. */
    public function testAnAreaIsLookedAtFromWhereItIs(): void
    {
        $ball = Bodies::ball(6.0);
        $of = static fn(callable $is): Labels => Labels::of(['a'], implode('', array_map(
            static fn(int $triangle): string => chr($is(...array_slice($ball->positions, 3 * $ball->triangles[3 * $triangle], 3)) ? 0 : Labels::NONE),
            range(0, $ball->triangleCount() - 1),
        )), $ball);
        $turned = static fn(callable $is): float => Camera::facing($ball, $of($is))[0];

        self::assertSame(0.0, $turned(static fn(float $x, float $y, float $z): bool => $z > 1.0));
        self::assertSame(180.0, $turned(static fn(float $x, float $y, float $z): bool => $z < -1.0));
        self::assertSame(90.0, $turned(static fn(float $x, float $y, float $z): bool => $x > 3.0));
        self::assertSame(-90.0, $turned(static fn(float $x, float $y, float $z): bool => $x < -3.0));
        self::assertSame(45.0, $turned(static fn(float $x, float $y, float $z): bool => $x + $z > 5.0));
        self::assertSame(-45.0, $turned(static fn(float $x, float $y, float $z): bool => $z - $x > 5.0));
        self::assertSame(135.0, $turned(static fn(float $x, float $y, float $z): bool => $x - $z > 5.0));
        self::assertSame(-135.0, $turned(static fn(float $x, float $y, float $z): bool => $x + $z < -5.0));
        self::assertSame(0.0, $turned(static fn(float $x, float $y, float $z): bool => $y > 3.0), 'a hat');
        self::assertSame(0.0, $turned(static fn(): bool => false), 'nothing');
        self::assertSame([], $of(static fn(): bool => false)->vertices(0, $ball));
        self::assertCount($ball->vertexCount(), $of(static fn(): bool => true)->vertices(0, $ball));
    }

    /** What is cut out has the area in its middle, and never reaches beyond the picture. */
    public function testAnAreaIsCutOutFromNear(): void
    {
        $ball = Bodies::ball(6.0);
        $near = static fn(callable $is): Frame => Frame::near($ball, Labels::of(['a'], implode('', array_map(
            static fn(int $at): string => chr($is($ball->positions[3 * $ball->triangles[3 * $at] + 1]) ? 0 : Labels::NONE),
            range(0, $ball->triangleCount() - 1),
        )), $ball), 0, Camera::turned(0.0), 100, 120);

        [$top, $foot] = [$near(static fn(float $y): bool => $y > 4.0), $near(static fn(float $y): bool => $y < -4.0)];
        $all = $near(static fn(): bool => true);
        self::assertSame([100, 120, 170, 204], [$all->width, $all->height, $all->wide, $all->high]);
        self::assertEqualsWithDelta([35, 42], [$all->x, $all->y], 1.0);
        self::assertLessThan(20, $top->y);
        self::assertGreaterThan(64, $foot->y);
        self::assertLessThanOrEqual(84, $foot->y, 'not below its foot');
        self::assertEquals(Frame::whole(100, 120), $near(static fn(): bool => false));

        $whole = self::drawn(2.0, 0.0, Frame::whole(170, 204));
        foreach ([$top, $all, $foot] as $frame) {
            $part = self::drawn(2.0, 0.0, $frame);
            $rows = array_slice(array_chunk($whole->points, 170), $frame->y, 120);
            self::assertSame(array_merge(...array_map(static fn(array $row): array => array_slice($row, $frame->x, 100), $rows)), $part->points);
        }
    }

    public function testTurnedRoundOneSeesTheOtherSide(): void
    {
        $back = self::rehearsal()->strip(self::plan()->areas[1])->final()->at(Zone::Face);

        self::assertLessThan(2.0, Ciede2000::between(self::at(self::still(2.0, 180.0), 100, 100), $back));
        self::assertGreaterThan(10.0, Ciede2000::between(self::at(self::still(2.0, 0.0), 100, 100), $back));
    }

    public function testItLiesInTheMiddleWithNothingRoundItAndIsDarkerWhereItTurnsAway(): void
    {
        $still = self::still(2.0, 0.0);

        self::assertSame([-1, -1], [$still->points[0], $still->points[199]]);
        self::assertGreaterThanOrEqual(0, $still->points[3 * 200 + 100], 'As large as fits.');
        self::assertEqualsWithDelta(
            M_PI / 4,
            count(array_filter($still->points, static fn(int $point): bool => $point >= 0)) / 200 / 200,
            0.04,
            'A ball is round.',
        );
        self::assertLessThan(self::at($still, 100, 100)->lightness - 1.0, self::at($still, 100, 6)->lightness);
    }

    public function testWhatIsInNoAreaIsGrey(): void
    {
        $mesh = self::ball();
        $even = array_fill(0, $mesh->vertexCount(), 1.0);
        $still = Still::of($mesh, Labels::none($mesh), Skin::of($even, $even), [], Camera::turned(0.0, 0.0), Frame::whole(60, 60));
        $colour = self::at($still, 30, 30, 60);

        self::assertLessThan(0.5, hypot($colour->a, $colour->b));
        self::assertEqualsWithDelta(
            Srgb::of(Srgb::encode(0.25), Srgb::encode(0.25), Srgb::encode(0.25))->toLab()->lightness,
            $colour->lightness,
            1.0,
        );
    }

    public function testEdgesComeOutSmooth(): void
    {
        $plain = self::drawn(2.0, 0.0, Frame::whole(100, 100));
        $smooth = self::drawn(2.0, 0.0, Frame::whole(100, 100), true);
        [$past, $inside, $rim] = [[], 0, 0];
        foreach ($smooth->points as $at => $point) {
            $past[$point < 0 ? 127 : $point >> 24] = true;
            if ($point < 0 || $point >> 24 > 0) {
                $rim += $point < 0 ? 0 : 1;
                continue;
            }
            $inside++;
            // What is covered as a whole looks as it does without: a place lies half of a point beside another.
            self::assertGreaterThanOrEqual(0, $plain->points[$at]);
            [$x, $y] = [$at % 100, intdiv($at, 100)];
            self::assertLessThan(2.0, Ciede2000::between(self::at($plain, $x, $y, 100), self::at($smooth, $x, $y, 100)));
        }
        ksort($past);

        self::assertSame([0, 31, 63, 95, 127], array_keys($past), 'A point is covered by quarters.');
        self::assertEqualsWithDelta(M_PI * 49 ** 2, $inside + $rim / 2, 60);
        // The four places are ½ (|cos| + |sin|) wide across a rim that runs at an angle: all round a ball that is four times its radius.
        self::assertEqualsWithDelta(4 * 49, $rim, 15);
    }

    /** Of a point that is covered in three places the light is that of their middle: a third of a place beside the point's own. */
    #[DataProvider('ways')]
    public function testThePointsOfARimAreLitAsTheirNeighboursWithin(int $along): void
    {
        // A square that stands on a corner, darkest at one corner and lightest at the one across.
        $mesh = Mesh::of([-10.0, 0.0, 0.0, 0.0, -10.0, 0.0, 10.0, 0.0, 0.0, 0.0, 10.0, 0.0], [0, 1, 3, 1, 2, 3]);
        $width = 18;
        $still = Still::of(
            $mesh,
            Labels::of([], str_repeat(chr(Labels::NONE), 2), $mesh),
            Skin::of([2.0, 2.0, 2.0, 2.0], $along === 0 ? [0.0, self::HALF, 1.0, self::HALF] : [self::HALF, 1.0, self::HALF, 0.0]),
            [],
            Camera::turned(0.0, 0.0),
            Frame::whole($width, $width),
            true,
            true,
        );
        $red = $whole = [];
        foreach ($still->points as $at => $point) {
            $row = $along === 0 ? $at % $width : intdiv($at, $width);
            if ($point >= 0 && $point >> 24 === 0) {
                $whole[$row] = $point >> 16 & 0xFF;
            } elseif ($point >> 24 === 31) {
                $red[] = [$row, $point >> 16 & 0xFF];
            }
        }
        self::assertGreaterThan(20, count($red));
        self::assertGreaterThan(4 * count($whole), $whole[max(array_keys($whole))] - $whole[min(array_keys($whole))]);
        foreach ($red as [$row, $seen]) {
            if (isset($whole[$row - 1], $whole[$row + 1])) {
                self::assertGreaterThan($whole[$row - 1], $seen);
                self::assertLessThan($whole[$row + 1], $seen);
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function ways(): iterable
    {
        yield 'across' => [0];
        yield 'down' => [1];
    }

    /** In whatever order a sculpt lists its triangles, and wherever a corner begins, it looks the same. */
    public function testTheOrderOfTrianglesIsNotSeen(): void
    {
        $seen = static function (int ...$triangles): array {
            $mesh = Mesh::of([-10.0, 0.0, 0.0, 0.0, -10.0, 0.0, 10.0, 0.0, 0.0, 0.0, 10.0, 0.0], array_values($triangles));
            $skin = Skin::of([2.0, 2.0, 2.0, 2.0], [0.0, self::HALF, 1.0, self::HALF]);
            $labels = Labels::none($mesh);
            $still = Still::of($mesh, $labels, $skin, [], Camera::turned(0.0, 0.0), Frame::whole(19, 19), true);

            return array_merge(...array_map(static fn(int $point): array => $point < 0
                ? [127, 0, 0, 0]
                : [$point >> 24, $point >> 16 & 0xFF, $point >> 8 & 0xFF, $point & 0xFF], $still->points));
        };
        $first = $seen(0, 1, 3, 1, 2, 3);

        foreach ([[1, 2, 3, 0, 1, 3], [3, 0, 1, 2, 3, 1], [3, 1, 2, 1, 3, 0]] as $otherwise) {
            self::assertEqualsWithDelta($first, $seen(...$otherwise), 1.0, implode(' ', $otherwise));
        }
        self::assertGreaterThan(100, count(array_filter($first, static fn(int $value): bool => $value === 0)));
    }

    /** A worker of the server has 192 MB, and the framework, the plan and the sculpt are in them too. */
    public function testTheLargestThatIsAskedForHasRoom(): void
    {
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $still = self::drawn(2.0, 0.0, Frame::whole(900, 1200));

        self::assertCount(900 * 1200, $still->points);
        self::assertLessThan(90e6, memory_get_peak_usage() - $before);
    }

    private static function still(float $zone, float $turn): Still
    {
        return self::drawn($zone, $turn, Frame::whole(200, 200));
    }

    private static function drawn(float $zone, float $turn, Frame $frame, bool $isSmooth = false): Still
    {
        $mesh = self::ball();
        $labels = '';
        foreach (array_chunk($mesh->triangles, 3) as [$a, $b, $c]) {
            $labels .= chr($mesh->positions[3 * $a + 2] + $mesh->positions[3 * $b + 2] + $mesh->positions[3 * $c + 2] > 0.0 ? 0 : 1);
        }

        return Still::of(
            $mesh,
            Labels::of(['front', 'back'], $labels, $mesh),
            Skin::of(array_fill(0, $mesh->vertexCount(), $zone), array_fill(0, $mesh->vertexCount(), 1.0)),
            self::looks(),
            Camera::turned($turn, 0.0),
            $frame,
            $isSmooth,
        );
    }

    /** @return list<PaintedLook> */
    private static function looks(): array
    {
        return array_map(static function ($area): PaintedLook {
            $painted = PaintedArea::of(self::rehearsal(), $area);

            return PaintedLook::of($painted, $painted->stages[count($painted->stages) - 1]);
        }, self::plan()->areas);
    }

    private static function at(Still $still, int $x, int $y, int $width = 200): Lab
    {
        return Srgb::parse(sprintf('#%06x', $still->points[$y * $width + $x]))->toLab();
    }

    private static function plan(): Plan
    {
        static $plan = null;

        return $plan ??= PlanSketch::plan(self::SKETCH);
    }

    private static function rehearsal(): Rehearsal
    {
        static $rehearsal = null;

        return $rehearsal ??= Rehearsal::of(self::plan());
    }

    /** Of radius 10 mm. */
    private static function ball(int $rings = 24): Mesh
    {
        $positions = $triangles = [];
        for ($ring = 0; $ring <= $rings; $ring++) {
            for ($at = 0; $at < 2 * $rings; $at++) {
                [$down, $round] = [M_PI * $ring / $rings, M_PI * $at / $rings];
                array_push($positions, 10 * sin($down) * sin($round), 10 * cos($down), 10 * sin($down) * cos($round));
            }
        }
        for ($ring = 0; $ring < $rings; $ring++) {
            for ($at = 0; $at < 2 * $rings; $at++) {
                $next = ($at + 1) % (2 * $rings);
                [$a, $b, $c, $d] = [
                    2 * $rings * $ring + $at,
                    2 * $rings * ($ring + 1) + $at,
                    2 * $rings * ($ring + 1) + $next,
                    2 * $rings * $ring + $next,
                ];
                array_push($triangles, $a, $b, $c, $a, $c, $d);
            }
        }

        return Mesh::of($positions, $triangles);
    }
}
