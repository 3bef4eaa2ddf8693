<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\Step;

/** A brush that the painter owns, and what it has been through: flakes of metal stay in the hairs, and a point does not come back. */
final readonly class OwnBrush
{
    /** @param bool|null $wasInMetal whether it was metal paint that it was used for last; null when it was for nothing yet */
    public function __construct(
        public string $name,
        public Brush $kind,
        public bool $keepsMetal = false,
        public bool $isWorn = false,
        public ?bool $wasInMetal = null,
    ) {}

    /** Whether it is what a step asks for. */
    public function fits(Step $step): bool
    {
        return $this->kind === $step->brush;
    }

    /** What speaks against it for a step, with the way out; null when nothing does. */
    public function caution(Step $step): ?string
    {
        $isMetal = $step->mix?->isMetal() ?? false;

        return match (true) {
            $step->mix === null => null,
            $this->keepsMetal && ! $isMetal => sprintf('%s is kept for metal: its flakes would sparkle in this colour. Take another.', $this->name),
            $isMetal
                && ! $this->keepsMetal => sprintf(
                    '%s is for colour: flakes stay in the hairs. Take one that is kept for metal, or keep this one for it from now on.',
                    $this->name,
                ),
            $this->wasInMetal === true
                && ! $isMetal => sprintf(
                    '%s was in metal last. Rinse it in water of its own until nothing glitters, and change that water.',
                    $this->name,
                ),
            $this->isWorn
                && $this->wantsPoint($step) => sprintf(
                    '%s has lost its point. It still does for bases and dry work; this wants a sound one.',
                    $this->name,
                ),
            default => null,
        };
    }

    private function wantsPoint(Step $step): bool
    {
        return $step->brush === Brush::Fine || ($step->brush === Brush::Medium && $step->technique->neatness >= Technique::NEAT);
    }
}
