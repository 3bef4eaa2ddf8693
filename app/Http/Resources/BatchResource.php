<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\LogEntry;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Exchange\StepWriter;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\Turns;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/**
 * A batch at the desk: every pass in painting order with what it takes, what it will look like and how far it is.
 *
 * @property Batch $resource
 */
final class BatchResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $batch = $this->resource;
        $progress = $batch->progress();
        $plan = $progress->plan;
        $rehearsal = Rehearsal::of($plan);
        $planVersion = $batch->plan?->version;

        return [
            ...BatchBrief::ofAll(new Collection([$batch]))[0],
            'planName' => $plan->name,
            'model' => $plan->model->name,
            'planChanged' => $planVersion !== null && $planVersion !== $batch->plan_version,
            'next' => $progress->next()?->step->id,
            'paints' => array_values(array_map(PlanWriter::paint(...), $plan->paints())),
            'steps' => array_map(fn(Pass $pass): array => $this->pass($pass, $progress, $rehearsal, $batch), $progress->passes),
        ];
    }

    /** @return array<string, mixed> */
    private function pass(Pass $pass, Progress $progress, Rehearsal $rehearsal, Batch $batch): array
    {
        $stage = $rehearsal->stage($pass->step->id);

        return [
            'number' => $pass->number,
            'areaId' => $pass->area?->id,
            'areaName' => $pass->area->name ?? 'Whole model',
            'textureLabel' => $pass->area?->texture->label(),
            'step' => StepWriter::write($pass->step),
            'technique' => $pass->step->technique->label,
            'hint' => $pass->step->technique->hint,
            'brush' => $pass->step->brush->label(),
            'place' => $pass->step->place->label(),
            'dilution' => $pass->step->dilution->words(),
            'words' => $pass->step->words(),
            'dryMinutes' => $rehearsal->dryMinutes($pass),
            'mix' => MixResource::maybe($pass->step->mix),
            'drops' => DropsResource::of($pass->step),
            'turns' => $pass->area === null ? [] : self::turns($pass->area, $pass->step, $batch->models),
            'look' => $stage === null ? null : StripResource::stage($stage),
            'before' => $stage === null ? null : StripResource::look($stage->before->look()),
            'forecastCoats' => $stage?->forecast?->needed,
            'done' => $progress->doneOn($pass->step->id),
            'left' => $progress->left($pass->step->id),
            'entries' => $batch->entries
                ->filter(static fn(LogEntry $entry): bool => $entry->step_id === $pass->step->id)
                ->sortBy('done_at')
                ->map(static fn(LogEntry $entry): array => LogEntryResource::bare($entry))
                ->values()->all(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function turns(Area $area, Step $step, int $models): array
    {
        return array_map(static fn(array $turn): array => [
            'name' => $turn['name'],
            'models' => $turn['models'],
            'steps' => array_map(static fn(Step $one): array => [
                'label' => $one->technique->label, 'words' => $one->words(), 'coats' => $one->coats, 'dilution' => $one->dilution->words(), 'mix' => MixResource::maybe($one->mix), 'drops' => DropsResource::of($one),
            ], $turn['steps']),
        ], Turns::of($area, $models)->at($area, $step));
    }
}
