<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * Several readings of one colour made into one: those far from the rest are dropped, and how sure the rest is is said.
 */
final readonly class Readings
{
    /** A reading this many times farther from the median than the usual one is dropped … */
    private const FAR = 3.0;

    /** … but never one that lies nearer than this, in Lab units: no reader is that good. */
    private const NEAR_ENOUGH = 0.5;

    private function __construct(
        public Lab $colour,
        public int $kept,
        public int $dropped,
        /** ΔE₀₀ of the kept readings from their mean, root mean square. */
        public float $spread,
        /** Standard error of the mean as ΔE₀₀; the spread when there is one reading. */
        public float $uncertainty,
    ) {}

    /**
     * @param list<Lab> $readings
     *
     * @throws IllegalColour when there are none
     */
    public static function of(array $readings): self
    {
        if ($readings === []) {
            throw IllegalColour::noReadings();
        }
        $middle = Lab::of(
            self::median(array_column($readings, 'lightness')),
            self::median(array_column($readings, 'a')),
            self::median(array_column($readings, 'b')),
        );
        $distances = array_map(static fn(Lab $one): float => self::distance($one, $middle), $readings);
        $limit = max(self::NEAR_ENOUGH, self::FAR * self::median($distances));
        $kept = array_values(array_filter($readings, static fn(int $i): bool => $distances[$i] <= $limit, ARRAY_FILTER_USE_KEY));
        $kept = $kept === [] ? [$middle] : $kept;
        $mean = self::mean($kept);
        $spread = sqrt(array_sum(array_map(static fn(Lab $one): float => Ciede2000::between($one, $mean) ** 2, $kept)) / count($kept));

        return new self($mean, count($kept), count($readings) - count($kept), $spread, $spread / sqrt(count($kept)));
    }

    /**
     * Light adds up as XYZ.
     *
     * @param non-empty-list<Lab> $colours
     */
    private static function mean(array $colours): Lab
    {
        $x = $y = $z = 0.0;
        foreach ($colours as $colour) {
            $light = $colour->toXyz();
            $x += $light->x;
            $y += $light->y;
            $z += $light->z;
        }

        return Xyz::of($x / count($colours), $y / count($colours), $z / count($colours))->toLab();
    }

    private static function distance(Lab $one, Lab $other): float
    {
        return sqrt(($one->lightness - $other->lightness) ** 2 + ($one->a - $other->a) ** 2 + ($one->b - $other->b) ** 2);
    }

    /**
     * The middle one, or half way between the two in the middle.
     *
     * @param list<float> $numbers at least one
     */
    public static function median(array $numbers): float
    {
        sort($numbers);
        $half = intdiv(count($numbers), 2);

        return count($numbers) % 2 === 1 ? $numbers[$half] : ($numbers[$half - 1] + $numbers[$half]) / 2;
    }
}
