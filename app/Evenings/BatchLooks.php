<?php

declare(strict_types=1);

namespace App\Evenings;

use App\Models\Batch;
use App\Support\Kept;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;

/**
 * What each step of a batch leaves, as five colours from recess to edge; kept beside the batch, as working it out takes longer than all the
 * rest of an evening.
 */
final class BatchLooks
{
    /** @return array<string, list<string>> #hex by step id; none for steps that leave no look */
    public static function of(Batch $batch): array
    {
        return Kept::now()->of('looks', [$batch->standing()], static function () use ($batch): array {
            $looks = [];
            foreach ($batch->painted()->passes() as $pass) {
                $looks[$pass->step->id] = self::zones($batch->painted()->rehearsalAt($pass), $pass);
            }

            return $looks;
        });
    }

    /** @return list<string> */
    private static function zones(Rehearsal $rehearsal, Pass $pass): array
    {
        $look = $rehearsal->stage($pass->step->id)?->look;

        return $look === null ? [] : array_map(static fn(Zone $zone): string => $look->at($zone)->toSrgb()->hex(), Zone::cases());
    }
}
