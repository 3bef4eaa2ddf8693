<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Batch;
use App\Models\Plan;
use App\Models\Setting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Schedule\BatchSplit;
use Kalokroma\Schedule\Filler;
use Kalokroma\Schedule\RoundTrip;

/** How many models at once: where one waits for paint, with how many nobody does, and what a batch takes all at once or split. */
final class RoundTripController
{
    public function __invoke(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(
            ['models' => ['required', 'integer', 'between:1,'.Batch::MOST_MODELS]],
            ['models.*' => 'A batch has 1 to '.Batch::MOST_MODELS.' models. Split a larger one.'],
        );
        $models = (int) $wish['models'];
        $rehearsal = Rehearsal::of(Plan::query()->findOrFail($id)->toCore());
        $room = Setting::room();
        $trips = array_map(static fn(Pass $pass): RoundTrip => RoundTrip::of($rehearsal, $pass, $room), $rehearsal->order()->passes);

        return new JsonResponse([
            'models' => $models,
            'passes' => array_map(static fn(RoundTrip $trip): array => [
                'stepId' => $trip->pass->step->id,
                'areaName' => $trip->pass->where(),
                'label' => $trip->pass->step->technique->label,
                'minutesPerModel' => round($trip->minutesPerModel, 1),
                'dryMinutes' => $trip->dryMinutes,
                'waitMinutes' => round($trip->wait($models), 1),
                'smallest' => $trip->smallest(),
                'fills' => array_map(
                    static fn(Pass $pass): string => $pass->words(),
                    Filler::of($rehearsal, $trip->pass, $trip->wait($models), $models),
                ),
            ], array_values(array_filter($trips, static fn(RoundTrip $trip): bool => $trip->wait($models) > 0.0))),
            'splits' => array_map(static fn(BatchSplit $split): array => [
                'size' => $split->size,
                'count' => $split->count,
                'minutes' => (int) round($split->minutes),
                'waitMinutes' => (int) round($split->waitMinutes),
            ], BatchSplit::of($rehearsal->plan, $models, $room)),
        ]);
    }
}
