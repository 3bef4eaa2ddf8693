<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Edges;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Takes;
use Kalokroma\Craft\Technique;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Dust, splashes and overspray land on what is beside them. */
final class MessyAfterNeat implements Rule
{
    public function id(): string
    {
        return 'messy-after-neat';
    }

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($area->ground ? [] : $scene->own($area) as $pass) {
                $spoiled = $this->isMessy($scene, $area, $pass) ? $this->spoiled($scene, $area, $pass) : null;
                if ($spoiled !== null) {
                    yield $this->finding($scene, $area, $pass, $spoiled);
                    break;
                }
            }
        }
    }

    private function isMessy(Scene $scene, Area $area, Pass $pass): bool
    {
        $technique = $pass->step->technique;
        if (in_array($technique->family, [Family::Varnish, Family::Handling], true)) {
            return false;
        }
        if ($technique->does(Nature::Effects, Nature::Pigments) && ($area->isSmall() || $pass->step->place === Place::Recesses)) {
            return false;
        }

        return $technique->neatness === 0 || $technique->does(Nature::Effects, Nature::Sprays) || ($technique->family === Family::Base && ! $this->isNeat($scene, $pass));
    }

    /** In the messy school a base goes over everything, and the neighbours are cut back in. */
    private function isNeat(Scene $scene, Pass $pass): bool
    {
        $technique = $pass->step->technique;

        return $technique->isNeat() && ! ($scene->plan->way->edges === Edges::Messy && $technique->family === Family::Base);
    }

    private function spoiled(Scene $scene, Area $area, Pass $mess): ?Area
    {
        foreach ($scene->neighbours->touching($area) as $beside) {
            if ($beside->ground || $beside->part !== $area->part || $scene->isMaskedDuring($beside, $mess)) {
                continue;
            }
            $own = $scene->own($beside);
            $neat = Scene::any($own, fn(Pass $one): bool => $one->number < $mess->number && $this->isNeat($scene, $one) && in_array($one->step->technique->family, [Family::Base, Family::Shade, Family::Light, Family::Tint, Family::Detail], true));
            // What ends in dust itself is not spoiled by more of it.
            $isSafe = $own !== [] && $own[count($own) - 1]->step->technique->neatness === 0
                || Scene::any($own, static fn(Pass $one): bool => $one->number > $mess->number && $one->step->technique->does(Nature::Repairs, Nature::Covers));
            if ($neat && ! $isSafe) {
                return $beside;
            }
        }

        return null;
    }

    private function finding(Scene $scene, Area $area, Pass $pass, Area $beside): Finding
    {
        $order = $scene->order()->stepIds();
        $own = $scene->own($beside);
        $neat = Scene::first($own, fn(Pass $one): bool => $this->isNeat($scene, $one)) ?? $pass;
        $last = $own[count($own) - 1] ?? $pass;
        $paint = Scene::first(array_reverse($own), static fn(Pass $one): bool => $one->step->technique->takes === Takes::Colour && $one->step->mix !== null);
        $label = mb_strtolower($pass->step->technique->label);
        $mask = Step::usual($scene->plan->freeStepId($beside->id.'-mask'), Technique::of('mask'));
        $unmask = Step::usual($scene->plan->freeStepId($beside->id.'-unmask'), Technique::of('unmask'));
        $clean = Step::usual($scene->plan->freeStepId($last->step->id), Technique::of('clean-up'), mix: $paint?->step->mix);
        $mends = [new Mend("The $label before {$beside->name}", new MoveStep($pass->step->id, $neat->step->id, true, $order))];
        if ($last !== $pass) {
            $mends[] = new Mend("Mask {$beside->name}", new Several([
                new InsertStep($mask, $beside->id, $pass->step->id, true, $order),
                new InsertStep($unmask, $beside->id, $pass->step->id, false, [...array_slice($order, 0, (int) array_search($pass->step->id, $order, true)), $mask->id, ...array_slice($order, (int) array_search($pass->step->id, $order, true))]),
            ]));
        }
        if ($paint !== null) {
            $mends[] = new Mend("Clean {$beside->name} up afterwards", new InsertStep($clean, $beside->id, $pass->step->id, false, $order));
        }

        return new Finding(
            $this->id(),
            Severity::CostsTime,
            $area->id,
            $pass->step->id,
            "This makes a mess of {$beside->name}.",
            sprintf('%s on %s (pass %d) dusts, splashes or sprays, and %s beside it has had neat work by then.', $pass->step->technique->label, $area->name, $pass->number, $beside->name),
            'The messy school does it at any time and cuts the neighbours back in afterwards.',
            $mends,
        );
    }
}
