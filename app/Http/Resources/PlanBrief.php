<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Figures\Stills;
use App\Models\Batch;
use App\Models\Plan;
use App\Plans\PlanLooksStore;
use App\Plans\PlanView;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Throwable;

/** A plan as it stands in the list of plans: what it is for, how its areas will look, how far its batches are. */
final class PlanBrief
{
    /**
     * @param Collection<int, Plan> $plans
     *
     * @return list<array<string, mixed>>
     */
    public static function ofAll(Collection $plans, PlanLooksStore $store): array
    {
        $looks = $store->ofAll($plans, self::looks(...));
        $stills = Stills::addresses($looks);
        $batches = collect(BatchBrief::ofAll(
            Batch::query()->whereIn('plan_id', $plans->modelKeys())->orderByDesc('starts_on')->orderByDesc('id')->get(),
        ))->groupBy('planId');

        return array_values($plans->map(static fn(Plan $plan): array => [
            'id' => $plan->id,
            'version' => $plan->version,
            'name' => $plan->name,
            ...$looks[$plan->id],
            'still' => $stills[$plan->id]['still'] ?? null,
            'batches' => $batches->get($plan->id, collect())->values()->all(),
        ])->all());
    }

    /** @return array<string, mixed> */
    private static function looks(Plan $plan): array
    {
        // One plan that cannot be read shows why, and takes no other down.
        try {
            return self::told(PlanView::of($plan));
        } catch (Faulty $faulty) {
            return self::untold($faulty->faults[0]->field.': '.$faulty->faults[0]->message);
        } catch (Throwable $error) {
            report($error);

            return self::untold('What it looks like cannot be computed; the log has the details.');
        }
    }

    /** @return array<string, mixed> */
    private static function untold(string $fault): array
    {
        return ['fault' => $fault, 'model' => '', 'facts' => '', 'undercoat' => '', 'steps' => 0, 'areas' => []];
    }

    /** @return array<string, mixed> */
    private static function told(PlanView $view): array
    {
        $model = $view->plan->model;

        return [
            'fault' => null,
            'model' => $model->name,
            'facts' => sprintf('%s · %d mm · %s', $model->bodyType->label(), $model->heightMm, $model->finishLevel->label()),
            'undercoat' => $view->plan->undercoat->words(),
            'steps' => count(array_filter($view->plan->steps(), static fn(Step $one): bool => ! $view->plan->isOfUndercoat($one->id))),
            'areas' => array_map(static fn(Area $area): array => [
                'id' => $area->id,
                'name' => $area->name,
                'share' => $area->size->share(),
                'look' => StripResource::look($view->rehearsal->strip($area)->final()),
            ], $view->plan->areas),
        ];
    }
}
