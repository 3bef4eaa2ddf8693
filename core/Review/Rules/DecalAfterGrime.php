<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A clean mark on dirty paint looks stuck on. */
final class DecalAfterGrime implements Rule
{
    public function id(): string
    {
        return 'decal-after-grime';
    }

    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $decal) {
            $area = $decal->area ?? $scene->plan->areas[0] ?? null;
            if ($area === null || ! $decal->step->technique->does(Nature::LaysDecal)) {
                continue;
            }
            $grime = Scene::first($scene->before($area, $decal), static fn(Pass $one): bool => $one->step->technique->does(Nature::Grimes));
            if ($grime !== null) {
                yield new Finding(
                    $this->id(),
                    Severity::CostsTime,
                    $decal->area?->id,
                    $decal->step->id,
                    'The decal comes after the grime.',
                    sprintf('%s is weathered in pass %d and the decal laid in pass %d: it stays clean where all around it is dirty, and its fluids loosen the grime.', $area->name, $grime->number, $decal->number),
                    'Some do, and dirty the decal by itself afterwards.',
                    [new Mend('The decal before the grime', new MoveStep($decal->step->id, $grime->step->id, true, $scene->order()->stepIds()))],
                );
            }
        }
    }
}
