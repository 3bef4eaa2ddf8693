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

    /** As long as nobody has looked at a clock. */
    private const GUESSED = [0.8, 1.4];

    /** A whole batch goes neither at half the time nor at more than twice of it, whatever single passes took. */
    private const QUICKEST = 0.6;

    private const SLOWEST = 2.0;

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
     * How much quicker and slower than planned one has to allow for: between what half of the painter's own times lie.
     *
     * @param list<Worked> $worked
     *
     * @return array{quick: float, slow: float, samples: int} times the minutes; a guess as long as there are no samples
     */
    public static function allowance(array $worked): array
    {
        $spread = self::overall($worked);

        return $spread === null
            ? ['quick' => self::GUESSED[0], 'slow' => self::GUESSED[1], 'samples' => 0]
            : [
                'quick' => max(self::QUICKEST, min(1.0, $spread->low)),
                'slow' => min(self::SLOWEST, max(1.0, $spread->high)),
                'samples' => $spread->samples,
            ];
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
        $ratios = array_values(array_filter(
            array_map(static fn(Worked $one): ?float => $one->pace(), $worked),
            static fn(?float $one): bool => $one !== null,
        ));

        return count($ratios) < self::LEAST_SAMPLES ? null : Spread::of($ratios);
    }
}
