<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** The step that most painters would go on with on such an area; the paint is still to be chosen. */
final readonly class AddStep implements Edit
{
    public function __construct(
        private string $id,
        private string $areaId,
        private ?CraftBook $book = null,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $last = $area->steps === [] ? null : $area->steps[count($area->steps) - 1];
        $technique = $area->texture->goesOnAfter($last?->technique, $this->book ?? CraftBook::standard(), $area->material === Material::Metal);
        // A second highlight lies higher than the first.
        $place = $last !== null && $technique->is($last->technique) && $technique->does(Nature::Lightens) ? Place::UpperEdges : null;

        return $plan->withArea($area->withSteps([...$area->steps, Step::usual($this->id, $technique, $place)]));
    }
}
