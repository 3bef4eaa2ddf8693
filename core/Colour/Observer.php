<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * How an eye sums a spectrum: the CIE 1931 2° observer under D65, 380 to 730 nm every 10 nm.
 *
 * Observer and illuminant are the CIE's tables (CIE 018:2019, ISO/CIE 11664-2). Each weighted curve is scaled so that
 * a perfect white has exactly the D65 white point of sRGB; the table ends where the eye nearly does, which moves the
 * sums by less than 0.05 %.
 */
final class Observer
{
    public const BANDS = 36;

    public const FIRST_NM = 380;

    public const STEP_NM = 10;

    private const X = [
        0.001368, 0.004243, 0.014310, 0.043510, 0.134380, 0.283900, 0.348280, 0.336200, 0.290800, 0.195360, 0.095640, 0.032010,
        0.004900, 0.009300, 0.063270, 0.165500, 0.290400, 0.433450, 0.594500, 0.762100, 0.916300, 1.026300, 1.062200, 1.002600,
        0.854450, 0.642400, 0.447900, 0.283500, 0.164900, 0.087400, 0.046770, 0.022700, 0.011359, 0.005790, 0.002899, 0.001440,
    ];

    private const Y = [
        0.000039, 0.000120, 0.000396, 0.001210, 0.004000, 0.011600, 0.023000, 0.038000, 0.060000, 0.090980, 0.139020, 0.208020,
        0.323000, 0.503000, 0.710000, 0.862000, 0.954000, 0.994950, 0.995000, 0.952000, 0.870000, 0.757000, 0.631000, 0.503000,
        0.381000, 0.265000, 0.175000, 0.107000, 0.061000, 0.032000, 0.017000, 0.008210, 0.004102, 0.002091, 0.001047, 0.000520,
    ];

    private const Z = [
        0.006450, 0.020050, 0.067850, 0.207400, 0.645600, 1.385600, 1.747060, 1.772110, 1.669200, 1.287640, 0.812950, 0.465180,
        0.272000, 0.158200, 0.078250, 0.042160, 0.020300, 0.008750, 0.003900, 0.002100, 0.001650, 0.001100, 0.000800, 0.000340,
        0.000190, 0.000050, 0.000020, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0,
    ];

    private const D65 = [
        49.9755, 54.6482, 82.7549, 91.4860, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811,
        109.354, 107.802, 104.790, 107.689, 104.405, 104.046, 100.000, 96.3342, 95.7880, 88.6856, 90.0062, 89.5991,
        87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091, 74.3490, 61.6040, 69.8856,
    ];

    /** @var array{list<float>, list<float>, list<float>}|null */
    private static ?array $weights = null;

    /**
     * What each band adds to X, Y and Z.
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    public static function weights(): array
    {
        return self::$weights ??= [
            self::weighted(self::X, Xyz::WHITE_X),
            self::weighted(self::Y, 1.0),
            self::weighted(self::Z, Xyz::WHITE_Z),
        ];
    }

    /**
     * @param list<float> $curve
     *
     * @return list<float>
     */
    private static function weighted(array $curve, float $white): array
    {
        $lit = array_map(static fn(float $sensitivity, float $power): float => $sensitivity * $power, $curve, self::D65);
        $scale = $white / array_sum($lit);

        return array_map(static fn(float $weight): float => $weight * $scale, $lit);
    }
}
