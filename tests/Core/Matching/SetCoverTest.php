<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Matching\IllegalList;
use Kalokroma\Matching\SetCover;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SetCoverTest extends TestCase
{
    public function testItEqualsTryingEverySelection(): void
    {
        for ($seed = 1; $seed <= 120; $seed++) {
            [$needs, $masks, $weights] = self::problem($seed);
            [$boxes, $isProven] = SetCover::solve($needs, $masks, $weights);

            self::assertTrue($isProven);
            self::assertSame(self::cheapest($needs, $masks, $weights), self::cost($boxes, $weights), "seed $seed");
            self::assertSame((1 << $needs) - 1, self::union($boxes, $masks));
        }
    }

    public function testWithABudgetItMeetsMostNeedsAndThenCostsLeast(): void
    {
        for ($seed = 1; $seed <= 120; $seed++) {
            [$needs, $masks, $weights] = self::problem($seed);
            $budget = 0.5 * self::cheapest($needs, $masks, $weights);
            $random = new Randomizer(new Mt19937(1000 + $seed));
            // A need may stand for several that the same boxes meet.
            $counts = array_map(static fn(): int => $random->getInt(1, 4), range(1, $needs));
            [$boxes, $isProven] = SetCover::solve(
                $needs,
                $masks,
                $weights,
                $weights,
                array_map(static fn(int $count): float => $count * (1.0 + array_sum($weights)), $counts),
                $budget,
            );
            [$most, $least] = self::mostWithin($masks, $weights, $counts, $budget);

            self::assertTrue($isProven);
            self::assertLessThanOrEqual($budget, self::cost($boxes, $weights));
            self::assertSame([$most, $least], [self::met(self::union($boxes, $masks), $counts), self::cost($boxes, $weights)], "seed $seed");
        }
    }

    public function testNothingWantedCostsNothing(): void
    {
        self::assertSame([[], true], SetCover::solve(0, [], []));
    }

    public function testMoreNeedsThanItCanCountAreRefused(): void
    {
        $this->expectException(IllegalList::class);
        SetCover::solve(61, [1], [1.0]);
    }

    /** @return array{int, list<int>, list<float>} needs, masks, weights; every need is met by something */
    private static function problem(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $needs = $random->getInt(1, 8);
        $masks = $weights = [];
        for ($box = 0; $box < 12 - $needs; $box++) {
            $masks[] = $random->getInt(1, (1 << $needs) - 1);
            $weights[] = (float) $random->getInt(0, 900);
        }
        for ($need = 0; $need < $needs; $need++) {
            $masks[] = 1 << $need;
            $weights[] = (float) $random->getInt(200, 400);
        }

        return [$needs, $masks, $weights];
    }

    /**
     * @param list<int> $masks
     * @param list<float> $weights
     */
    private static function cheapest(int $needs, array $masks, array $weights): float
    {
        $least = INF;
        foreach (self::selections(count($masks)) as $boxes) {
            if (self::union($boxes, $masks) === (1 << $needs) - 1) {
                $least = min($least, self::cost($boxes, $weights));
            }
        }

        return $least;
    }

    /**
     * @param list<int> $masks
     * @param list<float> $weights
     * @param list<int> $counts
     *
     * @return array{int, float}
     */
    private static function mostWithin(array $masks, array $weights, array $counts, float $budget): array
    {
        $best = [0, 0.0];
        foreach (self::selections(count($masks)) as $boxes) {
            $cost = self::cost($boxes, $weights);
            $met = self::met(self::union($boxes, $masks), $counts);
            if ($cost <= $budget && ($met > $best[0] || ($met === $best[0] && $cost < $best[1]))) {
                $best = [$met, $cost];
            }
        }

        return $best;
    }

    /** @return iterable<list<int>> */
    private static function selections(int $boxes): iterable
    {
        for ($selection = 0; $selection < 1 << $boxes; $selection++) {
            yield array_values(array_filter(range(0, $boxes - 1), static fn(int $box): bool => ($selection >> $box & 1) === 1));
        }
    }

    /**
     * @param list<int> $boxes
     * @param list<float> $weights
     */
    private static function cost(array $boxes, array $weights): float
    {
        return (float) array_sum(array_map(static fn(int $box): float => $weights[$box], $boxes));
    }

    /**
     * @param list<int> $boxes
     * @param list<int> $masks
     */
    private static function union(array $boxes, array $masks): int
    {
        return array_reduce($boxes, static fn(int $union, int $box): int => $union | $masks[$box], 0);
    }

    /** @param list<int> $counts */
    private static function met(int $mask, array $counts): int
    {
        return (int) array_sum(array_filter($counts, static fn(int $need): bool => ($mask >> $need & 1) === 1, ARRAY_FILTER_USE_KEY));
    }
}
