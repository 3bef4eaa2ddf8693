<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Plan;

/** A batch under way: its passes, and how far each of them is. */
final readonly class Progress
{
    /** The plan with the variants that are painted as areas of their own. */
    public Plan $plan;

    public int $models;

    /** @param list<Pass> $passes in painting order */
    private function __construct(
        public SquadPlan $squad,
        public array $passes,
        public Tally $tally,
    ) {
        $this->plan = $squad->plan;
        $this->models = $squad->count();
    }

    /**
     * @param list<Done> $entries what was recorded, in any order
     * @param list<string> $skipped ids of steps that are left out for now
     */
    public static function of(SquadPlan $squad, array $entries = [], array $skipped = []): self
    {
        $outline = Outline::of($squad);

        return new self($squad, $squad->passes(), new Tally($outline, Record::of($outline, $entries), $skipped));
    }

    public function record(): Record
    {
        return $this->tally->record;
    }

    /** @return list<string> ids of steps that are left out for now */
    public function skipped(): array
    {
        return $this->tally->skipped;
    }

    public function doneOn(string $stepId): int
    {
        return $this->tally->doneOn($stepId);
    }

    public function left(string $stepId): int
    {
        return $this->tally->left($stepId);
    }

    /** The coat that comes next on the models that are behind, from 1. */
    public function coat(Pass $pass): int
    {
        return $this->tally->coat($pass->step->id);
    }

    /** @return list<int> numbers of the models a coat is still to be laid on */
    public function modelsLeft(string $stepId, int $coat): array
    {
        return $this->tally->modelsLeft($stepId, $coat);
    }

    /** All its coats lie on one model. */
    public function isDoneOn(Pass $pass, int $model): bool
    {
        return ! in_array($model, $this->modelsLeft($pass->step->id, $pass->step->coats), true);
    }

    public function isSkipped(Pass $pass): bool
    {
        return $this->tally->isSkipped($pass->step->id);
    }

    public function isDone(Pass $pass): bool
    {
        return $this->left($pass->step->id) === 0;
    }

    public function isBegun(): bool
    {
        return $this->tally->isBegun();
    }

    public function pass(string $stepId): ?Pass
    {
        return array_find($this->passes, static fn(Pass $pass): bool => $pass->step->id === $stepId);
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
