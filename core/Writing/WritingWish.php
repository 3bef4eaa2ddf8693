<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/** What a recipe is asked for: an area, the colour it shall have, on which ground and how far. */
final readonly class WritingWish
{
    public Taste $taste;

    /**
     * @param Area $area with the recipe it has so far
     * @param Lab $target the colour that was named; the taste may move it
     * @param string $stepIds what the ids of new steps begin with; empty: with the school
     * @param list<string> $keep ids of the steps of its recipe that stay as they are
     * @param bool $hasAirbrush the painter has one: large areas are sprayed, and light
     */
    public function __construct(
        public Area $area,
        public Lab $target,
        public ModelKind $model,
        public Undercoat $undercoat,
        public string $stepIds = '',
        ?Taste $taste = null,
        public array $keep = [],
        public bool $hasAirbrush = false,
    ) {
        $this->taste = $taste ?? Taste::none();
    }

    /** The colour that is meant. */
    public function colour(): Lab
    {
        return $this->taste->colour($this->target);
    }

    /** @return array<string, Step> steps that stay as they are, by id, in the order of the recipe */
    public function kept(): array
    {
        $kept = [];
        foreach ($this->area->steps as $step) {
            if (in_array($step->id, $this->keep, true)) {
                $kept[$step->id] = $step;
            }
        }

        return $kept;
    }

    /**
     * Which rung each step of the recipe it has stands for: as it was written, or as one would say on seeing it.
     *
     * @return array<string, string> by step id
     */
    public function rungs(): array
    {
        $lights = ['light', 'highlight', 'edge'];
        $rungs = $seen = [];
        foreach ($this->area->steps as $step) {
            $rung = $step->more->written->rung ?? match ($step->technique->family) {
                Family::Base => 'base',
                Family::Shade => 'shade',
                Family::Light => array_shift($lights) ?? 'more light',
                default => $step->technique->id,
            };
            $rungs[$step->id] = isset($seen[$rung]) ? "$rung again" : $rung;
            $seen[$rung] = true;
        }

        return $rungs;
    }

    /** The area by itself, unpainted, on its undercoat. */
    public function plan(): Plan
    {
        return Plan::of('Writing', $this->model, $this->undercoat, [
            Area::of(
                $this->area->id,
                $this->area->name,
                $this->area->texture,
                $this->area->size,
                $this->area->importance,
                material: $this->area->material,
                fragile: $this->area->fragile,
                ground: $this->area->ground,
                aim: $this->colour(),
            ),
        ]);
    }
}
