<?php

declare(strict_types=1);

namespace App\Console;

use Kalokroma\Amounts\Pour;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;

/** Paints as commands name them. */
trait ToldPaints
{
    /** @return array{maker: string, code: string, name: string} as answers name a paint */
    protected static function name(Paint $paint): array
    {
        return ['maker' => $paint->maker, 'code' => $paint->code, 'name' => $paint->name];
    }

    /** @return array{maker: string, code: string, name: string, parts: int} */
    protected static function part(Paint $paint, int $parts = 1): array
    {
        return [...self::name($paint), 'parts' => $parts];
    }

    /** @return list<array{maker: string, code: string, name: string, parts: int}> */
    protected static function parts(?Mix $mix): array
    {
        return array_map(static fn(Ingredient $one): array => self::part($one->paint, $one->parts), $mix->ingredients ?? []);
    }

    /** @return array{maker: string|null, code: string|null, name: string, drops: int, ml: float} */
    protected static function poured(Pour $one): array
    {
        return [
            'maker' => $one->paint?->maker,
            'code' => $one->paint?->code,
            'name' => $one->name(),
            'drops' => $one->drops,
            'ml' => round($one->ml, 3),
        ];
    }
}
