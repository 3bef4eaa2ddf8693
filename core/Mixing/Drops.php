<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/**
 * A mix and its dilution as the fewest whole drops that keep every ratio exact.
 */
final readonly class Drops
{
    /** One drop from a dropper bottle, ml. */
    public const DROP_ML = 0.045;

    /**
     * @param list<int> $paints drops of each ingredient, in the mix's order
     * @param int $thinner drops of medium, water or thinner
     */
    private function __construct(
        public array $paints,
        public int $thinner,
    ) {}

    public static function of(Mix $mix, Dilution $dilution): self
    {
        $paints = array_map(static fn(Ingredient $one): int => $one->parts * $dilution->paint, $mix->ingredients);
        $thinner = $mix->parts() * $dilution->thinner;
        $common = array_reduce([...$paints, $thinner], self::commonDivisor(...), 0);

        return new self(array_map(static fn(int $drops): int => intdiv($drops, $common), $paints), intdiv($thinner, $common));
    }

    /**
     * As many times over as it takes for at least so much paint, thinner not counted; the ratio stays exact.
     *
     * @throws IllegalMix when nothing or a negative amount is wanted
     */
    public static function forAmount(Mix $mix, Dilution $dilution, float $paintMl, float $dropMl = self::DROP_ML): self
    {
        if (is_nan($paintMl + $dropMl) || $paintMl <= 0.0 || $dropMl <= 0.0) {
            throw IllegalMix::amount($paintMl);
        }
        $once = self::of($mix, $dilution);
        $times = max(1, (int) ceil($paintMl / ($dropMl * array_sum($once->paints)) - 1e-9));

        return new self(array_map(static fn(int $drops): int => $times * $drops, $once->paints), $times * $once->thinner);
    }

    /**
     * As many times over as it takes for at least so much of the thinned mix; the ratio stays exact.
     *
     * @throws IllegalMix when nothing or a negative amount is wanted
     */
    public static function forWet(Mix $mix, Dilution $dilution, float $wetMl, float $dropMl = self::DROP_ML): self
    {
        $once = self::of($mix, $dilution);
        $drops = array_sum($once->paints);

        return self::forAmount($mix, $dilution, $wetMl * $drops / ($drops + $once->thinner), $dropMl);
    }

    private static function commonDivisor(int $one, int $other): int
    {
        while ($other !== 0) {
            [$one, $other] = [$other, $one % $other];
        }

        return $one;
    }
}
