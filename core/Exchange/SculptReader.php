<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\Facing;
use Kalokroma\Recipe\OnSculpt;

/** What a document says was measured of an area on a sculpt: in a plan, and in the edit that takes it into one. */
final class SculptReader
{
    public static function read(DocumentReader $in): OnSculpt
    {
        return new OnSculpt(
            $in->has('cm2') ? $in->number('cm2', OnSculpt::LEAST_CM2, OnSculpt::MOST_CM2, OnSculpt::LEAST_CM2) : null,
            $in->has('height') ? $in->number('height', 0.0, 1.0, 0.0) : null,
            $in->has('facing') ? $in->choice('facing', Facing::class) : null,
        );
    }

    /** @return array<string, mixed> fields of the area */
    public static function write(?OnSculpt $measured): array
    {
        return array_filter(
            ['cm2' => $measured?->cm2, 'height' => $measured?->height, 'facing' => $measured?->facing?->value],
            static fn(mixed $one): bool => $one !== null,
        );
    }
}
