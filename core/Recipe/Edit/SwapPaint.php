<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Plan;

/** One paint in place of another in every step that is done with it. */
final readonly class SwapPaint implements Edit
{
    public function __construct(
        private Paint $old,
        private Paint $new,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        foreach ($plan->steps() as $step) {
            if ($step->mix?->holds($this->old->id) === true && ! $plan->isOfUndercoat($step->id)) {
                $plan = $plan->withStep($step->with($this->swapped($step->mix)));
            }
        }

        return $plan;
    }

    private function swapped(Mix $mix): Mix
    {
        $parts = [];
        foreach ($mix->ingredients as $ingredient) {
            $paint = $ingredient->paint->id === $this->old->id ? $this->new : $ingredient->paint;
            $parts[$paint->id] = Ingredient::of($paint, $ingredient->parts + ($parts[$paint->id]->parts ?? 0));
        }

        return Mix::of(array_values($parts));
    }
}
