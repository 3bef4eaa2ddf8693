<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Mixing\BestMixes;
use Kalokroma\Mixing\Effort;
use Kalokroma\Mixing\MixAnswers;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixRules;
use Kalokroma\Mixing\MixSearch;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\Palette;
use Kalokroma\Mixing\Ratios;
use Kalokroma\Paint\Paint;
use Tests\Core\Paints;

/** The mix solver on 300 paints. */
final class SolverBench
{
    private const ROUNDS = 3;

    /** Twelve within reach, ten beyond any paint. */
    private const TARGETS = [
        '#7a5230', '#203028', '#808080', '#40203a', '#5f7a45', '#c0a070', '#2f7f86', '#d9c7a0', '#3b6fd6', '#b0242a', '#5a3f78', '#a07850',
        '#ff0000', '#101010', '#fafafa', '#ffd000', '#00ff00', '#ff00ff', '#0000ff', '#ffffff', '#000000', '#ff8000',
    ];

    /** @return array{median: float, worst: float} ms, each target the best of three rounds */
    public static function times(int $paints = 300): array
    {
        $shelf = self::shelf($paints);
        $best = array_fill_keys(self::TARGETS, INF);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach (self::TARGETS as $hex) {
                $best[$hex] = min($best[$hex], Clock::milliseconds(static fn(): MixAnswers => self::solve($hex, $shelf)));
            }
        }

        return ['median' => Clock::percentile(array_values($best), 0.5), 'worst' => max($best)];
    }

    /** How much the best triple is farther off than the best of all 4.5 million triples. Takes minutes. */
    public static function farther(): float
    {
        $shelf = self::shelf();
        $farther = 0.0;
        foreach (['#203028', '#40203a', '#e0e0d0', '#7a5230', '#808080'] as $hex) {
            $target = MixTarget::masstone(Paints::lab($hex));
            $palette = new Palette($shelf, false);
            $best = new BestMixes($target->colour, 1);
            (new MixSearch($target, $palette, new MixRules($palette, MixLimits::none())))->triples($best, array_keys($shelf));
            $farther = max($farther, self::solve($hex, $shelf)->triples[0]->difference->number - $best->all()[0][0]);
        }

        return $farther;
    }

    /** How much the best pair of a quick search is farther off than the best of all pairs. */
    public static function missedByQuick(): float
    {
        $missed = 0.0;
        foreach ([150, 300, 500] as $paints) {
            $shelf = self::shelf($paints);
            foreach (self::TARGETS as $hex) {
                [$quick, $thorough] = array_map(
                    static fn(Effort $effort): float => MixSolver::solve(
                        MixTarget::masstone(Paints::lab($hex)),
                        $shelf,
                        MixLimits::none()->paints(2),
                        2,
                        $effort,
                    )->pairs[0]->difference->number,
                    [Effort::quick(), Effort::thorough()],
                );
                $missed = max($missed, $quick - $thorough);
            }
        }

        return $missed;
    }

    /** @return float two-paint mixes with Lab, per second on one core */
    public static function mixesPerSecond(): float
    {
        $shelf = Paints::shelf(70, 3);
        $palette = new Palette($shelf, false);
        $shares = array_map(static fn(array $ratio): float => $ratio[0] / array_sum($ratio), Ratios::of(2, 9));
        $most = 0.0;
        for ($round = 0; $round <= self::ROUNDS; $round++) {
            $mixes = 0;
            $start = hrtime(true);
            for ($i = 0; $i < count($shelf); $i++) {
                for ($j = $i + 1; $j < count($shelf); $j++) {
                    foreach ($shares as $share) {
                        Palette::lab($palette->lightOfTwo($i, $j, $share));
                        $mixes++;
                    }
                }
            }
            $took = (hrtime(true) - $start) / 1e6;
            $most = max($most, 1000 * $mixes / $took);
        }

        return $most;
    }

    /** @return list<Paint> their optics worked out, as the application keeps them */
    private static function shelf(int $paints = 300): array
    {
        $shelf = Paints::shelf($paints, 3);
        foreach ($shelf as $paint) {
            $paint->optics();
        }

        return $shelf;
    }

    /** @param list<Paint> $shelf */
    private static function solve(string $hex, array $shelf): MixAnswers
    {
        return MixSolver::solve(MixTarget::masstone(Paints::lab($hex)), $shelf, MixLimits::none(), 6);
    }
}
