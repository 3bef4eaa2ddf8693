<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Strip;

/** A recipe as one school would write it. */
final readonly class Proposal
{
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

    /** Hands-on minutes for one model. */
    public function minutes(): float
    {
        return array_sum(array_map(fn(Step $step): float => Pace::perModel($step, $this->area), $this->area->steps));
    }

    /** Different pots it takes. */
    public function pots(): int
    {
        $pots = [];
        foreach ($this->area->steps as $step) {
            foreach ($step->paints() as $paint) {
                $pots[$paint->id] = true;
            }
        }

        return count($pots);
    }
}
