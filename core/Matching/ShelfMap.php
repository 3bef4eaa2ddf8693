<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Colour\Temperature;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/**
 * The shelf laid out by hue and value: where it has holes, and what stands in it twice.
 */
final readonly class ShelfMap
{
    /** Below this chroma a colour has no hue to be placed by: it stands in the neutral band. */
    public const NEUTRAL_CHROMA = 8.0;

    /** One step of the map in hue (degrees) and value (L*): about what the eye calls another colour. */
    public const HUE_STEP = 20.0;

    public const VALUE_STEP = 12.0;

    /** Paints as near as this, in ΔE₀₀, are twins. */
    public const TWIN = 2.0;

    /** Lab units in a or b beyond which no colours are twins: there the difference is 2 at the least, even among the strongest blues. */
    private const TWINS_APART = 30.0;

    /** Steps to the nearest paint from which a hole is worth a word. */
    private const LEAST_GAP = 1.25;

    /** Steps between two holes below which they are one. */
    private const APART = 3.0;

    private const MOST_GAPS = 6;

    /** Darkest value at which a hue still shows. The cells go up to 84. */
    private const DARKEST = 24.0;

    private const CELL_HUE = 5.0;

    private const CELL_VALUE = 3.0;

    private const CELLS_ROUND = 72;

    private const CELLS = 21 * self::CELLS_ROUND;

    /** The chroma by which an empty place is named. */
    private const USUAL_CHROMA = 38.0;

    /** @param list<Paint> $paints owned, with colour */
    private function __construct(private array $paints) {}

    /** @param list<Paint> $owned */
    public static function of(array $owned): self
    {
        return new self(array_values(array_filter($owned, static fn(Paint $paint): bool => ! $paint->isClear())));
    }

    public static function isNeutral(Lab $colour): bool
    {
        return $colour->toLch()->chroma < self::NEUTRAL_CHROMA;
    }

    /**
     * The largest holes among the paints that cover: a wash over them fills none.
     *
     * @return list<ShelfGap> largest first; none when the shelf is empty, which is one hole
     */
    public function gaps(): array
    {
        $places = $this->places();
        $nearest = $places === []
            ? []
            : array_map(static fn(int $cell): float => self::nearest(self::cell($cell), $places), range(0, self::CELLS - 1));
        $gaps = [];
        while ($nearest !== [] && count($gaps) < self::MOST_GAPS && max($nearest) > self::LEAST_GAP) {
            $cell = (int) array_search(max($nearest), $nearest, true);
            [$hue, $value] = self::cell($cell);
            $gaps[] = new ShelfGap('no '.self::words($hue, $value), $hue, $value, $nearest[$cell]);
            $nearest = array_filter(
                $nearest,
                static fn(int $other): bool => self::steps(self::cell($other), [$hue, $value]) > self::APART,
                ARRAY_FILTER_USE_KEY,
            );
        }

        return $gaps;
    }

    /**
     * The paint that would stand nearest to the middle of a hole.
     *
     * @param list<Paint> $others not owned
     *
     * @return Paint|null null when none of them lies inside
     */
    public static function filler(ShelfGap $gap, array $others): ?Paint
    {
        $filler = null;
        $nearest = $gap->size;
        foreach ($others as $paint) {
            if (self::fills($paint)) {
                $steps = self::steps([$paint->colour()->toLch()->hue, $paint->colour()->lightness], [$gap->hue, $gap->value]);
                if ($steps < $nearest) {
                    [$filler, $nearest] = [$paint, $steps];
                }
            }
        }

        return $filler;
    }

    /** @return list<array{Paint, Paint, float}> alike in kind and within TWIN of each other, with their difference; nearest first */
    public function twins(): array
    {
        $paints = array_map(static fn(Paint $paint): array => [$paint->colour(), $paint], $this->paints);
        usort($paints, static fn(array $one, array $other): int => [$one[0]->lightness, $one[1]->id] <=> [$other[0]->lightness, $other[1]->id]);
        $twins = [];
        foreach ($paints as $i => [$here, $one]) {
            for ($j = $i + 1; isset($paints[$j]) && $paints[$j][0]->lightness < $here->lightness + 2 * self::TWIN; $j++) {
                [$there, $other] = $paints[$j];
                if (
                    abs($there->a - $here->a) < self::TWINS_APART
                    && abs($there->b - $here->b) < self::TWINS_APART
                    && Compatibility::mayReplace($one, $other)
                ) {
                    $difference = Ciede2000::between($here, $there);
                    if ($difference <= self::TWIN) {
                        $twins[] = [$one, $other, $difference];
                    }
                }
            }
        }
        usort($twins, static fn(array $one, array $other): int => [$one[2], $one[0]->id] <=> [$other[2], $other[0]->id]);

        return $twins;
    }

    /** @return list<array{float, float}> hue and value of what covers and has a hue */
    private function places(): array
    {
        $places = [];
        foreach ($this->paints as $paint) {
            if (self::fills($paint)) {
                $places[] = [$paint->colour()->toLch()->hue, $paint->colour()->lightness];
            }
        }

        return $places;
    }

    private static function fills(Paint $paint): bool
    {
        return in_array($paint->kind, [Kind::Opaque, Kind::SemiOpaque], true) && ! self::isNeutral($paint->colour());
    }

    /**
     * Asked for every cell of the map, so without a call inside.
     *
     * @param array{float, float} $cell hue and value
     * @param non-empty-list<array{float, float}> $places
     *
     * @return float steps to the nearest of the places, or to the first that is so near that there is no hole
     */
    private static function nearest(array $cell, array $places): float
    {
        [$cellHue, $cellValue] = $cell;
        $least = INF;
        foreach ($places as [$hue, $value]) {
            $apart = $hue > $cellHue ? $hue - $cellHue : $cellHue - $hue;
            $across = ($apart > 180.0 ? 360.0 - $apart : $apart) / self::HUE_STEP;
            $up = ($value - $cellValue) / self::VALUE_STEP;
            $square = $across * $across + $up * $up;
            if ($square < $least) {
                $least = $square;
                if ($least <= self::LEAST_GAP ** 2) {
                    break;
                }
            }
        }

        return sqrt($least);
    }

    /**
     * @param array{float, float} $one hue and value
     * @param array{float, float} $other
     */
    private static function steps(array $one, array $other): float
    {
        $apart = abs($one[0] - $other[0]);
        $across = ($apart > 180 ? 360 - $apart : $apart) / self::HUE_STEP;
        $up = ($one[1] - $other[1]) / self::VALUE_STEP;

        return sqrt($across * $across + $up * $up);
    }

    /** @return array{float, float} hue and value of a cell of the map */
    private static function cell(int $cell): array
    {
        return [self::CELL_HUE * ($cell % self::CELLS_ROUND), self::DARKEST + self::CELL_VALUE * intdiv($cell, self::CELLS_ROUND)];
    }

    /** For example "dark cool green": the lean is told against the hue's own middle, not against grey. */
    private static function words(float $hue, float $value): string
    {
        $colour = Lch::of($value, self::USUAL_CHROMA, $hue)->toLab();
        $light = match (true) {
            $value < 36 => 'dark',
            $value < 62 => 'mid',
            $value < 80 => 'light',
            default => 'pale',
        };
        $word = ColourName::of($colour)->hueWord();
        $before = Temperature::warmth(Lch::of($value, self::USUAL_CHROMA, $hue - self::HUE_STEP)->toLab());
        $after = Temperature::warmth(Lch::of($value, self::USUAL_CHROMA, $hue + self::HUE_STEP)->toLab());
        $sameBefore = ColourName::of(Lch::of($value, self::USUAL_CHROMA, $hue - self::HUE_STEP)->toLab())->hueWord() === $word;
        $sameAfter = ColourName::of(Lch::of($value, self::USUAL_CHROMA, $hue + self::HUE_STEP)->toLab())->hueWord() === $word;
        $lean = match (true) {
            $sameBefore === $sameAfter => '',
            $sameBefore => $after > $before ? 'warm ' : 'cool ',
            default => $before > $after ? 'warm ' : 'cool ',
        };

        return "$light $lean$word";
    }
}
