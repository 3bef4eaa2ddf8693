<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** The step that most painters would go on with on such an area; the paint is still to be chosen. */
final readonly class AddStep implements Edit
{
    public function __construct(
        private string $id,
        private string $areaId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $last = $area->steps === [] ? null : $area->steps[count($area->steps) - 1];
        $technique = $area->texture->goesOnAfter($last?->technique);
        // A second highlight lies higher than the first.
        $place = $technique === Technique::Highlight && $last?->technique === Technique::Highlight ? Place::UpperEdges : null;

        return $plan->withArea($area->withSteps([...$area->steps, Step::usual($this->id, $technique, $place)]));
    }
}
