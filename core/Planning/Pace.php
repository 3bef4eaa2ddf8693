<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** Hands-on minutes of a step, from its technique and the size of what it is done to. */
final class Pace
{
    /** A job four times as large takes about twice as long: fetching, loading and turning are the same. */
    private const GROWS = 0.5;

    /** A whole model counts as this much of a medium area where a spray or one coat goes over all of it. */
    private const WHOLE = 1.0;

    /**
     * @param Paces|null $own of the painter; as the tables have it when left out
     *
     * @return float minutes for one model, all coats
     */
    public static function perModel(Step $step, ?Area $area, ?Paces $own = null): float
    {
        return $step->coats * self::perCoat($step, $area, $own);
    }

    /** @return float minutes for one coat on one model */
    public static function perCoat(Step $step, ?Area $area, ?Paces $own = null): float
    {
        $size = $area === null ? self::WHOLE : ($area->size->share() / AreaSize::Medium->share()) ** self::GROWS;

        return $step->technique->minutes * $size * ($own?->ratio($step->technique) ?? 1.0);
    }

    /** @return float minutes for one model, the whole recipe of an area */
    public static function ofRecipe(Area $area): float
    {
        return array_sum(array_map(static fn(Step $step): float => self::perModel($step, $area), $area->steps));
    }
}
