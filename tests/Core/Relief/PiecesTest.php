<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Relief\Camera;
use Kalokroma\Relief\Frame;
use Kalokroma\Relief\Grain;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\MarkPlaces;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Noise;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedLook;
use Kalokroma\Relief\PaintedStage;
use Kalokroma\Relief\Skin;
use Kalokroma\Relief\Still;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What is not of one piece: chips, streaks and dabs as broken colour, freehand and decals as shapes at their place. */
final class PiecesTest extends TestCase
{
    /** @return iterable<string, array{Grain, float}> */
    public static function shares(): iterable
    {
        foreach (Grain::cases() as $grain) {
            foreach ([0.02, 0.1, 0.3, 0.5, 0.8] as $share) {
                yield "$grain->value of $share" => [$grain, $share];
            }
        }
    }

    /** A tenth of the skin is flecks where flecks take a tenth of it. */
    #[DataProvider('shares')]
    public function testFlecksTakeTheShareTheyHave(Grain $grain, float $share): void
    {
        $flecks = $otherwise = 0;
        $noise = new Noise;
        for ($at = 0; $at < 20_000; $at++) {
            // Places that come near each other nowhere: turns of the golden angle.
            [$x, $y, $z] = [fmod($at * 0.618034, 1.0), fmod($at * 0.754878, 1.0), fmod($at * 0.569840, 1.0)];
            $place = [60.0 * $x - 30.0, 60.0 * $y, 60.0 * $z - 30.0, $noise];
            $isFleck = $grain->isBelow($share, ...$place);
            $flecks += $isFleck ? 1 : 0;
            $otherwise += $isFleck === $grain->at(...$place) < $share ? 0 : 1;
        }

        self::assertEqualsWithDelta($share, $flecks / 20_000, 0.004 + 0.03 * $share);
        self::assertSame(0, $otherwise, 'Told by the broad pattern alone it is told as by both.');
    }

    public function testStreaksRunDownAndFlecksDoNot(): void
    {
        $changes = static function (Grain $grain, int $x, int $y): float {
            $sum = 0.0;
            for ($at = 0; $at < 400; $at++) {
                [$left, $low] = [0.37 * $at - 40.0, 0.11 * $at];
                $sum += abs($grain->at($left, $low, 3.0, new Noise) - $grain->at($left + 0.2 * $x, $low + 0.2 * $y, 3.0, new Noise));
            }

            return $sum / 400;
        };

        self::assertGreaterThan(3.0 * $changes(Grain::Streaks, 0, 1), $changes(Grain::Streaks, 1, 0));
        self::assertEqualsWithDelta(1.0, $changes(Grain::Flecks, 1, 0) / $changes(Grain::Flecks, 0, 1), 0.25);
        self::assertSame(Grain::Flecks->at(1.2, 3.4, -5.6, new Noise), Grain::Flecks->at(1.2, 3.4, -5.6, new Noise));
    }

    public function testChipsAreGroundAndFlecksThatTogetherAreTheStrip(): void
    {
        $stage = self::last('  basecoat leather', '  chip ivory edges');
        $plain = self::last('  basecoat leather');
        $strip = self::strip('  basecoat leather', '  chip ivory edges');

        self::assertSame(Grain::Flecks, $stage->grain);
        self::assertNull($plain->grain);
        [$edge, $recess] = [Zone::Edge->index(), Zone::Recess->index()];
        self::assertEqualsWithDelta(0.4, $stage->shares()[$edge], 0.01, 'Two fifths of the edges are chipped.');
        self::assertSame(0.0, $stage->shares()[$recess]);
        self::assertLessThan(0.5, Ciede2000::between($stage->left[0]->plain[$edge], $plain->left[0]->plain[$edge]), 'The ground is as it was.');
        $flecks = $stage->left[0]->flecks ?? [];
        self::assertGreaterThan(25.0, $flecks[$edge]->lightness - $stage->left[0]->plain[$edge]->lightness, 'Bone is far lighter than leather.');
        self::assertLessThan(
            2.0,
            Ciede2000::between(self::mixed($stage->left[0]->plain[$edge], $flecks[$edge], $stage->shares()[$edge]), $strip[$edge]),
            'Seen from afar both are what the strip shows.',
        );
    }

    /** A second go over the chips: what is ground and what is fleck stays so from zone to zone. */
    public function testGroundStaysGroundWhereFlecksTakeMoreThanHalf(): void
    {
        $twice = self::last('  basecoat leather', '  stipple ivory x2');
        $ground = self::last('  basecoat leather');

        foreach (Zone::cases() as $zone) {
            $at = $zone->index();
            self::assertLessThan(3.0, Ciede2000::between($twice->left[0]->plain[$at], $ground->left[0]->plain[$at]), $zone->value);
            self::assertGreaterThan(10.0, Ciede2000::between($twice->left[0]->plain[$at], ($twice->left[0]->flecks ?? [])[$at]), $zone->value);
        }
        self::assertGreaterThan(0.5, $twice->shares()[Zone::Edge->index()]);
    }

    public function testStreaksRunAndWhatIsPaintedOverIsOfOnePieceAgain(): void
    {
        self::assertSame(Grain::Streaks, self::last('  basecoat ivory x3', '  streaks grime')->grain);
        self::assertNull(self::last('  basecoat ivory x3', '  stipple leather', '  basecoat coal x3')->grain);
    }

    public function testAFreehandIsAMarkAndNotACastOverTheWholeFace(): void
    {
        $stage = self::last('  basecoat ivory x3', '  freehand navy patch x2');
        $plain = self::last('  basecoat ivory x3');
        $face = Zone::Face->index();

        self::assertNull($stage->grain);
        self::assertCount(1, $stage->marks);
        self::assertEqualsWithDelta(0.3, $stage->marks[0]['share'], 1e-6);
        self::assertSame($stage->marks[0]['share'], $stage->landsWithin, 'It is lit where it lies.');
        self::assertNull($plain->landsWithin);
        self::assertLessThan(0.5, Ciede2000::between($stage->left[0]->plain[$face], $plain->left[0]->plain[$face]), 'Round it nothing changed.');
        self::assertGreaterThan(20.0, Ciede2000::between($stage->marks[0]['colour'], $plain->left[0]->plain[$face]));
        $cast = self::strip('  basecoat ivory x3', '  freehand navy patch x2')[$face];
        self::assertGreaterThan(3.0, Ciede2000::between($cast, $plain->left[0]->plain[$face]), 'The strip shows both as one.');
    }

    /** In the middle of the broadest face, in front, and never round the corner. */
    public function testAMarkLiesInTheMiddleOfTheFaceInFront(): void
    {
        $mesh = Bodies::ball(6.0);
        $even = array_fill(0, $mesh->vertexCount(), 1.0);
        $marks = MarkPlaces::of($mesh, self::all($mesh), array_fill(0, $mesh->vertexCount(), 2.0), $even);
        $middle = (int) array_search(min($marks), $marks, true);

        self::assertSame(0.0, $marks[$middle]);
        self::assertGreaterThan(5.0, $mesh->positions[3 * $middle + 2], 'It looks to the front.');
        foreach ($marks as $vertex => $far) {
            self::assertSame(true, $far <= 1.0 && ($far === 1.0 || $mesh->positions[3 * $vertex + 2] > 3.0));
        }
        $inside = array_filter($mesh->vertexAreas(), static fn(int $at): bool => $marks[$at] < 0.5, ARRAY_FILTER_USE_KEY);
        $face = array_filter($mesh->vertexAreas(), static fn(int $at): bool => $marks[$at] < 1.0, ARRAY_FILTER_USE_KEY);
        self::assertEqualsWithDelta(0.25, array_sum($inside) / array_sum($face), 0.06, 'Half as far out lies a quarter of it.');
    }

    public function testAMarkStaysOffSeamsAndOtherAreas(): void
    {
        $mesh = Bodies::ball(6.0);
        $labels = '';
        foreach (array_chunk($mesh->triangles, 3) as [$a]) {
            $labels .= chr($mesh->positions[3 * $a + 1] > 0.0 ? 0 : 1);
        }
        $even = array_fill(0, $mesh->vertexCount(), 1.0);
        // A hem runs round the upper half.
        $isHem = static fn(int $vertex): bool => abs($mesh->positions[3 * $vertex + 1] - 3.0) < 0.5;
        $zones = array_map(static fn(int $vertex): float => $isHem($vertex) ? 4.0 : 2.0, range(0, $mesh->vertexCount() - 1));
        $marks = MarkPlaces::of($mesh, Labels::of(['upper', 'lower'], $labels, $mesh), $zones, $even);

        self::assertCount(2, array_keys($marks, 0.0, true), 'Each area has its own.');
        foreach ($marks as $vertex => $far) {
            if ($zones[$vertex] > 3.0) {
                self::assertSame(1.0, $far, 'No mark lies on the hem.');
            }
        }
        $none = MarkPlaces::of($mesh, Labels::none($mesh), $zones, $even);
        self::assertSame([1.0], array_values(array_unique($none)));
    }

    public function testAStillShowsTheMarkAndTheFlecks(): void
    {
        $mesh = Bodies::ball(6.0);
        $count = $mesh->vertexCount();
        $even = array_fill(0, $count, 1.0);
        $marks = MarkPlaces::of($mesh, self::all($mesh), array_fill(0, $count, 2.0), $even);
        $still = static fn(string ...$steps): Still => Still::of(
            $mesh,
            self::all($mesh),
            Skin::of(array_fill(0, $count, 2.0), $even)->withMarks($marks),
            [self::look(...$steps)],
            Camera::turned(0.0, 0.0),
            Frame::whole(120, 120),
        );
        $freehand = $still('  basecoat ivory x3', '  freehand navy patch x2');
        $mark = self::last('  basecoat ivory x3', '  freehand navy patch x2')->marks[0]['colour'];
        $shown = static fn(Still $one, Lab $colour, float $within): float => count(array_filter(
            $one->points,
            static fn(int $point): bool => $point >= 0 && Ciede2000::between(self::lab($point), $colour) < $within,
        )) / count(array_filter($one->points, static fn(int $point): bool => $point >= 0));

        self::assertEqualsWithDelta(0.027, $shown($freehand, $mark, 3.0), 0.012, 'A small shape.');
        self::assertSame(0.0, $shown($still('  basecoat ivory x3'), $mark, 12.0));
        $stippled = self::last('  basecoat ivory x3', '  stipple navy');
        $flecks = ($stippled->left[0]->flecks ?? [])[Zone::Face->index()];
        $seen = $shown($still('  basecoat ivory x3', '  stipple navy'), $flecks, 14.0);
        self::assertEqualsWithDelta($stippled->shares()[Zone::Face->index()], $seen, 0.08);
    }

    private static function lab(int $point): Lab
    {
        return Srgb::parse(sprintf('#%06x', $point))->toLab();
    }

    private static function mixed(Lab $one, Lab $other, float $share): Lab
    {
        [$a, $b] = [$one->toSrgb(), $other->toSrgb()];
        $of = static fn(float $x, float $y): float => Srgb::encode((1.0 - $share) * Srgb::decode($x) + $share * Srgb::decode($y));

        return Srgb::of($of($a->red, $b->red), $of($a->green, $b->green), $of($a->blue, $b->blue))->toLab();
    }

    private static function all(Mesh $mesh): Labels
    {
        return Labels::of(['a'], str_repeat("\0", $mesh->triangleCount()), $mesh);
    }

    private static function last(string ...$steps): PaintedStage
    {
        $stages = self::painted(...$steps)->stages;

        return $stages[count($stages) - 1];
    }

    private static function look(string ...$steps): PaintedLook
    {
        $painted = self::painted(...$steps);

        return PaintedLook::of($painted, $painted->stages[count($painted->stages) - 1]);
    }

    private static function painted(string ...$steps): PaintedArea
    {
        $plan = PlanSketch::plan(implode("\n", ['undercoat grey', 'area a hard-edged-panel main cloth', ...$steps]));

        return PaintedArea::of(Rehearsal::of($plan), $plan->areas[0]);
    }

    /** @return list<Lab> */
    private static function strip(string ...$steps): array
    {
        $plan = PlanSketch::plan(implode("\n", ['undercoat grey', 'area a hard-edged-panel main cloth', ...$steps]));

        return Rehearsal::of($plan)->strip($plan->areas[0])->final()->colours;
    }
}
