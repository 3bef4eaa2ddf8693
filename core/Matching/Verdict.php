<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixLimits;

/**
 * Whether the shelf can do the job of a wanted paint or mix, and how.
 */
final readonly class Verdict
{
    /**
     * @param Substitute|null $advised the simplest that comes within the tolerance; none when owned or missing
     * @param list<Substitute> $offers best first, also those beyond the tolerance
     */
    private function __construct(
        public Standing $standing,
        public ?Substitute $advised,
        public array $offers,
    ) {}

    /**
     * @param float $tolerance ΔE₀₀ up to which something counts as doing the job
     * @param int $mostPaints in a stand-in
     * @param float $planned share of paint in what the brush is to carry, 0…1
     */
    public static function on(
        Mix $wanted,
        Substitutes $shelf,
        float $tolerance,
        int $mostPaints = MixLimits::MOST_PAINTS,
        float $planned = 1.0,
    ): self {
        if (array_all($wanted->ingredients, static fn(Ingredient $one): bool => $shelf->owns($one->paint))) {
            return new self(Standing::Owned, null, []);
        }
        $offers = $shelf->for($wanted, $planned, min(2, $mostPaints));
        $advised = self::simplest($offers, $tolerance);
        if ($advised === null && $mostPaints > 2) {
            // A third paint is only tried where two do not do.
            $offers = $shelf->for($wanted, $planned, $mostPaints);
            $advised = self::simplest($offers, $tolerance);
        }

        return new self($advised === null ? Standing::Missing : Standing::ofWay($advised->way), $advised, $offers);
    }

    /**
     * A paint from the pot before one thinned, that before two mixed, that before three.
     *
     * @param list<Substitute> $offers best first
     */
    private static function simplest(array $offers, float $tolerance): ?Substitute
    {
        $within = array_filter($offers, static fn(Substitute $offer): bool => $offer->difference->number <= $tolerance);
        usort($within, static fn(Substitute $one, Substitute $other): int => $one->effort() <=> $other->effort());

        return $within[0] ?? null;
    }
}
