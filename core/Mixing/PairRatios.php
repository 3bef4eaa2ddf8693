<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Xyz;
use Kalokroma\Paint\Optics;

/**
 * The colours of two paints in every ratio of whole parts. The inner loop of the solver: numbers only, no objects.
 */
final class PairRatios
{
    /**
     * Ratios in lowest terms, fewest parts first: 1 : 1, 1 : 2, 2 : 1 …
     *
     * @return list<array{int, int}>
     */
    public static function upTo(int $mostParts): array
    {
        $ratios = [];
        for ($total = 2; $total <= $mostParts; $total++) {
            for ($one = 1; $one < $total; $one++) {
                if (self::isLowest($one, $total)) {
                    $ratios[] = [$one, $total - $one];
                }
            }
        }

        return $ratios;
    }

    /**
     * Masstone of each mix.
     *
     * @param list<float> $shares of the first paint, 0…1
     *
     * @return list<array{float, float, float}> Lab of each
     */
    public static function masstones(Optics $one, Optics $other, array $shares): array
    {
        [$weightX, $weightY, $weightZ] = Observer::weights();
        [$k1, $s1, $k2, $s2] = [$one->absorption, $one->scattering, $other->absorption, $other->scattering];
        $colours = [];
        foreach ($shares as $share) {
            $rest = 1.0 - $share;
            $x = $y = $z = 0.0;
            for ($i = 0; $i < Observer::BANDS; $i++) {
                $ratio = ($share * $k1[$i] + $rest * $k2[$i]) / ($share * $s1[$i] + $rest * $s2[$i]);
                $seen = 1.0 + $ratio - sqrt($ratio * ($ratio + 2.0));
                $x += $weightX[$i] * $seen;
                $y += $weightY[$i] * $seen;
                $z += $weightZ[$i] * $seen;
            }
            $colours[] = self::lab($x, $y, $z);
        }

        return $colours;
    }

    /**
     * One standard coat of each mix over white.
     *
     * @param list<float> $shares of the first paint, 0…1
     *
     * @return list<array{float, float, float}> Lab of each
     */
    public static function coatsOverWhite(Optics $one, Optics $other, array $shares): array
    {
        [$weightX, $weightY, $weightZ] = Observer::weights();
        [$k1, $s1, $k2, $s2] = [$one->absorption, $one->scattering, $other->absorption, $other->scattering];
        $colours = [];
        foreach ($shares as $share) {
            $rest = 1.0 - $share;
            $x = $y = $z = 0.0;
            for ($i = 0; $i < Observer::BANDS; $i++) {
                $absorbed = $share * $k1[$i] + $rest * $k2[$i];
                $scattered = $share * $s1[$i] + $rest * $s2[$i];
                $b = sqrt($absorbed * ($absorbed + 2.0 * $scattered));
                $tanh = tanh($b);
                $seen = ($b - $absorbed * $tanh) / ($b + $absorbed * $tanh);
                $x += $weightX[$i] * $seen;
                $y += $weightY[$i] * $seen;
                $z += $weightZ[$i] * $seen;
            }
            $colours[] = self::lab($x, $y, $z);
        }

        return $colours;
    }

    /** @return array{float, float, float} */
    private static function lab(float $x, float $y, float $z): array
    {
        $fx = Lab::compress($x / Xyz::WHITE_X);
        $fy = Lab::compress($y);
        $fz = Lab::compress($z / Xyz::WHITE_Z);

        return [116.0 * $fy - 16.0, 500.0 * ($fx - $fy), 200.0 * ($fy - $fz)];
    }

    private static function isLowest(int $one, int $total): bool
    {
        while ($total !== 0) {
            [$one, $total] = [$total, $one % $total];
        }

        return $one === 1;
    }
}
