<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Relief\Camera;
use Kalokroma\Relief\Frame;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedLook;
use Kalokroma\Relief\Patches;
use Kalokroma\Relief\Picture;
use Kalokroma\Relief\PictureRelief;
use Kalokroma\Relief\Skin;
use Kalokroma\Relief\Spray;
use Kalokroma\Relief\Still;
use Kalokroma\Relief\Superpixels;
use Kalokroma\Simulation\SprayCone;
use Tests\Core\Relief\WorkedOut;

/** What the relief of a sculpt takes, and the colours of a figure. */
final class FigureBench
{
    /**
     * @return array{vertices: int, relief: float, memory: float, grows: float, patches: float, painted: float, still: float, photo: float,
     *     superpixels: float} ms and MB; how many times as long the same skin takes, cut into twice the vertices
     */
    public static function run(): array
    {
        $large = self::sculpt('heron-provost');
        $spray = Spray::of(SprayCone::ofHalfAngle(50.0));
        $half = self::half($large);
        $twice = self::cut($half);
        WorkedOut::of($half, [$spray]);
        $small = Clock::milliseconds(static fn(): WorkedOut => WorkedOut::of($half, [$spray]));
        $more = Clock::milliseconds(static fn(): WorkedOut => WorkedOut::of($twice, [$spray]));
        $relief = Clock::milliseconds(static fn(): WorkedOut => WorkedOut::of($large, [$spray]));
        $patches = Clock::milliseconds(static fn(): array => Patches::of($large));
        $document = PlanDocument::ofFile(json_decode((string) file_get_contents('resources/demo/plans/ferry-warden.json'), true));
        $plan = $document->plan(DocumentPaints::of($document->fields));
        $painted = static function () use ($plan): void {
            $rehearsal = Rehearsal::of($plan);
            foreach ($plan->areas as $area) {
                PaintedArea::of($rehearsal, $area);
            }
        };
        $painted();
        $rehearsal = Rehearsal::of($plan);
        $looks = array_map(static function (Area $area) use ($rehearsal): PaintedLook {
            $of = PaintedArea::of($rehearsal, $area);

            return PaintedLook::of($of, $of->stages[count($of->stages) - 1]);
        }, $plan->areas);
        $labels = Labels::of(
            array_map(static fn(Area $area): string => $area->id, $plan->areas),
            implode(
                '',
                array_map(
                    static fn(int $triangle): string => chr(intdiv($triangle, 500) % count($plan->areas)),
                    range(0, $large->triangleCount() - 1),
                ),
            ),
            $large,
        );
        $still = static fn(): Still => Still::of(
            $large,
            $labels,
            Skin::of(array_fill(0, $large->vertexCount(), 2.3), array_fill(0, $large->vertexCount(), 0.7)),
            $looks,
            Camera::turned(20.0),
            Frame::whole(900, 1200),
        );
        $still();
        $picture = Picture::of(
            155,
            array_map(
                static fn(int $at): array => [50.0 + 30.0 * sin($at % 155 / 6) + 10.0 * cos(intdiv($at, 155) / 9), 0.0, 0.0],
                range(0, 155 * 206 - 1),
            ),
        );
        $mesh = $picture->mesh(32.0);
        $all = Labels::of(['a'], str_repeat("\0", $mesh->triangleCount()), $mesh);
        $photo = static fn(): array => PictureRelief::zones($picture, $all, [Texture::BroadFolds]);
        $photo();

        return [
            'still' => Clock::milliseconds($still),
            'photo' => Clock::milliseconds($photo),
            'superpixels' => Clock::milliseconds(static fn(): array => Superpixels::of($picture)),
            'vertices' => $large->vertexCount(),
            'relief' => $relief,
            'memory' => memory_get_peak_usage() / 1e6,
            'grows' => $more / $small * $half->vertexCount() * 2 / $twice->vertexCount(),
            'patches' => $patches,
            'painted' => Clock::milliseconds($painted),
        ];
    }

    /**
     * @param array{vertices: int, relief: float, memory: float, grows: float, patches: float, painted: float, still: float, photo: float,
     *     superpixels: float} $figures
     */
    public static function print(array $figures): void
    {
        Clock::row(
            sprintf('relief of %s vertices, with what one spray leaves', number_format($figures['vertices'])),
            sprintf('%.1f s', $figures['relief'] / 1000),
            '<= 20 s for 40,000',
        );
        Clock::row('    memory', sprintf('%.0f MB', $figures['memory']), '<= 256 MB');
        Clock::row('    the same skin, cut into twice the vertices, takes', sprintf('%.2f times', $figures['grows']), '<= 2.3');
        Clock::row('    its patches', sprintf('%.1f s', $figures['patches'] / 1000));
        Clock::row('a still of 900 × 1200, drawn by the server', sprintf('%.2f s', $figures['still'] / 1000), '<= 1.5 s');
        Clock::row('zones of a photo of 32,000 points', sprintf('%.0f ms', $figures['photo']));
        Clock::row('    its patches', sprintf('%.1f s', $figures['superpixels'] / 1000), '<= 3 s');
        Clock::row('colours of a figure of eight areas lit from above', sprintf('%.0f ms', $figures['painted']), '<= 150 ms');
    }

    private static function sculpt(string $name): Mesh
    {
        return GlbFile::read((string) file_get_contents("resources/demo/figures/$name.glb"));
    }

    /** The half of a sculpt whose triangles come first. */
    private static function half(Mesh $mesh): Mesh
    {
        $to = $positions = $triangles = [];
        foreach (array_slice($mesh->triangles, 0, 3 * intdiv($mesh->triangleCount(), 2)) as $vertex) {
            if (! isset($to[$vertex])) {
                $to[$vertex] = count($to);
                array_push($positions, ...array_slice($mesh->positions, 3 * $vertex, 3));
            }
            $triangles[] = $to[$vertex];
        }

        return Mesh::of($positions, $triangles);
    }

    /** The same skin with each triangle cut in two across its longest edge. */
    private static function cut(Mesh $mesh): Mesh
    {
        [$positions, $triangles] = [$mesh->positions, []];
        /** @var array<string, int> $middles by edge */
        $middles = [];
        foreach (array_chunk($mesh->triangles, 3) as $corners) {
            [$a, $b, $c] = self::longestFirst($positions, $corners);
            $edge = min($a, $b).' '.max($a, $b);
            if (! isset($middles[$edge])) {
                $middles[$edge] = intdiv(count($positions), 3);
                for ($axis = 0; $axis < 3; $axis++) {
                    $positions[] = ($positions[3 * $a + $axis] + $positions[3 * $b + $axis]) / 2;
                }
            }
            array_push($triangles, $a, $middles[$edge], $c, $middles[$edge], $b, $c);
        }

        return Mesh::of($positions, $triangles);
    }

    /**
     * @param list<float> $positions
     * @param list<int> $corners
     *
     * @return array{int, int, int} turned so that the longest edge lies between the first two
     */
    private static function longestFirst(array $positions, array $corners): array
    {
        $turned = array_map(static fn(int $by): array => [$corners[$by], $corners[($by + 1) % 3], $corners[($by + 2) % 3]], [0, 1, 2]);
        $long = static fn(array $one): float => array_sum(array_map(
            static fn(int $axis): float => ($positions[3 * $one[0] + $axis] - $positions[3 * $one[1] + $axis]) ** 2,
            [0, 1, 2],
        ));
        usort($turned, static fn(array $one, array $other): int => $long($other) <=> $long($one));

        return $turned[0];
    }
}
