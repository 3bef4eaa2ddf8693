<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Laws;

use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** Within an area the recipe's own sequence always holds. */
final class RecipesKeepTheirSequence implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $area) {
            $last = null;
            foreach ($tasks->on($area) as $task) {
                if ($last !== null) {
                    yield new Precedence($last, $task, "its recipe has \"{$last->step->technique->label}\" before it");
                }
                $last = $task;
            }
        }
    }
}
