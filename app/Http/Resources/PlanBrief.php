<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Progress;
use App\Models\Batch;
use App\Models\Plan;
use App\Plans\PlanView;
use Kalokroma\Recipe\Area;

/** A plan as it stands in the list of plans: what it is for, how its areas will look, how far its batches are. */
final class PlanBrief
{
    /** @return array<string, mixed> */
    public static function of(Plan $plan): array
    {
        $view = PlanView::of($plan);
        $model = $view->plan->model;
        $steps = array_sum(array_map(static fn(Area $area): int => count($area->steps), $view->plan->areas));

        return [
            'id' => $plan->id,
            'version' => $plan->version,
            'name' => $plan->name,
            'model' => $model->name,
            'facts' => sprintf('%s · %d mm · %s', $model->bodyType->label(), $model->heightMm, $model->finishLevel->label()),
            'undercoat' => $view->plan->undercoat->words(),
            'steps' => $steps,
            'updatedAt' => $plan->updated_at->toIso8601String(),
            'areas' => array_map(static fn(Area $area): array => [
                'id' => $area->id,
                'name' => $area->name,
                'share' => $area->size->share(),
                'look' => StripResource::look($view->strips->of($area)->final()),
            ], $view->plan->areas),
            'batches' => $plan->batches->map(static fn(Batch $batch): array => BatchBrief::of($batch, Progress::of($batch)))->values()->all(),
        ];
    }
}
