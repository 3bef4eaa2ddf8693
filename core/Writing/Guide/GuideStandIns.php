<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** For paints that a guide names and that are not owned: the nearest of the same kind that is. */
final class GuideStandIns
{
    /** ΔE₀₀ from which a paint does not stand in for another. */
    private const FAR = 12.0;

    /**
     * @param list<Paint> $used
     * @param list<Paint> $owned
     *
     * @return list<array{paint: Paint, standIn: Paint|null, off: float|null}> for each paint that is not owned; null where nothing comes near
     */
    public static function for(array $used, array $owned): array
    {
        $ids = array_flip(array_column($owned, 'id'));
        $found = [];
        foreach ($used as $paint) {
            if (! isset($ids[$paint->id])) {
                $found[] = ['paint' => $paint, ...self::nearest($paint, $owned)];
            }
        }

        return $found;
    }

    /**
     * @param list<Paint> $owned
     *
     * @return array{standIn: Paint|null, off: float|null}
     */
    private static function nearest(Paint $paint, array $owned): array
    {
        $best = ['standIn' => null, 'off' => null];
        foreach ($owned as $other) {
            if (! self::isOfKind($other, $paint) || $other->isClear() !== $paint->isClear()) {
                continue;
            }
            // Clear fluids of a kind differ in their finish only.
            $off = $paint->isClear() ? ($paint->finish === $other->finish ? 0.0 : INF) : Ciede2000::between($paint->colour(), $other->colour());
            if ($off <= self::FAR && $off < ($best['off'] ?? INF)) {
                $best = ['standIn' => $other, 'off' => $off];
            }
        }

        return $best;
    }

    /** What covers stands in for what covers, more or less. */
    private static function isOfKind(Paint $one, Paint $other): bool
    {
        $covers = static fn(Paint $paint): bool => $paint->kind === Kind::Opaque || $paint->kind === Kind::SemiOpaque;

        return $one->kind === $other->kind || ($covers($one) && $covers($other));
    }
}
