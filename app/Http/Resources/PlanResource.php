<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Figure;
use App\Plans\KeptPlan;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Kalokroma\Exchange\DocumentChange;

/** @property KeptPlan $resource */
final class PlanResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        [$plan, $view] = [$this->resource->record, $this->resource->view];
        $before = $plan->revisions()->where('number', '<', $plan->revision)->orderByDesc('number')->first();
        $batches = $plan->batches()->orderByDesc('starts_on')->orderByDesc('id')->get();

        return [
            'id' => $plan->id,
            'version' => $plan->version,
            'undoes' => $before === null ? null : DocumentChange::words($before->document, $plan->document),
            'canRedo' => $plan->revisions()->where('number', '>', $plan->revision)->exists(),
            'document' => $plan->document,
            'paints' => array_map(PaintBrief::of(...), $view->paints()),
            'looks' => PlanLooks::of($view),
            'batches' => BatchBrief::ofAll($batches),
            'figure' => Figure::query()->where('plan_id', $plan->id)->orderByDesc('id')->first(['id', 'areas'])?->only(['id', 'areas']),
            // Whoever looks at the figure sees an edit on it without asking again.
            ...($request->boolean('painted') ? ['painted' => PaintedResource::of($view->rehearsal)] : []),
        ];
    }
}
