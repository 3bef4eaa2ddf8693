<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;

/**
 * How many coats a paint needs to hide what lies under it.
 */
final readonly class Coverage
{
    /** Nobody paints more; beyond this the answer is "it does not cover". */
    public const MOST_COATS = 24;

    private function __construct(
        public ?int $coats,
        public float $coatThickness,
        public float $remaining,
    ) {}

    /**
     * @param float $coatThickness of each coat, in standard coats: less than 1 when thinned
     * @param float $tolerance ΔE₀₀ to the masstone at which the eye calls it covered
     */
    public static function of(Optics $paint, Reflectance $background, float $coatThickness, float $tolerance): self
    {
        $masstone = $paint->masstone()->toLab();
        $remaining = Ciede2000::between($masstone, $background->toLab());
        if ($coatThickness <= 0.0) {
            return new self(null, $coatThickness, $remaining);
        }
        for ($coats = 1; $coats <= self::MOST_COATS; $coats++) {
            $remaining = Ciede2000::between($masstone, $paint->over($background, $coats * $coatThickness)->toLab());
            if ($remaining <= $tolerance) {
                return new self($coats, $coatThickness, $remaining);
            }
        }

        return new self(null, $coatThickness, $remaining);
    }
}
