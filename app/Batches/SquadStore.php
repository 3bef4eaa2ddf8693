<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Shelf\OwnedPaints;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Kalokroma\Batch\OwnVariants;
use Kalokroma\Batch\Touch;
use Kalokroma\Batch\Toward;
use Kalokroma\Exchange\DocumentReader;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\SquadFields;
use Kalokroma\Planning\IllegalSquad;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Edit\AddVariant;
use Kalokroma\Recipe\Plan;

/** Who of a batch is painted how. What is painted stays as it was painted. */
final readonly class SquadStore
{
    /**
     * @param list<mixed> $models one entry a model, in their order; a model more or less is one that joins or leaves at the end
     *
     * @throws StaleWrite when it was changed elsewhere
     * @throws ValidationException naming what the plan does not have, and the model that has been painted otherwise
     */
    public function seat(string $id, array $models, int $version): Batch
    {
        return DB::transaction(static function () use ($id, $models, $version): Batch {
            $batch = Batch::query()->with('entries')->findOrFail($id);
            StaleWrite::unlessCurrent('This batch', $version, $batch->version);

            return self::keep($batch, $batch->written(), self::read($models));
        });
    }

    /**
     * Some models a touch otherwise than the others, in one area: a variant that is made for it.
     *
     * @param list<int> $models by number
     *
     * @throws StaleWrite when it was changed elsewhere
     * @throws ValidationException when there is no such area or model, or no pot on the shelf does it
     */
    public function vary(string $id, string $areaId, Toward $toward, float $within, array $models, int $version): Batch
    {
        return DB::transaction(static function () use ($id, $areaId, $toward, $within, $models, $version): Batch {
            $batch = Batch::query()->with('entries')->findOrFail($id);
            StaleWrite::unlessCurrent('This batch', $version, $batch->version);
            $plan = $batch->written();
            $area = $plan->area($areaId) ?? throw ValidationException::withMessages(['area' => 'This batch has no such area. Load it anew.']);
            $touch = Touch::of(Rehearsal::of($plan), $area, $toward, $within, OwnedPaints::now()->paints())
                ?? throw ValidationException::withMessages([
                    'area' => sprintf(
                        'No pot on the shelf makes "%s" a touch %s within %.1f. Allow more, or choose another direction.',
                        $area->name,
                        $toward->value,
                        $within,
                    ),
                ]);
            $variant = OwnVariants::called(strtolower((string) Str::ulid()));
            $varied = (
                new AddVariant($areaId, $variant, sprintf('a touch %s, with %s', $toward->value, $touch->paint->name), $touch->steps)
            )->applyTo($plan);
            $members = array_values(array_map(
                static fn(Member $one): Member => in_array($one->number, $models, true) ? new Member(
                    $one->number,
                    $one->name,
                    $one->role,
                    [...$one->ways, $areaId => $variant],
                    array_values(array_diff($one->without, [$areaId])),
                ) : $one,
                $batch->painted()->squad->members,
            ));

            return self::keep($batch, $varied, $members);
        });
    }

    /**
     * As a batch is begun with them.
     *
     * @param list<mixed> $models
     *
     * @return list<array<string, mixed>>|null as they are kept
     *
     * @throws ValidationException naming what the plan does not have
     */
    public static function fields(Plan $plan, array $models): ?array
    {
        return SquadFields::write(self::squad($plan, self::read($models)));
    }

    /**
     * @param list<Member> $members
     *
     * @throws ValidationException
     */
    private static function keep(Batch $batch, Plan $plan, array $members): Batch
    {
        $squad = self::squad($plan, $members);
        $plan = OwnVariants::tidied($plan, $squad);
        $then = SquadPlan::of($plan, $squad);
        self::mustKeepWhatIsPainted($batch, $then);
        $batch->update([
            'squad' => SquadFields::write($squad),
            'models' => $squad->count(),
            'document' => PlanDocument::of($batch->document)->saying($plan)->fields,
            'skipped' => array_values(array_filter($batch->skipped ?? [], static fn(string $step): bool => $then->plan->step($step) !== null))
                ?: null,
            'version' => $batch->version + 1,
        ]);

        return $batch;
    }

    /**
     * @param list<mixed> $models
     *
     * @return list<Member>
     *
     * @throws ValidationException with every fault and its field
     */
    private static function read(array $models): array
    {
        $in = DocumentReader::of(['squad' => $models]);
        $members = SquadFields::read($in, 'squad', Batch::MOST_MODELS);
        try {
            $in->mustBeSound();
        } catch (Faulty $faulty) {
            throw ValidationException::withMessages(array_combine(
                array_column($faulty->faults, 'field'),
                array_column($faulty->faults, 'message'),
            ));
        }

        return $members;
    }

    /**
     * @param list<Member> $members
     *
     * @throws ValidationException
     */
    private static function squad(Plan $plan, array $members): Squad
    {
        try {
            return Squad::by($plan, $members);
        } catch (IllegalSquad $illegal) {
            throw ValidationException::withMessages([$illegal->field => $illegal->getMessage()]);
        }
    }

    /** @throws ValidationException naming the first model that has something it would not get any more */
    private static function mustKeepWhatIsPainted(Batch $batch, SquadPlan $then): void
    {
        $kept = $batch->core()->keepsFrom($then);
        if ($kept === null) {
            return;
        }
        $words = "Model {$kept['model']} has \"{$kept['pass']->words()}\" already";
        throw ValidationException::withMessages($kept['model'] > $then->count()
            ? ['models' => "$words, so the batch has at least {$kept['model']} models. Take that record back first."]
            : ['squad.'.($kept['model'] - 1) => "$words and keeps it. Take that record back first, then it can be painted otherwise."]);
    }
}
