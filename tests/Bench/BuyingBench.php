<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Matching\Buying;
use Kalokroma\Matching\ForSale;
use Kalokroma\Matching\Purchase;
use Kalokroma\Paint\Paint;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

/** Buying 25 paints where 60 things are for sale: 25 pots that match and 35 sets of four to eight paints. */
final class BuyingBench
{
    private const CASES = 20;

    /** @return array{worst: float, proven: bool} ms for all three ways to buy */
    public static function run(): array
    {
        $worst = 0.0;
        $proven = true;
        for ($seed = 1; $seed <= self::CASES; $seed++) {
            $paints = Paints::shelf(120, 7);
            $random = new Randomizer(new Mt19937($seed));
            $needs = array_slice($paints, 0, 25);
            $forSale = array_map(
                static fn(Paint $paint): ForSale => new ForSale("pot $paint->id", $paint->name, $random->getInt(280, 420), [$paint], false),
                $needs,
            );
            for ($i = 0; $i < 35; $i++) {
                $size = $random->getInt(4, 8);
                $inside = array_map(static fn(int $at): Paint => $paints[$at], $random->pickArrayKeys($paints, $size));
                $forSale[] = new ForSale("set $i", "set $i", $size * $random->getInt(190, 300), $inside, true);
            }
            $worst = max($worst, Clock::milliseconds(static function () use ($needs, $forSale, &$proven): void {
                $buying = Buying::of($needs, $forSale, []);
                $purchases = [$buying->cheapest(), $buying->fewestBoxes(), $buying->bestValue()];
                $proven = $proven && array_filter($purchases, static fn(Purchase $one): bool => ! $one->isProven) === [];
            }));
        }

        return ['worst' => $worst, 'proven' => $proven];
    }
}
