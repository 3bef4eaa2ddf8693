<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Plan;

/** How far a batch is: of each pass, on how many of its models it was done. */
final readonly class Progress
{
    /**
     * @param list<Pass> $passes in painting order
     * @param array<string, int> $done models by step id
     * @param list<string> $skipped ids of steps that are left out for now
     */
    private function __construct(
        public Plan $plan,
        public array $passes,
        public array $done,
        public int $models,
        public Record $record,
        public array $skipped,
    ) {}

    /**
     * @param int $models in the batch
     * @param array<string, int> $done models by step id
     */
    public static function of(Plan $plan, int $models, array $done): self
    {
        return new self($plan, Order::of($plan)->passes, $done, $models, Record::of($plan, $models, array_map(static fn(string $step, int $on): Done => new Done($step, null, $on, 0), array_map(strval(...), array_keys($done)), $done)), []);
    }

    /**
     * @param int $models in the batch
     * @param list<string> $skipped ids of steps that are left out for now
     */
    public static function recorded(Plan $plan, int $models, Record $record, array $skipped = []): self
    {
        $done = [];
        $passes = Order::of($plan)->passes;
        foreach ($passes as $pass) {
            $done[$pass->step->id] = $record->on($pass->step->id, $pass->step->coats);
        }

        return new self($plan, $passes, array_filter($done), $models, $record, $skipped);
    }

    public function doneOn(string $stepId): int
    {
        return $this->done[$stepId] ?? 0;
    }

    public function left(string $stepId): int
    {
        return max(0, $this->models - $this->doneOn($stepId));
    }

    /** The coat that comes next on the models that are behind, from 1. */
    public function coat(Pass $pass): int
    {
        for ($coat = 1; $coat < $pass->step->coats; $coat++) {
            if ($this->record->on($pass->step->id, $coat) < $this->models) {
                return $coat;
            }
        }

        return $pass->step->coats;
    }

    /** @return list<int> numbers of the models a coat is still to be laid on */
    public function modelsLeft(string $stepId, int $coat): array
    {
        $on = $this->record->on($stepId, $coat);

        return $on >= $this->models ? [] : range($on + 1, $this->models);
    }

    public function isSkipped(Pass $pass): bool
    {
        return in_array($pass->step->id, $this->skipped, true);
    }

    public function isDone(Pass $pass): bool
    {
        return $this->left($pass->step->id) === 0;
    }

    /** @return list<Pass> not done on every model yet nor left out, in painting order */
    public function open(): array
    {
        return array_values(array_filter($this->passes, fn(Pass $pass): bool => ! $this->isDone($pass) && ! $this->isSkipped($pass)));
    }

    public function next(): ?Pass
    {
        return $this->open()[0] ?? null;
    }
}
