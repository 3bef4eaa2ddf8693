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
}
