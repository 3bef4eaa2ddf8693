<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Setting;
use App\Models\Used;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Planning\Progress;

/** What an entry of the logbook takes from the pots. */
final class Spending
{
    /** @return array<string, float> ml by paint id; nothing for a step the plan has lost since */
    public static function of(Progress $progress, string $stepId, Used $used, int $models, ?int $coat): array
    {
        $step = $progress->plan->step($stepId);
        if ($step === null) {
            return [];
        }
        // Coats that were recorded by themselves are paid for already.
        $laid = 0;
        while ($coat === null && $laid < $step->coats - 1 && $progress->record->on($stepId, $laid + 1) >= $progress->doneOn($stepId) + $models) {
            $laid++;
        }

        return Amounts::of($progress->plan, $progress->models, Setting::measures())->spent(
            $step,
            $progress->plan->find($stepId)[0] ?? null,
            $used->mix,
            $used->dilution,
            $coat === null ? max(1, $used->coats - $laid) : 1,
            $models,
        );
    }
}
