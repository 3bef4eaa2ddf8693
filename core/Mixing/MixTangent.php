<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;

/**
 * Mixing near one known mix of two, made linear: where each paint pulls the colour, in a space in which distance from the target is
 * about ΔE₀₀. There a mix is the mean of its paints' pulls, weighted by parts and strength.
 *
 * It only tells which of very many mixes are worth a real look. Film physics has the last word.
 */
final class MixTangent
{
    /** Share of a paint that is added to see where it pulls. */
    private const STEP = 0.02;

    /** Lab units by which the target is left to see how ΔE₀₀ grows in each direction. */
    private const PROBE = 0.5;

    /** @var list<float> first, second and third coordinate of each paint's pull */
    public array $pull1 = [];

    /** @var list<float> */
    public array $pull2 = [];

    /** @var list<float> */
    public array $pull3 = [];

    /** @var list<float> how much of the film one part stands for: what scatters more counts more */
    public array $strength = [];

    /** @var array{float, float, float} where the target lies */
    public readonly array $goal;

    /** Step of ΔE₀₀ along L, and the triangular root of its square in the plane of a and b. */
    private readonly float $perL;

    private readonly float $perA;

    private readonly float $perAB;

    private readonly float $perB;

    /** @param float $share of the first, 0…1 */
    public function __construct(Palette $palette, private readonly Lab $target, int $first, int $second, float $share)
    {
        $a = $this->squared(1.0, 0.0);
        $b = $this->squared(0.0, 1.0);
        $both = ($this->squared(1.0, 1.0) - $a - $b) / 2;
        $this->perL = Ciede2000::ofNumbers(
            $target->lightness,
            $target->a,
            $target->b,
            $target->lightness + self::PROBE,
            $target->a,
            $target->b,
        ) / self::PROBE;
        $this->perA = sqrt($a);
        $this->perAB = $both / $this->perA;
        $this->perB = sqrt(max(1e-6, $b - $this->perAB ** 2));

        $origin = $this->offset(Palette::lab($palette->lightOfTwo($first, $second, $share)));
        $rest = 1.0 - self::STEP;
        $strength = $share * $palette->strength($first) + (1.0 - $share) * $palette->strength($second);
        foreach (array_keys($palette->paints) as $i) {
            $there = $this->offset(Palette::lab($palette->lightOfThree($first, $second, $i, $rest * $share, $rest * (1.0 - $share), self::STEP)));
            $this->strength[] = $palette->strength($i);
            $weight = self::STEP * $palette->strength($i) / (self::STEP * $palette->strength($i) + $rest * $strength);
            $this->pull1[] = ($there[0] - $origin[0]) / $weight;
            $this->pull2[] = ($there[1] - $origin[1]) / $weight;
            $this->pull3[] = ($there[2] - $origin[2]) / $weight;
        }
        $this->goal = [-$origin[0], -$origin[1], -$origin[2]];
    }

    /**
     * How far off the target a colour is.
     *
     * @param array{float, float, float} $lab
     *
     * @return array{float, float, float}
     */
    public function offset(array $lab): array
    {
        $a = $lab[1] - $this->target->a;
        $b = $lab[2] - $this->target->b;

        return [$this->perL * ($lab[0] - $this->target->lightness), $this->perA * $a + $this->perAB * $b, $this->perB * $b];
    }

    private function squared(float $a, float $b): float
    {
        $target = $this->target;

        return (
            Ciede2000::ofNumbers(
                $target->lightness,
                $target->a,
                $target->b,
                $target->lightness,
                $target->a + self::PROBE * $a,
                $target->b + self::PROBE * $b,
            ) / self::PROBE
        ) ** 2;
    }
}
