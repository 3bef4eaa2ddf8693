<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Bench;
use App\Evenings\Agenda;
use App\Models\Batch;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Tally;
use Kalokroma\Schedule\Opening;

/** The bench: batches with the step that comes next, and pots that run low. */
final class BenchResource
{
    /** Passes shown after the next one, so that their paints can be fetched together. */
    private const FOLLOWING = 5;

    /** @return array<string, mixed> */
    public static function of(Bench $bench, Agenda $agenda, Request $request): array
    {
        $brief = static fn(Batch $batch): array => BatchBrief::of($batch, $bench->tallies[$batch->id]);
        $openings = Opening::all($agenda->work);
        $jobs = array_flip(array_map(static fn(Batch $batch): string => $batch->id, $agenda->desk->batches));
        $withNext = static fn(Batch $batch): array => [
            ...$brief($batch),
            'next' => self::next(
                $batch,
                $bench->tallies[$batch->id],
                static fn(string $stepId, int $coat): ?Opening => $openings[Opening::key($jobs[$batch->id] ?? -1, $stepId, $coat)] ?? null,
                $agenda->now->getTimestamp(),
            ),
        ];

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
                    $told[$batch->plan_id.$area->id] = [
                        'planId' => $batch->plan_id,
                        'planName' => $progress->plan->name,
                        'areaId' => $area->id,
                        'areaName' => $area->name,
                        'batchName' => $batch->name,
                        'isDue' => $progress->isBegun(),
                    ];
                }
            }
        }
        usort($told, static fn(array $one, array $other): int => (int) $other['isDue'] <=> (int) $one['isDue']);

        return $told;
    }

    /**
     * The first step that is dry below; the first of all where everything is wet.
     *
     * @param Closure(string, int): ?Opening $opening of a step's coat
     *
     * @return array<string, mixed>|null null when nothing is left, or its plan cannot be read any more
     */
    private static function next(Batch $batch, Tally $tally, Closure $opening, int $now): ?array
    {
        try {
            $steps = BatchSteps::of($batch);
        } catch (Faulty) {
            return null;
        }
        $open = array_intersect_key($steps, array_flip($tally->open()));
        $id = array_key_first($open);
        if ($id === null) {
            return null;
        }
        $of = static fn(int|string $step): ?Opening => $opening((string) $step, $tally->coat((string) $step));
        if (($of($id)->readyAt ?? 0) > $now) {
            $ready = array_filter(array_keys($open), static fn(int|string $step): bool => $of($step)?->isReady($now) === true);
            $id = array_values($ready)[0] ?? $id;
        }
        $next = $open[$id];
        $dryAt = $of($id)->readyAt ?? 0;
        unset($open[$id]);

        return [
            'number' => $next['number'],
            'stepId' => (string) $id,
            'areaName' => $next['areaName'],
            'technique' => $next['label'],
            'mixWords' => $next['mixWords'],
            'mix' => $next['mix'],
            'dilution' => $next['dilution'],
            'coats' => $next['coats'],
            'done' => $tally->doneOn((string) $id),
            'left' => $tally->left((string) $id),
            'look' => $next['look'],
            'readyAt' => $dryAt > $now ? Date::createFromTimestampUTC($dryAt)->toIso8601ZuluString() : null,
            'following' => array_map(static fn(array $one): array => [
                'number' => $one['number'], 'areaName' => $one['areaName'], 'technique' => $one['technique'], 'label' => $one['label'],
                'mixWords' => $one['mixWords'], 'hex' => $one['mix']['colour']['hex'] ?? null,
            ], array_values(array_slice($open, 0, self::FOLLOWING))),
        ];
    }
}
