<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Quilt\Muster;

/** Plans as they stand beside each other; those that cannot be read any more are left out. */
final readonly class MusterView
{
    /**
     * @param array<string, PlanView> $views by id
     * @param list<string> $without ids of those that are shown and not counted
     */
    private function __construct(
        public array $views,
        public array $without,
        public Muster $muster,
    ) {}

    /**
     * @param Collection<int, Plan> $plans
     * @param list<string> $without ids of plans that belong to another force
     */
    public static function of(Collection $plans, array $without): self
    {
        $views = $counted = $looks = [];
        foreach ($plans as $plan) {
            try {
                $view = PlanView::of($plan);
            } catch (Faulty) {
                continue;
            }
            $views[$plan->id] = $view;
            if (! in_array($plan->id, $without, true)) {
                $counted[$plan->id] = $view->plan;
                $seen = array_map(
                    $view->seen(...),
                    array_combine(array_column($view->plan->areas, 'id'), $view->plan->areas),
                );
                $looks[$plan->id] = array_filter($seen);
            }
        }

        return new self($views, $without, Muster::of($counted, $looks));
    }
}
