<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Paint;

/**
 * Which single paints and pairs from a shelf come nearest to a colour. Exhaustive: every pair in every ratio.
 *
 * Ranked by difference, then fewer paints, then fewer parts, then the order of the shelf, so that equal questions get equal answers.
 */
final class MixSolver
{
    /** ΔE₀₀ is ranked in steps of this: nobody sees less, and the simpler mix should win. */
    private const RANKING_STEP = 0.01;

    /** No ΔE₀₀ is less than the difference in lightness divided by this (the largest S_L, reached at L* 0 and 100). */
    private const LARGEST_LIGHTNESS_WEIGHT = 1.75;

    /** How many answers are kept while searching. */
    private const KEPT = 24;

    /** @var list<array{float, int, int, int, int, array{float, float, float}}> difference, parts, first, second (−1 for none), parts of the first, Lab */
    private array $found = [];

    private float $worstKept = INF;

    /** @var array<int, list<float>> */
    private array $bands = [];

    /** @param list<Paint> $shelf */
    private function __construct(
        private readonly MixTarget $target,
        private readonly array $shelf,
    ) {}

    /**
     * @param list<Paint> $shelf mixable paints that suit the target
     *
     * @return list<MixAnswer> best first
     */
    public static function singles(MixTarget $target, array $shelf, int $atMost): array
    {
        $solver = new self($target, $shelf);
        $solver->trySingles();

        return $solver->answers($atMost);
    }

    /**
     * Real mixes only: two paints each.
     *
     * @param list<Paint> $shelf mixable paints that suit the target
     *
     * @return list<MixAnswer> best first
     */
    public static function pairs(MixTarget $target, array $shelf, int $atMost, int $mostParts = Mix::MOST_PARTS): array
    {
        $solver = new self($target, $shelf);
        $solver->tryPairs($mostParts);

        return $solver->answers($atMost);
    }

    private function trySingles(): void
    {
        foreach ($this->shelf as $i => $paint) {
            $colour = $paint->colour();
            $this->consider([$colour->lightness, $colour->a, $colour->b], 1, $i, -1, 1);
        }
    }

    private function tryPairs(int $mostParts): void
    {
        $ratios = PairRatios::upTo($mostParts);
        $shares = array_map(static fn(array $ratio): float => $ratio[0] / ($ratio[0] + $ratio[1]), $ratios);
        foreach ($this->shelf as $i => $one) {
            for ($j = $i + 1; $j < count($this->shelf); $j++) {
                $other = $this->shelf[$j];
                if ($this->isHopeless($i, $j)) {
                    continue;
                }
                $colours = $this->target->isTransparent
                    ? PairRatios::coatsOverWhite($one->optics(), $other->optics(), $shares)
                    : PairRatios::masstones($one->optics(), $other->optics(), $shares);
                foreach ($colours as $k => $colour) {
                    $this->consider($colour, $ratios[$k][0] + $ratios[$k][1], $i, $j, $ratios[$k][0]);
                }
            }
        }
    }

    /** In each band a mix reflects no less than its darker and no more than its lighter paint, so its value lies between too. */
    private function isHopeless(int $first, int $second): bool
    {
        if ($this->worstKept === INF) {
            return false;
        }
        $weights = Observer::weights()[1];
        $darkest = $lightest = 0.0;
        $other = $this->bands($second);
        foreach ($this->bands($first) as $i => $band) {
            $darkest += $weights[$i] * min($band, $other[$i]);
            $lightest += $weights[$i] * max($band, $other[$i]);
        }
        $wanted = $this->target->colour->lightness;
        $gap = max(116 * Lab::compress($darkest) - 16 - $wanted, $wanted - 116 * Lab::compress($lightest) + 16);

        return $gap / self::LARGEST_LIGHTNESS_WEIGHT > $this->worstKept;
    }

    /** @return list<float> the paint by itself, as the target is meant */
    private function bands(int $index): array
    {
        $optics = $this->shelf[$index]->optics();

        return $this->bands[$index] ??= ($this->target->isTransparent
            ? $optics->over(Reflectance::flat(1.0), 1.0)
            : $optics->masstone())->bands;
    }

    /** @param array{float, float, float} $colour */
    private function consider(array $colour, int $parts, int $first, int $second, int $firstParts): void
    {
        $wanted = $this->target->colour;
        if (abs($colour[0] - $wanted->lightness) / self::LARGEST_LIGHTNESS_WEIGHT > $this->worstKept) {
            return;
        }
        $difference = Ciede2000::ofNumbers($wanted->lightness, $wanted->a, $wanted->b, ...$colour);
        if ($difference > $this->worstKept) {
            return;
        }
        $rank = round($difference / self::RANKING_STEP) * self::RANKING_STEP;
        $this->found[] = [$rank, $parts, $first, $second, $firstParts, $colour];
        if (count($this->found) > 4 * self::KEPT) {
            $this->prune();
        }
    }

    private function prune(): void
    {
        usort($this->found, static fn(array $one, array $other): int => array_slice($one, 0, 5) <=> array_slice($other, 0, 5));
        $this->found = array_slice($this->found, 0, self::KEPT);
        $last = end($this->found);
        if ($last !== false && count($this->found) === self::KEPT) {
            $this->worstKept = $last[0] + self::RANKING_STEP;
        }
    }

    /** @return list<MixAnswer> */
    private function answers(int $atMost): array
    {
        $this->prune();

        return array_map($this->answer(...), array_slice($this->found, 0, $atMost));
    }

    /** @param array{float, int, int, int, int, array{float, float, float}} $found */
    private function answer(array $found): MixAnswer
    {
        [, $parts, $first, $second, $firstParts, $lab] = $found;
        $ingredients = [Ingredient::of($this->shelf[$first], $firstParts)];
        if ($second >= 0) {
            $ingredients[] = Ingredient::of($this->shelf[$second], $parts - $firstParts);
            usort($ingredients, static fn(Ingredient $one, Ingredient $other): int => $other->parts <=> $one->parts);
        }
        $colour = Lab::of(...$lab);

        return new MixAnswer(Mix::of($ingredients), $colour, Difference::from($this->target->colour, $colour));
    }
}
