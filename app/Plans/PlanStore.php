<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\FieldsAt;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Recipe\Edit\AddArea;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\ShareArea;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan as CorePlan;

/**
 * Keeps plans and every state they were in.
 */
final class PlanStore
{
    /** Bytes of a document: with what goes around it, as much as a request may have that saves it again. */
    private const MOST_BYTES = 1_000_000;

    /** States kept of one plan. */
    private const MOST_REVISIONS = 200;

    /**
     * @param array<mixed> $document
     *
     * @throws Faulty when it is no sound plan
     */
    public function create(array $document): KeptPlan
    {
        return DB::transaction(fn(): KeptPlan => $this->put(new Plan, self::loosened(PlanView::ofDocument($document)->tidied()), 1));
    }

    /**
     * @param array<mixed> $document without areas
     * @param array<string, string> $areas names by id
     *
     * @throws Faulty when it is no sound plan
     */
    public function begin(array $document, array $areas): KeptPlan
    {
        return DB::transaction(function () use ($document, $areas): KeptPlan {
            $view = PlanView::ofDocument($document);
            $plan = $view->plan;
            foreach ($areas as $id => $name) {
                $plan = self::applied(new AddArea($id, $name), $plan);
            }

            return $this->put(new Plan, $view->saying($plan), 1);
        });
    }

    /**
     * @param array<mixed> $edit as it is sent (EditReader), or `set` with fields at a place (FieldsAt)
     * @param int $version the one the change was made on
     * @param array<mixed>|null $was what it touches, as it was: when that is still so it does not matter that something else was changed
     *
     * @throws Faulty when there is no such edit, or the plan would not stand afterwards
     * @throws StaleWrite when it was changed elsewhere
     */
    public function edit(string $id, array $edit, int $version, ?array $was = null): KeptPlan
    {
        return DB::transaction(function () use ($id, $edit, $version, $was): KeptPlan {
            $plan = Plan::query()->findOrFail($id);

            return $this->keep($plan, $this->edited($plan, $edit, $version, $was));
        });
    }

    /**
     * The plan as it would be after an edit.
     *
     * @param array<mixed> $edit as it is sent (EditReader), or `set` with fields at a place (FieldsAt)
     * @param array<mixed>|null $was what it touches, as it was
     *
     * @throws Faulty when there is no such edit, or the plan would not stand afterwards
     * @throws StaleWrite when it was changed elsewhere
     */
    public function edited(Plan $plan, array $edit, int $version, ?array $was = null): PlanView
    {
        $document = PlanDocument::of($plan->document);
        self::unlessTouched($document, $was, $version, $plan->version);
        if (($edit['do'] ?? null) === 'set') {
            return PlanView::ofDocument(FieldsAt::read($edit)->laidOn($document)->fields)->tidied();
        }
        $edit = RecipeLibrary::filled($edit);
        $before = PlanView::withPaintsOf($plan, $edit);

        return $before->saying(self::applied($before->edit($edit), $before->plan));
    }

    /**
     * @param int $version that is to be taken back: when the plan has gone on since, nothing is
     *
     * @throws Refused when there is nothing to go back to
     * @throws StaleWrite when it was changed since
     */
    public function undo(string $id, int $version): KeptPlan
    {
        return $this->go($id, $version, -1, 'There is nothing left to undo.');
    }

    /**
     * @throws Refused when nothing was undone
     * @throws StaleWrite when it was changed since
     */
    public function redo(string $id, int $version): KeptPlan
    {
        return $this->go($id, $version, 1, 'There is nothing to redo.');
    }

    /**
     * The recipe of an area becomes one that others may share.
     *
     * @param array{name: string, tags: list<string>} $told
     *
     * @throws Faulty when the area has no recipe
     * @throws StaleWrite when the plan was changed elsewhere
     */
    public function share(string $id, string $areaId, array $told, int $version): KeptPlan
    {
        return DB::transaction(function () use ($id, $areaId, $told, $version): KeptPlan {
            $plan = Plan::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This plan', $version, $plan->version);
            $view = PlanView::of($plan);
            $recipe = RecipeLibrary::add(
                $view->plan->area($areaId) ?? throw Faulty::field('area', 'This area is not in the plan any more.'),
                $told,
            );

            return $this->keepOne($plan, $view->saying(self::applied(new ShareArea($areaId, $recipe->id), $view->plan)));
        });
    }

    public function duplicate(string $id): KeptPlan
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

    public function restore(string $id): KeptPlan
    {
        return DB::transaction(function () use ($id): KeptPlan {
            $plan = Plan::onlyTrashed()->findOrFail($id);
            $plan->restore();
            $kept = KeptPlan::of($plan);
            $loosened = self::loosened($kept->view);

            return $loosened === $kept->view ? self::notingPaints($kept) : $this->put($plan, $loosened, $plan->revision + 1);
        });
    }

    private function go(string $id, int $version, int $step, string $nothing): KeptPlan
    {
        return DB::transaction(function () use ($id, $version, $step, $nothing): KeptPlan {
            $plan = Plan::query()->findOrFail($id);
            StaleWrite::unlessStillNewest('The plan', $version, $plan->version);
            $revision = $plan->revisions()->where('number', $plan->revision + $step)->first() ?? throw Refused::at('revision', $nothing);
            $before = self::sharesAny($plan->document) || self::sharesAny($revision->document) ? $plan->toCore() : null;
            $plan->fill([
                'document' => $revision->document,
                'name' => $revision->document['name'],
                'revision' => $revision->number,
                'version' => $plan->version + 1,
            ])->save();
            $kept = KeptPlan::of($plan);
            if ($before !== null) {
                [$view, $shared] = SharedRecipes::settle(static fn(): CorePlan => $before, $kept->view);
                $kept = $view === $kept->view ? $kept : $this->inPlaceOf($plan, $view);
                $shared->spread($plan, $this->keepShared(...));
            }

            return self::notingPaints($kept);
        });
    }

    /**
     * @param array<mixed>|null $was
     *
     * @throws StaleWrite with what is touched as it is now
     */
    private static function unlessTouched(PlanDocument $document, ?array $was, int $version, int $present): void
    {
        $touched = array_map(static fn(mixed $one): FieldsAt => FieldsAt::read(is_array($one) ? $one : []), $was ?? []);
        $changed = array_values(array_filter($touched, static fn(FieldsAt $one): bool => ! $one->areIn($document)));
        if ($was === null || $changed !== []) {
            StaleWrite::unlessCurrent(
                'This plan',
                $version,
                $present,
                array_map(static fn(FieldsAt $one): array => ['at' => $one->place, 'fields' => $one->nowIn($document)?->fields], $changed),
            );
        }
    }

    /** Another document in the place of the present state. */
    private function inPlaceOf(Plan $plan, PlanView $view): KeptPlan
    {
        $document = self::document($view);
        $plan->update(['document' => $document]);
        $plan->revisions()->where('number', $plan->revision)->update(['document' => json_encode($document, JSON_THROW_ON_ERROR)]);

        return new KeptPlan($plan, $view);
    }

    /** The plan as it now is, with what it was before left to go back to, and all that shares a recipe with it alike. */
    private function keep(Plan $plan, PlanView $view): KeptPlan
    {
        $shared = SharedRecipes::none();
        if (self::sharesAny($view->document->fields)) {
            [$view, $shared] = SharedRecipes::settle($plan->toCore(...), $view);
        }
        $kept = $this->keepOne($plan, $view);
        $shared->spread($plan, $this->keepShared(...));

        return $kept;
    }

    private function keepOne(Plan $plan, PlanView $view): KeptPlan
    {
        if (self::document($view) === $plan->document) {
            return new KeptPlan($plan, $view);
        }
        $plan->revisions()->where('number', '>', $plan->revision)->delete();
        $kept = $this->put($plan, $view, $plan->revision + 1);
        $plan->revisions()->where('number', '<=', $plan->revision - self::MOST_REVISIONS)->delete();

        return $kept;
    }

    /** Of several changes elsewhere in a row one state is kept: another plan's undos push none of its own out. */
    private function keepShared(Plan $plan, PlanView $view): KeptPlan
    {
        $isShared = $plan->revisions()->where('number', $plan->revision)->value('is_shared');
        if (! $isShared) {
            $kept = $this->keepOne($plan, $view);
            $plan->revisions()->where('number', $plan->revision)->update(['is_shared' => true]);

            return $kept;
        }
        $plan->revisions()->where('number', '>', $plan->revision)->delete();
        $plan->fill(['name' => $view->plan->name, 'version' => $plan->version + 1]);

        return self::notingPaints($this->inPlaceOf($plan, $view));
    }

    /** @param array<mixed> $document */
    private static function sharesAny(array $document): bool
    {
        return array_any(
            (array) ($document['areas'] ?? []),
            static fn(mixed $area): bool => is_array($area) && ($area['recipe'] ?? null) !== null,
        );
    }

    private static function loosened(PlanView $view): PlanView
    {
        $plan = self::sharesAny($view->document->fields) ? SharedRecipes::loosened($view->plan) : $view->plan;

        return $plan === $view->plan ? $view : $view->saying($plan);
    }

    private function put(Plan $plan, PlanView $view, int $revision): KeptPlan
    {
        $document = self::document($view);
        $plan->fill([
            'name' => $view->plan->name,
            'document' => $document,
            'revision' => $revision,
            'version' => $plan->exists ? $plan->version + 1 : 1,
        ])->save();
        $plan->revisions()->create(['number' => $revision, 'document' => $document]);

        return self::notingPaints(new KeptPlan($plan, $view));
    }

    /**
     * @return array<mixed> without its paints: those are the catalogue's
     *
     * @throws Faulty when it is larger than can be saved again
     */
    private static function document(PlanView $view): array
    {
        $document = array_diff_key($view->document->fields, ['paints' => true]);
        if (strlen(json_encode($document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)) > self::MOST_BYTES) {
            throw Faulty::field(
                'document',
                'This plan is larger than a megabyte, and could not be saved again. Shorten its notes, or make two plans of it.',
            );
        }

        return $document;
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

    private static function notingPaints(KeptPlan $kept): KeptPlan
    {
        $kept->record->products()->sync(array_keys($kept->view->plan->paints()));

        return $kept;
    }
}
