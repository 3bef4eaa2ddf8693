<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Xyz;

/**
 * The side of a vicinity that the nearest colour known lies on. When a target is beyond all paints, what is nearer lies behind this side and what
 * paints make lies before it: a plane through the nearest colour, along which ΔE₀₀ stays the same, tells them apart better than any box.
 */
final readonly class FacingSide
{
    /** Step of X, Y and Z to see how the difference grows. */
    private const PROBE = 1e-4;

    /** The edge is sampled in so many directions of a and b, at so many lightnesses. */
    private const DIRECTIONS = 36;

    private const LATITUDES = 12;

    private const FINER = 4;

    /** Edges are found to this part of the difference, … */
    private const NEAR_ENOUGH = 1.004;

    /** … and between the finest samples stick out less than this. */
    private const MARGIN = 1.01;

    private function __construct(
        /**
         * @var list<array{float, float}> what the low and the high of each group of bands add to the least of a spectrum's place before the
         *     plane
         */
        public array $bounds,
        /** Place of the farthest colour that is near enough. */
        public float $most,
    ) {}

    /**
     * @param array{float, float, float} $nearest Lab
     * @param float $difference ΔE₀₀ of the vicinity
     * @param float $slack as reflectance
     */
    public static function toward(Lab $target, array $nearest, float $difference, float $slack): ?self
    {
        [$x, $y, $z] = $light = self::light(...$nearest);
        $off = self::off($target, $light);
        $slopes = [
            (self::off($target, [$x + self::PROBE, $y, $z]) - $off) / self::PROBE,
            (self::off($target, [$x, $y + self::PROBE, $z]) - $off) / self::PROBE,
            (self::off($target, [$x, $y, $z + self::PROBE]) - $off) / self::PROBE,
        ];
        // Coarsely all round, then finely where the edge stands out farthest.
        $most = [-INF, 0.0, 0.0];
        for ($i = 0; $i <= self::LATITUDES; $i++) {
            for ($j = 0; $j < self::DIRECTIONS; $j++) {
                $most = max(
                    $most,
                    self::edge($target, $difference, $slopes, M_PI * ($i / self::LATITUDES - 0.5), 2 * M_PI * $j / self::DIRECTIONS),
                );
            }
        }
        [, $latitude, $angle] = $most;
        for ($i = -self::FINER; $i <= self::FINER; $i++) {
            for ($j = -self::FINER; $j <= self::FINER; $j++) {
                $most = max(
                    $most,
                    self::edge(
                        $target,
                        $difference,
                        $slopes,
                        $latitude + M_PI * $i / self::LATITUDES / self::FINER,
                        $angle + 2 * M_PI * $j / self::DIRECTIONS / self::FINER,
                    ),
                );
            }
        }
        $edge = max($most[0], self::folds($target, $difference, $slopes));
        $centre = self::place($slopes, self::light($target->lightness, $target->a, $target->b));
        $edge = $centre + self::MARGIN * ($edge - $centre);
        $bounds = [];
        $slacks = 0.0;
        foreach (array_map(static fn(float $x, float $y, float $z): float => self::place($slopes, [$x, $y, $z]), ...Spans::weights()) as $weight) {
            $bounds[] = [max(0.0, $weight), min(0.0, $weight)];
            $slacks += abs($weight) * $slack;
        }

        return is_nan($edge) ? null : new self($bounds, $edge + $slacks);
    }

    /**
     * Whatever of the edge lies where going out from the target does not find it.
     *
     * @param array{float, float, float} $slopes
     */
    private static function folds(Lab $target, float $difference, array $slopes): float
    {
        $most = -INF;
        $lightnesses = [];
        for ($i = 0; $i <= self::LATITUDES; $i++) {
            $left = $difference * $i / self::LATITUDES;
            $lightnesses[] = [Vicinity::edge($target, $left + 1e-6, 1.0, 0.0, 0.0), -Vicinity::edge($target, $left + 1e-6, -1.0, 0.0, 0.0)];
        }
        foreach (HueField::round($target)->knots as [$a, $b, $least, $largest]) {
            if ($least <= $difference && $largest >= $difference) {
                foreach ($lightnesses[(int) ceil(sqrt(1.0 - ($least / $difference) ** 2) * self::LATITUDES)] as $l) {
                    $most = max($most, self::place($slopes, self::light($target->lightness + $l, $a, $b)));
                }
            }
        }

        return $most;
    }

    /**
     * @param array{float, float, float} $slopes
     *
     * @return array{float, float, float} place before the plane, and the angles it was asked for
     */
    private static function edge(Lab $target, float $difference, array $slopes, float $latitude, float $angle): array
    {
        $l = sin($latitude) * $difference;
        $ab = abs(cos($latitude)) * $difference;
        $lightness = abs($l) < 1e-6 ? 0.0 : ($l <=> 0.0) * Vicinity::edge($target, abs($l), (float) ($l <=> 0.0), 0.0, 0.0, self::NEAR_ENOUGH);
        $radius = $ab < 1e-6 ? 0.0 : Vicinity::edge($target, $ab, 0.0, cos($angle), sin($angle), self::NEAR_ENOUGH);

        return [
            self::place(
                $slopes,
                self::light($target->lightness + $lightness, $target->a + $radius * cos($angle), $target->b + $radius * sin($angle)),
            ),
            $latitude,
            $angle,
        ];
    }

    /**
     * @param array{float, float, float} $slopes
     * @param array{float, float, float} $light X, Y, Z
     */
    private static function place(array $slopes, array $light): float
    {
        return $slopes[0] * $light[0] + $slopes[1] * $light[1] + $slopes[2] * $light[2];
    }

    /**
     * @return array{float, float, float} X, Y, Z; below nothing for colours that cannot be
     */
    private static function light(float $lightness, float $a, float $b): array
    {
        $root = ($lightness + 16) / 116;

        return [Xyz::WHITE_X * Lab::expand($root + $a / 500), Lab::expand($root), Xyz::WHITE_Z * Lab::expand($root - $b / 200)];
    }

    /** @param array{float, float, float} $light X, Y, Z */
    private static function off(Lab $target, array $light): float
    {
        return Ciede2000::ofNumbers($target->lightness, $target->a, $target->b, ...Palette::lab($light));
    }
}
