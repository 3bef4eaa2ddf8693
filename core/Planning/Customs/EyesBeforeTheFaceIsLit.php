<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Customs;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** Slips at the eyes are painted over by the highlights of the face. Beasts have their eyes lit last. */
final class EyesBeforeTheFaceIsLit implements Custom
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->model->bodyType === BodyType::Beast ? [] : $tasks->plan->areas as $eyes) {
            $last = $tasks->last($eyes, static fn(Task $task): bool => $task->does(Nature::Eyes));
            foreach ($last === null ? [] : [$eyes, ...$tasks->neighbours->touching($eyes)] as $face) {
                $first = $face->material === Material::Skin
                    ? $tasks->first($face, static fn(Task $task): bool => $task->does(Nature::Lightens))
                    : null;
                if ($last !== null && $first !== null) {
                    yield new Precedence($last, $first, "slips at the eyes are covered by the lights of {$face->name}");
                }
            }
        }
    }

    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool
    {
        return $order->isDoneAfter($broken->first->id(), $broken->then->area, Nature::Repairs, Nature::Lightens, Nature::Covers);
    }
}
