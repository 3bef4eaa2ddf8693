<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Mixing\Ratios;
use Kalokroma\Mixing\SharesOfThree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RatiosTest extends TestCase
{
    public function testTwoAndThreePaintsUpToNinePartsInLowestTerms(): void
    {
        self::assertCount(27, Ratios::of(2, 9));
        self::assertCount(79, Ratios::of(3, 9));
        self::assertSame([[1, 1]], Ratios::of(2, 2));
        self::assertSame([[1, 1], [1, 2], [2, 1]], Ratios::of(2, 3));
        self::assertSame([], Ratios::of(3, 2));
        foreach ([...Ratios::of(2, 9), ...Ratios::of(3, 9)] as $ratio) {
            self::assertLessThanOrEqual(9, array_sum($ratio));
            self::assertTrue(Ratios::isLowest($ratio));
        }
        self::assertFalse(Ratios::isLowest([2, 4, 2]));
    }

    public function testRatiosOfTwoAreOrderedByTheShareOfTheFirst(): void
    {
        $shares = array_map(static fn(array $ratio): float => $ratio[0] / array_sum($ratio), Ratios::ofTwoByShare(9));
        $sorted = $shares;
        sort($sorted);

        self::assertSame($sorted, $shares);
        self::assertCount(27, array_unique(array_map(strval(...), $shares)));
    }

    /** @return iterable<array{int}> */
    public static function parts(): iterable
    {
        yield from [[3], [4], [6], [9]];
    }

    #[DataProvider('parts')]
    public function testEachRatioOfThreeLiesInOneTriangleAndInsideIt(int $mostParts): void
    {
        $met = [];
        foreach (SharesOfThree::upTo($mostParts) as [$corners, $smaller]) {
            foreach ($smaller as [$inner, $ratios]) {
                foreach ($ratios as [$ratio, $one, $two, $three]) {
                    $met[] = implode(':', $ratio);
                    self::assertEqualsWithDelta(1.0, $one + $two + $three, 1e-12);
                    foreach ([$one, $two, $three] as $i => $share) {
                        foreach ([$corners, $inner] as $triangle) {
                            self::assertGreaterThanOrEqual(min(array_column($triangle, $i)) / 4 - 1e-12, $share);
                            self::assertLessThanOrEqual(max(array_column($triangle, $i)) / 4 + 1e-12, $share);
                        }
                    }
                }
            }
        }
        $all = array_map(static fn(array $ratio): string => implode(':', $ratio), Ratios::of(3, $mostParts));

        self::assertEqualsCanonicalizing($all, $met);
    }
}
