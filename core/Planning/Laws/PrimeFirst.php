<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Laws;

use Kalokroma\Craft\Family;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** Nothing holds on bare plastic: what primes the whole model comes before all that is painted on it. */
final class PrimeFirst implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->whole as $primer) {
            if (! $primer->step->technique->primes()) {
                continue;
            }
            foreach ($tasks->all as $task) {
                if ($task !== $primer && ! $task->step->technique->primes() && $task->step->technique->family !== Family::Handling) {
                    yield new Precedence($primer, $task, "paint holds only on primer");
                }
            }
        }
    }
}
