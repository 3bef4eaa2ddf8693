<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Simulation\Strip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

/**
 * One stage of every technique, by itself, on three reliefs: values of recess, lower side, face, raised and edge as they came out when a
 * painter had looked at them and nodded. A change of any of them is meant, or it is a mistake.
 */
final class GoldenStripTest extends TestCase
{
    private const WITHIN = 0.15;

    private const GOLDEN = [
        'primer' => ['A sprayed coat reaches all zones nearly alike; a deep recess gets a little less, and shows the plastic.', [
            'smooth-panel' => [64.5, 64.5, 64.5, 64.5, 64.5],
            'broad-folds' => [64.4, 64.5, 64.5, 64.5, 64.5],
            'scales-or-chain' => [64.2, 64.4, 64.5, 64.5, 64.5],
        ]],
        'spray-from-above' => ['The light comes from the sky: what looks up gets it, lower sides and recesses stay dark.', [
            'smooth-panel' => [13.8, 24.4, 60.3, 78.7, 82.3],
            'broad-folds' => [13.8, 24.4, 60.3, 78.7, 82.3],
            'scales-or-chain' => [13.8, 24.4, 60.3, 78.7, 82.3],
        ]],
        'basecoat' => ['One coat of red thinned 2 : 1 over black is still dark; a deep recess gets less of it.', [
            'smooth-panel' => [32.2, 32.3, 32.3, 32.3, 32.3],
            'broad-folds' => [31.8, 32.3, 32.3, 32.3, 32.0],
            'scales-or-chain' => [31.3, 32.3, 32.3, 32.3, 31.7],
        ]],
        'wash' => ['It runs off what stands up and pools where it can; on a smooth panel it has nowhere to go and stains all alike.', [
            'smooth-panel' => [62.7, 66.3, 68.4, 70.0, 71.5],
            'broad-folds' => [57.3, 65.1, 70.3, 72.9, 74.8],
            'scales-or-chain' => [52.6, 64.0, 72.4, 76.0, 78.4],
        ]],
        'drybrush' => ['Two passes catch edges, then raised parts; the face is dusted and the recess is never touched.', [
            'smooth-panel' => [41.9, 42.1, 42.6, 51.9, 60.6],
            'broad-folds' => [41.9, 42.1, 42.5, 56.2, 67.7],
            'scales-or-chain' => [41.9, 42.1, 42.4, 59.6, 71.6],
        ]],
        'layer' => ['The base again on all but the recesses, feathered down the lower side.', [
            'smooth-panel' => [13.8, 37.9, 40.8, 40.8, 40.8],
            'broad-folds' => [13.8, 37.9, 40.8, 40.8, 40.8],
            'scales-or-chain' => [13.8, 37.9, 40.8, 40.8, 40.8],
        ]],
        'highlight' => ['Raised parts and edges only, feathered a little into the face.', [
            'smooth-panel' => [41.9, 41.9, 49.3, 62.3, 62.3],
            'broad-folds' => [41.9, 41.9, 49.3, 62.3, 62.3],
            'scales-or-chain' => [41.9, 41.9, 49.3, 62.3, 62.3],
        ]],
        'glaze' => ['Two coats at 1 : 9 tint everything and hide nothing.', [
            'smooth-panel' => [73.6, 73.7, 73.7, 73.7, 73.7],
            'broad-folds' => [73.3, 73.7, 73.7, 73.9, 74.0],
            'scales-or-chain' => [73.0, 73.7, 73.7, 74.1, 74.3],
        ]],
        'one-coat' => ['It shades itself: deep where it gathers, pale where it is drawn thin.', [
            'smooth-panel' => [39.8, 43.1, 43.8, 46.7, 49.5],
            'broad-folds' => [33.2, 41.3, 44.8, 50.8, 55.4],
            'scales-or-chain' => [28.4, 39.6, 45.8, 55.5, 62.7],
        ]],
    ];

    /** @return iterable<string, array{Technique, Texture, list<float>, string}> */
    public static function strips(): iterable
    {
        foreach (self::GOLDEN as $technique => [$why, $strips]) {
            foreach ($strips as $texture => $values) {
                yield "$technique on $texture" => [Technique::of($technique), Texture::from($texture), $values, $why];
            }
        }
    }

    /** @param list<float> $values L* by zone */
    #[DataProvider('strips')]
    public function testAStageLooksAsItDid(Technique $technique, Texture $texture, array $values, string $why): void
    {
        foreach (self::strip($technique, $texture) as $zone => $value) {
            self::assertEqualsWithDelta($values[$zone], $value, self::WITHIN, "zone $zone: $why");
        }
    }

    /** @return list<float> L* by zone after the stage, over the ground it is usually done on */
    private static function strip(Technique $technique, Texture $texture): array
    {
        $black = self::stage(Technique::of('primer'), Paints::of('#232325', 0.95, Kind::Primer), 3);
        $bone = self::stage(Technique::of('basecoat'), Paints::of('#d8c9a3', 0.8), 5);
        $green = self::stage(Technique::of('basecoat'), Paints::of('#4f6b34', 0.78), 4);
        $stages = match ($technique) {
            Technique::of('primer') => [self::stage($technique, Paints::of('#9c9e9f', 0.8, Kind::Primer), 1)],
            Technique::of('spray-from-above') => [
                $black,
                self::stage($technique, Paints::of('#ece6d6', 0.8, Kind::Primer), 1, cone: SprayCone::ofHalfAngle(45.0)),
            ],
            Technique::of('basecoat') => [$black, self::stage($technique, Paints::of('#b8202a', 0.6), 1, 2 / 3)],
            Technique::of('wash') => [$bone, self::stage($technique, Paints::of('#b88c60', 0.03, Kind::Wash), 1, 0.5, true)],
            Technique::of('drybrush') => [$green, self::stage($technique, Paints::of('#b9c795', 0.66), 2)],
            Technique::of('layer') => [$black, self::stage($technique, Paints::of('#4f6b34', 0.78), 2, 0.5, place: Place::AllButRecesses)],
            Technique::of('highlight') => [$green, self::stage($technique, Paints::of('#8fb04a', 0.58), 2, 0.5, place: Place::RaisedParts)],
            Technique::of('glaze') => [$bone, self::stage($technique, Paints::of('#b8202a', 0.04, Kind::Ink), 2, 0.1, true)],
            Technique::of('one-coat') => [$bone, self::stage($technique, Paints::of('#2f7f8a', 0.04, Kind::OneCoat), 1, 1.0, true)],
        };

        return array_map(
            static fn($colour): float => round($colour->lightness, 1),
            Strip::of($texture, $stages, FinishLevel::TableReady)->final()->colours,
        );
    }

    private static function stage(
        Technique $technique,
        Paint $paint,
        int $coats,
        float $strength = 1.0,
        bool $tints = false,
        Place $place = Place::Everywhere,
        ?SprayCone $cone = null,
    ): Application {
        return new Application($technique->id, $technique, $place, $paint->optics(), $strength, $coats, $tints, $cone);
    }
}
