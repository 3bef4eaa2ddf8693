<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

use Kalokroma\Craft\Habit;
use Kalokroma\Craft\Technique;

/** How long a technique really takes to dry in this painter's room, from when they said that it was dry. */
final readonly class DryLesson
{
    public const LEAST_SAMPLES = 2;

    private function __construct(
        public Technique $technique,
        public Spread $ratio,
    ) {}

    public function minutes(): int
    {
        return (int) max(1, min(Habit::MOST_DRY_MINUTES, round($this->technique->dryMinutes * $this->ratio->median)));
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
            if ($one['reckoned'] > 0.0 && $one['really'] > 0.0) {
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
