<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Relief\Camera;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedLook;
use Kalokroma\Relief\Patches;
use Kalokroma\Relief\Picture;
use Kalokroma\Relief\PictureRelief;
use Kalokroma\Relief\Relief;
use Kalokroma\Relief\Spray;
use Kalokroma\Relief\Still;
use Kalokroma\Relief\Superpixels;
use Kalokroma\Simulation\SprayCone;

/** What the relief of a sculpt takes, and the colours of a figure. */
final class FigureBench
{
    /**
     * @return array{vertices: int, relief: float, memory: float, grows: float, patches: float, painted: float, still: float, photo: float,
     *     superpixels: float} ms and MB; how many times as long twice the vertices take
     */
    public static function run(): array
    {
        $large = self::sculpt('heron-provost');
        $spray = Spray::of(SprayCone::ofHalfAngle(50.0));
        $half = self::half($large);
        Relief::of($half, [$spray]);
        $small = Clock::milliseconds(static fn(): Relief => Relief::of($half, [$spray]));
        $relief = Clock::milliseconds(static fn(): Relief => Relief::of($large, [$spray]));
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
        $even = array_fill(0, $large->vertexCount(), 0.7);
        $still = static fn(): Still => Still::of(
            $large,
            $labels,
            array_fill(0, $large->vertexCount(), 2.3),
            $even,
            $even,
            $even,
            $looks,
            Camera::turned(20.0),
            900,
            1200,
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
            'grows' => $relief / $small * $half->vertexCount() * 2 / $large->vertexCount(),
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
        Clock::row('    twice the vertices take', sprintf('%.2f times', $figures['grows']), '<= 2.3');
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
}
