<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\SwatchSpectrum;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;

/** Paints for tests, by swatch and opacity. */
final class Paints
{
    public static function of(string $hex, ?float $opacity = null, Kind $kind = Kind::Opaque, ?string $name = null): Paint
    {
        return Paint::of($name ?? $hex, $name ?? $hex, $kind, Srgb::parse($hex)->toLab(), $opacity === null ? null : Opacity::of($opacity));
    }

    public static function mix(Paint|int ...$alternating): Mix
    {
        $ingredients = [];
        foreach (array_chunk($alternating, 2) as [$parts, $paint]) {
            assert(is_int($parts) && $paint instanceof Paint);
            $ingredients[] = Ingredient::of($paint, $parts);
        }

        return Mix::of($ingredients);
    }

    public static function surface(string $hex): Reflectance
    {
        return SwatchSpectrum::of(self::lab($hex))->reflectance;
    }

    public static function lab(string $hex): Lab
    {
        return Srgb::parse($hex)->toLab();
    }

    /** @var array<string, list<Paint>> kept, since fitting a spectrum to each swatch takes a while */
    private static array $shelves = [];

    /**
     * A seeded shelf, so that what fails once fails again.
     *
     * @return list<Paint>
     */
    public static function shelf(int $count, int $seed): array
    {
        return self::$shelves["$count/$seed"] ??= self::seeded($count, $seed);
    }

    /** @return list<Paint> */
    private static function seeded(int $count, int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $shelf = [];
        for ($i = 0; $i < $count; $i++) {
            $hex = sprintf('#%02x%02x%02x', $random->getInt(20, 240), $random->getInt(20, 230), $random->getInt(20, 220));
            $shelf[] = self::of($hex, null, Kind::Opaque, "paint $i");
        }

        return $shelf;
    }
}
