<?php

declare(strict_types=1);

namespace App\Console;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Zone;
use Kalokroma\Simulation\Look;
use Kalokroma\Simulation\Stage;

/** Stages as commands tell them. */
trait ToldLooks
{
    /** @return array{step: string, zones: array<string, array<string, mixed>>, coatsNeeded: int|null} */
    private static function stage(Stage $stage): array
    {
        return ['step' => $stage->application->id, 'zones' => self::zones($stage->look), 'coatsNeeded' => $stage->forecast?->needed];
    }

    /** @return array<string, array<string, mixed>> */
    private static function zones(Look $look): array
    {
        $zones = [];
        foreach (Zone::cases() as $at => $zone) {
            $zones[$zone->value] = self::colour($look->at($zone));
            if ($look->left !== null && $look->right !== null && self::colour($look->left[$at]) !== self::colour($look->right[$at])) {
                $zones[$zone->value] += ['left' => self::colour($look->left[$at]), 'right' => self::colour($look->right[$at])];
            }
        }

        return $zones;
    }

    /** @return array{hex: string, L: float, a: float, b: float} */
    private static function colour(Lab $colour): array
    {
        return ['hex' => $colour->toSrgb()->hex(), 'L' => round($colour->lightness, 3), 'a' => round($colour->a, 3), 'b' => round($colour->b, 3)];
    }
}
