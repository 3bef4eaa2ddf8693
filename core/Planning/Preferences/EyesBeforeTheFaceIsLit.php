<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** Slips at the eyes are painted over by the highlights of the face. */
final class EyesBeforeTheFaceIsLit implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $eyes) {
            $last = $tasks->last($eyes, static fn(Task $task): bool => $task->does(Nature::Eyes));
            if ($last === null) {
                continue;
            }
            foreach ($tasks->neighbours->touching($eyes) as $face) {
                $first = $face->material === Material::Skin ? $tasks->first($face, static fn(Task $task): bool => $task->does(Nature::Lightens)) : null;
                if ($first !== null) {
                    yield new Precedence($last, $first, "slips at the eyes are covered by the lights of {$face->name}");
                }
            }
        }
    }
}
