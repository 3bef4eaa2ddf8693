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
     */
    private function __construct(
        public Plan $plan,
        public array $passes,
        public array $done,
        public int $models,
    ) {}

    /**
     * @param int $models in the batch
     * @param array<string, int> $done models by step id
     */
    public static function of(Plan $plan, int $models, array $done): self
    {
        return new self($plan, Order::of($plan)->passes, $done, $models);
    }

    public function doneOn(string $stepId): int
    {
        return $this->done[$stepId] ?? 0;
    }

    public function left(string $stepId): int
    {
        return max(0, $this->models - $this->doneOn($stepId));
    }

    public function isDone(Pass $pass): bool
    {
        return $this->left($pass->step->id) === 0;
    }

    /** @return list<Pass> not done on every model yet, in painting order */
    public function open(): array
    {
        return array_values(array_filter($this->passes, fn(Pass $pass): bool => ! $this->isDone($pass)));
    }

    public function next(): ?Pass
    {
        return $this->open()[0] ?? null;
    }
}
