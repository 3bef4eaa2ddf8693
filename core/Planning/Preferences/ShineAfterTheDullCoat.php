<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** Glass, gems and wet things shine when the gloss goes on last. */
final class ShineAfterTheDullCoat implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->whole as $dull) {
            if ($dull->step->technique->dulls()) {
                foreach ($tasks->all as $task) {
                    if ($task->step->isMeantToShine()) {
                        yield new Precedence($dull, $task, "a matt or satin coat over it would take its shine");
                    }
                }
            }
        }
    }
}
