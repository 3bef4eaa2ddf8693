<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/**
 * A batch in short: its passes in painting order, each with its coats and the models it is done to. It follows from plan and squad alone,
 * and may be kept.
 */
final readonly class Outline
{
    /**
     * @param array<string, array{coats: int, models: list<int>}> $passes by step id, in painting order
     * @param list<int> $models all there are
     */
    private function __construct(
        public array $passes,
        public array $models,
    ) {}

    public static function of(SquadPlan $squad): self
    {
        $passes = [];
        foreach ($squad->passes() as $pass) {
            $passes[$pass->step->id] = ['coats' => $pass->step->coats, 'models' => $squad->modelsOf($pass->step->id)];
        }

        return new self($passes, $squad->squad->numbers());
    }

    /**
     * As it was kept.
     *
     * @param array<string, array{int, list<int>|null}> $kept coats and models by step id; null: all
     */
    public static function kept(array $kept, int $models): self
    {
        $all = range(1, max(1, $models));

        return new self(array_map(static fn(array $one): array => ['coats' => $one[0], 'models' => $one[1] ?? $all], $kept), $all);
    }

    /** @return array<string, array{int, list<int>|null}> as `kept` takes it */
    public function toKeep(): array
    {
        return array_map(
            fn(array $one): array => [$one['coats'], count($one['models']) === count($this->models) ? null : $one['models']],
            $this->passes,
        );
    }

    public function coats(string $stepId): int
    {
        return $this->passes[$stepId]['coats'] ?? 0;
    }

    /** @return list<int> */
    public function models(string $stepId): array
    {
        return $this->passes[$stepId]['models'] ?? [];
    }
}
