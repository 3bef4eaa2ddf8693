<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Step;

/** What makes two steps one pass: the same pots in the same parts, thinned alike, put on the same way. */
final class Likeness
{
    public static function joins(Step $one, Step $other): bool
    {
        return $one->technique->is($other->technique) && self::samePot($one, $other)
            && $one->dilution->strength() === $other->dilution->strength() && $one->dilution->with === $other->dilution->with;
    }

    public static function samePot(Step $one, Step $other): bool
    {
        return $one->mix !== null && $other->mix !== null && self::key($one->mix) === self::key($other->mix);
    }

    /** @return list<string> */
    private static function key(Mix $mix): array
    {
        $parts = array_map(static fn(Ingredient $one): string => $one->paint->id.' '.$one->parts, $mix->ingredients);
        sort($parts);

        return $parts;
    }
}
