<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/**
 * What was done of a batch, coat by coat and model by model. Unless a line says which, models are painted in the order of their numbers; a
 * later coat is never on a model that lacks the one before it.
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

    /** @param list<Done> $entries in any order; what stands in none of the passes, or goes beyond their models or coats, is let be */
    public static function of(Outline $outline, array $entries): self
    {
        usort($entries, static fn(Done $one, Done $other): int => $one->at <=> $other->at);
        $times = $told = [];
        foreach ($entries as $entry) {
            $coats = $outline->coats($entry->stepId);
            $last = min($entry->coat ?? $coats, $coats);
            $lacking = $last < 1
                ? []
                : array_values(array_filter(
                    $outline->models($entry->stepId),
                    static fn(int $model): bool => ! isset($times[$entry->stepId][$last][$model]),
                ));
            if ($entry->on === null) {
                // The next coat goes onto those that have the one before it.
                $before = $entry->coat === null || $last < 2 ? [] : $times[$entry->stepId][$last - 1] ?? [];
                $ready = array_filter($lacking, static fn(int $model): bool => isset($before[$model]));
                $on = array_slice([...$ready, ...array_diff($lacking, $ready)], 0, $entry->models);
            } else {
                $on = array_values(array_intersect($lacking, $entry->on));
            }
            $told[$entry->id] = $on;
            // Who records a later coat has laid those before it.
            for ($coat = $last; $coat >= 1; $coat--) {
                foreach ($on as $model) {
                    $times[$entry->stepId][$coat][$model] ??= $entry->at;
                }
            }
        }

        return new self($times, $told);
    }

    /** How many models have a coat of a step. */
    public function on(string $stepId, int $coat): int
    {
        return count($this->times[$stepId][$coat] ?? []);
    }

    /** @return list<int> numbers of the models that have a coat of a step */
    public function modelsWith(string $stepId, int $coat): array
    {
        $models = array_keys($this->times[$stepId][$coat] ?? []);
        sort($models);

        return $models;
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

    public function isEmpty(): bool
    {
        return $this->times === [];
    }
}
