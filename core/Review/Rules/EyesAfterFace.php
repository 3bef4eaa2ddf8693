<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Eyes come before the lights of the face, which cover their slips. */
final class EyesAfterFace implements Rule
{
    public function id(): string
    {
        return 'eyes-after-face';
    }

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->model->bodyType === BodyType::Beast ? [] : $scene->plan->areas as $area) {
            $eye = Scene::first($scene->own($area), static fn(Pass $one): bool => $one->step->technique->does(Nature::Eyes));
            foreach ($eye === null ? [] : [$area, ...$scene->neighbours->touching($area)] as $face) {
                if ($eye === null || $face->material !== Material::Skin) {
                    continue;
                }
                $lit = Scene::first($scene->own($face), static fn(Pass $one): bool => $one->step->technique->does(Nature::Lightens));
                $isCovered = Scene::any($scene->own($face), static fn(Pass $one): bool => $one->number > $eye->number && $one->step->technique->does(Nature::Repairs, Nature::Lightens, Nature::Covers));
                if ($lit !== null && $lit->number < $eye->number && ! $isCovered) {
                    yield new Finding(
                        $this->id(),
                        Severity::CostsTime,
                        $area->id,
                        $eye->step->id,
                        'The eyes come after the face is finished.',
                        sprintf('%s is lit in pass %d; a slip at the eyes in pass %d lands on finished skin.', $face->name, $lit->number, $eye->number),
                        'Some leave the eyes for last and touch up the lids.',
                        [new Mend('Eyes first', new MoveStep($this->lastEye($scene, $area), $lit->step->id, true, $scene->order()->stepIds()))],
                    );
                    break;
                }
            }
        }
    }

    private function lastEye(Scene $scene, Area $area): string
    {
        return Scene::first(array_reverse($scene->own($area)), static fn(Pass $one): bool => $one->step->technique->does(Nature::Eyes))->step->id ?? '';
    }
}
