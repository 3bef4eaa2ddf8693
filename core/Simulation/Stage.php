<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

/** A stage of the strip: what was done and what the area looks like after it. */
final readonly class Stage
{
    public function __construct(
        public Application $application,
        public Surface $before,
        public Look $look,
        public float $change,
        public ?CoatForecast $forecast,
    ) {}
}
