<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\Slip;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Slipped;
use Kalokroma\Planning\TouchUp;

/** The queue of touch-ups: what slipped, the exact mix, when it is best put right, and what each way of doing it costs. */
final class SlipResource
{
    /** @return list<array<string, mixed>> what is to be put right, the mended last */
    public static function of(Batch $batch, Progress $progress): array
    {
        $told = [];
        foreach (Slip::query()->where('batch_id', $batch->id)->orderByRaw('mended_at is not null')->orderBy('slipped_at')->get() as $slip) {
            $pass = $progress->pass($slip->step_id);
            if ($pass === null) {
                continue;
            }
            $touchUp = TouchUp::of($progress, $pass, count($slip->models), Slipped::from($slip->kind));
            $told[] = [
                'id' => $slip->id,
                'stepId' => $slip->step_id,
                'areaName' => $pass->where(),
                'kind' => $slip->kind,
                'kindLabel' => Slipped::from($slip->kind)->label(),
                'models' => $slip->models,
                'note' => $slip->note,
                'mix' => MixResource::maybe($pass->step->mix),
                'words' => $pass->step->words(),
                'dilution' => $pass->step->dilution->words(),
                'drops' => DropsResource::of($pass->step),
                'when' => $touchUp->when(),
                'isNow' => $touchUp->after === null,
                'ways' => $touchUp->ways,
                'isMended' => $slip->mended_at !== null,
                'version' => $slip->version,
            ];
        }

        return $told;
    }
}
