<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Plan $resource */
final class PlanResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $plan = $this->resource;
        $view = PlanView::of($plan);
        $batches = $plan->batches()->orderByDesc('starts_on')->orderByDesc('id')->get();

        return [
            'id' => $plan->id,
            'version' => $plan->version,
            'canUndo' => $plan->revisions()->where('number', '<', $plan->revision)->exists(),
            'canRedo' => $plan->revisions()->where('number', '>', $plan->revision)->exists(),
            'updatedAt' => $plan->updated_at->toIso8601String(),
            'document' => $plan->document,
            'paints' => PaintResource::collection($view->products->values())->resolve($request),
            'looks' => PlanLooks::of($view),
            'batches' => BatchBrief::ofAll($batches),
        ];
    }
}
