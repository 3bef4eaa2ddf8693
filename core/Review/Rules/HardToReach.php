<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** What lies behind something is painted before it. */
final class HardToReach implements Rule
{
    public function id(): string
    {
        return 'hard-to-reach';
    }

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($area->behind as $id) {
                $blocker = $scene->plan->area($id);
                // On a loose part it blocks the way only when that is glued on, and then the gluing comes too early.
                $first = $blocker === null || $blocker->part !== $area->part ? null : Scene::first($scene->own($blocker), static fn(Pass $one): bool => $one->step->technique->family->isBrushed());
                $late = $first === null ? null : Scene::first($scene->own($area), static fn(Pass $one): bool => $one->number > $first->number && self::needsRoom($one));
                if ($blocker !== null && $first !== null && $late !== null) {
                    yield new Finding(
                        $this->id(),
                        Severity::CostsTime,
                        $area->id,
                        $late->step->id,
                        "{$blocker->name} is in the way by now.",
                        sprintf('%s lies behind %s, which is painted from pass %d on; "%s" comes in pass %d.', $area->name, $blocker->name, $first->number, $late->step->technique->label, $late->number),
                        'With a long thin brush some reach it all the same, and touch up what they brushed against.',
                        [new Mend("Before {$blocker->name}", new MoveStep($this->last($scene, $area), $first->step->id, true, $scene->order()->stepIds()))],
                    );
                }
            }
        }
    }

    private static function needsRoom(Pass $pass): bool
    {
        return $pass->step->technique->needsRoom() && ! $pass->step->technique->does(Nature::Repairs);
    }

    private function last(Scene $scene, Area $area): string
    {
        return Scene::first(array_reverse($scene->own($area)), self::needsRoom(...))->step->id ?? '';
    }
}
