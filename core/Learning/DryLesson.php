<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

use Kalokroma\Craft\Habit;
use Kalokroma\Craft\Technique;

/** How long a technique really takes to dry in this painter's room, from when they said that it was dry. */
final readonly class DryLesson
{
    public const LEAST_SAMPLES = 2;

    /** Times what is reckoned: what was found dry later than that had long been dry, and nothing dries quicker. */
    public const MOST_RATIO = 4.0;

    public const LEAST_RATIO = 0.2;

    private function __construct(
        public Technique $technique,
        public Spread $ratio,
    ) {}

    public function minutes(): int
    {
        return (int) max(1, min(Habit::MOST_DRY_MINUTES, round($this->technique->dryMinutes * $this->ratio->median)));
    }

    /** A reading that says how long it took, not only that it was dry by then. Both in minutes. */
    public static function teaches(float $reckoned, float $really): bool
    {
        return $reckoned > 0.0 && $really >= self::LEAST_RATIO * $reckoned && $really <= self::MOST_RATIO * $reckoned;
    }

    /**
     * @param list<array{technique: string, reckoned: float, really: float}> $readings minutes
     * @param callable(string): (Technique|null) $standard
     *
     * @return list<self>
     */
    public static function all(array $readings, callable $standard): array
    {
        $ratios = [];
        foreach ($readings as $one) {
            if (self::teaches($one['reckoned'], $one['really'])) {
                $ratios[$one['technique']][] = $one['really'] / $one['reckoned'];
            }
        }
        $lessons = [];
        foreach ($ratios as $id => $values) {
            $technique = $standard((string) $id);
            if ($technique !== null && count($values) >= self::LEAST_SAMPLES) {
                $lessons[] = new self($technique, Spread::of($values));
            }
        }

        return $lessons;
    }
}
