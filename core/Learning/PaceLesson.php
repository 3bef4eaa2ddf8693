<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

use Kalokroma\Craft\Technique;
use Kalokroma\Planning\Paces;

/** How long a painter takes for a technique: the median of what the clock said. */
final readonly class PaceLesson
{
    /** Fewer say nothing yet. */
    public const LEAST_SAMPLES = 3;

    private function __construct(
        public Technique $technique,
        public Spread $ratio,
    ) {}

    /** Minutes for a coat of a medium area, as it would be taken over. */
    public function minutes(): float
    {
        return round($this->technique->minutes * max(Paces::LEAST, min(Paces::MOST, $this->ratio->median)), 1);
    }

    /**
     * @param list<Worked> $worked
     * @param callable(string): Technique $standard the technique as the tables have it, by id
     *
     * @return list<self> by the techniques there is enough of
     */
    public static function all(array $worked, callable $standard): array
    {
        $ratios = [];
        foreach ($worked as $one) {
            $pace = $one->pace();
            if ($pace !== null) {
                // Told against the tables, whatever habits the batch was painted by.
                $ratios[$one->step->technique->id][] = $pace * $one->step->technique->minutes / $standard($one->step->technique->id)->minutes;
            }
        }
        $lessons = [];
        foreach ($ratios as $id => $values) {
            if (count($values) >= self::LEAST_SAMPLES) {
                $lessons[] = new self($standard((string) $id), Spread::of($values));
            }
        }

        return $lessons;
    }

    /**
     * How the painter's times scatter around their own middle: what a date has to allow for.
     *
     * @param list<Worked> $worked
     *
     * @return Spread|null null as long as there is too little to tell
     */
    public static function overall(array $worked): ?Spread
    {
        $ratios = array_values(array_filter(array_map(static fn(Worked $one): ?float => $one->pace(), $worked), static fn(?float $one): bool => $one !== null));

        return count($ratios) < self::LEAST_SAMPLES ? null : Spread::of($ratios);
    }
}
