<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Planning\Member;
use Kalokroma\Planning\Squad;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Variant;

/** Variants that were made for models of one batch: they stay with it when it takes a newer plan, and go with the last model that had them. */
final class OwnVariants
{
    /** What their ids begin with. */
    private const PREFIX = 'touch-';

    /** The id of a new one. */
    public static function called(string $unique): string
    {
        return self::PREFIX.$unique;
    }

    /** A newer plan with those of the older one. */
    public static function carried(Plan $older, Plan $newer): Plan
    {
        return $newer->withAreas(array_map(static function (Area $area) use ($older): Area {
            $own = array_filter(
                $older->area($area->id)->variants ?? [],
                static fn(Variant $one): bool => self::isOwn($one) && $area->variant($one->id) === null,
            );

            return $own === [] ? $area : $area->withVariants([...$area->variants, ...array_values($own)]);
        }, $newer->areas));
    }

    /** The plan without those that none of these models has. */
    public static function tidied(Plan $plan, Squad $squad): Plan
    {
        $used = array_merge(
            [],
            ...array_map(static fn(Member $one): array => array_values(array_filter($one->ways)), array_values($squad->members)),
        );

        return $plan->withAreas(array_map(static fn(Area $area): Area => $area->withVariants(array_values(array_filter(
            $area->variants,
            static fn(Variant $one): bool => ! self::isOwn($one) || in_array($one->id, $used, true),
        ))), $plan->areas));
    }

    private static function isOwn(Variant $variant): bool
    {
        return str_starts_with($variant->id, self::PREFIX);
    }
}
