<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** What is done to the whole model is listed in the order it is meant. */
final class WholeModelAsListed implements Law
{
    public function among(Tasks $tasks): iterable
    {
        $last = null;
        foreach ($tasks->whole as $task) {
            if ($last !== null) {
                yield new Precedence($last, $task, "the plan lists \"{$last->step->technique->label}\" before it");
            }
            $last = $task;
        }
    }
}
