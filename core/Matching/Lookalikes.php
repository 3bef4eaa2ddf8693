<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** Paints of a shelf that are taken for each other when one of them is fetched: alike in the pot, and for the same use. */
final readonly class Lookalikes
{
    /** ΔE₀₀ below which two pots are taken for each other by lamplight. */
    public const ALIKE = 4.0;

    /** Nobody reads a longer list, and a shelf of a thousand alike has half a million pairs. */
    public const MOST = 5;

    /** Lab units of lightness, and in a or b, beyond which no two colours are as near as that. */
    private const LIGHTNESS_APART = 8.0;

    private const HUE_APART = 40.0;

    /**
     * @param list<Paint> $paints
     *
     * @return array<string, list<Paint>> those that look like it, the nearest first and no more than MOST, by paint id; nothing for what
     *     stands alone
     */
    public static function among(array $paints): array
    {
        $coloured = [];
        foreach ($paints as $paint) {
            if ($paint->swatch !== null && ! $paint->kind->isClear()) {
                $coloured[] = [$paint, $paint->swatch, self::use($paint->kind)];
            }
        }
        usort($coloured, static fn(array $one, array $other): int => $one[1]->lightness <=> $other[1]->lightness);
        $near = [];
        foreach ($coloured as $at => [$paint, $colour, $use]) {
            for ($next = $at + 1; isset($coloured[$next]) && $coloured[$next][1]->lightness - $colour->lightness <= self::LIGHTNESS_APART; $next++) {
                [$other, $its, $for] = $coloured[$next];
                // Whoever has so many just like it needs no more.
                $isFull = self::farthest($near[$paint->id] ?? []) <= 0.0 && self::farthest($near[$other->id] ?? []) <= 0.0;
                $apart = $use === $for && ! $isFull && self::mayBeNear($colour, $its) ? Ciede2000::between($colour, $its) : INF;
                if ($apart <= self::ALIKE) {
                    $near[$paint->id] = self::with($near[$paint->id] ?? [], [$apart, $other]);
                    $near[$other->id] = self::with($near[$other->id] ?? [], [$apart, $paint]);
                }
            }
        }

        return array_map(static fn(array $all): array => array_column($all, 1), $near);
    }

    /**
     * @param list<array{float, Paint}> $all nearest first
     *
     * @return float how far off the last of them is that still counts; INF while there is room
     */
    private static function farthest(array $all): float
    {
        return count($all) < self::MOST ? INF : $all[self::MOST - 1][0];
    }

    /**
     * @param list<array{float, Paint}> $all nearest first
     * @param array{float, Paint} $one
     *
     * @return list<array{float, Paint}> of all the nearest
     */
    private static function with(array $all, array $one): array
    {
        if ($one[0] >= self::farthest($all)) {
            return $all;
        }
        $all[] = $one;
        usort($all, static fn(array $one, array $other): int => [$one[0], $one[1]->id] <=> [$other[0], $other[1]->id]);

        return array_slice($all, 0, self::MOST);
    }

    private static function mayBeNear(Lab $one, Lab $other): bool
    {
        return abs($one->a - $other->a) <= self::HUE_APART && abs($one->b - $other->b) <= self::HUE_APART;
    }

    /** What stands on one board of the shelf. */
    private static function use(Kind $kind): string
    {
        return match ($kind) {
            Kind::Opaque, Kind::SemiOpaque => 'paint',
            Kind::OneCoat, Kind::Ink, Kind::Wash => 'transparent',
            default => $kind->value,
        };
    }
}
