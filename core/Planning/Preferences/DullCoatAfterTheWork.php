<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** The last matt or satin coat closes what was painted, decalled and weathered. */
final class DullCoatAfterTheWork implements Law
{
    public function among(Tasks $tasks): iterable
    {
        $dull = null;
        foreach ($tasks->whole as $task) {
            $dull = $task->step->technique->dulls() ? $task : $dull;
        }
        if ($dull === null) {
            return;
        }
        foreach ($tasks->all as $task) {
            $isBefore = $task->area !== null
                ? $task->rank < $dull->rank && ! $task->step->isMeantToShine()
                : $task->number < $dull->number;
            if ($isBefore && $task !== $dull) {
                yield new Precedence($task, $dull, "the last coat closes what is painted");
            }
        }
    }
}
