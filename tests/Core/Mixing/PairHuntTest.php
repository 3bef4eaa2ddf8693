<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\MixTangent;
use Kalokroma\Mixing\PairHunt;
use Kalokroma\Mixing\Palette;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

final class PairHuntTest extends TestCase
{
    /** The tangent is taken where the target lies, so the line of the two that make it passes through. */
    public function testThePairThatMakesTheTargetIsAmongTheFirst(): void
    {
        $palette = new Palette(Paints::shelf(40, 19), false);
        $random = new Randomizer(new Mt19937(8));
        for ($i = 0; $i < 40; $i++) {
            [$one, $other] = $random->pickArrayKeys($palette->paints, 2);
            $share = $random->getInt(2, 8) / 10;
            $target = Lab::of(...Palette::lab($palette->lightOfTwo($one, $other, $share)));
            $pairs = (new PairHunt(new MixTangent($palette, $target, $one, $other, $share)))->pairs(range(0, 39), 25);

            self::assertContains([$one, $other], array_map(static function (array $pair): array {
                sort($pair);

                return $pair;
            }, $pairs));
        }
    }

    public function testItTellsOfEachPairOnceAndOfNoMoreThanWereAskedFor(): void
    {
        $palette = new Palette(Paints::shelf(12, 19), false);
        $hunt = new PairHunt(new MixTangent($palette, Paints::lab('#7a5230'), 0, 0, 1.0));
        $among = [3, 11, 0, 7, 5, 9];
        $pairs = $hunt->pairs($among, 100);

        self::assertCount(15, $pairs);
        self::assertCount(15, array_unique(array_map(static fn(array $pair): string => min($pair).' '.max($pair), $pairs)));
        self::assertSame([], array_diff(array_merge(...$pairs), $among));
        self::assertSame(array_slice($pairs, 0, 4), $hunt->pairs($among, 4));
        self::assertSame([], $hunt->pairs([3], 4));
    }
}
