<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Craft\Brush;

/**
 * What leaves a can or a cup for what is to land on the models: most of it goes past them. Starting values, no measurements: a can of 400
 * ml is half propellant and primes some fifty figures on foot, or half a dozen vehicles, which catch more of its cone; an airbrush near the
 * model wastes about half.
 */
final readonly class Sprayed
{
    public const CAN_PAINT_ML = 200.0;

    /** With the propellant that drives it. */
    public const CAN_ML = 400.0;

    public const CUP_ML = 2.0;

    /** Fewer drops than these do not reach the needle. */
    public const LEAST_CUP_DROPS = 8;

    /** Paint that leaves a can in a second of spraying. */
    private const CAN_ML_PER_SECOND = 1.0;

    private const ROUND_SECONDS = 5;

    /** Share that lands on a figure of 32 mm; it grows as the target does. */
    private const FROM_CAN = 0.05;

    private const FIGURE_MM = 32.0;

    private const MOST_FROM_CAN = 0.25;

    private const FROM_AIRBRUSH = 0.5;

    private function __construct(
        public Brush $brush,
        public float $ml,
    ) {}

    /**
     * @param float $landsMl what is to lie on the models, without loss
     * @param float $heightMm of a model: a cone as wide as a hand mostly misses a small one
     *
     * @return self|null null when it is not sprayed
     */
    public static function with(Brush $brush, float $landsMl, float $heightMm = self::FIGURE_MM): ?self
    {
        return match ($brush) {
            Brush::SprayCan => new self($brush, $landsMl / min(self::MOST_FROM_CAN, self::FROM_CAN * max(1.0, $heightMm / self::FIGURE_MM))),
            Brush::Airbrush => new self($brush, $landsMl / self::FROM_AIRBRUSH),
            default => null,
        };
    }

    /** Two that come out of the same can. */
    public function and(self $more): self
    {
        return new self($this->brush, $this->ml + $more->ml);
    }

    /** What the can or pot has less afterwards. */
    public function potMl(): float
    {
        return $this->brush === Brush::SprayCan ? $this->ml * self::CAN_ML / self::CAN_PAINT_ML : $this->ml;
    }

    /** Seconds that the nozzle is pressed, in all. */
    public function seconds(): int
    {
        return max(self::ROUND_SECONDS, (int) (ceil($this->ml / self::CAN_ML_PER_SECOND / self::ROUND_SECONDS) * self::ROUND_SECONDS));
    }

    /** Cans or cups, as many as have to be opened or filled at least. */
    public function count(): float
    {
        return $this->ml / ($this->brush === Brush::SprayCan ? self::CAN_PAINT_ML : self::CUP_ML);
    }

    /** "a quarter of a can, about 45 seconds of spraying", "2 cups" */
    public function words(): string
    {
        $count = $this->count();
        if ($this->brush === Brush::SprayCan) {
            return sprintf('%s, about %d seconds of spraying', self::cans($count), $this->seconds());
        }

        return $count <= 1.0 ? 'one cup' : sprintf('%d cups', (int) ceil($count));
    }

    /** @param float $count of cans: "a quarter of a can", "2 cans" */
    public static function cans(float $count): string
    {
        return match (true) {
            $count <= 0.15 => 'a tenth of a can',
            $count <= 0.3 => 'a quarter of a can',
            $count <= 0.6 => 'half a can',
            $count <= 1.0 => 'a full can',
            default => sprintf('%d cans', (int) ceil($count)),
        };
    }
}
