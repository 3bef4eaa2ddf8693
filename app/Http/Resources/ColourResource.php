<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;

/** A colour as every screen shows it: hex to draw it, value and words to say it. */
final class ColourResource
{
    /** @return array{hex: string, value: int, words: string} */
    public static function of(Lab $colour): array
    {
        return ['hex' => $colour->toSrgb()->hex(), 'value' => $colour->value(), 'words' => ColourName::of($colour)->words()];
    }

    /** @return array{float, float, float} to a thousandth, as documents hold measured colours */
    public static function numbers(Lab $colour): array
    {
        return [round($colour->lightness, 3), round($colour->a, 3), round($colour->b, 3)];
    }

    /** As Lab::parse reads it again. */
    public static function lab(Lab $colour): string
    {
        return sprintf('%.2f, %.2f, %.2f', $colour->lightness, $colour->a, $colour->b);
    }
}
