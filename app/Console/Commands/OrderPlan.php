<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use Kalokroma\Craft\OrderStyle;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Stop;

final class OrderPlan extends PlanCommand
{
    protected $signature = 'kalokroma:order
        {plan : Plan file}
        {--models= : How many models are painted by it}
        {--roles= : How many there are of each role, as leader:1,rank:7,:2; in place of --models}
        {--style= : bases-first or area-by-area; the plan\'s own way when left out}
        {--json : Answer as JSON}';

    protected $description = 'Puts all steps of a plan in an order that works';

    protected function answer(): array
    {
        $style = $this->option('style') === null ? null : $this->oneOf('style', OrderStyle::class);
        $plan = $this->plan();
        $squad = $this->squad($plan);
        $painted = $squad === null ? null : SquadPlan::of($plan, $squad);
        $plan = $painted->plan ?? $plan;
        $on = static fn(Pass $pass): int => $painted === null ? 1 : count($painted->modelsOf($pass->step->id));
        $rehearsal = Rehearsal::of($plan, $style === null || $style === $plan->way->order ? null : $style);
        $order = $rehearsal->order();
        $pace = Pace::of($plan);

        return [
            'passes' => array_map(static fn(Pass $pass): array => [
                'number' => $pass->number,
                'area' => $pass->area?->id,
                'step' => $pass->step->id,
                'technique' => $pass->step->technique->id,
                'dryMinutes' => $rehearsal->dryMinutes($pass),
                'handsOnMinutes' => round($pace->pass($pass->step, $pass->area, $on($pass)), 1),
                'reasons' => $pass->reasons,
            ], array_values(array_filter($order->passes, static fn(Pass $pass): bool => $on($pass) > 0))),
            'stops' => array_map(
                static fn(Stop $stop): array => ['name' => $stop->name, 'afterPass' => $order->afterPass($stop)],
                $plan->running->stops,
            ),
        ];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['passes'] as $pass) {
            $this->line(sprintf(
                '%3d  %-16s %-20s %-16s %5.1f min, dry %d',
                $pass['number'],
                $pass['area'] ?? '',
                $pass['step'],
                $pass['technique'],
                $pass['handsOnMinutes'],
                $pass['dryMinutes'],
            ));
        }
    }
}
