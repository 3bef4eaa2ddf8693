<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Support\Kept;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;

/**
 * What each step of a batch is and leaves, in painting order: kept beside the batch, as reading its plan takes longer than all the rest of
 * a page.
 */
final class BatchSteps
{
    /**
     * @return array<string, array{
     *     number: int, areaName: string, technique: string, label: string, coats: int, mixWords: string, dilution: string,
     *     mix: array<string, mixed>|null, look: array<string, mixed>|null,
     * }> by step id
     *
     * @throws \Kalokroma\Exchange\Faulty when its plan cannot be read any more
     */
    public static function of(Batch $batch): array
    {
        return Kept::now()->of('steps', [$batch->standing()], static function () use ($batch): array {
            $told = [];
            foreach ($batch->painted()->passes() as $pass) {
                $told[$pass->step->id] = self::step($batch->painted()->rehearsalAt($pass), $pass);
            }

            return $told;
        });
    }

    /**
     * @return array{number: int, areaName: string, technique: string, label: string, coats: int, mixWords: string, dilution: string, mix: array<string, mixed>|null,
     *     look: array<string, mixed>|null}
     */
    private static function step(Rehearsal $rehearsal, Pass $pass): array
    {
        $stage = $rehearsal->stage($pass->step->id);

        return [
            'number' => $pass->number,
            'areaName' => $pass->where(),
            'technique' => $pass->step->technique->id,
            'label' => $pass->step->technique->label,
            'coats' => $pass->step->coats,
            'mixWords' => $pass->step->words(),
            'dilution' => $pass->step->dilution->words(),
            'mix' => MixResource::maybe($pass->step->mix),
            'look' => $stage === null ? null : StripResource::look($stage->look),
        ];
    }
}
