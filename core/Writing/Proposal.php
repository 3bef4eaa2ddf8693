<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Simulation\Strip;

/** A recipe as one school would write it. */
final readonly class Proposal
{
    /** ΔE₀₀ of the face from what was asked for: a white that is begun grey lies 12 off. */
    private const STRAYS = 16.0;

    public Area $area;

    public Strip $strip;

    /**
     * @param array<string, string> $reasons by step id
     * @param list<Paint> $missing to be bought for it
     * @param list<string> $unreached tones that nothing comes near, in words
     * @param list<string> $remarks what the review still says
     */
    public function __construct(
        public School $school,
        public Plan $plan,
        public array $reasons,
        public array $missing,
        public array $unreached,
        public array $remarks,
    ) {
        $this->area = $plan->areas[0];
        $this->strip = $plan->strip($this->area);
    }

    /** In the end it is another colour than was asked for: no paint at hand makes it this way. */
    public function strays(Lab $asked): bool
    {
        return Ciede2000::between($this->strip->final()->at(Zone::Face), $asked) > self::STRAYS;
    }

    /** The same, saying so. */
    public function straying(): self
    {
        return new self($this->school, $this->plan, $this->reasons, $this->missing, ['Done this way it ends as another colour: no paint at hand makes it.', ...$this->unreached], $this->remarks);
    }

    /** Hands-on minutes for one model. */
    public function minutes(): float
    {
        return Pace::ofRecipe($this->area);
    }

    /** Different pots it takes. */
    public function pots(): int
    {
        return $this->area->pots();
    }
}
