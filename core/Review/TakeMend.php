<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** One of the mends that the review offers, made in the plan as it is now. */
final readonly class TakeMend implements Edit
{
    /** @param int $number of the mend, from 1 */
    public function __construct(
        private string $rule,
        private ?string $area,
        private ?string $step,
        private int $number,
        private ?Shelf $shelf = null,
        private ?int $models = null,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        foreach (Review::of(Scene::of(Rehearsal::of($plan), $this->shelf, $this->models)) as $finding) {
            if ($finding->rule === $this->rule && $finding->area === $this->area && $finding->step === $this->step) {
                $mend = $finding->mends[$this->number - 1]
                    ?? throw IllegalPlan::at('mend', 'This caution has no such mend any more. Look at the plan again.');

                return $mend->edit->applyTo($plan);
            }
        }
        throw IllegalPlan::at('rule', 'This is found no more: it was mended meanwhile.');
    }
}
