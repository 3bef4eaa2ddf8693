<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * The share of light a surface throws back, per band of the Observer (0…1).
 */
final readonly class Reflectance
{
    /** @param list<float> $bands */
    private function __construct(public array $bands) {}

    /**
     * @param list<float> $bands
     *
     * @throws IllegalColour when the number of bands is wrong or one lies outside 0…1
     */
    public static function of(array $bands): self
    {
        if (count($bands) !== Observer::BANDS) {
            throw IllegalColour::bands(count($bands));
        }
        foreach ($bands as $band) {
            if (! ($band >= 0.0 && $band <= 1.0)) {
                throw IllegalColour::reflectance($band);
            }
        }

        return new self($bands);
    }

    /** A surface that reflects every band alike. */
    public static function flat(float $share): self
    {
        return self::of(array_fill(0, Observer::BANDS, $share));
    }

    public function toXyz(): Xyz
    {
        [$weightX, $weightY, $weightZ] = Observer::weights();
        $x = $y = $z = 0.0;
        foreach ($this->bands as $i => $band) {
            $x += $weightX[$i] * $band;
            $y += $weightY[$i] * $band;
            $z += $weightZ[$i] * $band;
        }

        return Xyz::of($x, $y, $z);
    }

    public function toLab(): Lab
    {
        return $this->toXyz()->toLab();
    }

    /** Share of a perfect white's luminance. */
    public function luminance(): float
    {
        return $this->toXyz()->y;
    }
}
