<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Zone;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\Look;
use Kalokroma\Simulation\Stage;
use Kalokroma\Simulation\Strip;

/** A strip ready to be drawn. */
final class StripResource
{
    /** @return array<string, mixed> */
    public static function of(Strip $strip, Importance $importance): array
    {
        $final = $strip->final();

        return [
            'stages' => array_map(self::stage(...), $strip->stages),
            'final' => self::look($final),
            // Whoever is told that 18 are wanted must not be told that there are 18.
            'relief' => floor($final->relief()),
            'reliefWanted' => $importance->readableRange(),
            'isReadable' => $final->isReadable($importance),
        ];
    }

    /** @return array<string, mixed> */
    public static function look(Look $look): array
    {
        return [
            'words' => $look->words(),
            'lowest' => $look->lowestValue(),
            'highest' => $look->highestValue(),
            'zones' => array_map(static fn(Zone $zone): array => [
                'zone' => $zone->value,
                'label' => $zone->label(),
                'share' => $look->texture->share($zone),
                ...ColourResource::of($look->at($zone)),
            ], Zone::cases()),
            ...(
                $look->left === null
                || $look->right === null ? [] : ['flanks' => ['left' => self::hexes($look->left), 'right' => self::hexes($look->right)]]
            ),
            ...($look->mark === null ? [] : ['mark' => [
                'plain' => $look->mark['plain']->toSrgb()->hex(),
                'on' => array_map(
                    static fn(array $one): array => ['hex' => $one['colour']->toSrgb()->hex(), 'share' => round($one['share'], 3)],
                    $look->mark['on'],
                ),
            ]]),
            ...($look->rim === null ? [] : ['rim' => $look->rim->toSrgb()->hex()]),
        ];
    }

    /**
     * @param list<Lab> $colours
     *
     * @return list<string>
     */
    private static function hexes(array $colours): array
    {
        return array_map(static fn(Lab $colour): string => $colour->toSrgb()->hex(), $colours);
    }

    /** @return array<string, mixed> */
    public static function stage(Stage $stage): array
    {
        return [
            'stepId' => $stage->application->id,
            'technique' => $stage->application->technique->label,
            'change' => round($stage->change, 1),
            ...self::look($stage->look),
            'forecast' => $stage->forecast === null ? null : self::forecast($stage->forecast),
        ];
    }

    /** @return array<string, mixed> */
    private static function forecast(CoatForecast $forecast): array
    {
        return [
            'coats' => $forecast->needed,
            'isTooThin' => $forecast->isTooThin,
            'zone' => $forecast->hardestZone->label(),
        ];
    }
}
