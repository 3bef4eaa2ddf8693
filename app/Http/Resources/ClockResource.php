<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Evenings\Desk;
use DateTimeImmutable;
use Kalokroma\Schedule\DryClock;

/** What dries on the desk. */
final class ClockResource
{
    /** What has dried within the last ten minutes is still told. */
    private const JUST_DRY = 600;

    /** @return list<array<string, mixed>> the soonest dry first */
    public static function all(Desk $desk, DateTimeImmutable $now): array
    {
        $clock = static fn(int $time): string => (new DateTimeImmutable("@$time"))->setTimezone($desk->zone)->format('Y-m-d\TH:i:sP');

        return array_map(static fn(DryClock $one): array => [
            'batchId' => $desk->batches[$one->job]->id,
            'batchName' => $desk->batches[$one->job]->name,
            'stepId' => $one->pass->step->id,
            'areaName' => $one->pass->where(),
            'label' => $one->pass->step->technique->label,
            'coat' => $one->coat,
            'coats' => $one->pass->step->coats,
            'models' => $one->models,
            'kind' => $one->kind->value,
            'ready' => $one->kind->ready(),
            'since' => $clock($one->since),
            'until' => $clock($one->until),
            'nextStepId' => $one->next->step->id,
            'nextLabel' => $one->next->step->technique->label,
            'hex' => $one->pass->step->mix?->isClear() === false ? $one->pass->step->mix->colour()->toSrgb()->hex() : null,
        ], array_values(array_filter(
            DryClock::all($desk->work()),
            static fn(DryClock $one): bool => $one->until > $now->getTimestamp() - self::JUST_DRY,
        )));
    }
}
