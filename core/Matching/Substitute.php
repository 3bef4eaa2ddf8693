<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;

/**
 * What from the shelf can be used instead, and how much stronger or weaker than the wanted paint it goes on.
 */
final readonly class Substitute
{
    /**
     * @param float $strength paint in the thinned stand-in for each part of the wanted: 1 when it is thinned alike, 1/7 when six parts of
     *     medium make it
     */
    public function __construct(
        public Way $way,
        public Mix $mix,
        public float $strength,
        public Lab $colour,
        public Difference $difference,
    ) {}

    /** How a step that was to be thinned in some way is thinned with this: its own thinning comes on top. */
    public function dilutionFor(Dilution $planned): Dilution
    {
        if ($this->strength === 1.0) {
            return $planned;
        }
        $with = $planned->isStraight() || $this->strength < 1.0 ? Thinner::Medium : $planned->with;

        return Dilution::near(min(1.0, $this->strength * $planned->strength()), $with);
    }

    /** Paints to open and mediums to add: fewer is easier, above all for the tenth time. */
    public function effort(): int
    {
        return 2 * count($this->mix->ingredients) + ($this->strength === 1.0 ? 0 : 1);
    }

    /** Why this one is offered, with its numbers. */
    public function reason(): string
    {
        $start = match ($this->way) {
            Way::Paint => 'Nearest owned paint that behaves alike',
            Way::Mix => 'Best of the mixes of '.count($this->mix->ingredients).' paints from the shelf up to '.Mix::MOST_PARTS.' parts',
            Way::Weaker => sprintf('A stronger one thinned to %.2f of its strength', $this->strength),
            Way::Stronger => sprintf('A weaker one thinned less, %.1f times as strong', $this->strength),
            Way::ThinnedPaint => 'A paint let down to a wash',
        };

        return sprintf('%s: %.1f apart, %s.', $start, $this->difference->number, $this->difference->words());
    }
}
