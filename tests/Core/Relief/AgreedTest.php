<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Relief\Camera;
use Kalokroma\Relief\Exposure;
use Kalokroma\Relief\Frame;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\GlbWriter;
use Kalokroma\Relief\Grain;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\MarkPlaces;
use Kalokroma\Relief\Measure;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Noise;
use Kalokroma\Relief\PackedRelief;
use Kalokroma\Relief\PaintedArea;
use Kalokroma\Relief\PaintedLook;
use Kalokroma\Relief\Patches;
use Kalokroma\Relief\Picture;
use Kalokroma\Relief\PictureFaults;
use Kalokroma\Relief\PictureRelief;
use Kalokroma\Relief\Placement;
use Kalokroma\Relief\Practice;
use Kalokroma\Relief\Relief;
use Kalokroma\Relief\Skin;
use Kalokroma\Relief\Spray;
use Kalokroma\Relief\Sprays;
use Kalokroma\Relief\Still;
use Kalokroma\Relief\Superpixels;
use Kalokroma\Simulation\SprayCone;
use Tests\Core\AgreedTestCase;
use Tests\Core\PlanSketch;
use Tests\Core\Told;
use Tests\Core\WildPlans;

final class AgreedTest extends AgreedTestCase
{
    /** By a lamp from one side, over a sketch from above. */
    private const LIT = "undercoat black light bone\narea a broad-folds main cloth\n basecoat navy 1:1 x1\n coloured-light orange side left\n coloured-light sky side right"
        ."\narea b skin small skin\n basecoat skin\n coloured-light orange side left\narea c smooth-panel small metal\n basecoat steel\n wash umber-wash";

    protected function said(): iterable
    {
        $bodies = [
            'ball' => Bodies::ball(6.0, 18),
            'hole' => Bodies::hole(5.0, 4.0),
            'practice' => GlbFile::read((string) file_get_contents('resources/handbook/practice.glb')),
        ];
        foreach ($bodies as $name => $mesh) {
            $openness = Exposure::around($mesh)->finish()->openness();
            $zones = Relief::zones($mesh, $openness);
            yield "$name" => [
                $openness, $zones, $mesh
                    ->bounds(), $mesh
                    ->heightMm(), $mesh
                    ->meanEdgeMm(), $mesh
                    ->normals(), $mesh
                    ->vertexAreas(), Patches::of($mesh), hash('crc32b', PackedRelief::of($mesh, $openness)),
            ];
            foreach ([SprayCone::ofHalfAngle(30.0), SprayCone::ofHalfAngle(55.0)->fromBelow()] as $cone) {
                yield "$name sprayed within $cone->halfAngleDegrees" => [
                    Spray::of($cone),
                    Exposure::of($mesh, Spray::of($cone))->finish()->reach(),
                ];
            }
            $patches = Labels::ofPatches($mesh);
            yield "$name, patches as areas" => [count($patches->areas), array_slice($patches->areas, -2), hash('crc32b', $patches->triangles)];
            yield "$name, seen" => $this->seen($mesh, $openness, $zones);
            if ($name === 'ball') {
                yield from $this->practised($mesh, $openness, $zones);
            }
            yield "$name, as a file" => [hash('crc32b', GlbWriter::write($mesh)), GlbFile::read(GlbWriter::write($mesh))->vertexCount()];
        }
        yield from $this->pictures();
        yield from $this->files();
        foreach (Grain::cases() as $grain) {
            yield "grain $grain->value" => array_map(
                static fn(int $at): float => $grain->at(0.37 * $at, 0.91 * $at - 9, -0.53 * $at, new Noise),
                range(0, 60),
            );
        }
    }

    /**
     * @param list<float> $openness
     * @param list<float> $zones
     *
     * @return array<mixed>
     */
    private function seen(Mesh $mesh, array $openness, array $zones): array
    {
        $labels = Labels::of(['a', 'b', 'c'], implode('', array_map(
            static fn(array $corners): string => chr(
                $mesh->positions[3 * $corners[0]] > 1.0
                    ? 0
                    : ($mesh->positions[3 * $corners[0] + 1] > 2.0 ? 1 : ($corners[0] % 7 === 0 ? Labels::NONE : 2)),
            ),
            array_chunk($mesh->triangles, 3),
        )), $mesh);
        $marks = MarkPlaces::of($mesh, $labels, $zones, $openness);
        $told = [
            $marks,
            array_map(static fn($one): mixed => Told::of($one, 1), Measure::of($mesh, $labels, $zones, $openness)),
            array_map(
                static fn(float $degrees, int $number): array => [
                    Told::of(Camera::turned($degrees), 1),
                    Told::of(Frame::near($mesh, $labels, $number, Camera::turned($degrees), 120, 160), 1),
                ],
                Camera::facing($mesh, $labels),
                array_keys($labels->areas),
            ),
        ];
        // What looks down only is seen from no side.
        $low = $mesh->bounds()[0][1] + 0.4;
        $lowest = Labels::of(['below', 'rest'], implode('', array_map(
            static fn(array $corners): string => chr(
                max(array_map(static fn(int $one): float => $mesh->positions[3 * $one + 1], $corners)) < $low ? 0 : 1,
            ),
            array_chunk($mesh->triangles, 3),
        )), $mesh);
        $told[] = Told::of(Camera::turned(Camera::facing($mesh, $lowest)[0]), 1);
        for ($seed = 0; $seed < ($mesh->vertexCount() < 1000 ? 4 : 3); $seed++) {
            $read = PlanDocument::ofFile($seed < 3 ? WildPlans::document(620 + $seed) : PlanSketch::document(self::LIT));
            $rehearsal = Rehearsal::of($read->plan(DocumentPaints::of($read->fields)));
            $looks = array_map(
                static fn($area): PaintedLook => PaintedLook::of(
                    $painted = PaintedArea::of($rehearsal, $area),
                    $painted->stages[count($painted->stages) - 1],
                ),
                array_slice($rehearsal->plan->areas, 0, 3),
            );
            $above = array_map(static fn(float $zone): float => $zone / 4, $zones);
            $still = Still::of(
                $mesh,
                $labels,
                Skin::of($zones, $openness, $above, array_reverse($above))->withMarks($marks),
                $looks,
                Camera::turned(-40.0 + 60 * $seed),
                Frame::whole(90, 110),
            );
            $told[] = [
                Told::of(Sprays::of($rehearsal), 2),
                count(array_filter($still->points, static fn(int $one): bool => $one < 0)),
                $still->points,
            ];
        }

        return $told;
    }

    /**
     * @param list<float> $openness
     * @param list<float> $zones
     *
     * @return iterable<string, array{list<string>, list<string>}> how each technique is shown: the middle row of before and after
     */
    private function practised(Mesh $mesh, array $openness, array $zones): iterable
    {
        $labels = Labels::of(['Body', Practice::STONE], implode('', array_map(
            static fn(array $corners): string => chr($mesh->positions[3 * $corners[0]] > 1.5 ? 1 : 0),
            array_chunk($mesh->triangles, 3),
        )), $mesh);
        $practice = new Practice($mesh, $labels, Skin::of($zones, $openness, array_map(static fn(float $zone): float => $zone / 4, $zones)));
        foreach (Practice::shown() as $technique) {
            yield "$technique practised" => array_map(
                static fn(Still $one): array => array_map(static fn(int $point): string => dechex($point), array_slice($one->points, 12 * 18, 18)),
                $practice->stills($technique, 18, 24),
            );
        }
    }

    /** @return iterable<string, mixed> */
    private function pictures(): iterable
    {
        foreach ([[48, 40, 3], [30, 60, 11]] as [$width, $height, $seed]) {
            $colours = [];
            for ($at = 0; $at < $width * $height; $at++) {
                [$x, $y] = [$at % $width, intdiv($at, $width)];
                $light = max(0.0, min(100.0, 47 + 28 * sin($x / $seed) + 16 * cos($y / 5) + 5 * sin($x * $y)));
                $colours[] = [$light, 10.0 - $x / 4, $y / 3];
            }
            yield "picture $width" => Told::answer(static function () use ($width, $colours): array {
                $picture = Picture::of($width, $colours);
                $mesh = $picture->mesh(32.0);
                $labels = Labels::of(
                    ['a', 'b'],
                    implode(
                        '',
                        array_map(
                            static fn(int $at): string => chr($at % 5 === 0 ? Labels::NONE : intdiv($at, 400) % 2),
                            range(0, $mesh->triangleCount() - 1),
                        ),
                    ),
                    $mesh,
                );

                return [
                    hash(
                        'crc32b',
                        (string) json_encode([array_map(static fn(float $one): float => round($one, 3), $mesh->positions), $mesh->triangles]),
                    ),
                    $picture->lightness,
                    hash('crc32b', $picture->bytes()),
                    $picture->bytes() === Picture::read($width, $picture->bytes())->bytes(),
                    Superpixels::of($picture),
                    PictureFaults::of($picture),
                    PictureRelief::lit($picture),
                    PictureRelief::zones($picture, $labels, [Texture::BroadFolds, Texture::Skin]),
                ];
            });
        }
        foreach ([[0, ''], [4, 'abc'], [100_000, 'x']] as [$width, $bytes]) {
            yield "no picture of $width" => Told::answer(static fn(): Picture => Picture::read($width, $bytes), 1);
        }
    }

    /** @return iterable<string, mixed> */
    private function files(): iterable
    {
        $good = GlbWriter::write(Bodies::ball(6.0, 6));
        $wrong = [
            '', 'glTF', substr($good, 0, 40), substr($good, 0, -9), strrev($good), substr_replace($good, pack('V', 9), 4, 4),
            substr_replace($good, pack('V', 99), 8, 4), str_replace('"POSITION"', '"POSITIQN"', $good), str_replace('VEC3', 'VEC2', $good),
            str_replace('5126', '5999', $good),
            str_replace('"bufferView":0', '"bufferView":7', $good), str_replace('"mode":4', '"mode":1', $good),
        ];
        foreach ($wrong as $at => $bytes) {
            yield "no sculpt $at" => Told::answer(static fn(): Mesh => GlbFile::read($bytes), 1);
        }
        foreach ([
            [[], []],
            [[0, 0, 0, 1, 0, 0, 0, 1, 0], [0, 1, 2]],
            [[0, 0, 0, 9, 0, 0, 0, 9, 0], [0, 1, 3]],
            [[0, 0, NAN, 9, 0, 0, 0, 9, 0], [0, 1, 2]],
            [[0, 0, 0, 9, 0, 0, 0, 9], [0, 1, 2]],
            [[0, 0, 0, 2000, 0, 0, 0, 9, 0], [0, 1, 2]],
            [[], [0, 1, 2]],
            [[0, 0, 0, 9, 0, 0, 0, 9, 0], []],
            [[0, 0, 0, 9, 0, 0, 0, 9, 0], [0, 1, 2, 0]],
            [[0, 0, 0, 9, 0, 0, 0, 9, 0], [0, 1, -1]],
            [[0, 0, 0, 9, 0, 0, 0, INF, 0], [0, 1, 2]],
            [[0, 0, 0, 9, 0, 0, 0, 9, 0], [0, 1, 2]],
        ] as $at => [$places, $triangles]) {
            yield "mesh $at" => Told::answer(static fn(): array => [
                Mesh::of($places, $triangles)->triangleAreas(),
                Mesh::of($places, $triangles)->normals(),
            ]);
        }
        foreach ([
            [],
            ['translation' => [1, 2, 3]],
            ['rotation' => [0, 0.7071068, 0, 0.7071068]],
            ['scale' => [2, 3, 4], 'translation' => [5, 0, 0]],
            ['matrix' => [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 7, 8, 9, 1]],
            ['rotation' => 'x', 'scale' => [1, 2]],
        ] as $at => $node) {
            yield "node $at" => Told::answer(static fn(): array => [
                array_map(floatval(...), Placement::ofNode($node)),
                Placement::times(Placement::ofNode($node), Placement::ofNode(['scale' => [2, 2, 2], 'translation' => [1, 1, 1]])),
            ]);
        }
    }
}
