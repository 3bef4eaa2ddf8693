<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\Plan;
use App\Models\Setting;
use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Batch\OwnVariants;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\SquadFields;
use Kalokroma\Planning\FixedOrder;
use Kalokroma\Planning\Pass;

/**
 * Begins batches and keeps the plan they are painted by.
 */
final class BatchStore
{
    /**
     * @param list<mixed>|null $squad what is said of its models, one entry each; null: nothing
     *
     * @throws ValidationException when there is no such plan, or it does not have what is said of a model
     */
    public function begin(string $planId, string $name, int $models, string $startsOn, ?array $squad = null): Batch
    {
        return DB::transaction(static function () use ($planId, $name, $models, $startsOn, $squad): Batch {
            $plan = Plan::query()->find($planId)
                ?? throw ValidationException::withMessages(['planId' => 'This plan is not here. Choose one from the list.']);

            return Batch::query()->create([
                'plan_id' => $plan->id,
                'name' => $name,
                'models' => $models,
                'starts_on' => $startsOn,
                'document' => $plan->written()->saying(FixedOrder::of($plan->toCore()))->fields,
                'plan_version' => $plan->version,
                'habits' => Setting::habits(),
                'squad' => $squad === null ? null : SquadStore::fields($plan->toCore(), $squad),
            ]);
        });
    }

    /**
     * @param int $version the one the change was made on
     *
     * @throws StaleWrite when it was changed elsewhere
     * @throws ValidationException when more models are done already than it would have
     */
    public function change(string $id, string $name, int $models, string $startsOn, int $version): Batch
    {
        return DB::transaction(static function () use ($id, $name, $models, $startsOn, $version): Batch {
            $batch = Batch::query()->with('entries')->findOrFail($id);
            StaleWrite::unlessCurrent('This batch', $version, $batch->version);
            $done = $batch->progress()->record()->furthest();
            if ($models < $done) {
                throw ValidationException::withMessages([
                    'models' => "Something is painted on $done models already, so the batch has at least that many.",
                ]);
            }
            $batch->update(['name' => $name, 'models' => $models, 'starts_on' => $startsOn, 'version' => $version + 1]);

            return $batch;
        });
    }

    /**
     * Takes the plan as it is now, for what is still to do. What was done stays in the log.
     *
     * @throws Refused when the plan is gone
     */
    public function refresh(string $id): Batch
    {
        return DB::transaction(static function () use ($id): Batch {
            $batch = Batch::query()->with(['plan', 'entries'])->findOrFail($id);
            $plan = $batch->plan ?? throw Refused::at('planId', 'The plan of this batch was deleted. The batch keeps it as it was.');
            $progress = $batch->progress();
            $begun = array_filter(
                array_map(static fn(Pass $pass): string => $pass->step->id, $progress->passes),
                static fn(string $step): bool => $progress->doneOn($step) > 0,
            );
            $newer = FixedOrder::keeping(OwnVariants::carried($batch->written(), $plan->toCore()), array_values($begun));
            $batch->update([
                'document' => $plan->written()->saying($newer)->fields,
                'plan_version' => $plan->version,
                'habits' => Setting::habits(),
                'squad' => SquadFields::write($batch->squad()->knownTo($newer)),
                'version' => $batch->version + 1,
            ]);

            return $batch;
        });
    }

    /**
     * What part it has in the evenings: whether it rests, and which steps are left out for now.
     *
     * @param list<string> $skipped ids of steps
     *
     * @throws StaleWrite when it was changed elsewhere
     * @throws ValidationException when it has no such step
     */
    public function share(string $id, bool $rests, array $skipped, int $version): Batch
    {
        return DB::transaction(static function () use ($id, $rests, $skipped, $version): Batch {
            $batch = Batch::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This batch', $version, $batch->version);
            $plan = $batch->toCore();
            foreach ($skipped as $at => $step) {
                $plan->step($step)
                    ?? throw ValidationException::withMessages(["skipped.$at" => 'This batch has no such step. Load the batch anew.']);
            }
            $batch->update(['rests' => $rests, 'skipped' => $skipped === [] ? null : $skipped, 'version' => $version + 1]);

            return $batch;
        });
    }

    /**
     * The same once more: the plan as that batch painted it, with the mixes, thinning and coats of the last time each step was done.
     *
     * @throws Refused when the batch has no plan as it was painted any more
     */
    public function repeat(string $id, string $name, int $models, string $startsOn): Batch
    {
        return DB::transaction(static function () use ($id, $name, $models, $startsOn): Batch {
            $was = Batch::withTrashed()->with('entries')->findOrFail($id);
            $plan = $was->core()->asDone($was->paints()->find(...));

            return Batch::query()->create([
                'plan_id' => $was->plan_id,
                'name' => $name,
                'models' => $models,
                'starts_on' => $startsOn,
                'document' => PlanDocument::of($was->document)->saying(FixedOrder::of($plan))->fields,
                'plan_version' => $was->plan_version,
                'habits' => $was->habits,
                'skipped' => $was->skipped,
                'squad' => $was->squad === null ? null : array_slice($was->squad, 0, $models),
            ]);
        });
    }
}
