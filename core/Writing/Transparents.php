<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** Washes and self-shading paints, by what they make of the ground they lie on. */
final class Transparents
{
    /** Parts of wash to medium that are tried. */
    private const WASHES = [[1, 0], [2, 1], [1, 1], [1, 2], [1, 3]];

    /** Parts of a self-shading paint to medium that are tried. */
    private const TINTS = [[1, 0], [2, 1], [1, 1], [1, 2]];

    /** Opacity from which a transparent veils: white ink is no base. */
    private const VEILS = 0.15;

    /** Of a fluid wash so much of a standard coat stays in a recess. */
    private const POOLED = 2.0;

    /**
     * @param list<Paint> $paints
     * @param bool $areForSale they are not owned
     *
     * @return iterable<Pick> self-shading paints straight or thinned, each with what is seen of it on the ground
     */
    public static function tints(array $paints, bool $areForSale, Reflectance $ground, Lab $tone): iterable
    {
        $sense = Sense::of($tone, []);
        foreach ($paints as $paint) {
            foreach (
                in_array($paint->kind, [Kind::OneCoat, Kind::Ink], true)
                && $paint->opacity()->share < self::VEILS ? self::TINTS : [] as [$parts, $medium]
            ) {
                $seen = $paint->optics()->over($ground, $parts / ($parts + $medium))->toLab();
                if (! $sense->isStray($seen) && ! $sense->isNever(Mix::single($paint), $seen)) {
                    yield self::seen($paint, $tone, $seen, $areForSale, $medium === 0 ? null : Dilution::of($parts, $medium, Thinner::Medium));
                }
            }
        }
    }

    /**
     * @param list<Paint> $paints
     * @param bool $areForSale they are not owned
     *
     * @return iterable<Pick> washes as strong as they are used, each with what is seen where it pools
     */
    public static function washes(array $paints, bool $areForSale, Reflectance $ground, Lab $tone): iterable
    {
        $sense = Sense::of($tone, []);
        $fitting = array_filter(self::pourable($paints), static fn(Paint $one): bool => ! $sense->isOpposite($one->colour()));
        foreach (self::pooling($fitting, $areForSale, $ground, $tone) as $pick) {
            if (! $sense->isStray($pick->colour())) {
                yield $pick;
            }
        }
    }

    /**
     * @param list<Paint> $paints
     * @param bool $areForSale they are not owned
     *
     * @return iterable<Pick> what dirt and rust are made of, as strong as it is used, each with what is seen where it pools
     */
    public static function grimes(array $paints, bool $areForSale, Reflectance $ground, Lab $tone): iterable
    {
        return self::pooling(array_filter(self::pourable($paints), Sense::soils(...)), $areForSale, $ground, $tone);
    }

    /**
     * @param list<Paint> $paints
     *
     * @return array<Paint>
     */
    private static function pourable(array $paints): array
    {
        return array_filter($paints, static fn(Paint $one): bool => $one->kind === Kind::Wash && $one->finish !== Finish::Gloss);
    }

    /**
     * @param array<Paint> $paints
     *
     * @return iterable<Pick>
     */
    private static function pooling(array $paints, bool $areForSale, Reflectance $ground, Lab $tone): iterable
    {
        foreach ($paints as $paint) {
            foreach (self::WASHES as [$parts, $medium]) {
                $seen = $paint->optics()->over($ground, self::POOLED * $parts / ($parts + $medium))->toLab();
                yield self::seen($paint, $tone, $seen, $areForSale, Dilution::of($parts, $medium, Thinner::Medium));
            }
        }
    }

    private static function seen(Paint $paint, Lab $tone, Lab $seen, bool $isForSale, ?Dilution $dilution): Pick
    {
        return new Pick(Mix::single($paint), Ciede2000::between($tone, $seen), $isForSale ? [$paint] : [], $dilution, $seen);
    }
}
