<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Recipe\Plan;

/** A batch that wants to be painted, as far as it is. */
final readonly class Job
{
    public const MOST_MODELS = 60;

    /** @param array<string, array<int, int>> $done by step id and model number, when it was done: seconds since the epoch */
    private function __construct(
        public Plan $plan,
        public int $models,
        public array $done,
    ) {}

    /**
     * @param array<string, array<int, int>> $done by step id and model number, when it was done: seconds since the epoch
     *
     * @throws IllegalJob when there are no models, or more than a batch has
     */
    public static function of(Plan $plan, int $models, array $done = []): self
    {
        if ($models < 1 || $models > self::MOST_MODELS) {
            throw IllegalJob::models($models);
        }

        return new self($plan, $models, $done);
    }

    /** @return list<int> numbers of the models a step is still to be done on */
    public function left(string $stepId): array
    {
        return array_values(array_filter(range(1, $this->models), fn(int $model): bool => ! isset($this->done[$stepId][$model])));
    }
}
