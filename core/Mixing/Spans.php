<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Xyz;

/**
 * A *span* bounds a spectrum from below and above in groups of bands. Mixes reflect, band by band, between their ingredients,
 * so the spans of two mixes also bound all that lies between them.
 *
 * @phpstan-type Span array{list<float>, list<float>}
 */
final class Spans
{
    /** Bands of each group, from violet to red: few where most of what one sees lies, many at the ends, where a loose bound costs little. */
    public const GROUPS = [6, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 2, 8];

    /** @var list<array{list<float>, list<float>}> lows and highs of each paint by itself */
    public readonly array $ofPaints;

    /** @var array<int, array{list<float>, list<float>}> */
    private array $ofTwo = [];

    /** @var list<int> */
    private array $lastThree = [];

    /** @var array<int, array{list<float>, list<float>}> of the last three paints asked for */
    private array $inside = [];

    public function __construct(private readonly Palette $palette)
    {
        $this->ofPaints = array_map(self::of(...), $palette->spectra());
    }

    /**
     * @param list<float> $bands
     *
     * @return array{list<float>, list<float>}
     */
    public static function of(array $bands): array
    {
        $lows = $highs = [];
        $next = 0;
        foreach (self::GROUPS as $size) {
            $i = $next;
            $next += $size;
            $low = $high = $bands[$i];
            while (++$i < $next) {
                $band = $bands[$i];
                if ($band < $low) {
                    $low = $band;
                } elseif ($band > $high) {
                    $high = $band;
                }
            }
            $lows[] = $low;
            $highs[] = $high;
        }

        return [$lows, $highs];
    }

    /**
     * The span of a mix of three in fourths. With one or two of them it is kept, since other triples need it too.
     *
     * @return array{list<float>, list<float>}
     */
    public function ofThree(int $first, int $second, int $third, int $fourths1, int $fourths2, int $fourths3): array
    {
        return match (0) {
            $fourths1 => $this->ofTwo($second, $third, $fourths2),
            $fourths2 => $this->ofTwo($first, $third, $fourths1),
            $fourths3 => $this->ofTwo($first, $second, $fourths1),
            default => $this->inside($first, $second, $third, $fourths1, $fourths2, $fourths3),
        };
    }

    /**
     * What each group of bands adds to X, Y and Z for a reflectance of one.
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    public static function weights(): array
    {
        /** @var array{list<float>, list<float>, list<float>}|null $groups */
        static $groups = null;

        return $groups ??= array_map(self::summed(...), Observer::weights());
    }

    /**
     * @param list<float> $weights
     *
     * @return list<float>
     */
    private static function summed(array $weights): array
    {
        $sums = [];
        $from = 0;
        foreach (self::GROUPS as $size) {
            $sums[] = array_sum(array_slice($weights, $from, $size));
            $from += $size;
        }

        return $sums;
    }

    /**
     * What each group adds to X/Xₙ − Y (redness) and Y − Z/Zₙ (yellowness) for a reflectance of one.
     *
     * @return array{list<float>, list<float>}
     */
    public static function opponentWeights(): array
    {
        /** @var array{list<float>, list<float>}|null $opponents */
        static $opponents = null;
        if ($opponents === null) {
            [$x, $y, $z] = self::weights();
            $opponents = [
                array_map(static fn(float $x, float $y): float => $x / Xyz::WHITE_X - $y, $x, $y),
                array_map(static fn(float $y, float $z): float => $y - $z / Xyz::WHITE_Z, $y, $z),
            ];
        }

        return $opponents;
    }

    /** @return array{list<float>, list<float>} */
    private function inside(int $first, int $second, int $third, int $fourths1, int $fourths2, int $fourths3): array
    {
        if ($this->lastThree !== [$first, $second, $third]) {
            $this->lastThree = [$first, $second, $third];
            $this->inside = [];
        }

        return $this->inside[4 * $fourths1 + $fourths2] ??= self::of($this->palette->spectrumOfThree(
            $first,
            $second,
            $third,
            $fourths1 / 4,
            $fourths2 / 4,
            $fourths3 / 4,
        ));
    }

    /** @return array{list<float>, list<float>} */
    private function ofTwo(int $first, int $second, int $fourths): array
    {
        return match ($fourths) {
            0 => $this->ofPaints[$second],
            4 => $this->ofPaints[$first],
            default => $this->ofTwo[($first * count($this->ofPaints) + $second) * 4 + $fourths] ??= self::of($this->palette->spectrumOfTwo(
                $first,
                $second,
                $fourths / 4,
            )),
        };
    }
}
