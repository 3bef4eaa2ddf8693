<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Xyz;

/**
 * The box in CIE XYZ that holds every colour within some ΔE₀₀ of a target. Whatever lies outside need not be looked at.
 *
 * ΔE₀₀ is a sum of a part for lightness and a part for chroma and hue, so the two can be bounded one by one.
 */
final class Vicinity
{
    private const DIRECTIONS = 48;

    /** Farthest in Lab units that is looked at, and steps of halving toward the edge. */
    private const FARTHEST = 200.0;

    private const HALVINGS = 14;

    /** The edge is sampled in so many directions; between them it may stick out a little. */
    private const MARGIN = 1.05;

    private function __construct(
        public readonly float $leastX,
        public readonly float $mostX,
        public readonly float $leastY,
        public readonly float $mostY,
        public readonly float $leastZ,
        public readonly float $mostZ,
        public readonly float $leastU,
        public readonly float $mostU,
        public readonly float $leastV,
        public readonly float $mostV,
    ) {}

    /** @param float $slack added on all sides, as reflectance */
    public static function around(Lab $target, float $difference, float $slack): self
    {
        $lower = self::edge($target, $difference, -1.0, 0.0, 0.0);
        $upper = self::edge($target, $difference, 1.0, 0.0, 0.0);
        $a = $b = 0.0;
        for ($i = 0; $i < self::DIRECTIONS; $i++) {
            $angle = 2 * M_PI * $i / self::DIRECTIONS;
            $distance = self::edge($target, $difference, 0.0, cos($angle), sin($angle));
            $a = max($a, $distance * abs(cos($angle)));
            $b = max($b, $distance * abs(sin($angle)));
        }
        $darkest = ($target->lightness - $lower + 16) / 116;
        $lightest = ($target->lightness + $upper + 16) / 116;

        [$leastU, $mostU] = self::steps($darkest, $lightest, ($target->a - $a) / 500, ($target->a + $a) / 500);
        [$leastV, $mostV] = self::steps($darkest, $lightest, -($target->b - $b) / 200, -($target->b + $b) / 200);

        return new self(
            Xyz::WHITE_X * (Lab::expand($darkest + ($target->a - $a) / 500) - $slack),
            Xyz::WHITE_X * (Lab::expand($lightest + ($target->a + $a) / 500) + $slack),
            Lab::expand($darkest) - $slack,
            Lab::expand($lightest) + $slack,
            Xyz::WHITE_Z * (Lab::expand($darkest - ($target->b + $b) / 200) - $slack),
            Xyz::WHITE_Z * (Lab::expand($lightest - ($target->b - $b) / 200) + $slack),
            $leastU - 2 * $slack,
            $mostU + 2 * $slack,
            -$mostV - 2 * $slack,
            -$leastV + 2 * $slack,
        );
    }

    /**
     * Bounds of the cube of a root plus a step minus the cube of the root. It rises or falls evenly in both, so its extremes lie in the corners.
     *
     * @return array{float, float}
     */
    private static function steps(float $leastRoot, float $mostRoot, float $oneStep, float $otherStep): array
    {
        $corners = [];
        foreach ([$leastRoot, $mostRoot] as $root) {
            foreach ([$oneStep, $otherStep] as $step) {
                $corners[] = Lab::expand($root + $step) - Lab::expand($root);
            }
        }

        return [min($corners), max($corners)];
    }

    /** How far one can go in a direction before the difference is reached, in Lab units. */
    private static function edge(Lab $target, float $difference, float $l, float $a, float $b): float
    {
        [$near, $far] = [0.0, self::FARTHEST];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($near + $far) / 2;
            $there = Ciede2000::ofNumbers(
                $target->lightness,
                $target->a,
                $target->b,
                $target->lightness + $middle * $l,
                $target->a + $middle * $a,
                $target->b + $middle * $b,
            );
            if ($there > $difference) {
                $far = $middle;
            } else {
                $near = $middle;
            }
        }

        return $far * self::MARGIN;
    }
}
