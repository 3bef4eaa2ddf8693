<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\Setting;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Craft\Technique;
use Kalokroma\Learning\DryLesson;
use Kalokroma\Planning\Rehearsal;
use Psr\Clock\ClockInterface;

/** Notes how long something really took to dry, beside what was reckoned in this room. */
final readonly class DryLook
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param string $id said twice it counts once
     * @param int|null $minutes it took; null when it has just been found dry
     *
     * @throws ValidationException when nothing of this step was recorded, or nothing takes so long
     */
    public function isDry(string $id, string $batchId, string $stepId, ?int $minutes): void
    {
        DB::transaction(function () use ($id, $batchId, $stepId, $minutes): void {
            $batch = Batch::query()->findOrFail($batchId);
            $entry = LogEntry::query()->where('batch_id', $batch->id)->where('step_id', $stepId)->orderByDesc('done_at')->first();
            $pass = Rehearsal::of($batch->toCore())->order()->pass($stepId);
            if ($entry === null || $pass === null) {
                throw ValidationException::withMessages(['stepId' => 'Nothing of this step was recorded yet, so nothing of it dries.']);
            }
            $really = $minutes ?? max(1, intdiv($this->clock->now()->getTimestamp() - $entry->done_at->getTimestamp(), 60));
            // Held against the tables, with the air of the room taken out: what is learned holds in any weather.
            $table = (float) Technique::of($pass->step->technique->id)->dryMinutes;
            $reckoned = max(1.0, $table * Setting::room()->forWater());
            if (! DryLesson::teaches($reckoned, (float) $really)) {
                // Found dry the day after says nothing of how long it took; a number that was typed is answered.
                $minutes === null
                    || throw ValidationException::withMessages([
                        'minutes' => sprintf(
                            'About %d minutes are reckoned here; say one from %d to %d.',
                            $reckoned,
                            ceil(DryLesson::LEAST_RATIO * $reckoned),
                            floor(DryLesson::MOST_RATIO * $reckoned),
                        ),
                    ]);

                return;
            }
            DB::table('dry_readings')->insertOrIgnore([
                'id' => $id,
                'technique' => $pass->step->technique->id,
                'reckoned_minutes' => $reckoned,
                'really_minutes' => (float) $really,
                'created_at' => Date::now(),
                'updated_at' => Date::now(),
            ]);
        });
    }
}
