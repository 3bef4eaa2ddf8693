<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Mixing\Ingredient;
use Kalokroma\Planning\Pass;

/**
 * A mix made from what is left of an earlier one: the mother mix is kept, and drops are added to the remainder. Mixed so, tones that follow each other
 * belong together.
 */
final readonly class WalkedOn
{
    /**
     * @param Pass $from where the mother mix is first used
     * @param int $keepDrops of it, thinned as it is, to be mixed beforehand and kept
     * @param list<Pour> $add to what was kept
     */
    private function __construct(
        public Pass $from,
        public int $keepDrops,
        public array $add,
    ) {}

    /** @return self|null null when the later mix does not hold the earlier one in its own parts, or adds nothing to it */
    public static function between(Pass $from, Mixture $mother, Mixture $later, float $dropMl): ?self
    {
        $has = self::units($later);
        $ratio = null;
        foreach (self::units($mother) as $key => [$drops]) {
            $here = $has[$key][0] ?? 0;
            if ($key === 'thinner' && $here * ($ratio[1] ?? 1) < $drops * ($ratio[0] ?? 1)) {
                return null;
            }
            if ($key !== 'thinner') {
                if ($here === 0 || ($ratio !== null && $here * $ratio[1] !== $drops * $ratio[0])) {
                    return null;
                }
                $ratio ??= [$here, $drops];
            }
        }
        if ($ratio === null || ! self::thinsAlike($mother, $later)) {
            return null;
        }

        return self::added($from, $mother, $later, $ratio[0] / $ratio[1], $dropMl);
    }

    /** @param float $share drops of a paint in one round of the later mix, to drops of it in one round of the mother mix */
    private static function added(Pass $from, Mixture $mother, Mixture $later, float $share, float $dropMl): ?self
    {
        $rounds = self::rounds($later);
        $own = self::units($mother);
        $add = [];
        foreach (self::units($later) as $key => [$drops, $ingredient]) {
            $more = (int) round($rounds * ($drops - $share * ($own[$key][0] ?? 0)));
            if ($more > 0) {
                $add[] = $ingredient === null ? Pour::thinning($later->dilution->with, $later->dilution->pot, $more, $dropMl) : Pour::of($ingredient->paint, $more, $dropMl);
            }
        }
        $keep = (int) ceil($rounds * $share * array_sum(array_column($own, 0)) - 1e-9);

        return $add === [] ? null : new self($from, $keep, $add);
    }

    /** Thinned with the same, or the mother mix not at all. */
    private static function thinsAlike(Mixture $mother, Mixture $later): bool
    {
        return $mother->dilution->isStraight()
            || ($mother->dilution->with === $later->dilution->with && $mother->dilution->pot?->id === $later->dilution->pot?->id);
    }

    /** Times that the fewest whole drops of a mix are poured. */
    private static function rounds(Mixture $mixture): int
    {
        return max(1, intdiv($mixture->drops(), max(1, array_sum(array_column(self::units($mixture), 0)))));
    }

    /** @return array<string, array{int, Ingredient|null}> the fewest whole drops of each paint, by its id, and of the thinner last */
    private static function units(Mixture $mixture): array
    {
        $common = array_reduce(array_map(static fn(Pour $one): int => $one->drops, $mixture->pours), static function (int $one, int $other): int {
            while ($other !== 0) {
                [$one, $other] = [$other, $one % $other];
            }

            return $one;
        }, 0);
        $units = [];
        foreach ($mixture->pours as $at => $pour) {
            $units[$pour->isThinner() ? 'thinner' : ($pour->paint->id ?? '')] = [intdiv($pour->drops, max(1, $common)), $pour->isThinner() ? null : $mixture->mix->ingredients[$at]];
        }

        return $units;
    }
}
