<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Planning\Pass;

/**
 * A mix made from what is left of an earlier one on the palette: drops are added to the remainder. Mixed so, tones that follow each other belong
 * together.
 */
final readonly class WalkedOn
{
    /** Of the new mix so much has to come from the old one, or it is not worth the trouble. */
    private const WORTH = 0.2;

    /**
     * @param Pass $from where the mother mix is used
     * @param int $keepDrops of what is left of it, thinned as it is
     * @param list<Pour> $add to what was kept, so that it is enough and the ratio exact
     */
    private function __construct(
        public Pass $from,
        public int $keepDrops,
        public array $add,
    ) {}

    /**
     * @param int $left whole drops of the mother mix that are left on the palette
     *
     * @return self|null null when the later mix has less of something than the earlier one brings, or adds nothing to it, or little is left of that
     */
    public static function between(Pass $from, Mixture $mother, Mixture $later, int $left, float $dropMl): ?self
    {
        $brings = self::units($mother);
        $takes = self::poured($later);
        $unit = array_sum($brings);
        $times = intdiv($left, max(1, $unit));
        foreach ($brings as $key => $drops) {
            $times = min($times, intdiv($takes[$key] ?? 0, $drops));
        }
        $keep = $times * $unit;
        if ($keep < self::WORTH * $later->drops() || ! self::thinsAlike($mother, $later)) {
            return null;
        }
        $add = [];
        foreach ($later->pours as $pour) {
            $more = $pour->drops - $times * ($brings[self::key($pour)] ?? 0);
            if ($more > 0) {
                $add[] = $pour->inDrops($more, $dropMl);
            }
        }

        // More of the very same is no other tone.
        return self::units($later) === $brings || $add === [] ? null : new self($from, $keep, $add);
    }

    /** A single drop to more than eight: nobody counts that, a touch on the brush does. */
    public function isTrace(Pour $added): bool
    {
        return $added->drops === 1 && ! $added->isThinner() && $this->keepDrops > 8;
    }

    /** Thinned with the same, or the mother mix not at all. */
    private static function thinsAlike(Mixture $mother, Mixture $later): bool
    {
        return $mother->dilution->isStraight()
            || ($mother->dilution->with === $later->dilution->with && $mother->dilution->pot?->id === $later->dilution->pot?->id);
    }

    /** @return array<string, int> drops of each pot, and of the thinner */
    private static function poured(Mixture $mixture): array
    {
        $poured = [];
        foreach ($mixture->pours as $pour) {
            $poured[self::key($pour)] = $pour->drops;
        }

        return $poured;
    }

    /** @return array<string, int> the fewest whole drops of each pot, and of the thinner */
    private static function units(Mixture $mixture): array
    {
        $poured = self::poured($mixture);
        $common = array_reduce($poured, static function (int $one, int $other): int {
            while ($other !== 0) {
                [$one, $other] = [$other, $one % $other];
            }

            return $one;
        }, 0);

        return array_map(static fn(int $drops): int => intdiv($drops, max(1, $common)), $poured);
    }

    private static function key(Pour $pour): string
    {
        return $pour->isThinner() ? 'thinner' : $pour->paint->id ?? '';
    }
}
