<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Plan;

/**
 * What was done of a batch, coat by coat and model by model. Models are painted in the order of their numbers; a later coat is never on more models than
 * the one before it.
 */
final readonly class Record
{
    /**
     * @param array<string, array<int, array<int, int>>> $times seconds since the epoch by step, coat and model
     * @param array<string, list<int>> $models by the id of a line
     */
    private function __construct(
        private array $times,
        private array $models,
    ) {}

    public static function none(): self
    {
        return new self([], []);
    }

    /** @param list<Done> $entries in any order; what stands in none of the plan's steps, or goes beyond its models or coats, is let be */
    public static function of(Plan $plan, int $models, array $entries): self
    {
        $coats = [];
        foreach ($entries as $entry) {
            $coats[$entry->stepId] ??= $plan->step($entry->stepId)->coats ?? 0;
        }

        return self::ofCoats($coats, $models, $entries);
    }

    /**
     * @param array<string, int> $coatsOf coats of each step by its id
     * @param list<Done> $entries as for `of`
     */
    public static function ofCoats(array $coatsOf, int $models, array $entries): self
    {
        usort($entries, static fn(Done $one, Done $other): int => $one->at <=> $other->at);
        $times = $told = [];
        foreach ($entries as $entry) {
            $coats = $coatsOf[$entry->stepId] ?? 0;
            $last = min($entry->coat ?? $coats, $coats);
            $done = count($times[$entry->stepId][$last] ?? []);
            $told[$entry->id] = $done >= $models || $last < 1 ? [] : range($done + 1, min($models, $done + $entry->models));
            for ($coat = $entry->coat === null ? 1 : $last; $coat >= 1 && $coat <= $last; $coat++) {
                for ($model = $done + 1; $model <= min($models, $done + $entry->models); $model++) {
                    $times[$entry->stepId][$coat][$model] ??= $entry->at;
                }
            }
            // Who records a later coat has laid those before it.
            for ($coat = $last - 1; $coat >= 1; $coat--) {
                $times[$entry->stepId][$coat] = ($times[$entry->stepId][$coat] ?? []) + $times[$entry->stepId][$coat + 1];
            }
        }

        return new self($times, $told);
    }

    /** How many models have a coat of a step. */
    public function on(string $stepId, int $coat): int
    {
        return count($this->times[$stepId][$coat] ?? []);
    }

    /** @return int|null seconds since the epoch; null when it was not done */
    public function at(string $stepId, int $coat, int $model): ?int
    {
        return $this->times[$stepId][$coat][$model] ?? null;
    }

    /** @return list<int> numbers of the models that a line of the record is about */
    public function modelsOf(string $id): array
    {
        return $this->models[$id] ?? [];
    }

    /** The highest number of a model on which anything was painted; 0 when nothing was. */
    public function furthest(): int
    {
        $furthest = 0;
        foreach ($this->times as $coats) {
            foreach ($coats as $models) {
                $furthest = max([$furthest, ...array_keys($models)]);
            }
        }

        return $furthest;
    }

    public function isBegun(string $stepId): bool
    {
        return ($this->times[$stepId] ?? []) !== [];
    }
}
