<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Reflectance;

/**
 * How a paint film absorbs and scatters: the two constants of Kubelka and Munk ("Ein Beitrag zur Optik der
 * Farbanstriche", 1931; the hyperbolic form is Kubelka's of 1948), per band and per standard coat. They act below the film's skin;
 * all reflectances that go in and come out are as seen through it.
 */
final readonly class Optics
{
    /** Opacities nearer to clear or hiding than this are computed as this: the model has no film that is either. */
    private const CLEAREST = 0.002;

    private const MOST_HIDING = 0.995;

    /** Reflectance of the white half of a contrast card (ISO 6504-3). */
    public const CARD_WHITE = 0.8;

    /** A pigment scatters less where it absorbs (anomalous dispersion): this share where it absorbs all. */
    private const SCATTERS_AT_LEAST = 0.6;

    private const LEAST_B = 1e-9;

    /** Of its scattering a powder keeps so much when it is wetted. */
    private const WET = 0.6;

    /** Of a draw-down: the halves of a card differ by at least this, a film reflects and lets through at least this. */
    private const LEAST_CARD_CONTRAST = 0.2;

    private const LEAST_FILM = 1e-6;

    private const LEAST_SHOWN = 1e-6;

    /**
     * @param list<float> $absorption K
     * @param list<float> $scattering S
     */
    private function __construct(
        public array $absorption,
        public array $scattering,
    ) {}

    /** A paint whose swatch is its masstone, and whose scattering is such that one coat has the given opacity. */
    public static function opaque(Reflectance $masstone, float $opacity): self
    {
        $opacity = max(self::CLEAREST, min(self::MOST_HIDING, $opacity));
        $most = max([0.0, ...$masstone->bands]);
        $ratios = $scattering = [];
        foreach ($masstone->bands as $seen) {
            $band = Skin::within($seen);
            $ratios[] = (1 - $band) ** 2 / (2 * $band);
            $scattering[] = self::SCATTERS_AT_LEAST + (1 - self::SCATTERS_AT_LEAST) * $seen / $most;
        }
        $film = new self(array_map(static fn(float $ratio, float $scattered): float => $ratio * $scattered, $ratios, $scattering), $scattering);
        $strength = exp(Root::between(
            static fn(float $exponent): float => $film->times(exp($exponent))->contrast() - $opacity,
            log(1e-4),
            log(1e3),
            1e-7,
        ));

        return $film->times($strength);
    }

    /** A paint whose swatch is one coat over white: each band absorbs just as much as that takes, and all scatter alike, hardly at all. */
    public static function transparent(Reflectance $overWhite, float $opacity): self
    {
        $opacity = max(self::CLEAREST, min(self::MOST_HIDING, $opacity));
        $within = array_map(Skin::within(...), $overWhite->bands);
        $strength = exp(Root::between(
            static fn(float $exponent): float => self::tinting($within, exp($exponent))->contrast() - $opacity,
            log(1e-4),
            log(1e2),
            1e-6,
        ));

        return self::tinting($within, $strength);
    }

    /**
     * What one coat drawn over the two halves of a contrast card tells, band by band and in closed form: nothing is estimated.
     *
     * Over a ground g a film shows F + T²g/(1 − Fg), so the two halves give its own reflectance F and transmittance T (Kubelka 1948).
     *
     * @param Reflectance $overBlack the film over the black half, as seen
     * @param Reflectance $overWhite over the white half
     * @param Reflectance $black the bare black half
     * @param Reflectance $white the bare white half
     *
     * @throws IllegalPaint when the card's halves are alike
     */
    public static function ofDrawdown(Reflectance $overBlack, Reflectance $overWhite, Reflectance $black, Reflectance $white): self
    {
        $absorption = $scattering = [];
        foreach ($overBlack->bands as $i => $seen) {
            [$absorption[], $scattering[]] = self::band(
                Skin::within($seen),
                Skin::within($overWhite->bands[$i]),
                Skin::within($black->bands[$i]),
                Skin::within($white->bands[$i]),
            );
        }

        return new self($absorption, $scattering);
    }

    /**
     * Restores what was kept elsewhere.
     *
     * @param list<float> $absorption per band, zero or more
     * @param list<float> $scattering per band, more than zero
     *
     * @throws IllegalPaint when there are not as many as bands, or no film has them
     */
    public static function of(array $absorption, array $scattering): self
    {
        if (count($absorption) !== Observer::BANDS || count($scattering) !== Observer::BANDS || min($absorption) < 0.0 || min($scattering) <= 0.0
            || ! is_finite(array_sum($absorption) + array_sum($scattering))) {
            throw IllegalPaint::optics();
        }

        return new self($absorption, $scattering);
    }

    /** The same paint so many times as strong in the pot. */
    public function times(float $strength): self
    {
        return new self(
            array_map(static fn(float $absorbed): float => $absorbed * $strength, $this->absorption),
            array_map(static fn(float $scattered): float => $scattered * $strength, $this->scattering),
        );
    }

    /** Dry grains in a binder: it is nearer to them in refraction than air was, so they scatter less of the light. */
    public function wetted(): self
    {
        return new self($this->absorption, array_map(static fn(float $scattered): float => $scattered * self::WET, $this->scattering));
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
            $bands[] = Skin::seen(1 + $ratio - sqrt($ratio * ($ratio + 2)));
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
            $under = Skin::within($background->bands[$i]);
            $within = ($tanh - $under * ($a * $tanh - $b)) / (($a - $under) * $tanh + $b);
            $bands[] = Skin::seen(max(0.0, min(1.0, $within)));
        }

        return Reflectance::of($bands);
    }

    /** Luminance of one coat over the black of a contrast card divided by that over its white: the paint's opacity. */
    public function contrast(): float
    {
        return $this->over(Reflectance::flat(0.0), 1.0)->luminance()
            / $this->over(Reflectance::flat(self::CARD_WHITE), 1.0)->luminance();
    }

    /**
     * @return array{float, float} K and S of one band, from reflectances within
     */
    private static function band(float $overBlack, float $overWhite, float $black, float $white): array
    {
        if ($white - $black < self::LEAST_CARD_CONTRAST) {
            throw IllegalPaint::card();
        }
        // A film that hides shows the same over both; a little must come through for the arithmetic, as for every opacity.
        $overWhite = max($overWhite, $overBlack + self::LEAST_SHOWN);
        $film = ($white * $overBlack - $black * $overWhite) / ($white - $black + $white * $black * ($overBlack - $overWhite));
        $film = max(self::LEAST_FILM, min(1 - 2 * self::LEAST_FILM, $film));
        $through = max(self::LEAST_SHOWN ** 2, min((1 - $film) ** 2 - self::LEAST_FILM, ($overWhite - $film) * (1 - $film * $white) / $white));
        $a = max(1 + self::LEAST_B, (1 + $film * $film - $through) / (2 * $film));
        $b = sqrt($a * $a - 1);
        $scattered = atanh(min(1 - 1e-12, $b * $film / (1 - $a * $film))) / $b;

        return [$scattered * ($a - 1), $scattered];
    }

    /**
     * One coat over white reflects R where √((a−1)/(a+1))·tanh(S√(a²−1)) = (1−R)/(1+R), solved for a−1 by Newton's method
     * in its logarithm; without scattering (Beer and Lambert) K would be −ln(R)/2, where the search begins.
     *
     * @param list<float> $within reflectance of one coat over white, below the skin
     */
    private static function tinting(array $within, float $strength): self
    {
        $absorption = [];
        foreach ($within as $band) {
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
