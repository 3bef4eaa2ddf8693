<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Load;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A smooth panel has nothing for a dry brush to catch on: it comes out dusty. */
final class DrybrushOnPanel extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if (
                $area->isSmall()
                || ! $area->texture->isPanel()
                || $area->ground
                || in_array($area->material, [Material::Metal, Material::Stone, Material::Ground], true)
            ) {
                continue;
            }
            $own = $scene->own($area);
            // As long as another light is there the dust is none, only wear.
            if (array_any($own, static fn(Pass $one): bool => $one->step->technique->does(Nature::Lightens))) {
                continue;
            }
            $dusted = array_find(
                $own,
                static fn(Pass $one): bool => $one->step->technique->id === 'drybrush' && $one->step->more->load !== Load::Dusting
                    && $one->step->mix?->isMetal() === false,
            );
            if (
                $dusted !== null
                && ! array_any(
                    $scene->after($area, $dusted),
                    static fn(Pass $one): bool => $one->area !== null && $one->step->technique->does(Nature::Tints),
                )
            ) {
                yield $this->finding($scene, $area, $dusted);
            }
        }
    }

    private function finding(Scene $scene, Area $area, Pass $dusted): Finding
    {
        $step = $dusted->step;
        $base = array_find(
            $scene->before($area, $dusted),
            static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && $one->step->mix?->isClear() === false,
        );
        $mends = [new Mend(
            'Along the edges instead',
            new ChangeStep(Step::usual($step->id, Technique::of('edge-highlight'), null, $step->mix, $step->note)),
        )];
        if ($base !== null) {
            $glaze = Step::usual($scene->plan->freeStepId($step->id), Technique::of('glaze'), null, $base->step->mix);
            $mends[] = new Mend(
                "Even it out with a glaze of {$base->step->mix?->words()}",
                new InsertStep($glaze, $area->id, $step->id, false, $scene->order()->stepIds()),
            );
        }

        return $this->found(
            Severity::Risk,
            $area->id,
            $step->id,
            'Dust on a panel looks like dust.',
            sprintf(
                '%s is a %s, and the drybrush is its only light: it has next to nothing to catch on but the edges.',
                $area->name,
                $area->texture->label(),
            ),
            'With a soft round brush and hardly any paint a face is buffed lighter: that is the load "dusting".',
            $mends,
        );
    }
}
