<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;

/** What a recipe is asked for: an area, the colour it shall have, on which ground and how far. */
final readonly class WritingWish
{
    /** @param string $stepIds what the ids of new steps begin with; empty: with the school */
    public function __construct(
        public Area $area,
        public Lab $target,
        public ModelKind $model,
        public Undercoat $undercoat,
        public string $stepIds = '',
    ) {}

    /** The area by itself, unpainted, on its undercoat. */
    public function plan(): Plan
    {
        return Plan::of('Writing', $this->model, $this->undercoat, [
            Area::of($this->area->id, $this->area->name, $this->area->texture, $this->area->size, $this->area->importance, material: $this->area->material, fragile: $this->area->fragile, ground: $this->area->ground),
        ]);
    }
}
