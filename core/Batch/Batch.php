<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Closure;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Measures;
use Kalokroma\Illegal;
use Kalokroma\Learning\Worked;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A plan being painted: its models, what is recorded of them, and all that follows from that. */
final class Batch
{
    private ?Progress $progress = null;

    /**
     * @param list<Entry> $entries the oldest first
     * @param list<string> $skipped ids of steps that are left out for now
     */
    private function __construct(
        public readonly SquadPlan $squad,
        public readonly array $entries,
        public readonly array $skipped,
    ) {}

    /**
     * @param list<Entry> $entries in any order
     * @param list<string> $skipped ids of steps that are left out for now
     */
    public static function of(SquadPlan $squad, array $entries = [], array $skipped = []): self
    {
        usort($entries, static fn(Entry $one, Entry $other): int => $one->done->at <=> $other->done->at);

        return new self($squad, $entries, $skipped);
    }

    /** How far it is. */
    public function progress(): Progress
    {
        return $this->progress ??= Progress::of($this->squad, array_column($this->entries, 'done'), $this->skipped);
    }

    /** What is still to be poured. */
    public function left(?Measures $measures = null): Amounts
    {
        return Amounts::left($this->progress(), $measures ?? Measures::usual());
    }

    /**
     * What painting takes from the pots. Coats that were recorded by themselves are paid for already.
     *
     * @param list<int> $on numbers of the models it is done to now
     * @param int|null $coat from 1; null: all that is left of the step
     *
     * @return array<string, float> ml by paint id, not rounded to drops; nothing for a step the plan has lost since
     */
    public function spends(string $stepId, Used $used, array $on, ?int $coat, ?Measures $measures = null): array
    {
        $step = $this->squad->plan->step($stepId);
        if ($step === null) {
            return [];
        }
        $models = [];
        foreach ($on as $model) {
            $coats = $coat === null ? max(1, $used->coats - $this->laidOn($step, $model)) : 1;
            $models[$coats] = ($models[$coats] ?? 0) + 1;
        }
        $amounts = Amounts::for($this->squad, $measures);
        $spent = [];
        foreach ($models as $coats => $count) {
            foreach ($amounts->spent(
                $step,
                $this->squad->plan->find($stepId)[0] ?? null,
                $used->mix,
                $used->dilution,
                $coats,
                $count,
            ) as $paint => $ml) {
                $spent[$paint] = ($spent[$paint] ?? 0.0) + $ml;
            }
        }

        return $spent;
    }

    /**
     * The plan as it was really painted: mixes, thinning and coats of the last entry of each step, those of variants in their variants.
     *
     * @param Closure(string): (Paint|null) $paint by id; a paint that nobody knows any more leaves the mix as it was planned
     */
    public function asDone(Closure $paint): Plan
    {
        $plan = $this->squad->written;
        foreach ($this->entries as $entry) {
            $step = $this->squad->stepIn($plan, $entry->done->stepId);
            if ($step === null || $plan->isOfUndercoat($step->id)) {
                continue;
            }
            try {
                $plan = $this->squad->withStepIn($plan, $entry->done->stepId, self::done($step, $entry, $paint));
            } catch (Illegal) {
                // What was noted cannot be a step of the plan: it stays as it was planned.
                continue;
            }
        }

        return $plan;
    }

    /**
     * What was done otherwise than planned, step by step in painting order.
     *
     * @param Closure(string): (Paint|null) $paint by id
     *
     * @return list<array{stepId: string, planned: string, done: string}>
     */
    public function differences(Closure $paint): array
    {
        $done = $this->asDone($paint);
        $differences = [];
        foreach ($this->progress()->passes as $pass) {
            $planned = $this->squad->stepIn($this->squad->written, $pass->step->id);
            $now = $this->squad->stepIn($done, $pass->step->id);
            if ($planned !== null && $now !== null && $now->fingerprint() !== $planned->fingerprint()) {
                $differences[] = ['stepId' => $pass->step->id, 'planned' => self::words($planned), 'done' => self::words($now)];
            }
        }

        return $differences;
    }

    /**
     * What is painted stays: the first model that has something recorded which it would not get any more if the batch were painted so.
     *
     * @return array{model: int, pass: Pass}|null null when it may
     */
    public function keepsFrom(SquadPlan $then): ?array
    {
        foreach ($this->progress()->passes as $pass) {
            $gets = $then->plan->step($pass->step->id) === null ? [] : $then->modelsOf($pass->step->id);
            foreach (array_diff($this->progress()->record()->modelsWith($pass->step->id, 1), $gets) as $model) {
                return ['model' => $model, 'pass' => $pass];
            }
        }

        return null;
    }

    /** @return list<Worked> what its entries teach from */
    public function worked(): array
    {
        $worked = [];
        foreach ($this->entries as $entry) {
            $step = $this->squad->plan->step($entry->done->stepId);
            if ($step !== null) {
                $worked[] = new Worked(
                    $step,
                    $this->squad->plan->find($step->id)[0] ?? null,
                    $entry->done->models,
                    $entry->done->coat === null ? $entry->used->coats : 1,
                    $entry->minutes === null ? null : (float) $entry->minutes,
                    // A single coat says nothing of how many it took.
                    $entry->done->coat === null && $entry->used->isMixOf($step),
                    $this->squad->plan->model->finishLevel,
                );
            }
        }

        return $worked;
    }

    /** Coats of a step but its last that are recorded on a model. */
    private function laidOn(Step $step, int $model): int
    {
        $laid = 0;
        while ($laid < $step->coats - 1 && $this->progress()->record()->at($step->id, $laid + 1, $model) !== null) {
            $laid++;
        }

        return $laid;
    }

    /** @param Closure(string): (Paint|null) $known */
    private static function done(Step $step, Entry $entry, Closure $known): Step
    {
        $isWhole = $entry->done->coat === null;
        $ingredients = [];
        foreach ($entry->used->mix as $part) {
            $paint = $known($part['paint']);
            if ($paint === null) {
                return $isWhole ? $step->inCoats($entry->used->coats) : $step;
            }
            $ingredients[] = Ingredient::of($paint, $part['parts']);
        }
        $mixed = $step->with($ingredients === [] ? $step->mix : Mix::of($ingredients), $entry->used->dilution->outOf($step->dilution->pot));

        return $isWhole ? $mixed->inCoats($entry->used->coats) : $mixed;
    }

    private static function words(Step $step): string
    {
        return sprintf('%s, %s, %d %s', $step->words(), $step->dilution->words(), $step->coats, $step->coats === 1 ? 'coat' : 'coats');
    }
}
