<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;

/** A batch that wants to be painted, as far as it is. */
final readonly class Job
{
    public const MOST_MODELS = 60;

    /** The plan with the variants that are painted as areas of their own. */
    public Plan $plan;

    public int $models;

    /** @param list<string> $skipped ids of steps that are left out */
    private function __construct(
        public SquadPlan $squad,
        public Record $record,
        public array $skipped,
        public int $from,
        public Paces $paces,
    ) {
        $this->plan = $squad->plan;
        $this->models = $squad->count();
    }

    /**
     * @param Record|null $record what is done of it
     * @param list<string> $skipped ids of steps that are left out
     * @param int $from seconds since the epoch before which it is not begun
     * @param Paces|null $paces of the painter; as the plan's techniques have it when left out
     *
     * @throws IllegalJob when there are more models than a batch has
     */
    public static function of(SquadPlan $squad, ?Record $record = null, array $skipped = [], int $from = 0, ?Paces $paces = null): self
    {
        if ($squad->count() > self::MOST_MODELS) {
            throw IllegalJob::models($squad->count());
        }

        return new self($squad, $record ?? Record::none(), $skipped, $from, $paces ?? Paces::usual());
    }

    /** The same by a painter who takes so many times as long. */
    public function atPace(float $factor): self
    {
        return new self($this->squad, $this->record, $this->skipped, $this->from, $this->paces->times($factor));
    }

    /** The same with these steps left out as well. */
    public function without(string ...$stepIds): self
    {
        return new self(
            $this->squad,
            $this->record,
            array_values(array_unique([...$this->skipped, ...array_values($stepIds)])),
            $this->from,
            $this->paces,
        );
    }

    /** @return list<int> numbers of the models a coat is still to be laid on */
    public function left(string $stepId, int $coat): array
    {
        return in_array($stepId, $this->skipped, true)
            ? []
            : array_values(array_filter(
                $this->squad->modelsOf($stepId),
                fn(int $model): bool => $this->record->at($stepId, $coat, $model) === null,
            ));
    }
}
