<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * Finds the smoothest reflectance curve that integrates to a colour.
 *
 * Each band is LOW + (HIGH − LOW)(1 + tanh z)/2, so that the curve can never leave what paints do, after the hyperbolic
 * tangent method of Scott Burns, "Numerical methods for smoothest reflectance reconstruction" (2020). Minimised is the squared distance in Lab
 * plus SMOOTHNESS times the squared slope of z, by damped Gauss–Newton: a colour within reach is met as nearly exactly as
 * SMOOTHNESS allows, one out of reach is approached as far as possible. Each step solves a tridiagonal system with three
 * extra columns (Woodbury), so it costs a few hundred multiplications.
 */
final class SpectrumFit
{
    /**
     * How much a smooth curve is worth against a near miss: one for all colours, so that swatches next to each other get curves next to each other.
     * With less, colours at the edge of what paint can do are met more nearly, by spiked curves that a step of one in 255 turns into others.
     */
    private const SMOOTHNESS = 0.2;

    private const MAX_STEPS = 60;

    /** The fit ends when a step no longer changes the cost by this share. */
    private const SETTLED = 1e-6;

    private const RANGE = (SwatchSpectrum::LIGHTEST - SwatchSpectrum::DARKEST) / 2;

    private const MIDDLE = (SwatchSpectrum::LIGHTEST + SwatchSpectrum::DARKEST) / 2;

    /** @var list<float> */
    private array $z;

    /** @var array{float, float, float} */
    private array $residual = [0.0, 0.0, 0.0];

    private float $cost;

    public function __construct(private readonly Lab $target)
    {
        $level = ($target->toXyz()->y - self::MIDDLE) / self::RANGE;
        $this->z = array_fill(0, Observer::BANDS, atanh(max(-0.98, min(0.98, $level))));
        $this->cost = $this->costAt($this->z);
    }

    /** @return list<float> reflectance per band */
    public function bands(): array
    {
        $this->settle();

        return $this->reflectances($this->z);
    }

    private function settle(): void
    {
        $damping = 1e-2;
        for ($step = 0; $step < self::MAX_STEPS; $step++) {
            $before = $this->cost;
            $candidate = $this->stepped($damping);
            $residual = $this->residual;
            $cost = $this->costAt($candidate);
            if ($cost >= $before) {
                $this->residual = $residual;
                $damping *= 8;
                if ($damping > 1e6) {
                    break;
                }

                continue;
            }
            $this->z = $candidate;
            $this->cost = $cost;
            $damping = max(1e-9, $damping / 6);
            if ($before - $cost < self::SETTLED * $before) {
                break;
            }
        }
    }

    /**
     * @param list<float> $z
     *
     * @return list<float>
     */
    private function reflectances(array $z): array
    {
        return array_map(static fn(float $at): float => self::MIDDLE + self::RANGE * tanh($at), $z);
    }

    /**
     * Also leaves the Lab residual behind for the next step.
     *
     * @param list<float> $z
     */
    private function costAt(array $z): float
    {
        $lab = Reflectance::of($this->reflectances($z))->toLab();
        $this->residual = [$lab->lightness - $this->target->lightness, $lab->a - $this->target->a, $lab->b - $this->target->b];
        $cost = 0.0;
        foreach ($this->residual as $part) {
            $cost += $part * $part;
        }
        for ($i = 1; $i < Observer::BANDS; $i++) {
            $cost += self::SMOOTHNESS * ($z[$i] - $z[$i - 1]) ** 2;
        }

        return $cost;
    }

    /** @return list<float> z after one damped Gauss–Newton step */
    private function stepped(float $damping): array
    {
        $rows = $this->jacobian();
        $gradient = $this->smoothnessGradient();
        foreach ($rows as $k => $row) {
            foreach ($row as $i => $slope) {
                $gradient[$i] += $slope * $this->residual[$k];
            }
        }
        $solved = $this->solveTridiagonal($damping, [array_values($gradient), ...$rows]);
        $weights = $this->woodbury($rows, $solved);
        $z = [];
        foreach ($this->z as $i => $at) {
            $move = $solved[0][$i];
            foreach ($weights as $k => $weight) {
                $move -= $weight * $solved[$k + 1][$i];
            }
            $z[] = max(-12.0, min(12.0, $at - max(-2.0, min(2.0, $move))));
        }

        return $z;
    }

    /**
     * Slopes of lightness, a and b by each z.
     *
     * @return list<list<float>>
     */
    private function jacobian(): array
    {
        $bands = $this->reflectances($this->z);
        $xyz = Reflectance::of($bands)->toXyz();
        [$weightX, $weightY, $weightZ] = Observer::weights();
        $slopeX = self::compressSlope($xyz->x / Xyz::WHITE_X) / Xyz::WHITE_X;
        $slopeY = self::compressSlope($xyz->y);
        $slopeZ = self::compressSlope($xyz->z / Xyz::WHITE_Z) / Xyz::WHITE_Z;
        $rows = [[], [], []];
        foreach ($bands as $i => $band) {
            $byZ = self::RANGE * (1 - (($band - self::MIDDLE) / self::RANGE) ** 2);
            $x = $slopeX * $weightX[$i] * $byZ;
            $y = $slopeY * $weightY[$i] * $byZ;
            $z = $slopeZ * $weightZ[$i] * $byZ;
            $rows[0][] = 116 * $y;
            $rows[1][] = 500 * ($x - $y);
            $rows[2][] = 200 * ($y - $z);
        }

        return $rows;
    }

    private static function compressSlope(float $ratio): float
    {
        return $ratio > 216 / 24389 ? $ratio ** (-2 / 3) / 3 : 24389 / 27 / 116;
    }

    /** @return array<int, float> */
    private function smoothnessGradient(): array
    {
        $gradient = array_fill(0, Observer::BANDS, 0.0);
        for ($i = 1; $i < Observer::BANDS; $i++) {
            $slope = self::SMOOTHNESS * ($this->z[$i] - $this->z[$i - 1]);
            $gradient[$i] += $slope;
            $gradient[$i - 1] -= $slope;
        }

        return $gradient;
    }

    /**
     * Solves (SMOOTHNESS·DᵀD + damping·I) x = column for several columns at once (Thomas algorithm).
     *
     * @param list<list<float>> $columns
     *
     * @return list<list<float>>
     */
    private function solveTridiagonal(float $damping, array $columns): array
    {
        $last = Observer::BANDS - 1;
        $side = -self::SMOOTHNESS;
        $upper = [];
        for ($i = 0; $i <= $last; $i++) {
            $pivot = self::SMOOTHNESS * ($i === 0 || $i === $last ? 1 : 2) + $damping - ($i > 0 ? $side * $upper[$i - 1] : 0.0);
            $upper[$i] = $side / $pivot;
            foreach ($columns as $k => $column) {
                $columns[$k][$i] = ($column[$i] - ($i > 0 ? $side * $column[$i - 1] : 0.0)) / $pivot;
            }
        }
        for ($i = $last - 1; $i >= 0; $i--) {
            foreach ($columns as $k => $column) {
                $columns[$k][$i] = $column[$i] - $upper[$i] * $column[$i + 1];
            }
        }

        return array_map(array_values(...), $columns);
    }

    /**
     * The share of each Jacobian column in the step: (I + J A⁻¹ Jᵀ)⁻¹ J A⁻¹ g, a 3 × 3 system by Cramer's rule.
     *
     * @param list<list<float>> $rows
     * @param list<list<float>> $solved
     *
     * @return list<float>
     */
    private function woodbury(array $rows, array $solved): array
    {
        $matrix = [];
        $right = [];
        foreach ($rows as $k => $row) {
            $right[$k] = self::dot($row, $solved[0]);
            $matrix[$k] = [];
            for ($j = 0; $j < 3; $j++) {
                $matrix[$k][$j] = self::dot($row, $solved[$j + 1]) + ($j === $k ? 1.0 : 0.0);
            }
        }
        $whole = self::determinant($matrix);
        $weights = [];
        for ($j = 0; $j < 3; $j++) {
            $replaced = $matrix;
            foreach ($right as $k => $number) {
                $replaced[$k][$j] = $number;
            }
            $weights[] = self::determinant($replaced) / $whole;
        }

        return $weights;
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     */
    private static function dot(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $number) {
            $sum += $number * $other[$i];
        }

        return $sum;
    }

    /** @param array<int, array<int, float>> $m three rows of three */
    private static function determinant(array $m): float
    {
        return $m[0][0] * ($m[1][1] * $m[2][2] - $m[1][2] * $m[2][1])
            - $m[0][1] * ($m[1][0] * $m[2][2] - $m[1][2] * $m[2][0])
            + $m[0][2] * ($m[1][0] * $m[2][1] - $m[1][1] * $m[2][0]);
    }
}
