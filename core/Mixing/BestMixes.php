<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;

/**
 * The best mixes seen so far during a search, and how good another must be to count.
 *
 * Ranked by difference, then fewer paints, then fewer parts, then the order of the shelf, so that equal questions get equal answers.
 */
final class BestMixes
{
    /** ΔE₀₀ is ranked in steps of this: nobody sees less, and the simpler mix should win. */
    public const RANKING_STEP = 0.01;

    /** Worse than this is kept only while nothing better is known; ΔE₀₀ of black and white is 100. */
    public const FARTHEST = 120.0;

    public float $worst = self::FARTHEST;

    /** @var array{float, float, float}|null Lab of the nearest so far */
    public ?array $nearest = null;

    private float $least = INF;

    /** @var list<array{float, int, list<int>, list<int>, array{float, float, float}}> rank, parts in all, paints, parts, Lab */
    private array $found = [];

    public function __construct(
        private readonly Lab $target,
        private readonly int $kept,
    ) {}

    /**
     * @param array{float, float, float} $colour
     * @param list<int> $paints their places on the shelf
     * @param list<int> $parts
     */
    public function consider(array $colour, array $paints, array $parts): void
    {
        if (abs($colour[0] - $this->target->lightness) > Ciede2000::LARGEST_LIGHTNESS_WEIGHT * $this->worst) {
            return;
        }
        $difference = Ciede2000::ofNumbers($this->target->lightness, $this->target->a, $this->target->b, $colour[0], $colour[1], $colour[2]);
        if ($difference > $this->worst) {
            return;
        }
        if ($difference < $this->least) {
            $this->least = $difference;
            $this->nearest = $colour;
        }
        $this->found[] = [round($difference / self::RANKING_STEP) * self::RANKING_STEP, array_sum($parts), $paints, $parts, $colour];
        if (count($this->found) >= 2 * $this->kept) {
            $this->prune();
        }
    }

    /** @return list<array{float, int, list<int>, list<int>, array{float, float, float}}> best first */
    public function all(): array
    {
        $this->prune();

        return $this->found;
    }

    private function prune(): void
    {
        usort(
            $this->found,
            static fn(array $one, array $other): int => [$one[0], $one[1], $one[2], $one[3]] <=> [$other[0], $other[1], $other[2], $other[3]],
        );
        $this->found = array_slice(array_values(array_filter(
            $this->found,
            // What is equal stands side by side now: a search may come by the same mix twice.
            fn(array $mix, int $at): bool => $at === 0 || [$mix[2], $mix[3]] !== [$this->found[$at - 1][2], $this->found[$at - 1][3]],
            ARRAY_FILTER_USE_BOTH,
        )), 0, $this->kept);
        if (count($this->found) === $this->kept) {
            $this->worst = $this->found[$this->kept - 1][0] + self::RANKING_STEP / 2;
        }
    }
}
