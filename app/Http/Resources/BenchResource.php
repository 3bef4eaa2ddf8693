<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Bench;
use App\Evenings\Agenda;
use App\Models\Batch;
use Illuminate\Http\Request;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Rehearsal;

/** The bench: batches with the step that comes next, and pots that run low. */
final class BenchResource
{
    /** Passes shown after the next one, so that their paints can be fetched together. */
    private const FOLLOWING = 5;

    /** @return array<string, mixed> */
    public static function of(Bench $bench, Agenda $agenda, Request $request): array
    {
        $brief = static fn(Batch $batch): array => BatchBrief::of($batch, $bench->tallies[$batch->id]);
        $withNext = static fn(Batch $batch): array => [...$brief($batch), 'next' => self::next($batch->progress())];

        return [
            'underWay' => array_values($bench->underWay->map($withNext)->all()),
            'planned' => array_values($bench->planned->map($brief)->all()),
            'finished' => array_values($bench->finished->map($brief)->all()),
            'finishedInAll' => $bench->finishedInAll,
            'low' => PaintResource::collection($bench->low)->resolve($request),
            'counts' => $bench->counts,
            'clocks' => ClockResource::all($agenda->desk, $agenda->now),
            'touchUps' => self::touchUps($agenda),
            'evening' => AgendaResource::next($agenda),
            'decisions' => self::decisions($agenda),
        ];
    }

    /** @return list<array<string, mixed>> what is best put right now first */
    private static function touchUps(Agenda $agenda): array
    {
        $told = [];
        foreach ($agenda->desk->batches as $job => $batch) {
            foreach (SlipResource::of($batch, $agenda->desk->progress[$job]) as $slip) {
                if (! $slip['isMended']) {
                    $told[] = [...$slip, 'batchId' => $batch->id, 'batchName' => $batch->name];
                }
            }
        }
        usort($told, static fn(array $one, array $other): int => (int) $other['isNow'] <=> (int) $one['isNow']);

        return $told;
    }

    /** @return list<array<string, mixed>> areas left open on purpose, those whose batch has come near them first */
    private static function decisions(Agenda $agenda): array
    {
        $told = [];
        foreach ($agenda->desk->batches as $job => $batch) {
            $progress = $agenda->desk->progress[$job];
            foreach ($batch->plan_id === null ? [] : $progress->plan->areas as $area) {
                if ($area->open) {
                    $told[$batch->plan_id.$area->id] = ['planId' => $batch->plan_id, 'planName' => $progress->plan->name, 'areaId' => $area->id, 'areaName' => $area->name, 'batchName' => $batch->name, 'isDue' => $progress->done !== []];
                }
            }
        }
        usort($told, static fn(array $one, array $other): int => (int) $other['isDue'] <=> (int) $one['isDue']);

        return $told;
    }

    /** @return array<string, mixed>|null */
    private static function next(Progress $progress): ?array
    {
        $next = $progress->next();
        if ($next === null) {
            return null;
        }
        $stage = Rehearsal::of($progress->plan)->stage($next->step->id);

        return [
            'number' => $next->number,
            'stepId' => $next->step->id,
            'areaName' => $next->area->name ?? 'Whole model',
            'technique' => $next->step->technique->label,
            'mixWords' => $next->step->words(),
            'mix' => MixResource::maybe($next->step->mix),
            'dilution' => $next->step->dilution->words(),
            'coats' => $next->step->coats,
            'done' => $progress->doneOn($next->step->id),
            'left' => $progress->left($next->step->id),
            'look' => $stage === null ? null : StripResource::look($stage->look),
            'following' => array_map(self::brief(...), array_slice($progress->open(), 1, self::FOLLOWING)),
        ];
    }

    /** @return array<string, mixed> */
    private static function brief(Pass $pass): array
    {
        return [
            'number' => $pass->number,
            'areaName' => $pass->area->name ?? 'Whole model',
            'technique' => $pass->step->technique->id,
            'label' => $pass->step->technique->label,
            'mixWords' => $pass->step->words(),
            'hex' => $pass->step->mix?->isClear() === false ? $pass->step->mix->colour()->toSrgb()->hex() : null,
        ];
    }
}
