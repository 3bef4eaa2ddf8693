<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Xyz;
use Kalokroma\Paint\Paint;

/**
 * The paints laid out for one question, as bare numbers: the inner loops of the solver make no objects.
 *
 * A *span* bounds a spectrum from below and above in groups of bands. Mixes reflect, band by band, between their ingredients,
 * so the spans of two mixes also bound all that lies between them.
 */
final class Palette
{
    public const GROUPS = 12;

    private const GROUP_BANDS = 3;

    /** @var list<list<float>> */
    public array $absorption = [];

    /** @var list<list<float>> */
    public array $scattering = [];

    /** @var list<array{list<float>, list<float>}> lows and highs */
    public array $spans = [];

    /** @var list<array{float, float, float}> */
    public array $colours = [];

    /** @var array<int, array{list<float>, list<float>}> */
    private array $spansOfTwo = [];

    /** @var list<array{float, float, float}> what each band adds to X, Y and Z */
    private readonly array $weights;

    /** @var list<int> */
    private array $lastThree = [];

    /** @var array<int, array{list<float>, list<float>}> of the last three paints asked for */
    private array $spansInside = [];

    /** @param list<Paint> $paints */
    public function __construct(
        public readonly array $paints,
        public readonly bool $isSeeThrough,
    ) {
        $this->weights = array_map(static fn(float $x, float $y, float $z): array => [$x, $y, $z], ...Observer::weights());
        foreach ($paints as $i => $paint) {
            $this->absorption[] = $paint->optics()->absorption;
            $this->scattering[] = $paint->optics()->scattering;
            $bands = $this->bands($this->absorption[$i], $this->scattering[$i]);
            $this->spans[] = self::span($bands);
            $this->colours[] = self::colour($bands);
        }
    }

    /**
     * What each group of bands adds to X, Y and Z for a reflectance of one.
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    public static function groupWeights(): array
    {
        /** @var array{list<float>, list<float>, list<float>}|null $groups */
        static $groups = null;

        return $groups ??= array_map(
            static fn(array $weights): array => array_map(array_sum(...), array_chunk($weights, self::GROUP_BANDS)),
            Observer::weights(),
        );
    }

    /**
     * What each group adds to X/Xₙ − Y (redness) and Y − Z/Zₙ (yellowness) for a reflectance of one.
     *
     * @return array{list<float>, list<float>}
     */
    public static function opponentWeights(): array
    {
        /** @var array{list<float>, list<float>}|null $opponents */
        static $opponents = null;
        if ($opponents === null) {
            [$x, $y, $z] = self::groupWeights();
            $opponents = [
                array_map(static fn(float $x, float $y): float => $x / Xyz::WHITE_X - $y, $x, $y),
                array_map(static fn(float $y, float $z): float => $y - $z / Xyz::WHITE_Z, $y, $z),
            ];
        }

        return $opponents;
    }

    /**
     * @param float $share of the first, 0…1
     *
     * @return list<float> reflectance
     */
    public function pair(int $first, int $second, float $share): array
    {
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        $rest = 1.0 - $share;
        $bands = [];
        if ($this->isSeeThrough) {
            for ($i = 0; $i < Observer::BANDS; $i++) {
                $bands[] = self::coatOverWhite($share * $k1[$i] + $rest * $k2[$i], $share * $s1[$i] + $rest * $s2[$i]);
            }

            return $bands;
        }
        for ($i = 0; $i < Observer::BANDS; $i++) {
            $ratio = ($share * $k1[$i] + $rest * $k2[$i]) / ($share * $s1[$i] + $rest * $s2[$i]);
            $bands[] = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
        }

        return $bands;
    }

    /**
     * The colour alone: where most of the time is spent.
     *
     * @return array{float, float, float} Lab
     */
    public function colourOfTwo(int $first, int $second, float $share): array
    {
        if ($this->isSeeThrough) {
            return self::colour($this->pair($first, $second, $share));
        }
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        $rest = 1.0 - $share;
        $x = $y = $z = 0.0;
        foreach ($this->weights as $i => [$weightX, $weightY, $weightZ]) {
            $ratio = ($share * $k1[$i] + $rest * $k2[$i]) / ($share * $s1[$i] + $rest * $s2[$i]);
            $seen = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
            $x += $weightX * $seen;
            $y += $weightY * $seen;
            $z += $weightZ * $seen;
        }

        return self::lab($x, $y, $z);
    }

    /**
     * The colour alone.
     *
     * @return array{float, float, float} Lab
     */
    public function colourOfThree(int $first, int $second, int $third, float $share1, float $share2, float $share3): array
    {
        if ($this->isSeeThrough) {
            return self::colour($this->triple($first, $second, $third, $share1, $share2, $share3));
        }
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        [$k3, $s3] = [$this->absorption[$third], $this->scattering[$third]];
        $x = $y = $z = 0.0;
        foreach ($this->weights as $i => [$weightX, $weightY, $weightZ]) {
            $ratio = ($share1 * $k1[$i] + $share2 * $k2[$i] + $share3 * $k3[$i]) / ($share1 * $s1[$i] + $share2 * $s2[$i] + $share3 * $s3[$i]);
            $seen = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
            $x += $weightX * $seen;
            $y += $weightY * $seen;
            $z += $weightZ * $seen;
        }

        return self::lab($x, $y, $z);
    }

    /** @return list<float> reflectance */
    public function triple(int $first, int $second, int $third, float $share1, float $share2, float $share3): array
    {
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        [$k3, $s3] = [$this->absorption[$third], $this->scattering[$third]];
        $bands = [];
        for ($i = 0; $i < Observer::BANDS; $i++) {
            $absorbed = $share1 * $k1[$i] + $share2 * $k2[$i] + $share3 * $k3[$i];
            $scattered = $share1 * $s1[$i] + $share2 * $s2[$i] + $share3 * $s3[$i];
            if ($this->isSeeThrough) {
                $bands[] = self::coatOverWhite($absorbed, $scattered);
            } else {
                $ratio = $absorbed / $scattered;
                $bands[] = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
            }
        }

        return $bands;
    }

    /**
     * The span of a mix of three in fourths. With one or two of them it is kept, since other triples need it too.
     *
     * @return array{list<float>, list<float>}
     */
    public function spanOfThree(int $first, int $second, int $third, int $fourths1, int $fourths2, int $fourths3): array
    {
        return match (0) {
            $fourths1 => $this->spanOfTwo($second, $third, $fourths2),
            $fourths2 => $this->spanOfTwo($first, $third, $fourths1),
            $fourths3 => $this->spanOfTwo($first, $second, $fourths1),
            default => $this->spanInside($first, $second, $third, $fourths1, $fourths2, $fourths3),
        };
    }

    /** @return array{list<float>, list<float>} */
    private function spanInside(int $first, int $second, int $third, int $fourths1, int $fourths2, int $fourths3): array
    {
        if ($this->lastThree !== [$first, $second, $third]) {
            $this->lastThree = [$first, $second, $third];
            $this->spansInside = [];
        }

        return $this->spansInside[4 * $fourths1 + $fourths2] ??= self::span($this->triple($first, $second, $third, $fourths1 / 4, $fourths2 / 4, $fourths3 / 4));
    }

    /** @return array{list<float>, list<float>} */
    private function spanOfTwo(int $first, int $second, int $fourths): array
    {
        return match ($fourths) {
            0 => $this->spans[$second],
            4 => $this->spans[$first],
            default => $this->spansOfTwo[($first * count($this->paints) + $second) * 4 + $fourths] ??= self::span($this->pair($first, $second, $fourths / 4)),
        };
    }

    /**
     * @param list<float> $bands
     *
     * @return array{list<float>, list<float>}
     */
    public static function span(array $bands): array
    {
        $lows = $highs = [];
        for ($i = 0; $i < Observer::BANDS; $i += self::GROUP_BANDS) {
            $low = $high = $bands[$i];
            for ($j = 1; $j < self::GROUP_BANDS; $j++) {
                $band = $bands[$i + $j];
                if ($band < $low) {
                    $low = $band;
                } elseif ($band > $high) {
                    $high = $band;
                }
            }
            $lows[] = $low;
            $highs[] = $high;
        }

        return [$lows, $highs];
    }

    /**
     * @param list<float> $bands
     *
     * @return array{float, float, float} Lab
     */
    public static function colour(array $bands): array
    {
        [$weightX, $weightY, $weightZ] = Observer::weights();
        $x = $y = $z = 0.0;
        for ($i = 0; $i < Observer::BANDS; $i++) {
            $seen = $bands[$i];
            $x += $weightX[$i] * $seen;
            $y += $weightY[$i] * $seen;
            $z += $weightZ[$i] * $seen;
        }

        return self::lab($x, $y, $z);
    }

    /**
     * @param list<float> $absorption
     * @param list<float> $scattering
     *
     * @return list<float>
     */
    private function bands(array $absorption, array $scattering): array
    {
        $bands = [];
        foreach ($absorption as $i => $absorbed) {
            if ($this->isSeeThrough) {
                $bands[] = self::coatOverWhite($absorbed, $scattering[$i]);
            } else {
                $ratio = $absorbed / $scattering[$i];
                $bands[] = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
            }
        }

        return $bands;
    }

    /** One standard coat over an ideal white: the hyperbolic film with Rg = 1 comes down to this. */
    private static function coatOverWhite(float $absorbed, float $scattered): float
    {
        $b = sqrt($absorbed * ($absorbed + 2.0 * $scattered));
        $tanh = tanh($b);

        return ($b - $absorbed * $tanh) / ($b + $absorbed * $tanh);
    }

    /** @return array{float, float, float} */
    private static function lab(float $x, float $y, float $z): array
    {
        $fx = Lab::compress($x / Xyz::WHITE_X);
        $fy = Lab::compress($y);
        $fz = Lab::compress($z / Xyz::WHITE_Z);

        return [116.0 * $fy - 16.0, 500.0 * ($fx - $fy), 200.0 * ($fy - $fz)];
    }
}
