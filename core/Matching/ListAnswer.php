<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Mixing\Mix;

/**
 * What the shelf has for one entry of a list.
 */
final readonly class ListAnswer
{
    /**
     * @param Substitute|null $advised the simplest that comes within the tolerance; none when owned, missing or clear
     * @param list<Substitute> $offers best first, also those beyond the tolerance
     * @param ClearStandIn|null $standIn for a wanted paint that is clear
     */
    private function __construct(
        public WantedPaint $wanted,
        public Standing $standing,
        public ?Substitute $advised = null,
        public array $offers = [],
        public ?ClearStandIn $standIn = null,
    ) {}

    /** The same for another line of the list that means the same paint. */
    public function again(WantedPaint $wanted): self
    {
        return new self($wanted, $this->standing, $this->advised, $this->offers, $this->standIn);
    }

    /**
     * @param float $tolerance ΔE₀₀ up to which something counts as doing the job
     */
    public static function to(WantedPaint $wanted, Substitutes $shelf, float $tolerance): self
    {
        $paint = $wanted->paint;
        if ($paint === null) {
            return new self($wanted, Standing::Unknown);
        }
        if (! $paint->isClear()) {
            $verdict = Verdict::on(Mix::single($paint), $shelf, $tolerance);

            return new self($wanted, $verdict->standing, $verdict->advised, $verdict->offers);
        }
        $standIn = $shelf->owns($paint) ? null : $shelf->forClear($paint);
        $standing = match (true) {
            $shelf->owns($paint) => Standing::Owned,
            $standIn !== null => Standing::Substitute,
            default => Standing::Missing,
        };

        return new self($wanted, $standing, null, [], $standIn);
    }
}
