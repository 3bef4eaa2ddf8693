<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/**
 * A mix and its dilution as the fewest whole drops that keep every ratio exact.
 */
final readonly class Drops
{
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

    private static function commonDivisor(int $one, int $other): int
    {
        while ($other !== 0) {
            [$one, $other] = [$other, $one % $other];
        }

        return $one;
    }
}
