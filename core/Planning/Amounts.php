<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Zone;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** How much paint a batch takes. */
final readonly class Amounts
{
    /** Wet film of one coat of the thinned mix, in mm. */
    public const WET_FILM_MM = 0.05;

    /** Share that stays on palette and brush. */
    public const LOSS = 0.3;

    private function __construct(
        private Plan $plan,
        private int $models,
    ) {}

    public static function of(Plan $plan, int $models): self
    {
        return new self($plan, $models);
    }

    /** @return array<string, float> ml of each paint for the whole batch, by id */
    public function totals(): array
    {
        $totals = [];
        foreach ($this->plan->areas as $area) {
            foreach ($area->steps as $step) {
                self::add($totals, $step, $this->wetMl($step, $area));
            }
        }
        foreach ([...$this->plan->undercoat->steps(), ...$this->plan->wholeModel] as $step) {
            self::add($totals, $step, $this->wetMl($step, null));
        }

        return $totals;
    }

    /** @return float ml of the thinned mix for the whole batch, palette loss included */
    public function wetMl(Step $step, ?Area $area): float
    {
        $surfaceMm2 = 100.0 * $this->plan->model->surfaceCm2();
        $share = $area === null ? 1.0 : $area->size->share();
        $place = 0.0;
        foreach (Zone::cases() as $zone) {
            $place += ($area === null ? 0.2 : $area->texture->share($zone)) * $step->place->reach($zone) * $step->place->share($zone);
        }

        return self::WET_FILM_MM * $surfaceMm2 * $share * $step->coats * $this->models * $place / (1 - self::LOSS) / 1000.0;
    }

    /** @param array<string, float> $totals */
    private static function add(array &$totals, Step $step, float $wetMl): void
    {
        $parts = $step->mix?->parts() ?? 1;
        foreach ($step->mix->ingredients ?? [] as $ingredient) {
            $id = $ingredient->paint->id;
            $totals[$id] = ($totals[$id] ?? 0.0) + $wetMl * $step->dilution->strength() * $ingredient->parts / $parts;
        }
    }
}
