<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Reflectance;

/**
 * How a paint film absorbs and scatters: the two constants of Kubelka and Munk ("Ein Beitrag zur Optik der
 * Farbanstriche", 1931; the hyperbolic form is Kubelka's of 1948), per band and per standard coat.
 */
final readonly class Optics
{
    /** Opacities nearer to clear or hiding than this are computed as this: the model has no film that is either. */
    private const CLEAREST = 0.002;

    private const MOST_HIDING = 0.995;

    /** Reflectance of the white half of a contrast card (ISO 6504-3). */
    private const CARD_WHITE = 0.8;

    private const LEAST_B = 1e-9;

    /**
     * @param list<float> $absorption K
     * @param list<float> $scattering S
     */
    private function __construct(
        public array $absorption,
        public array $scattering,
    ) {}

    /** A paint whose swatch is its masstone: one scattering strength for all bands, such that one coat has the given opacity. */
    public static function opaque(Reflectance $masstone, float $opacity): self
    {
        $opacity = max(self::CLEAREST, min(self::MOST_HIDING, $opacity));
        $ratios = array_map(static fn(float $band): float => (1 - $band) ** 2 / (2 * $band), $masstone->bands);
        $strength = exp(Root::between(
            static fn(float $exponent): float => self::scaled($ratios, exp($exponent))->contrast() - $opacity,
            log(1e-4),
            log(1e3),
            1e-7,
        ));

        return self::scaled($ratios, $strength);
    }

    /** A paint whose swatch is one coat over white: each band absorbs just as much as that takes. */
    public static function transparent(Reflectance $overWhite, float $opacity): self
    {
        $opacity = max(self::CLEAREST, min(self::MOST_HIDING, $opacity));
        $strength = exp(Root::between(
            static fn(float $exponent): float => self::tinting($overWhite, exp($exponent))->contrast() - $opacity,
            log(1e-4),
            log(1e2),
            1e-6,
        ));

        return self::tinting($overWhite, $strength);
    }

    /** Restores what was kept elsewhere.
     *
     * @param list<float> $absorption
     * @param list<float> $scattering
     */
    public static function of(array $absorption, array $scattering): self
    {
        return new self($absorption, $scattering);
    }

    /**
     * Absorption and scattering add by volume.
     *
     * @param list<array{self, int|float}> $ingredients optics and parts
     *
     * @throws IllegalPaint when nothing is left to mix
     */
    public static function mixed(array $ingredients): self
    {
        $total = array_sum(array_column($ingredients, 1));
        if ($total <= 0) {
            throw IllegalPaint::nothingToMix();
        }
        $absorption = $scattering = array_fill(0, Observer::BANDS, 0.0);
        foreach ($ingredients as [$optics, $parts]) {
            $share = $parts / $total;
            foreach ($optics->absorption as $i => $absorbed) {
                $absorption[$i] += $share * $absorbed;
                $scattering[$i] += $share * $optics->scattering[$i];
            }
        }

        return new self(array_values($absorption), array_values($scattering));
    }

    /** The film too thick to see through. */
    public function masstone(): Reflectance
    {
        $bands = [];
        foreach ($this->absorption as $i => $absorbed) {
            $ratio = $absorbed / $this->scattering[$i];
            $bands[] = 1 + $ratio - sqrt($ratio * $ratio + 2 * $ratio);
        }

        return Reflectance::of($bands);
    }

    /**
     * What is seen when a film lies on a background.
     *
     * @param float $coats thickness in standard coats, zero or more
     *
     * @throws IllegalPaint when the thickness is negative
     */
    public function over(Reflectance $background, float $coats): Reflectance
    {
        if (is_nan($coats) || $coats < 0.0) {
            throw IllegalPaint::thickness($coats);
        }
        if ($coats === 0.0) {
            return $background;
        }
        $bands = [];
        foreach ($this->absorption as $i => $absorbed) {
            $scattered = $this->scattering[$i];
            $a = ($scattered + $absorbed) / $scattered;
            $b = max(self::LEAST_B, sqrt($a * $a - 1));
            $tanh = tanh($b * $scattered * $coats);
            $under = $background->bands[$i];
            $seen = ($tanh - $under * ($a * $tanh - $b)) / (($a - $under) * $tanh + $b);
            $bands[] = max(0.0, min(1.0, $seen));
        }

        return Reflectance::of($bands);
    }

    /** Luminance of one coat over the black of a contrast card divided by that over its white: the paint's opacity. */
    public function contrast(): float
    {
        return $this->over(Reflectance::flat(0.0), 1.0)->luminance()
            / $this->over(Reflectance::flat(self::CARD_WHITE), 1.0)->luminance();
    }

    /** @param list<float> $ratios K/S per band */
    private static function scaled(array $ratios, float $strength): self
    {
        return new self(
            array_map(static fn(float $ratio): float => $ratio * $strength, $ratios),
            array_fill(0, Observer::BANDS, $strength),
        );
    }

    /**
     * One coat over white reflects R where √((a−1)/(a+1))·tanh(S√(a²−1)) = (1−R)/(1+R), solved for a−1 by Newton's method
     * in its logarithm; without scattering (Beer and Lambert) K would be −ln(R)/2, where the search begins.
     */
    private static function tinting(Reflectance $overWhite, float $strength): self
    {
        $absorption = [];
        foreach ($overWhite->bands as $band) {
            $aim = (1 - $band) / (1 + $band);
            $log = log(max(1e-9, -log(max(1e-9, $band)) / 2) / $strength);
            for ($step = 0; $step < 40; $step++) {
                $excess = exp($log);
                $b = sqrt($excess * ($excess + 2));
                $root = $excess / $b;
                $tanh = tanh($b * $strength);
                $slope = $excess * ($tanh / ($b * ($excess + 2)) + $root * (1 - $tanh * $tanh) * $strength * ($excess + 1) / $b);
                $move = ($root * $tanh - $aim) / max(1e-12, $slope);
                $log -= max(-2.0, min(2.0, $move));
                if (abs($move) < 1e-9) {
                    break;
                }
            }
            $absorption[] = exp($log) * $strength;
        }

        return new self($absorption, array_fill(0, Observer::BANDS, $strength));
    }
}
