<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** What goes with a colour, among paints that are at hand: its complement, the calmer ones beside it, the two of a triad. */
final readonly class Harmony
{
    /** Degrees of CIELAB hue away, by name. */
    private const TURNS = ['complement' => [180.0], 'near-complement' => [150.0, 210.0], 'triad' => [120.0, 240.0], 'neighbour' => [30.0, 330.0]];

    private const SAYS = [
        'complement' => 'Opposite: each makes the other pop.',
        'near-complement' => 'Beside the opposite: contrast, but calmer.',
        'triad' => 'A third of the way round, both ways: lively.',
        'neighbour' => 'Next to it: quiet and close.',
    ];

    /** Degrees within which a paint still is that hue, and chroma from which it has one. */
    private const WITHIN = 22.0;

    private const COLOURED = 16.0;

    /** What a degree of hue and a unit of lightness off count. */
    private const HUE_COUNTS = 1.0;

    private const LIGHTNESS_COUNTS = 0.25;

    private const OFFERED = 3;

    /** What an area is painted in, rather than shaded or dusted with. */
    private const FOR_AREAS = [Kind::Opaque, Kind::SemiOpaque, Kind::OneCoat, Kind::Metallic];

    /** @param list<Paint> $paints the nearest first; none where nothing at hand has that hue */
    private function __construct(
        public string $name,
        public string $says,
        public Lab $ideal,
        public array $paints,
    ) {}

    /**
     * @param list<Paint> $owned
     *
     * @return list<self> none for a grey, which goes with everything
     */
    public static function with(Lab $colour, array $owned): array
    {
        $polar = $colour->toLch();
        if ($polar->chroma < self::COLOURED) {
            return [];
        }
        $found = [];
        foreach (self::TURNS as $name => $turns) {
            $hues = array_map(static fn(float $turn): float => fmod($polar->hue + $turn, 360.0), $turns);
            $paints = [];
            foreach ($owned as $paint) {
                $other = $paint->isClear() || ! in_array($paint->kind, self::FOR_AREAS, true) ? null : $paint->colour()->toLch();
                $off = $other === null
                    ? INF
                    : min(array_map(static fn(float $hue): float => abs(fmod($other->hue - $hue + 540.0, 360.0) - 180.0), $hues));
                if ($other !== null && $other->chroma >= self::COLOURED && $off <= self::WITHIN) {
                    $paints[] = [self::HUE_COUNTS * $off + self::LIGHTNESS_COUNTS * abs($other->lightness - $polar->lightness), $paint];
                }
            }
            usort($paints, static fn(array $one, array $other): int => [$one[0], $one[1]->id] <=> [$other[0], $other[1]->id]);
            $found[] = new self(
                $name,
                self::SAYS[$name],
                Lch::of($polar->lightness, $polar->chroma, $hues[0])->toLab(),
                array_map(static fn(array $one): Paint => $one[1], array_slice($paints, 0, self::OFFERED)),
            );
        }

        return $found;
    }
}
