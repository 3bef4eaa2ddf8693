<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

enum BodyType: string
{
    case OnFoot = 'on-foot';
    case Rider = 'rider';
    case Beast = 'beast';
    case Vehicle = 'vehicle';
    case Swarm = 'swarm';
    case Terrain = 'terrain';

    public function label(): string
    {
        return match ($this) {
            self::OnFoot => 'on foot',
            self::Rider => 'rider',
            self::Beast => 'beast',
            self::Vehicle => 'vehicle',
            self::Swarm => 'swarm',
            self::Terrain => 'terrain piece',
        };
    }

    /** cm² of surface for each cm² of height times height. */
    public function surfacePerSquareHeight(): float
    {
        return match ($this) {
            self::OnFoot => 1.8,
            self::Rider => 3.2,
            self::Beast => 2.6,
            self::Vehicle => 4.0,
            self::Swarm => 2.2,
            self::Terrain => 3.0,
        };
    }
}
