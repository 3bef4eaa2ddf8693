<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * The smooth reflectance curve of a paint that is known only by its swatch.
 *
 * Of the endless curves that look like the swatch, paints tend to have the smoothest. Swatches that no paint can have
 * (screen white, screen blue) give the nearest curve a paint can have, and `difference` says how far that is off.
 */
final readonly class SwatchSpectrum
{
    /** The darkest and lightest any band of a real paint film gets. */
    public const DARKEST = 0.004;

    public const LIGHTEST = 0.97;

    /** ΔE₀₀ up to which the curve counts as being the swatch. */
    public const REACHED = 0.3;

    private function __construct(
        public Reflectance $reflectance,
        public Lab $swatch,
        public float $difference,
    ) {}

    public static function of(Lab $swatch): self
    {
        $reflectance = Reflectance::of((new SpectrumFit($swatch))->bands());

        return new self($reflectance, $swatch, Ciede2000::between($swatch, $reflectance->toLab()));
    }

    /** False when no paint looks like the swatch and the curve is only the nearest one. */
    public function isPaintable(): bool
    {
        return $this->difference <= self::REACHED;
    }
}
