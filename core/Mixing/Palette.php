<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Xyz;
use Kalokroma\Paint\Paint;
use Kalokroma\Paint\Skin;

/**
 * The paints laid out for one question, as bare numbers: the inner loops of the solver make no objects.
 */
final class Palette
{
    /** Share of light that the skin lets out at once. */
    private const OUT = 1.0 - Skin::INNER;

    /** @var list<list<float>> */
    private array $absorption = [];

    /** @var list<list<float>> */
    private array $scattering = [];

    /** @var list<array{float, float, float}> what each band adds to X, Y and Z */
    private readonly array $weights;

    /** @param list<Paint> $paints */
    public function __construct(
        public readonly array $paints,
        public readonly bool $isSeeThrough,
    ) {
        $this->weights = array_map(static fn(float $x, float $y, float $z): array => [$x, $y, $z], ...Observer::weights());
        foreach ($paints as $paint) {
            $this->absorption[] = $paint->optics()->absorption;
            $this->scattering[] = $paint->optics()->scattering;
        }
    }

    /** How much of the film a part of it stands for: what scatters more counts more. See-through films add up evenly. */
    public function strength(int $paint): float
    {
        return $this->isSeeThrough ? 1.0 : array_sum($this->scattering[$paint]) / Observer::BANDS;
    }

    /** @return list<list<float>> reflectance of each paint by itself */
    public function spectra(): array
    {
        return array_map(fn(int $i): array => $this->spectrumOfTwo($i, $i, 1.0), array_keys($this->paints));
    }

    /**
     * @param float $share of the first, 0…1
     *
     * @return list<float> reflectance
     */
    public function spectrumOfTwo(int $first, int $second, float $share): array
    {
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        $rest = 1.0 - $share;
        $bands = [];
        for ($i = 0; $i < Observer::BANDS; $i++) {
            $bands[] = $this->seen($share * $k1[$i] + $rest * $k2[$i], $share * $s1[$i] + $rest * $s2[$i]);
        }

        return $bands;
    }

    /**
     * What one sees of a mix, and bounds of its curve in groups of bands: both in one go, since the search for pairs spends most of its time here.
     *
     * @param float $share of the first, 0…1
     *
     * @return array{list<float>, list<float>, float, float, float} lows, highs, X, Y, Z
     */
    public function spanOfTwo(int $first, int $second, float $share): array
    {
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        $rest = 1.0 - $share;
        $x = $y = $z = 0.0;
        $lows = $highs = [];
        $low = 2.0;
        $high = -1.0;
        $group = 0;
        $left = Spans::GROUPS[0];
        $isSeeThrough = $this->isSeeThrough;
        foreach ($this->weights as $i => [$weightX, $weightY, $weightZ]) {
            if ($isSeeThrough) {
                $seen = self::coatOverWhite($share * $k1[$i] + $rest * $k2[$i], $share * $s1[$i] + $rest * $s2[$i]);
            } else {
                $ratio = ($share * $k1[$i] + $rest * $k2[$i]) / ($share * $s1[$i] + $rest * $s2[$i]);
                $within = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
                $seen = self::OUT * $within / (1.0 - Skin::INNER * $within);
            }
            $x += $weightX * $seen;
            $y += $weightY * $seen;
            $z += $weightZ * $seen;
            if ($seen < $low) {
                $low = $seen;
            }
            if ($seen > $high) {
                $high = $seen;
            }
            if (--$left === 0) {
                $lows[] = $low;
                $highs[] = $high;
                $low = 2.0;
                $high = -1.0;
                $left = Spans::GROUPS[++$group] ?? 0;
            }
        }

        return [$lows, $highs, $x, $y, $z];
    }

    /** @return list<float> reflectance */
    public function spectrumOfThree(int $first, int $second, int $third, float $share1, float $share2, float $share3): array
    {
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        [$k3, $s3] = [$this->absorption[$third], $this->scattering[$third]];
        $bands = [];
        for ($i = 0; $i < Observer::BANDS; $i++) {
            $bands[] = $this->seen(
                $share1 * $k1[$i] + $share2 * $k2[$i] + $share3 * $k3[$i],
                $share1 * $s1[$i] + $share2 * $s2[$i] + $share3 * $s3[$i],
            );
        }

        return $bands;
    }

    /**
     * What one sees of a mix, without its spectrum: where most of the time is spent.
     *
     * @return array{float, float, float} X, Y, Z
     */
    public function lightOfTwo(int $first, int $second, float $share): array
    {
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        $rest = 1.0 - $share;
        $x = $y = $z = 0.0;
        $isSeeThrough = $this->isSeeThrough;
        foreach ($this->weights as $i => [$weightX, $weightY, $weightZ]) {
            if ($isSeeThrough) {
                $seen = self::coatOverWhite($share * $k1[$i] + $rest * $k2[$i], $share * $s1[$i] + $rest * $s2[$i]);
            } else {
                $ratio = ($share * $k1[$i] + $rest * $k2[$i]) / ($share * $s1[$i] + $rest * $s2[$i]);
                $within = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
                $seen = self::OUT * $within / (1.0 - Skin::INNER * $within);
            }
            $x += $weightX * $seen;
            $y += $weightY * $seen;
            $z += $weightZ * $seen;
        }

        return [$x, $y, $z];
    }

    /** @return array{float, float, float} X, Y, Z */
    public function lightOfThree(int $first, int $second, int $third, float $share1, float $share2, float $share3): array
    {
        [$k1, $s1, $k2, $s2] = [$this->absorption[$first], $this->scattering[$first], $this->absorption[$second], $this->scattering[$second]];
        [$k3, $s3] = [$this->absorption[$third], $this->scattering[$third]];
        $x = $y = $z = 0.0;
        $isSeeThrough = $this->isSeeThrough;
        foreach ($this->weights as $i => [$weightX, $weightY, $weightZ]) {
            $absorbed = $share1 * $k1[$i] + $share2 * $k2[$i] + $share3 * $k3[$i];
            $scattered = $share1 * $s1[$i] + $share2 * $s2[$i] + $share3 * $s3[$i];
            if ($isSeeThrough) {
                $seen = self::coatOverWhite($absorbed, $scattered);
            } else {
                $ratio = $absorbed / $scattered;
                $within = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
                $seen = self::OUT * $within / (1.0 - Skin::INNER * $within);
            }
            $x += $weightX * $seen;
            $y += $weightY * $seen;
            $z += $weightZ * $seen;
        }

        return [$x, $y, $z];
    }

    /**
     * @param array{float, float, float} $light X, Y, Z
     *
     * @return array{float, float, float} Lab
     */
    public static function lab(array $light): array
    {
        $x = Lab::compress($light[0] / Xyz::WHITE_X);
        $y = Lab::compress($light[1]);
        $z = Lab::compress($light[2] / Xyz::WHITE_Z);

        return [116.0 * $y - 16.0, 500.0 * ($x - $y), 200.0 * ($y - $z)];
    }

    /** What is seen of a film at one wavelength. Where most of the time is spent the same stands in the loop. */
    private function seen(float $absorbed, float $scattered): float
    {
        if ($this->isSeeThrough) {
            return self::coatOverWhite($absorbed, $scattered);
        }
        $ratio = $absorbed / $scattered;
        $within = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));

        return self::OUT * $within / (1.0 - Skin::INNER * $within);
    }

    /** One standard coat over an ideal white: the hyperbolic film with Rg = 1, seen through its skin, comes down to this. */
    private static function coatOverWhite(float $absorbed, float $scattered): float
    {
        $b = sqrt($absorbed * ($absorbed + 2.0 * $scattered));
        $tanh = tanh($b);

        return self::OUT * ($b - $absorbed * $tanh) / ($b + $absorbed * $tanh - Skin::INNER * ($b - $absorbed * $tanh));
    }
}
