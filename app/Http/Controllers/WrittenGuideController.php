<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Batch;
use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Kalokroma\Writing\Guide\WrittenGuide;

/** A plan told to others: as text, or as captions with the times of a batch or those that are reckoned. */
final class WrittenGuideController
{
    private const TYPES = ['md' => 'text/markdown', 'srt' => 'application/x-subrip', 'vtt' => 'text/vtt'];

    public function __invoke(Request $request, string $id): Response
    {
        /** @var array{as: 'md'|'srt'|'vtt', batch?: string|null} $wish */
        $wish = $request->validate(['as' => ['required', 'in:md,srt,vtt'], 'batch' => ['nullable', 'string', 'max:40']]);
        $plan = Plan::query()->findOrFail($id);
        $view = PlanView::of($plan);
        $guide = WrittenGuide::of($view->plan);
        $minutes = ($wish['batch'] ?? null) === null ? [] : self::minutes(Batch::query()->where('plan_id', $plan->id)->findOrFail($wish['batch']));
        $text = match ($wish['as']) {
            'md' => $guide->text(),
            'srt' => $guide->subRip($view->rehearsal, $minutes),
            'vtt' => $guide->webVtt($view->rehearsal, $minutes),
        };
        $name = Str::slug($plan->name) ?: 'plan';

        return new Response(
            $text,
            200,
            ['Content-Type' => self::TYPES[$wish['as']].'; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"$name.$wish[as]\""],
        );
    }

    /** @return array<string, float> that were recorded, by step id */
    private static function minutes(Batch $batch): array
    {
        $minutes = [];
        foreach ($batch->entries as $entry) {
            if ($entry->minutes !== null) {
                $minutes[$entry->step_id] = ($minutes[$entry->step_id] ?? 0.0) + (float) $entry->minutes;
            }
        }

        return $minutes;
    }
}
