<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** Hands-on minutes, from technique, size and number of what it is done to, and how far it is to be brought. */
final readonly class Pace
{
    /** A job four times as large takes about twice as long: loading the brush and turning the model are the same. */
    private const GROWS = 0.5;

    /** A whole model counts as this much of a medium area where a spray or one coat goes over all of it. */
    private const WHOLE = 1.0;

    /** One coat of base on the smallest buckle: it has to be found, and kept off its neighbours. */
    private const LEAST_BASE = 2.0;

    /** Following every gap with a small brush, to flooding it all. */
    private const RECESSES = 2.5;

    /** One gem, rivet or lens of those that are counted, by the technique's minutes. */
    private const EACH_HEAD = 0.2;

    /** What is to be looked at from near takes half as long again. */
    private const DISPLAY = 1.5;

    private function __construct(
        private FinishLevel $finish,
        private Paces $own,
        private ?ModelKind $model = null,
    ) {}

    /** @param Paces|null $own of the painter; as the tables have it when left out */
    public static function to(FinishLevel $finish, ?Paces $own = null): self
    {
        return new self($finish, $own ?? Paces::usual());
    }

    /** @param Paces|null $own of the painter; as the tables have it when left out */
    public static function of(Plan $plan, ?Paces $own = null): self
    {
        return new self($plan->model->finishLevel, $own ?? Paces::usual(), $plan->model);
    }

    /** @return float minutes of brushwork for one coat on one model */
    public function coat(Step $step, ?Area $area): float
    {
        $care = $this->finish === FinishLevel::Display && $step->technique->family->isBrushed() ? self::DISPLAY : 1.0;

        return $care * $this->brushwork($step, $area) * $this->own->ratio($step->technique);
    }

    /** @return float minutes of brushwork for one model, all coats */
    public function step(Step $step, ?Area $area): float
    {
        return $step->coats * $this->coat($step, $area);
    }

    /** @return float minutes of a pass over so many models, all coats: fetched, thinned and cleaned once */
    public function pass(Step $step, ?Area $area, int $models): float
    {
        return $this->own->setUp() + $models * $this->step($step, $area);
    }

    /** @return float minutes for one model alone, the whole recipe of an area */
    public function recipe(Area $area): float
    {
        return array_sum(array_map(fn(Step $step): float => $this->pass($step, $area, 1), $area->steps));
    }

    private function brushwork(Step $step, ?Area $area): float
    {
        $technique = $step->technique;
        $counted = self::EACH_HEAD * count($step->more->heads);
        if ($technique->does(Nature::LaysDecal, Nature::SoftensDecal)) {
            return $technique->minutes * max(1.0, $counted);
        }
        $share = $this->model === null ? $area?->size->share() : $area?->shareOf($this->model);
        $size = $share === null ? self::WHOLE : ($share / AreaSize::Medium->share()) ** self::GROWS;
        $ways = $technique->does(Nature::Washes) && $step->place === Place::Recesses ? self::RECESSES : 1.0;

        return max($technique->id === 'basecoat' ? self::LEAST_BASE : 0.0, $technique->minutes * max($size * $ways, $counted));
    }
}
