<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
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

/** A matt or satin coat takes the shine of glass, gems and wet things. */
final class GlossLost extends Rule
{
    public function check(Scene $scene): iterable
    {
        $dulled = [];
        foreach ($scene->plan->areas as $area) {
            $dull = array_find(array_reverse($scene->run($area)), static fn(Pass $one): bool => $one->step->technique->dulls());
            $isBright = static fn(Pass $one): bool => $one->step->technique->does(Nature::Eyes, Nature::Shines)
                || ($one->step->isMeantToShine() && $dull !== null && ! self::isWorkedOver($scene, $area, $one, $dull));
            $shines = $dull !== null && array_any($scene->before($area, $dull), $isBright);
            if (
                $dull === null
                || ! $shines
                || $scene->isMaskedDuring($area, $dull)
                || array_any($scene->after($area, $dull), static fn(Pass $one): bool => $one->step->technique->glosses())
            ) {
                continue;
            }
            $dulled[$dull->step->id]['pass'] = $dull;
            $dulled[$dull->step->id]['areas'][] = $area;
        }
        foreach ($dulled as ['pass' => $dull, 'areas' => $areas]) {
            yield $this->finding($scene, $dull, $areas);
        }
    }

    /** A gloss that decals, solvents or paint come on is a seal. */
    private static function isWorkedOver(Scene $scene, Area $area, Pass $gloss, Pass $dull): bool
    {
        return array_any(
            $scene->own($area),
            static fn(Pass $one): bool => $one->number > $gloss->number && $one->number < $dull->number
                && (
                    $one->step->mix?->isClear() === false
                    || $one->step->technique->does(Nature::LaysDecal, Nature::Solvent, Nature::LaysChippingFluid)
                ),
        );
    }

    /** @param non-empty-list<Area> $areas */
    private function finding(Scene $scene, Pass $dull, array $areas): Finding
    {
        $names = implode(', ', array_column($areas, 'name'));
        $gloss = $scene->atHand()->varnish(Finish::Gloss);
        $order = $scene->order()->stepIds();
        $edits = [];
        foreach ($areas as $area) {
            $spot = Step::usual(
                $scene->plan->freeStepId($area->id.'-gloss'),
                Technique::of('gloss-spot'),
                mix: $gloss === null ? null : Mix::single($gloss),
            );
            $edits[] = new InsertStep($spot, $area->id, $dull->step->id, false, $order);
            array_splice($order, (int) array_search($dull->step->id, $order, true) + 1, 0, [$spot->id]);
        }
        $mends = [new Mend("Gloss on $names afterwards", new Several($edits))];
        $spots = array_values(array_filter(
            $scene->order()->passes,
            static fn(Pass $one): bool => $one->number < $dull->number && $one->step->technique->glosses()
                && ! $one->step->technique->does(Nature::Sprays),
        ));
        if (count($spots) === 1 && count($areas) === 1 && $spots[0]->area === $areas[0]) {
            array_unshift(
                $mends,
                new Mend('Move the gloss after the coat', new MoveStep($spots[0]->step->id, $dull->step->id, false, $scene->order()->stepIds())),
            );
        }

        return $this->found(
            Severity::CostsTime,
            $areas[0]->id,
            $dull->step->id,
            "The coat takes the shine of $names.",
            sprintf('%s in step %d goes over all of it, and no gloss comes after.', $dull->step->technique->label, $dull->number),
            'Some like dull glass, and lift it with a painted point of light alone.',
            $mends,
        );
    }
}
