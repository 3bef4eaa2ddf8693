<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Progress;
use App\Batches\Tally;
use App\Models\Batch;
use App\Models\Product;
use App\Plans\Strips;
use Illuminate\Http\Request;
use Kalokroma\Matching\PotLevel;
use Kalokroma\Planning\Pass;

/** The bench: batches with the step that comes next, and pots that run low. */
final class BenchResource
{
    /** Passes shown after the next one, so that their paints can be fetched together. */
    private const FOLLOWING = 5;

    /**
     * @param array<array{Batch, Tally, Progress|null}> $batches
     * @param array<Product> $owned
     *
     * @return array<string, mixed>
     */
    public static function of(array $batches, array $owned, Request $request): array
    {
        $low = array_filter($owned, static fn(Product $one): bool => PotLevel::of($one->pot->pots ?? 0, $one->pot->remaining_ml ?? 0.0, $one->volume_ml) === PotLevel::Low);

        return [
            'batches' => array_values(array_map(static fn(array $one): array => [
                ...BatchBrief::of($one[0], $one[1]),
                'next' => $one[2] === null ? null : self::next($one[2]),
            ], $batches)),
            'low' => PaintResource::collection(array_values($low))->resolve($request),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function next(Progress $progress): ?array
    {
        $next = $progress->next();
        if ($next === null) {
            return null;
        }
        $stage = (new Strips($progress->plan))->stage($next->step->id);

        return [
            'number' => $next->number,
            'stepId' => $next->step->id,
            'areaName' => $next->area->name ?? 'Whole model',
            'technique' => $next->step->technique->label(),
            'mixWords' => $next->step->mix?->words() ?? 'no paint chosen yet',
            'mix' => $next->step->mix === null ? null : MixResource::of($next->step->mix),
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
            'technique' => $pass->step->technique->value,
            'label' => $pass->step->technique->label(),
            'mixWords' => $pass->step->mix?->words() ?? 'no paint chosen yet',
            'hex' => $pass->step->mix?->colour()->toSrgb()->hex(),
        ];
    }
}
