<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Paint\Paint;

/** What a way to paint takes on one model. */
final readonly class WayCost
{
    /**
     * @param float $minutes hands-on, with fetching and cleaning
     * @param int $dryMinutes between its coats and steps, where nothing else fills them
     * @param list<Paint> $pots each once
     * @param list<Paint> $toBuy pots of them that the shelf does not have
     * @param list<string> $brushes by name, the airbrush and the can: all else is on any desk
     * @param float|null $slipMinutes to put it right when, once it is done, the dearest of its neighbours' paints gets onto it; null
     *     without a neighbour
     */
    public function __construct(
        public int $coats,
        public float $minutes,
        public int $dryMinutes,
        public array $pots,
        public array $toBuy,
        public array $brushes,
        public ?float $slipMinutes,
    ) {}

    /**
     * Of several areas on one model: while one dries another is painted, and a pot serves them all.
     *
     * @param list<self> $costs
     */
    public static function together(array $costs): self
    {
        $slips = array_filter(array_column($costs, 'slipMinutes'), static fn(?float $one): bool => $one !== null);

        return new self(
            array_sum(array_column($costs, 'coats')),
            array_sum(array_column($costs, 'minutes')),
            max(0, ...array_column($costs, 'dryMinutes')),
            self::once(array_column($costs, 'pots')),
            self::once(array_column($costs, 'toBuy')),
            array_values(array_unique(array_merge(...array_column($costs, 'brushes')))),
            $slips === [] ? null : max($slips),
        );
    }

    /**
     * @param list<list<Paint>> $lists
     *
     * @return list<Paint>
     */
    private static function once(array $lists): array
    {
        return array_values(array_column(array_merge(...$lists), null, 'id'));
    }
}
