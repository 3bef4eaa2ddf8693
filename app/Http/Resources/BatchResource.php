<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Tallies;
use App\Evenings\Desk;
use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\Setting;
use App\Shelf\OwnedPaints;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Date;
use Kalokroma\Batch\Since;
use Kalokroma\Craft\Family;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Exchange\StepWriter;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Opening;
use Kalokroma\Schedule\Work;

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
        $core = $batch->core();
        $progress = $core->progress();
        $plan = $progress->plan;
        $work = Work::of([Desk::job($batch, $progress)], Setting::room());
        $openings = Opening::all($work);
        $amounts = $core->left(Setting::measures());
        $pours = AmountResource::bySteps($amounts, $progress);
        $planChanged = $batch->plan === null ? null : $batch->plan->version !== $batch->plan_version;

        return [
            ...BatchBrief::of($batch, Tallies::of(new Collection([$batch]))[$batch->id]),
            'planName' => $plan->name,
            'model' => $plan->model->name,
            'planChanged' => $planChanged === true,
            'next' => $progress->next()?->step->id,
            'rests' => $batch->rests,
            'skipped' => $progress->skipped(),
            'squad' => SquadResource::members($batch),
            'roles' => SquadResource::roles($batch->written()),
            'slips' => SlipResource::of($batch, $progress),
            'photos' => PinnedPhotoResource::of($batch, $plan),
            'testPieces' => self::testPieces($batch->written()),
            'since' => Since::of(
                $batch->painted(),
                $planChanged,
                OwnedPaints::shelf(),
                Setting::measures(),
                Setting::bookOf($batch->habits),
                Setting::book(),
            ),
            'differences' => $core->differences($batch->paints()->find(...)),
            'paints' => array_values(array_map(PlanWriter::paint(...), $plan->paints())),
            'steps' => array_map(
                fn(Pass $pass): array => [
                    ...$this->pass($pass, $progress, $progress->squad->rehearsalAt($pass), $batch),
                    ...self::opening($openings, $pass, $progress),
                    'amounts' => $pours[$pass->step->id] ?? null,
                ],
                $progress->passes,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function pass(Pass $pass, Progress $progress, Rehearsal $rehearsal, Batch $batch): array
    {
        $stage = $rehearsal->stage($pass->step->id);

        return [
            'number' => $pass->number,
            'areaId' => $pass->area?->id,
            'areaName' => $pass->where(),
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
            'look' => $stage === null ? null : StripResource::stage($stage),
            'before' => $stage === null ? null : StripResource::look($stage->before->look()),
            'models' => $progress->squad->modelsOf($pass->step->id),
            'laid' => array_map(
                static fn(int $coat): array => $progress->record()->modelsWith($pass->step->id, $coat),
                range(1, $pass->step->coats),
            ),
            'originId' => $pass->area === null ? null : $progress->squad->origin($pass->area)->id,
            'done' => $progress->doneOn($pass->step->id),
            'coat' => $progress->coat($pass),
            'coatsDone' => array_map(static fn(int $coat): int => $progress->record()->on($pass->step->id, $coat), range(1, $pass->step->coats)),
            'isSkipped' => $progress->isSkipped($pass),
            'isPerModel' => $pass->step->isPerModel(),
            'minutesPerModel' => round(Pace::of($progress->plan)->step($pass->step, $pass->area), 1),
            'hazards' => array_column($pass->step->hazards(), 'value'),
            'heads' => $pass->step->more->heads,
            'isLight' => $pass->step->technique->family === Family::Light,
            'left' => $progress->left($pass->step->id),
            'entries' => $batch->entries
                ->filter(static fn(LogEntry $entry): bool => $entry->step_id === $pass->step->id)
                ->sortBy('done_at')
                ->map(static fn(LogEntry $entry): array => LogEntryResource::bare($entry))
                ->values()->all(),
        ];
    }

    /**
     * Whether the coat that comes next may be laid, and from when.
     *
     * @param array<string, Opening> $openings
     *
     * @return array{canBegin: bool, readyAt: string|null, waitsFor: list<list<array{stepId: string, coat: int, seconds: int}>>}
     */
    private static function opening(array $openings, Pass $pass, Progress $progress): array
    {
        $opening = $openings[Opening::key(0, $pass->step->id, $progress->coat($pass))] ?? null;

        return [
            'canBegin' => $opening->canBegin ?? false,
            'readyAt' => $opening?->readyAt === null ? null : Date::createFromTimestampUTC($opening->readyAt)->toIso8601ZuluString(),
            'waitsFor' => array_map(
                static fn(int $coat): array => $openings[Opening::key(0, $pass->step->id, $coat)]->waitsFor ?? [],
                range(1, $pass->step->coats),
            ),
        ];
    }

    /** @return list<array<string, mixed>> ways that were tried for an area, with what came of them */
    private static function testPieces(Plan $plan): array
    {
        $pieces = [];
        foreach ($plan->areas as $area) {
            foreach ($area->variants as $one) {
                $pieces[] = [
                    'areaId' => $area->id, 'areaName' => $area->name, 'variantId' => $one->id, 'name' => $one->name,
                    'isTried' => $one->tried, 'verdict' => $one->verdict, 'note' => $one->note,
                ];
            }
        }

        return $pieces;
    }
}
