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
    private const DIRECTIONS = 36;

    /** Farthest in Lab units that is looked at, in all and for one ΔE₀₀: near the strongest blues 13 units were the most found to make one. */
    private const FARTHEST = 200.0;

    private const FARTHEST_EACH = 20.0;

    /** The edge is found when a point lies beyond it by no more than this, or after so many steps. */
    private const NEAR_ENOUGH = 1.03;

    private const STEPS = 9;

    /** The edge is sampled in so many directions; between them it may stick out a little. */
    private const MARGIN = 1.05;

    /** Beyond so many ΔE₀₀ the box is so large that its facing side is asked first. */
    private const FAR = 2.0;

    /** @var list<float> what each group of bands adds to Y */
    private readonly array $weightY;

    /** @var list<array{float, float, float, float, float, float}> what each group adds to X, Z, and up and down to the two opponents */
    private readonly array $bounds;

    /** @var list<array{float, float}> what the low and the high of each group add to the least of the facing side */
    private readonly array $facing;

    private readonly float $mostFacing;

    private readonly bool $isFar;

    private function __construct(
        private readonly float $leastX,
        private readonly float $mostX,
        private readonly float $leastY,
        private readonly float $mostY,
        private readonly float $leastZ,
        private readonly float $mostZ,
        private readonly float $leastU,
        private readonly float $mostU,
        private readonly float $leastV,
        private readonly float $mostV,
        ?FacingSide $facing,
    ) {
        $this->isFar = $facing !== null;
        $this->mostFacing = $facing->most ?? 0.0;
        $this->facing = $facing->bounds ?? [];
        [$x, $this->weightY, $z] = Spans::weights();
        [$u, $v] = Spans::opponentWeights();
        $this->bounds = array_map(
            static fn(float $x, float $z, float $u, float $v): array => [$x, $z, max(0.0, $u), min(0.0, $u), max(0.0, $v), min(0.0, $v)],
            $x,
            $z,
            $u,
            $v,
        );
    }

    /**
     * @param float $slack added on all sides, as reflectance
     * @param array{float, float, float}|null $nearest Lab of the nearest colour known
     */
    public static function around(Lab $target, float $difference, float $slack, ?array $nearest = null): self
    {
        $lower = self::MARGIN * self::edge($target, $difference, -1.0, 0.0, 0.0);
        $upper = self::MARGIN * self::edge($target, $difference, 1.0, 0.0, 0.0);
        $a = $b = 0.0;
        for ($i = 0; $i < self::DIRECTIONS; $i++) {
            $angle = 2 * M_PI * $i / self::DIRECTIONS;
            $distance = self::MARGIN * self::edge($target, $difference, 0.0, cos($angle), sin($angle));
            $a = max($a, $distance * abs(cos($angle)));
            $b = max($b, $distance * abs(sin($angle)));
        }
        if ($difference >= self::FAR) {
            foreach (HueField::round($target)->knots as [$thereA, $thereB, $least]) {
                if ($least <= $difference) {
                    $a = max($a, abs($thereA - $target->a));
                    $b = max($b, abs($thereB - $target->b));
                }
            }
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
            $nearest === null || $difference < self::FAR ? null : FacingSide::toward($target, $nearest, $difference, $slack),
        );
    }

    /**
     * Whether a colour lies in the box; it may still be farther off than the difference the box is drawn for.
     *
     * @param array{float, float, float} $light X, Y, Z
     */
    public function holds(array $light): bool
    {
        [$x, $y, $z] = $light;
        if ($y < $this->leastY || $y > $this->mostY || $x < $this->leastX || $x > $this->mostX || $z < $this->leastZ || $z > $this->mostZ) {
            return false;
        }
        $u = $x / Xyz::WHITE_X - $y;
        $v = $y - $z / Xyz::WHITE_Z;

        return $u >= $this->leastU && $u <= $this->mostU && $v >= $this->leastV && $v <= $this->mostV;
    }

    /**
     * Whether anything between two spectra could lie in the box, by X, Y, Z and the two opponents: the redness X/Xₙ − Y and the yellowness
     * Y − Z/Zₙ. This is asked most of all, and most often the answer is no by Y alone.
     *
     * @param array{list<float>, list<float>} $one span
     * @param array{list<float>, list<float>} $two
     */
    public function meets(array $one, array $two): bool
    {
        [$low1, $high1] = $one;
        [$low2, $high2] = $two;
        if ($this->isFar) {
            $least = 0.0;
            foreach ($this->facing as $i => [$ofLow, $ofHigh]) {
                $least += $ofLow * ($low1[$i] < $low2[$i] ? $low1[$i] : $low2[$i]) + $ofHigh * ($high1[$i] > $high2[$i] ? $high1[$i] : $high2[$i]);
            }
            if ($least > $this->mostFacing) {
                return false;
            }
        }
        $least = $most = 0.0;
        foreach ($this->weightY as $i => $weight) {
            $least += $weight * ($low1[$i] < $low2[$i] ? $low1[$i] : $low2[$i]);
            $most += $weight * ($high1[$i] > $high2[$i] ? $high1[$i] : $high2[$i]);
        }
        if ($most < $this->leastY || $least > $this->mostY) {
            return false;
        }
        $leastX = $mostX = $leastZ = $mostZ = $leastU = $mostU = $leastV = $mostV = 0.0;
        foreach ($this->bounds as $i => [$x, $z, $uRising, $uFalling, $vRising, $vFalling]) {
            $low = $low1[$i] < $low2[$i] ? $low1[$i] : $low2[$i];
            $high = $high1[$i] > $high2[$i] ? $high1[$i] : $high2[$i];
            $leastX += $x * $low;
            $mostX += $x * $high;
            $leastZ += $z * $low;
            $mostZ += $z * $high;
            $leastU += $uRising * $low + $uFalling * $high;
            $mostU += $uRising * $high + $uFalling * $low;
            $leastV += $vRising * $low + $vFalling * $high;
            $mostV += $vRising * $high + $vFalling * $low;
        }

        return $mostX >= $this->leastX && $leastX <= $this->mostX && $mostZ >= $this->leastZ && $leastZ <= $this->mostZ
            && $mostU >= $this->leastU && $leastU <= $this->mostU && $mostV >= $this->leastV && $leastV <= $this->mostV;
    }

    /**
     * The same for three.
     *
     * @param array{list<float>, list<float>} $one span
     * @param array{list<float>, list<float>} $two
     * @param array{list<float>, list<float>} $three
     */
    public function meetsBetween(array $one, array $two, array $three): bool
    {
        [[$low1, $high1], [$low2, $high2]] = [$one, $two];
        $lows = $highs = [];
        foreach ($low1 as $i => $low) {
            $lows[] = $low < $low2[$i] ? $low : $low2[$i];
            $highs[] = $high1[$i] > $high2[$i] ? $high1[$i] : $high2[$i];
        }

        return $this->meets([$lows, $highs], $three);
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

    /**
     * How far one can go in a direction before the difference is reached, in Lab units: never too short, and found in few steps,
     * since along a line ΔE₀₀ grows nearly evenly.
     */
    public static function edge(Lab $target, float $difference, float $l, float $a, float $b, float $nearEnough = self::NEAR_ENOUGH): float
    {
        [$near, $far, $tried] = [0.0, min(self::FARTHEST, self::FARTHEST_EACH * $difference), $difference];
        for ($i = 0; $i < self::STEPS; $i++) {
            $there = Ciede2000::ofNumbers(
                $target->lightness,
                $target->a,
                $target->b,
                $target->lightness + $tried * $l,
                $target->a + $tried * $a,
                $target->b + $tried * $b,
            );
            if ($there > $difference) {
                $far = $tried;
                if ($there <= $nearEnough * $difference) {
                    break;
                }
            } else {
                $near = $tried;
            }
            $next = $tried * $difference / $there * (1 + $nearEnough) / 2;
            $tried = $next > $near && $next < $far ? $next : ($near + $far) / 2;
        }

        return $far;
    }
}
