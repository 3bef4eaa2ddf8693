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

    /** Lab units of lightness, and in a or b, beyond which no two colours are as near as that. */
    private const LIGHTNESS_APART = 8.0;

    private const HUE_APART = 40.0;

    /**
     * @param list<Paint> $paints
     *
     * @return array<string, list<Paint>> those that look like it, the nearest first, by paint id; nothing for what stands alone
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
                $apart = $use === $for && self::mayBeNear($colour, $its) ? Ciede2000::between($colour, $its) : INF;
                if ($apart <= self::ALIKE) {
                    $near[$paint->id][] = [$apart, $other];
                    $near[$other->id][] = [$apart, $paint];
                }
            }
        }

        return array_map(static function (array $all): array {
            usort($all, static fn(array $one, array $other): int => [$one[0], $one[1]->id] <=> [$other[0], $other[1]->id]);

            return array_column($all, 1);
        }, $near);
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
