<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Laws;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** A mask comes off after it was put on, and what is sprayed past it stands between. */
final class UnmaskAfterMask implements Law
{
    public function among(Tasks $tasks): iterable
    {
        $on = null;
        $between = [];
        foreach ($tasks->whole as $task) {
            if ($task->does(Nature::Masks)) {
                [$on, $between] = [$task, []];
            } elseif ($on !== null && $task->does(Nature::Unmasks)) {
                yield new Precedence($on, $task, "the mask must be on before it can come off");
                foreach ($between as $sprayed) {
                    yield new Precedence($on, $sprayed, "the mask keeps the rest clean");
                    yield new Precedence($sprayed, $task, "the mask stays on until this is sprayed");
                }
                $on = null;
            } elseif ($on !== null) {
                $between[] = $task;
            }
        }
    }
}
