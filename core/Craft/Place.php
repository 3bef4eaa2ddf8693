<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** Where on an area the brush goes. */
enum Place: string
{
    case Everywhere = 'everywhere';
    case AllButRecesses = 'all-but-recesses';
    case RaisedParts = 'raised-parts';
    case UpperEdges = 'upper-edges';
    case LowerSides = 'lower-sides';
    case Recesses = 'recesses';

    /** label; how much of what is put down reaches recess, lower side, face, raised, edge: what lies between is feathered */
    private const TABLE = [
        'everywhere' => ['everywhere', [1.0, 1.0, 1.0, 1.0, 1.0]],
        'all-but-recesses' => ['all but the recesses', [0.0, 0.55, 1.0, 1.0, 1.0]],
        'raised-parts' => ['raised parts', [0.0, 0.0, 0.18, 1.0, 1.0]],
        'upper-edges' => ['upper edges', [0.0, 0.0, 0.0, 0.15, 1.0]],
        'lower-sides' => ['recesses and lower sides', [1.0, 1.0, 0.15, 0.0, 0.0]],
        'recesses' => ['recesses only', [1.0, 0.2, 0.0, 0.0, 0.0]],
    ];

    public function label(): string
    {
        return self::TABLE[$this->value][0];
    }

    /** The paint thins out toward what is left: nobody means to cover there. */
    public function isFeathered(): bool
    {
        return $this !== self::Everywhere && $this !== self::AllButRecesses;
    }

    /** 0…1 */
    public function reach(Zone $zone): float
    {
        return self::TABLE[$this->value][1][$zone->index()];
    }
}
