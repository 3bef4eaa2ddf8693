<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
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

/** A wash all over a smooth surface has nothing to run into and dries in tide marks. */
final class BlotchyWash extends Rule
{
    /** Share of wash from which it is plain: a weaker one tints. */
    private const PLAIN = 0.5;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $isBroad = $area->texture === Texture::BroadFolds && in_array($area->size, [AreaSize::Large, AreaSize::Main], true);
            if ($area->isSmall() || ! ($area->texture->isPanel() || $isBroad) || $area->material === Material::Metal) {
                continue;
            }
            foreach ($scene->own($area) as $pass) {
                // Over broad folds what shades itself finds its folds; a plain wash stands in pools between them.
                if ($isBroad && $pass->step->dilution->strength() < self::PLAIN) {
                    continue;
                }
                $isWash = (! $isBroad && $pass->step->technique->does(Nature::SelfShades))
                    || ($pass->step->technique->does(Nature::Washes) && $pass->step->technique->family === Family::Shade);
                if (
                    $isWash
                    && $pass->step->place === Place::Everywhere
                    && ! self::isSprayed($pass->step)
                    && $scene->stage($area, $pass->step)?->before->isMetal() !== true
                    && ! $this->isEvenedOut($scene, $area, $pass)
                ) {
                    yield $this->finding($scene, $area, $pass);
                }
            }
        }
    }

    private static function isSprayed(Step $step): bool
    {
        return $step->brush === Brush::Airbrush || $step->brush === Brush::SprayCan;
    }

    private function isEvenedOut(Scene $scene, Area $area, Pass $wash): bool
    {
        return array_any($scene->after($area, $wash), static fn(Pass $pass): bool => $pass->area !== null
            && (
                $pass->step->technique->does(Nature::Tints, Nature::Dusts, Nature::TouchesUp)
                || ($pass->step->technique->does(Nature::Covers) && ! $pass->step->technique->does(Nature::Lightens))
            ));
    }

    private function finding(Scene $scene, Area $area, Pass $pass): Finding
    {
        $step = $pass->step;
        $mends = [new Mend(
            'Only into the recesses',
            new ChangeStep(Step::usual(
                $step->id,
                Technique::of('wash'),
                Place::Recesses,
                $step->mix,
                $step->note,
                $step->more,
            )->with($step->mix, $step->dilution)),
        )];
        $isRisk = ! $area->texture->isPanel()
            || array_any(
                $scene->before($area, $pass),
                static fn(Pass $one): bool => $one->area !== null && self::isSprayed($one->step) && $one->step->place->isFeathered(),
            );
        $mends[] = new Mend(
            'Layer the shade instead',
            new ChangeStep(Step::usual($step->id, Technique::of('layered-shade'), null, $step->mix, $step->note)),
        );
        $base = array_find(
            array_reverse($scene->before($area, $pass)),
            static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && $one->step->mix !== null,
        );
        if ($base !== null) {
            $glaze = Step::usual($scene->plan->freeStepId($step->id), Technique::of('glaze'), Place::AllButRecesses, $base->step->mix);
            $mends[] = new Mend(
                "Even it out afterwards with a glaze of {$base->step->mix?->words()}",
                new InsertStep($glaze, $area->id, $step->id, false, $scene->order()->stepIds()),
            );
        }

        return $this->found(
            $isRisk ? Severity::Risk : Severity::CostsTime,
            $area->id,
            $step->id,
            $isRisk ? 'This wash may dry in blotches.' : 'This wash will dry in blotches.',
            $area->texture->isPanel()
                ? sprintf(
                    '%s is a %s: it has no recesses for the wash to run into, so it dries where it happens to stand.',
                    $area->name,
                    $area->texture->label(),
                )
                : sprintf(
                    '%s is %s of broad folds: between them a wash finds no recess to run into, and leaves its edge where it stood.',
                    $area->name,
                    $area->size === AreaSize::Main ? 'most of the model' : 'large, and',
                ),
            'Some flood it all the same and even it out with a glaze of the base afterwards.',
            $mends,
        );
    }
}
