<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;

/**
 * What the shelf has for one entry of a list.
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
        public ?Substitute $advised = null,
        public array $offers = [],
        public array $sameFunction = [],
    ) {}

    /** The same for another line of the list that means the same paint. */
    public function again(WantedPaint $wanted): self
    {
        return new self($wanted, $this->standing, $this->advised, $this->offers, $this->sameFunction);
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
        $same = $shelf->ofSameFunction($paint);
        $standing = match (true) {
            in_array($paint->id, array_map(static fn(Paint $one): string => $one->id, $same), true) => Standing::Owned,
            $same !== [] => Standing::Substitute,
            default => Standing::Missing,
        };

        return new self($wanted, $standing, null, [], $same);
    }
}
