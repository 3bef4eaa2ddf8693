<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Quilt\Patch;
use Kalokroma\Quilt\Quilt;
use Kalokroma\Recipe\Plan;

/** Where each area lies in the quilt. */
final class QuiltResource
{
    /** @return list<array<string, mixed>> in shares of the quilt's sides */
    public static function of(Plan $plan): array
    {
        return array_map(static fn(Patch $one): array => [
            'area' => $one->area->id, 'x' => round($one->x, 4), 'y' => round($one->y, 4), 'width' => round($one->width, 4),
            'height' => round($one->height, 4),
        ], Quilt::of($plan));
    }
}
