<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\StripResource;
use App\Models\Plan;
use App\Models\Setting;
use App\Plans\PlanView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kalokroma\Exchange\StepWriter;
use Kalokroma\Recipe\Step;
use Kalokroma\Writing\Practice;

/** Where a technique could be practised in a plan, and how the area would look then. */
final class PracticeController
{
    public function __invoke(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(['technique' => ['required', 'string', 'max:40']], ['technique.required' => 'Say what you want to practise.']);
        $technique = Setting::book()->technique($wish['technique'])
            ?? throw ValidationException::withMessages(['technique' => 'There is no such technique. Choose one of the list.']);
        $view = PlanView::of(Plan::query()->findOrFail($id));

        return new JsonResponse([
            'technique' => $technique->id,
            'label' => $technique->label,
            'places' => array_map(static fn(Practice $one): array => [
                'areaId' => $one->area->id,
                'areaName' => $one->area->name,
                'instead' => $one->instead?->technique->label,
                'stepId' => $one->step->id,
                'words' => $one->step->words(),
                'steps' => array_map(static fn(Step $step): array => StepWriter::write($step), $one->area->steps),
                'strip' => StripResource::of($one->strip, $one->area->importance),
                'against' => array_column($one->against, 'words'),
                'minutes' => round($one->minutes, 1),
            ], Practice::of($view->rehearsal, $technique, $view->shelf(), Setting::paces())),
        ]);
    }
}
