<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** Another recipe for an area, tried or to be tried. */
final readonly class Variant
{
    public const MOST = 20;

    /** @param list<Step> $steps */
    public function __construct(
        public string $id,
        public string $name,
        public bool $tried,
        public string $verdict,
        public string $note,
        public array $steps,
    ) {}

    /** The area is painted just so. */
    public function isRecipeOf(Area $area): bool
    {
        return $this->steps !== [] && SharedSteps::areAlike($this->steps, $area->steps);
    }
}
