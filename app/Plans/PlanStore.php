<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\ProductPaints;
use App\Models\Setting;
use App\Shelf\OwnedPaints;
use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Kalokroma\Exchange\EditReader;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Recipe\Edit\AddArea;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan as CorePlan;

/**
 * Keeps plans and every state they were in.
 */
final class PlanStore
{
    /** States kept of one plan. */
    private const MOST_REVISIONS = 200;

    /**
     * @param array<mixed> $document
     *
     * @throws \Kalokroma\Exchange\Faulty when it is no sound plan
     */
    public function create(array $document): Plan
    {
        return DB::transaction(function () use ($document): Plan {
            $plan = new Plan;
            $this->put($plan, $this->sound($document), 1);

            return $plan;
        });
    }

    /**
     * @param array<mixed> $document without areas
     * @param array<string, string> $areas names by id
     *
     * @throws Faulty when it is no sound plan
     */
    public function begin(array $document, array $areas): Plan
    {
        return DB::transaction(function () use ($document, $areas): Plan {
            $plan = PlanDocument::of($document)->plan(ProductPaints::forDocument($document));
            foreach ($areas as $id => $name) {
                $plan = self::applied(new AddArea($id, $name), $plan);
            }

            return $this->create(PlanDocument::ofPlan($plan)->fields);
        });
    }

    /**
     * @param array<mixed> $edit as it is sent (EditReader)
     * @param int $version the one the change was made on
     *
     * @throws Faulty when there is no such edit, or the plan would not stand afterwards
     * @throws StaleWrite when it was changed elsewhere
     */
    public function edit(string $id, array $edit, int $version): Plan
    {
        return DB::transaction(function () use ($id, $edit, $version): Plan {
            return $this->save($id, $this->edited(Plan::query()->findOrFail($id), $edit, $version), $version);
        });
    }

    /**
     * The document as it would be after an edit.
     *
     * @param array<mixed> $edit as it is sent (EditReader)
     *
     * @return array<mixed>
     *
     * @throws Faulty when there is no such edit, or the plan would not stand afterwards
     * @throws StaleWrite when it was changed elsewhere
     */
    public function edited(Plan $plan, array $edit, int $version): array
    {
        StaleWrite::unlessCurrent('This plan', $version, $plan->version);
        // Only a mend reaches for the shelf.
        $shelf = ($edit['do'] ?? null) === 'mend' ? OwnedPaints::now()->shelf() : null;
        $change = EditReader::read($edit, ProductPaints::forDocument($edit), Setting::book(), $shelf);

        return PlanDocument::of($plan->document)->saying(self::applied($change, $plan->toCore()))->fields;
    }

    /**
     * @param array<mixed> $document
     * @param int $version the one the change was made on
     *
     * @throws \Kalokroma\Exchange\Faulty when it is no sound plan
     * @throws StaleWrite when it was changed elsewhere
     */
    public function save(string $id, array $document, int $version): Plan
    {
        return DB::transaction(function () use ($id, $document, $version): Plan {
            $plan = Plan::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This plan', $version, $plan->version);
            $sound = $this->sound($document);
            if ($sound === $plan->document) {
                return $plan;
            }
            $plan->revisions()->where('number', '>', $plan->revision)->delete();
            $this->put($plan, $sound, $plan->revision + 1);
            $plan->revisions()->where('number', '<=', $plan->revision - self::MOST_REVISIONS)->delete();

            return $plan;
        });
    }

    /**
     * @param int $version that is to be taken back: when the plan has gone on since, nothing is
     *
     * @throws Refused when there is nothing to go back to
     * @throws StaleWrite when it was changed since
     */
    public function undo(string $id, int $version): Plan
    {
        return $this->go($id, $version, -1, 'There is nothing left to undo.');
    }

    /**
     * @throws Refused when nothing was undone
     * @throws StaleWrite when it was changed since
     */
    public function redo(string $id, int $version): Plan
    {
        return $this->go($id, $version, 1, 'There is nothing to redo.');
    }

    public function duplicate(string $id): Plan
    {
        $document = Plan::query()->findOrFail($id)->document;
        $document['name'] = Str::limit((is_string($document['name'] ?? null) ? $document['name'] : '').' (copy)', 117);

        return $this->create($document);
    }

    public function delete(string $id): void
    {
        DB::transaction(static function () use ($id): void {
            $plan = Plan::query()->findOrFail($id);
            $plan->products()->detach();
            $plan->delete();
        });
    }

    public function restore(string $id): Plan
    {
        return DB::transaction(function () use ($id): Plan {
            $plan = Plan::onlyTrashed()->findOrFail($id);
            $plan->restore();
            $this->notePaints($plan);

            return $plan;
        });
    }

    private function go(string $id, int $version, int $step, string $nothing): Plan
    {
        return DB::transaction(function () use ($id, $version, $step, $nothing): Plan {
            $plan = Plan::query()->findOrFail($id);
            StaleWrite::unlessStillNewest('The plan', $version, $plan->version);
            $revision = $plan->revisions()->where('number', $plan->revision + $step)->first() ?? throw Refused::at('revision', $nothing);
            $plan->fill([
                'document' => $revision->document,
                'name' => $revision->document['name'],
                'revision' => $revision->number,
                'version' => $plan->version + 1,
            ])->save();
            $this->notePaints($plan);

            return $plan;
        });
    }

    /** @param array<string, mixed> $document */
    private function put(Plan $plan, array $document, int $revision): void
    {
        $plan->fill([
            'name' => $document['name'],
            'document' => $document,
            'revision' => $revision,
            'version' => $plan->exists ? $plan->version + 1 : 1,
        ])->save();
        $plan->revisions()->create(['number' => $revision, 'document' => $document]);
        $this->notePaints($plan);
    }

    /**
     * The document without its paints: those are the catalogue's.
     *
     * @param array<mixed> $document
     *
     * @return array<string, mixed>
     */
    private function sound(array $document): array
    {
        $sound = PlanDocument::of($document)->tidied(ProductPaints::forDocument($document))->fields;
        unset($sound['paints']);

        return $sound;
    }

    /** @throws Faulty */
    private static function applied(Edit $edit, CorePlan $plan): CorePlan
    {
        try {
            return $edit->applyTo($plan);
        } catch (IllegalPlan $illegal) {
            throw Faulty::field($illegal->field, $illegal->getMessage());
        }
    }

    private function notePaints(Plan $plan): void
    {
        $plan->products()->sync(array_keys($plan->toCore()->paints()));
    }
}
