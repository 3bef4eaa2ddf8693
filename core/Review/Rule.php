<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Simulation\Strip;

/** One thing that goes wrong at the desk and can be seen beforehand. */
interface Rule
{
    /** @return list<Finding> nothing when all is well */
    public function check(Plan $plan, Area $area, Strip $strip): array;
}
