<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** How far a batch is: the one answer, from its outline and what was recorded. */
final readonly class Tally
{
    /** @param list<string> $skipped ids of steps that are left out for now */
    public function __construct(
        public Outline $outline,
        public Record $record,
        public array $skipped = [],
    ) {}

    /** On how many models all coats of a step are laid. */
    public function doneOn(string $stepId): int
    {
        return $this->record->on($stepId, $this->outline->coats($stepId));
    }

    /** On how many models something of a step is still to be done. */
    public function left(string $stepId): int
    {
        return max(0, count($this->outline->models($stepId)) - $this->doneOn($stepId));
    }

    /** The coat that comes next on the models that are behind, from 1. */
    public function coat(string $stepId): int
    {
        $last = max(1, $this->outline->coats($stepId));
        for ($coat = 1; $coat < $last; $coat++) {
            if ($this->record->on($stepId, $coat) < count($this->outline->models($stepId))) {
                return $coat;
            }
        }

        return $last;
    }

    /** @return list<int> numbers of the models a coat is still to be laid on; those that have the coat before it first */
    public function modelsLeft(string $stepId, int $coat): array
    {
        $left = array_values(array_filter(
            $this->outline->models($stepId),
            fn(int $model): bool => $this->record->at($stepId, $coat, $model) === null,
        ));
        $ready = $coat < 2
            ? $left
            : array_values(array_filter($left, fn(int $model): bool => $this->record->at($stepId, $coat - 1, $model) !== null));

        return [...$ready, ...array_values(array_diff($left, $ready))];
    }

    /**
     * @param int|null $coat from 1; null: all that is left of the step
     *
     * @return list<int> numbers of the models that come next
     */
    public function next(string $stepId, ?int $coat, int $models): array
    {
        $last = max(1, $this->outline->coats($stepId));
        $left = $this->modelsLeft($stepId, min($coat ?? $last, $last));
        if ($coat === null) {
            sort($left);
        }

        return array_slice($left, 0, $models);
    }

    public function isSkipped(string $stepId): bool
    {
        return in_array($stepId, $this->skipped, true);
    }

    /** @return list<string> ids of the steps that count, in painting order: what is left out for now does not */
    public function steps(): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->outline->passes)),
            fn(string $step): bool => ! $this->isSkipped($step),
        ));
    }

    /** @return list<string> ids of the steps that are not done on every model yet nor left out, in painting order */
    public function open(): array
    {
        return array_values(array_filter($this->steps(), fn(string $step): bool => $this->left($step) > 0));
    }

    public function passes(): int
    {
        return count($this->steps());
    }

    public function passesDone(): int
    {
        return $this->passes() - count($this->open());
    }

    public function isBegun(): bool
    {
        return ! $this->record->isEmpty();
    }

    public function isFinished(): bool
    {
        return $this->passes() > 0 && $this->open() === [];
    }

    /**
     * Of the coats of some steps, as many as a model gets of them, those that lie on it, 0…1.
     *
     * @param list<string> $stepIds
     */
    public function shareOn(array $stepIds, int $model): float
    {
        $laid = $all = 0;
        foreach ($stepIds as $step) {
            $coats = in_array($model, $this->outline->models($step), true) ? $this->outline->coats($step) : 0;
            $all += $coats;
            for ($coat = 1; $coat <= $coats; $coat++) {
                $laid += $this->record->at($step, $coat, $model) === null ? 0 : 1;
            }
        }

        return $all === 0 ? 0.0 : $laid / $all;
    }

    /** Coats laid, model by model, of all there are to lay, 0…1. */
    public function share(): float
    {
        $done = $all = 0;
        foreach ($this->steps() as $step) {
            $all += $this->outline->coats($step) * count($this->outline->models($step));
            for ($coat = 1; $coat <= $this->outline->coats($step); $coat++) {
                $done += $this->record->on($step, $coat);
            }
        }

        return $all === 0 ? 0.0 : $done / $all;
    }
}
