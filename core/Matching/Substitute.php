<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;

/**
 * What from the shelf can be used instead. A null dilution means: thin it as the step says.
 */
final readonly class Substitute
{
    public function __construct(
        public Way $way,
        public Mix $mix,
        public ?Dilution $dilution,
        public Lab $colour,
        public Difference $difference,
    ) {}

    /** Paints to open and mediums to add: fewer is easier, above all for the tenth time. */
    public function effort(): int
    {
        return 2 * count($this->mix->ingredients) + ($this->dilution === null ? 0 : 1);
    }

    /** Why this one is offered, with its numbers. */
    public function reason(): string
    {
        $start = match ($this->way) {
            Way::Paint => 'Nearest owned paint that behaves alike',
            Way::Mix => 'Best of the mixes of '.count($this->mix->ingredients).' paints from the shelf up to '.Mix::MOST_PARTS.' parts',
            Way::ThinnedPaint => 'A paint let down to a wash',
            Way::ThinnedInk => 'An ink let down to a one-coat paint',
        };

        return sprintf('%s: %.1f apart, %s.', $start, $this->difference->number, $this->difference->words());
    }
}
