<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Inner before outer is the easier way. */
final class OuterBeforeInner implements Rule
{
    public function id(): string
    {
        return 'outer-before-inner';
    }

    public function check(Scene $scene): iterable
    {
        $based = static fn(Pass $one): bool => $one->step->technique->family === Family::Base || $one->step->technique->does(Nature::Covers);
        foreach ($scene->plan->areas as $inner) {
            $first = Scene::first($scene->own($inner), $based);
            foreach ($inner->liesUnder as $id) {
                $outer = $scene->plan->area($id);
                $over = $outer === null || $outer->part !== $inner->part ? null : Scene::first($scene->own($outer), $based);
                if ($outer === null || $first === null || $over === null || $over->number > $first->number || $this->isMeant($scene, $inner, $outer, $first)) {
                    continue;
                }
                yield new Finding(
                    $this->id(),
                    Severity::Taste,
                    $inner->id,
                    $first->step->id,
                    "{$outer->name} was based before {$inner->name} under it.",
                    sprintf('%s lies over %s; based in pass %d, before pass %d, it gets what slips.', $outer->name, $inner->name, $over->number, $first->number),
                    'Many paint cloak and armour first and the skin last, framed by its own shade.',
                    [new Mend('The inner one first', new MoveStep($first->step->id, $over->step->id, true, $scene->order()->stepIds()))],
                );
                break;
            }
        }
    }

    private function isMeant(Scene $scene, Area $inner, Area $outer, Pass $first): bool
    {
        // A rim of dark undercoat left around the inner one is external shade.
        return Scene::any($scene->own($outer), static fn(Pass $one): bool => $one->number > $first->number && $one->step->technique->does(Nature::Repairs))
            || ! Scene::any($scene->own($inner), static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && $one->step->place === Place::Everywhere);
    }
}
