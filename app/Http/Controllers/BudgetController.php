<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\WishedSquad;
use App\Models\Plan;
use App\Models\Setting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Batch\Budget;
use Kalokroma\Craft\Zone;
use Kalokroma\Simulation\Look;

/** So many hours for so many models: where they go, and what is left out so that they do. */
final class BudgetController
{
    private const MOST_MINUTES = 60000;

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(
            ['minutes' => ['nullable', 'integer', 'between:10,'.self::MOST_MINUTES]],
            ['minutes.*' => 'Say how much time there is, from ten minutes to a thousand hours.'],
        );
        $squad = WishedSquad::of($request, Plan::query()->findOrFail($id)->toCore());
        $budget = Budget::of(
            $squad,
            isset($wish['minutes']) ? (float) $wish['minutes'] : INF,
            Setting::paces(),
        );

        return new JsonResponse([
            'models' => $squad->count(),
            'minutes' => (int) round($budget->minutes),
            'inAll' => (int) round($budget->inAll),
            'fits' => $budget->fits,
            'leaveOut' => array_map(static fn(array $one): array => [
                'stepId' => $one['pass']->step->id,
                'areaName' => $one['pass']->where(),
                'label' => $one['pass']->step->technique->label,
                'minutes' => (int) round($one['minutes']),
            ], $budget->leftOut),
            'areas' => array_map(static fn(array $one): array => [
                'id' => $one['area']?->id,
                'name' => $one['area']->name ?? 'Primer and whole model',
                'minutes' => (int) round($one['minutes']),
                'before' => self::zones($one['before']),
                'after' => self::zones($one['after']),
                'loses' => round($one['loses'], 1),
            ], $budget->areas),
        ]);
    }

    /** @return list<string> sRGB from recess to edge */
    private static function zones(?Look $look): array
    {
        return $look === null ? [] : array_map(static fn(Zone $zone): string => $look->at($zone)->toSrgb()->hex(), Zone::cases());
    }
}
