<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Measures;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** The squad against its areas: which of a few looks each model gets. */
final class Matrix
{
    /** @var array<string, Cell> by the steps that make it */
    private array $known = [];

    /** @var array<string, array<int, int>> models that a step is done to, as keys */
    private array $models = [];

    /** @var array<string, list<string>> by area */
    private array $reaching = [];

    private function __construct(
        private readonly SquadPlan $squad,
        private readonly Amounts $amounts,
        private readonly Pace $pace,
    ) {}

    /**
     * Of each area what every model gets, the models of one look sharing the cell.
     *
     * @return array<string, array<int, Cell|null>> by area of the written plan and number of the model; null where it does not have the area
     */
    public static function of(SquadPlan $squad, ?Measures $measures = null, ?Paces $paces = null): array
    {
        $self = new self($squad, Amounts::for($squad, $measures), Pace::of($squad->plan, $paces));
        $cells = [];
        foreach ($squad->written->areas as $written) {
            $cells[$written->id] = [];
            foreach ($squad->squad->numbers() as $model) {
                $area = $squad->areaOn($written, $model);
                $cells[$written->id][$model] = $area === null ? null : $self->cell($area, $model);
            }
        }

        return $cells;
    }

    /**
     * Every way there is to paint each area, whether a model gets it or not. A variant that is the recipe by another name is no other way.
     *
     * @return array<string, list<Cell>> the recipe first, by area
     */
    public static function ways(SquadPlan $squad, ?Measures $measures = null, ?Paces $paces = null): array
    {
        // One model for each: the first has every recipe, the next the first variant of every area, and so on.
        $most = max([0, ...array_map(static fn(Area $one): int => count($one->variants), $squad->written->areas)]);
        $members = [];
        for ($number = 1; $number <= $most + 1; $number++) {
            $ways = [];
            foreach ($squad->written->areas as $area) {
                $ways[$area->id] = $number === 1 ? null : $area->variants[$number - 2]->id ?? null;
            }
            $members[] = new Member($number, ways: $ways);
        }
        $shown = SquadPlan::of($squad->written, Squad::of($members));
        $ways = [];
        foreach (self::of($shown, $measures, $paces) as $area => $cells) {
            $ways[$area] = array_values(array_filter(
                $cells,
                static fn(?Cell $one, int $model): bool => $one !== null
                    && ($model === 1 || ($one->variant !== null && ! $one->variant->isRecipeOf($one->area))),
                ARRAY_FILTER_USE_BOTH,
            ));
        }

        return $ways;
    }

    /** @return array<int, float> hands-on minutes for everything that is done to a model, by its number */
    public static function minutes(SquadPlan $squad, ?Paces $paces = null): array
    {
        $pace = Pace::of($squad->plan, $paces);
        $minutes = array_fill_keys($squad->squad->numbers(), 0.0);
        foreach ($squad->passes() as $pass) {
            $each = $pace->step($pass->step, $pass->area);
            foreach ($squad->modelsOf($pass->step->id) as $model) {
                $minutes[$model] += $each;
            }
        }

        return $minutes;
    }

    private function cell(Area $area, int $model): Cell
    {
        $own = array_values(array_filter($area->steps, fn(Step $step): bool => $this->has($step->id, $model)));
        $reached = implode(' ', array_filter($this->reaching($area), fn(string $step): bool => $this->has($step, $model)));

        return $this->known["$area->id $reached"] ??= new Cell(
            $this->squad->origin($area),
            $this->squad->variantOf($area),
            $this->squad->rehearsalOf($model)->final($area),
            array_sum(array_map(fn(Step $step): float => $this->pace->step($step, $area), $own)),
            array_sum(array_map(fn(Step $step): float => $step->mix === null ? 0.0 : $this->amounts->wetMl($step, $area, 1.0), $own)),
            array_values(Step::potsOf($own)),
        );
    }

    private function has(string $stepId, int $model): bool
    {
        return isset(($this->models[$stepId] ??= array_flip($this->squad->modelsOf($stepId)))[$model]);
    }

    /** @return list<string> ids of the steps that get at an area on some model */
    private function reaching(Area $area): array
    {
        return $this->reaching[$area->id] ??= array_values(array_map(
            static fn(Pass $pass): string => $pass->step->id,
            array_filter($this->squad->passes(), static fn(Pass $pass): bool => $pass->touches($area)),
        ));
    }
}
