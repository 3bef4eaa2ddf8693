<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** The five places of any relief, from where shadow sits to where light catches. */
enum Zone: string
{
    case Recess = 'recess';
    case LowerSide = 'lower-side';
    case Face = 'face';
    case Raised = 'raised';
    case Edge = 'edge';

    public function label(): string
    {
        return match ($this) {
            self::Recess => 'recesses',
            self::LowerSide => 'lower sides',
            self::Face => 'faces',
            self::Raised => 'raised parts',
            self::Edge => 'edges',
        };
    }

    /**
     * Degrees between the surface's normal and straight up, on a model in its pose: 0 looks at the sky, 90 sideways, 180 at the ground.
     * Recesses look sideways but see little sky, so they count as turned away.
     */
    public function tiltDegrees(): float
    {
        return match ($this) {
            self::Recess => 140.0,
            self::LowerSide => 120.0,
            self::Face => 88.0,
            self::Raised => 50.0,
            self::Edge => 30.0,
        };
    }

    /** Position from recess (0) to edge (4). */
    public function index(): int
    {
        return match ($this) {
            self::Recess => 0,
            self::LowerSide => 1,
            self::Face => 2,
            self::Raised => 3,
            self::Edge => 4,
        };
    }
}
