<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Recipe;
use Illuminate\Support\Str;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\StepWriter;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan as CorePlan;
use Kalokroma\Recipe\SharedSteps;
use Kalokroma\Recipe\Step;

/**
 * Keeps areas that share a recipe alike: what was changed on one of them is carried to the others of its plan, to the library, and to every
 * other plan. An area that came to say something else than the library without having shared the recipe before is cut loose, so that
 * nothing is overwritten unseen.
 */
final readonly class SharedRecipes
{
    /** @param array<string, array{recipe: Recipe, before: list<Step>, after: list<Step>}> $changes by recipe id */
    private function __construct(private array $changes) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param callable(): CorePlan $before the plan as it was; asked for only where a recipe became another
     * @param PlanView $after as it shall be
     *
     * @return array{PlanView, self} the plan with its other areas changed alike, and what has to be told to all else
     */
    public static function settle(callable $before, PlanView $after): array
    {
        $known = Recipe::known(self::named($after->plan));
        $library = $known->map(static fn(Recipe $one): array => $one->toCore())->all();
        $changes = [];
        $plan = null;
        foreach ($after->plan->areas as $area) {
            $recipe = $area->recipe === null ? null : $known[$area->recipe] ?? null;
            if ($recipe === null || isset($changes[$recipe->id]) || SharedSteps::areAlike($library[$recipe->id], $area->steps)) {
                continue;
            }
            $plan ??= $before();
            $was = $plan->area($area->id);
            if ($was?->recipe === $recipe->id) {
                $changes[$recipe->id] = ['recipe' => $recipe, 'before' => $was->steps, 'after' => $area->steps];
            }
        }
        $shared = new self($changes);
        $plan = self::loosened($shared->carriedTo($after->plan), [
            ...$library, ...array_map(static fn(array $one): array => $one['after'], $changes),
        ]);

        return [$plan === $after->plan ? $after : $after->saying($plan), $shared];
    }

    /**
     * Areas whose recipe the library does not know, or knows otherwise, go their own way.
     *
     * @param array<string, list<Step>>|null $library steps by recipe id; null: as it is kept
     */
    public static function loosened(CorePlan $plan, ?array $library = null): CorePlan
    {
        $library ??= Recipe::known(self::named($plan))->map(static fn(Recipe $one): array => $one->toCore())->all();
        $areas = array_map(static function (Area $area) use ($library): Area {
            $steps = $area->recipe === null ? null : $library[$area->recipe] ?? null;

            return $area->recipe === null || ($steps !== null && SharedSteps::areAlike($steps, $area->steps)) ? $area : $area->sharing(null);
        }, $plan->areas);

        return $areas === $plan->areas ? $plan : $plan->withAreas($areas);
    }

    /**
     * Tells the library and every other plan.
     *
     * @param callable(Plan, PlanView): mixed $keep keeps another plan as it is then
     */
    public function spread(Plan $origin, callable $keep): void
    {
        foreach ($this->changes as $change) {
            $recipe = $change['recipe'];
            $recipe->update([
                'steps' => array_map(StepWriter::write(...), SharedSteps::copied($change['after'], $recipe->id)),
                'version' => $recipe->version + 1,
            ]);
        }
        foreach ($this->others($origin) as $plan) {
            try {
                $view = PlanView::withPaintsOf(
                    $plan,
                    array_map(static fn(array $one): array => $one['recipe']->steps, array_values($this->changes)),
                );
                $keep($plan, $view->saying($this->carriedTo($view->plan)));
            } catch (Faulty) {
                // A plan that cannot be read any more is told of elsewhere; mended, it finds itself cut loose.
                continue;
            }
        }
    }

    /** @return array<string, Plan> by id */
    private function others(Plan $origin): array
    {
        $plans = [];
        foreach ($this->changes as $change) {
            foreach ($change['recipe']->plans()->whereKeyNot($origin->id)->get() as $plan) {
                $plans[$plan->id] = $plan;
            }
        }

        return $plans;
    }

    private function carriedTo(CorePlan $plan): CorePlan
    {
        foreach ($plan->areas as $area) {
            $change = $area->recipe === null ? null : $this->changes[$area->recipe] ?? null;
            if ($change !== null && ! SharedSteps::areAlike($change['after'], $area->steps)) {
                $plan = $plan->withArea($area->withSteps(SharedSteps::carried(
                    $change['before'],
                    $change['after'],
                    $area->steps,
                    strtolower((string) Str::ulid()),
                )));
            }
        }

        return $plan;
    }

    /** @return list<string> */
    private static function named(CorePlan $plan): array
    {
        return array_values(array_unique(array_filter(array_column($plan->areas, 'recipe'))));
    }
}
