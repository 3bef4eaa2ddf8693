<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;

/** A plan as it is kept, and what its document says: read once, however many want to know. */
final readonly class KeptPlan
{
    public function __construct(
        public Plan $record,
        public PlanView $view,
    ) {}

    /** @throws \Kalokroma\Exchange\Faulty when a paint it names became unfit for it */
    public static function of(Plan $plan): self
    {
        return new self($plan, PlanView::of($plan));
    }
}
