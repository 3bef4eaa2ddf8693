<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Plan;
use App\Models\Setting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\PrimingWay;
use Kalokroma\Amounts\PrimingWish;

/** By what a plan's undercoat gets onto the models. */
final class PrimingController
{
    public function __invoke(Request $request, string $id): JsonResponse
    {
        $asked = $request->validate([
            'models' => ['nullable', 'integer', 'between:1,'.Amounts::MOST_MODELS],
            'wishes' => ['nullable', 'array', 'max:8'],
            'wishes.*' => [Rule::enum(PrimingWish::class)],
        ], [
            'models.*' => 'Say how many models are primed, as a whole number from 1.',
            'wishes.*' => 'One of what is said to matter is not known.',
        ]);
        $plan = Plan::query()->findOrFail($id);
        $ways = PrimingWay::all(
            $plan->toCore(),
            (int) ($asked['models'] ?? 1),
            array_map(PrimingWish::from(...), array_values($asked['wishes'] ?? [])),
            self::pots($plan),
            Setting::hasAirbrush(),
        );

        return new JsonResponse([
            'wishes' => array_map(
                static fn(PrimingWish $wish): array => ['value' => $wish->value, 'label' => $wish->label()],
                PrimingWish::cases(),
            ),
            'ways' => array_map(static fn(PrimingWay $way): array => [
                'method' => $way->method->value,
                'label' => $way->method->label(),
                'price' => $way->cents,
                'minutes' => $way->minutes,
                'reasons' => $way->reasons,
            ], $ways),
        ]);
    }

    /** @return array<string, array{int, float}> minor units and ml of each paint of the plan that has a price */
    private static function pots(Plan $plan): array
    {
        $pots = [];
        foreach ($plan->products()->get() as $product) {
            if ($product->price > 0 && $product->volume_ml > 0.0) {
                $pots[$product->id] = [$product->price, (float) $product->volume_ml];
            }
        }

        return $pots;
    }
}
