<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

use Kalokroma\Craft\FinishLevel;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** What a line of the logbook tells: a step as it was planned, and what it really took. */
final readonly class Worked
{
    /**
     * @param int $models it was done on
     * @param int $coats really laid
     * @param float|null $minutes really spent, on all models; null when nobody looked at the clock
     * @param bool $isAsMixed with the paint that was planned
     */
    public function __construct(
        public Step $step,
        public ?Area $area,
        public int $models,
        public int $coats,
        public ?float $minutes,
        public bool $isAsMixed,
        private FinishLevel $finish = FinishLevel::TableReady,
    ) {}

    /** Minutes really spent to those of the table, for the coats that were laid; null where nobody looked at the clock. */
    public function pace(): ?float
    {
        $usual = Pace::to($this->finish)->pass($this->step->inCoats($this->coats), $this->area, $this->models);

        return $this->minutes === null || $this->minutes <= 0.0 || $usual <= 0.0 ? null : $this->minutes / $usual;
    }
}
