<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Colour\Lab;
use Kalokroma\Recipe\Asked;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** Another recipe for an area, in place of the one it has. */
final readonly class RepaintArea implements Edit
{
    /**
     * @param list<Step> $steps
     * @param Lab|null $aim the colour it was written for; null: what the area is to be stays
     */
    public function __construct(
        private string $areaId,
        private array $steps,
        private ?Lab $aim = null,
        private ?Asked $asked = null,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');

        $repainted = $area->withSteps($this->steps);

        return $plan->withArea($this->aim === null ? $repainted : $repainted->askedFor($this->aim, $this->asked));
    }
}
