<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;

/**
 * What the shelf has for one wanted paint.
 */
final readonly class ListAnswer
{
    /**
     * @param Substitute|null $advised the simplest that comes within the tolerance; none when owned, missing or clear
     * @param list<Substitute> $offers best first, also those beyond the tolerance
     * @param list<Paint> $sameFunction owned, for a wanted paint that is clear
     */
    private function __construct(
        public WantedPaint $wanted,
        public Standing $standing,
        public ?Substitute $advised,
        public array $offers,
        public array $sameFunction,
    ) {}

    /**
     * @param list<Paint> $owned
     * @param float $tolerance ΔE₀₀ up to which something counts as doing the job
     */
    public static function to(WantedPaint $wanted, array $owned, float $tolerance): self
    {
        $paint = $wanted->paint;
        if ($paint === null) {
            return new self($wanted, Standing::Unknown, null, [], []);
        }
        foreach ($owned as $one) {
            if ($one->id === $paint->id) {
                return new self($wanted, Standing::Owned, null, [], []);
            }
        }
        if ($paint->isClear()) {
            $same = Substitutes::from($owned)->ofSameFunction($paint);

            return new self($wanted, $same === [] ? Standing::Missing : Standing::Substitute, null, [], $same);
        }
        $offers = self::offers($paint, $owned, $tolerance);
        $advised = self::simplest($offers, $tolerance);

        return new self($wanted, $advised === null ? Standing::Missing : Standing::ofWay($advised->way), $advised, $offers, []);
    }

    /**
     * A third paint is only tried where two do not do.
     *
     * @param list<Paint> $owned
     *
     * @return list<Substitute>
     */
    private static function offers(Paint $paint, array $owned, float $tolerance): array
    {
        $offers = Substitutes::from($owned)->for(Mix::single($paint));

        return self::simplest($offers, $tolerance) === null ? Substitutes::from($owned, 3)->for(Mix::single($paint)) : $offers;
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
