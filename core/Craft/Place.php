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
    /** The sharpest points of the edges. */
    case Corners = 'corners';
    /** What looks toward a lamp. */
    case FacingSide = 'facing-side';
    case UpperHalf = 'upper-half';
    case LowerHalf = 'lower-half';
    case Tips = 'tips';
    case Roots = 'roots';
    case Centre = 'centre';
    /** A mark on the face. */
    case Patch = 'patch';

    /** Share of the face that a mark takes, of the length that tips or roots do, of the face and what stands up that the middle is. */
    private const SHARES = [
        'patch' => [1.0, 1.0, 0.3, 1.0, 1.0],
        'tips' => [0.33, 0.33, 0.33, 0.33, 0.33],
        'roots' => [0.33, 0.33, 0.33, 0.33, 0.33],
        'centre' => [1.0, 1.0, 0.5, 0.5, 1.0],
    ];

    /** label; how much of what is put down reaches recess, lower side, face, raised, edge: what lies between is feathered */
    private const TABLE = [
        'everywhere' => ['everywhere', [1.0, 1.0, 1.0, 1.0, 1.0]],
        'all-but-recesses' => ['all but the recesses', [0.0, 0.55, 1.0, 1.0, 1.0]],
        'raised-parts' => ['raised parts', [0.0, 0.0, 0.18, 1.0, 1.0]],
        'upper-edges' => ['upper edges', [0.0, 0.0, 0.0, 0.15, 1.0]],
        'lower-sides' => ['recesses and lower sides', [1.0, 1.0, 0.15, 0.0, 0.0]],
        'recesses' => ['recesses only', [1.0, 0.2, 0.0, 0.0, 0.0]],
        'corners' => ['corners', [0.0, 0.0, 0.0, 0.0, 0.4]],
        'facing-side' => ['what faces one side', [1.0, 1.0, 1.0, 1.0, 1.0]],
        'upper-half' => ['upper half', [0.0, 0.0, 0.5, 1.0, 1.0]],
        'lower-half' => ['lower half', [1.0, 1.0, 0.5, 0.0, 0.0]],
        'tips' => ['tips', [1.0, 1.0, 1.0, 1.0, 1.0]],
        'roots' => ['roots', [1.0, 1.0, 1.0, 1.0, 1.0]],
        'centre' => ['the middle, fading out', [0.0, 0.0, 0.8, 0.8, 0.0]],
        'patch' => ['a patch of the face', [0.0, 0.0, 1.0, 0.0, 0.0]],
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

    /** Share of a zone that is touched at all, 0…1. */
    public function share(Zone $zone): float
    {
        return self::SHARES[$this->value][$zone->index()] ?? 1.0;
    }

    /** It is meant to lie on what stands up. */
    public function isRaised(): bool
    {
        return match ($this) {
            self::RaisedParts, self::UpperEdges, self::Corners, self::UpperHalf => true,
            default => false,
        };
    }

    /** 0…1 */
    public function reach(Zone $zone): float
    {
        return self::TABLE[$this->value][1][$zone->index()];
    }
}
