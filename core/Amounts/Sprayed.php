<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Craft\Brush;

/**
 * What leaves a can or a cup for what is to land on the models: most of it goes past them. Starting values, no measurements: a can of 400 ml is half
 * propellant and primes some fifty figures on foot; an airbrush near the model wastes about half.
 */
final readonly class Sprayed
{
    public const CAN_PAINT_ML = 200.0;

    public const CUP_ML = 2.0;

    /** Share that lands. */
    private const FROM_CAN = 0.05;

    private const FROM_AIRBRUSH = 0.5;

    private function __construct(
        public Brush $brush,
        public float $ml,
    ) {}

    /**
     * @param float $landsMl what is to lie on the models, without loss
     *
     * @return self|null null when it is not sprayed
     */
    public static function with(Brush $brush, float $landsMl): ?self
    {
        return match ($brush) {
            Brush::SprayCan => new self($brush, $landsMl / self::FROM_CAN),
            Brush::Airbrush => new self($brush, $landsMl / self::FROM_AIRBRUSH),
            default => null,
        };
    }

    /** Cans or cups, as many as have to be opened or filled at least. */
    public function count(): float
    {
        return $this->ml / ($this->brush === Brush::SprayCan ? self::CAN_PAINT_ML : self::CUP_ML);
    }

    /** "a fifth of a can", "2 cups" */
    public function words(): string
    {
        $count = $this->count();
        if ($this->brush === Brush::SprayCan) {
            return match (true) {
                $count <= 0.15 => 'a tenth of a can',
                $count <= 0.3 => 'a quarter of a can',
                $count <= 0.6 => 'half a can',
                $count <= 1.0 => 'a full can',
                default => sprintf('%d cans', (int) ceil($count)),
            };
        }

        return $count <= 1.0 ? 'one cup' : sprintf('%d cups', (int) ceil($count));
    }
}
