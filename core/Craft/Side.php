<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** Where a lamp stands, as the model looks at us. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Front = 'front';
    case Back = 'back';
    case Below = 'below';

    /** How much of its light falls on recess, lower side, face, raised, edge of a flank. */
    private const TABLE = [
        'left' => ['left' => [0.3, 0.7, 1.0, 1.0, 1.0], 'right' => [0.0, 0.0, 0.05, 0.0, 0.0]],
        'right' => ['left' => [0.0, 0.0, 0.05, 0.0, 0.0], 'right' => [0.3, 0.7, 1.0, 1.0, 1.0]],
        'front' => ['left' => [0.3, 0.6, 1.0, 0.9, 0.7], 'right' => [0.3, 0.6, 1.0, 0.9, 0.7]],
        'back' => ['left' => [0.0, 0.0, 0.0, 0.3, 0.8], 'right' => [0.0, 0.0, 0.0, 0.3, 0.8]],
        'below' => ['left' => [0.7, 1.0, 0.3, 0.0, 0.0], 'right' => [0.7, 1.0, 0.3, 0.0, 0.0]],
    ];

    public function label(): string
    {
        return match ($this) {
            self::Left => 'from the left',
            self::Right => 'from the right',
            self::Front => 'from the front',
            self::Back => 'from behind',
            self::Below => 'from below',
        };
    }

    /** The two flanks of the model are not lit alike. */
    public function tellsFlanksApart(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    /** 0…1 */
    public function reach(Zone $zone, Flank $flank): float
    {
        return self::TABLE[$this->value][$flank->value][$zone->index()];
    }
}
