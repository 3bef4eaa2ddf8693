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
            $messes = $spoiled = [];
            foreach ($area->ground ? [] : $scene->own($area) as $pass) {
                $beside = $this->isMessy($scene, $area, $pass) ? $this->spoiled($scene, $area, $pass) : [];
                if ($beside !== []) {
                    $messes[] = $pass;
                    $spoiled = [...$spoiled, ...array_filter($beside, static fn(Area $one): bool => ! in_array($one, $spoiled, true))];
                }
            }
            // One mess after the other is one mistake, and mended at once.
            if ($messes !== [] && $spoiled !== []) {
                yield $this->finding($scene, $area, $messes, $spoiled);
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

        return $technique->neatness === 0 || $technique->does(Nature::Effects, Nature::Sprays)
            || ($scene->plan->way->edges === Edges::Messy && $technique->family === Family::Base && $technique->does(Nature::Covers));
    }

    /** In the messy school a base goes over everything, and the neighbours are cut back in. */
    private function isNeat(Scene $scene, Pass $pass): bool
    {
        $technique = $pass->step->technique;

        return $technique->isNeat() && ! ($scene->plan->way->edges === Edges::Messy && $technique->family === Family::Base);
    }

    /** @return list<Area> */
    private function spoiled(Scene $scene, Area $area, Pass $mess): array
    {
        return array_values(array_filter($scene->neighbours->touching($area), fn(Area $beside): bool => $this->isSpoiled($scene, $area, $mess, $beside)));
    }

    private function isSpoiled(Scene $scene, Area $area, Pass $mess, Area $beside): bool
    {
        if ($beside->ground || $beside->part !== $area->part || $scene->isMaskedDuring($beside, $mess)) {
            return false;
        }
        $own = $scene->own($beside);
        $neat = Scene::any($own, fn(Pass $one): bool => $one->number < $mess->number && $this->isNeat($scene, $one) && in_array($one->step->technique->family, [Family::Base, Family::Shade, Family::Light, Family::Tint, Family::Detail], true));
        // What ends in dust itself is not spoiled by more of it.
        $isSafe = $own !== [] && $own[count($own) - 1]->step->technique->neatness === 0
            || Scene::any($own, static fn(Pass $one): bool => $one->number > $mess->number && $one->step->technique->does(Nature::Repairs, Nature::Covers));

        return $neat && ! $isSafe;
    }

    /**
     * @param non-empty-list<Pass> $messes
     * @param non-empty-list<Area> $spoiled
     */
    private function finding(Scene $scene, Area $area, array $messes, array $spoiled): Finding
    {
        [$pass, $last] = [$messes[0], $messes[count($messes) - 1]];
        $names = implode(', ', array_map(static fn(Area $one): string => $one->name, $spoiled));

        return new Finding(
            $this->id(),
            Severity::CostsTime,
            $area->id,
            $pass->step->id,
            "This makes a mess of $names.",
            sprintf('%s on %s (pass %d) dusts, splashes or sprays, and %s beside it %s had neat work by then.', $pass->step->technique->label, $area->name, $pass->number, $names, count($spoiled) === 1 ? 'has' : 'have'),
            'The messy school does it at any time and cuts the neighbours back in afterwards.',
            array_filter([$this->before($scene, $last, $spoiled, $names), $this->masked($scene, $pass, $last, $spoiled, $names), $this->cleaned($scene, $last, $spoiled, $names)]),
        );
    }

    /** @param non-empty-list<Area> $spoiled */
    private function before(Scene $scene, Pass $mess, array $spoiled, string $names): Mend
    {
        $neat = $mess;
        foreach ($spoiled as $beside) {
            $first = Scene::first($scene->own($beside), fn(Pass $one): bool => $this->isNeat($scene, $one));
            $neat = $first !== null && $first->number < $neat->number ? $first : $neat;
        }

        return new Mend(sprintf('The %s before %s', mb_strtolower($mess->step->technique->label), $names), new MoveStep($mess->step->id, $neat->step->id, true, $scene->order()->stepIds()));
    }

    /** @param non-empty-list<Area> $spoiled */
    private function masked(Scene $scene, Pass $first, Pass $last, array $spoiled, string $names): Mend
    {
        $order = $scene->order()->stepIds();
        $edits = [];
        foreach ($spoiled as $beside) {
            foreach (['mask' => $first, 'unmask' => $last] as $technique => $mess) {
                $isBefore = $technique === 'mask';
                $step = Step::usual($scene->plan->freeStepId("{$beside->id}-$technique"), Technique::of($technique));
                $edits[] = new InsertStep($step, $beside->id, $mess->step->id, $isBefore, $order);
                array_splice($order, (int) array_search($mess->step->id, $order, true) + ($isBefore ? 0 : 1), 0, [$step->id]);
            }
        }

        return new Mend("Mask $names", new Several($edits));
    }

    /** @param non-empty-list<Area> $spoiled */
    private function cleaned(Scene $scene, Pass $mess, array $spoiled, string $names): ?Mend
    {
        $order = $scene->order()->stepIds();
        $edits = [];
        foreach ($spoiled as $beside) {
            $painted = array_reverse($scene->own($beside));
            $paint = Scene::first($painted, static fn(Pass $one): bool => $one->step->technique->takes === Takes::Colour && $one->step->mix !== null);
            if ($paint === null) {
                return null;
            }
            $clean = Step::usual($scene->plan->freeStepId($painted[0]->step->id), Technique::of('clean-up'), mix: $paint->step->mix);
            $edits[] = new InsertStep($clean, $beside->id, $mess->step->id, false, $order);
            array_splice($order, (int) array_search($mess->step->id, $order, true) + 1, 0, [$clean->id]);
        }

        return new Mend("Clean $names up afterwards", new Several($edits));
    }
}
