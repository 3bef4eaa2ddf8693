<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What a technique is for in the course of the work. */
enum Family: string
{
    case Undercoat = 'undercoat';
    case Base = 'base';
    case Shade = 'shade';
    case Light = 'light';
    case Tint = 'tint';
    case Detail = 'detail';
    case Repair = 'repair';
    case Varnish = 'varnish';
    case Decal = 'decal';
    case Weathering = 'weathering';
    case Scenery = 'scenery';
    case Handling = 'handling';

    public function label(): string
    {
        return match ($this) {
            self::Undercoat => 'undercoat and spray',
            self::Base => 'base colours',
            self::Shade => 'shade',
            self::Light => 'light',
            self::Tint => 'tints',
            self::Detail => 'details',
            self::Repair => 'repairs',
            self::Varnish => 'varnish',
            self::Decal => 'decals',
            self::Weathering => 'weathering',
            self::Scenery => 'base and ground',
            self::Handling => 'masking and gluing',
        };
    }

    /** It can be done to all areas of a model at once. */
    public function isDoneToAll(): bool
    {
        return match ($this) {
            self::Undercoat, self::Light, self::Varnish, self::Decal, self::Weathering, self::Handling => true,
            default => false,
        };
    }

    /** It is done with a brush that has to reach the place, paint on it. */
    public function isBrushed(): bool
    {
        return match ($this) {
            self::Base, self::Shade, self::Light, self::Tint, self::Detail, self::Repair => true,
            default => false,
        };
    }
}
