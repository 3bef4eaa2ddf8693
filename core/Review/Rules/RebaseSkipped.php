<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** After a wash all over, the base again on all but the recesses brings the colour back. */
final class RebaseSkipped extends Rule
{
    /** ΔE₀₀ of the face that is seen from a step back. */
    private const MOVED = 5.0;

    /** ΔE₀₀ below which it is the same paint. */
    private const THE_SAME = 2.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if (
                ! in_array($area->size, [AreaSize::Large, AreaSize::Main], true)
                || ! in_array($area->material, [Material::Cloth, Material::Armour, Material::Leather], true)
            ) {
                continue;
            }
            $own = $scene->own($area);
            foreach ($own as $at => $wash) {
                $next = $own[$at + 1] ?? null;
                $stage = $scene->stage($area, $wash->step);
                if (
                    $next === null
                    || $stage === null
                    || ! $wash->step->technique->does(Nature::Washes)
                    || $wash->step->place !== Place::Everywhere
                    || ! $next->step->technique->does(Nature::Lightens)
                    || ! $next->step->place->isRaised()
                ) {
                    continue;
                }
                $moved = Ciede2000::between($stage->before->look()->at(Zone::Face), $stage->look->at(Zone::Face));
                $base = array_find(
                    array_reverse(array_slice($own, 0, $at)),
                    static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && $one->step->mix !== null,
                );
                $isBase = $base !== null
                    && $next->step->mix?->isClear() === false
                    && Ciede2000::between($base->step->mix?->colour() ?? $next->step->mix->colour(), $next->step->mix->colour()) < self::THE_SAME;
                if ($moved >= self::MOVED && ! $isBase) {
                    yield $this->finding($scene, $area, $wash, $next, $base, $moved);
                }
            }
        }
    }

    private function finding(Scene $scene, Area $area, Pass $wash, Pass $next, ?Pass $base, float $moved): Finding
    {
        $layer = $base === null ? null : Step::usual($scene->plan->freeStepId($wash->step->id), Technique::of('layer'), mix: $base->step->mix);

        return $this->found(
            Severity::Taste,
            $area->id,
            $next->step->id,
            'The base was not laid again after the wash.',
            sprintf(
                'The wash has visibly changed the face of %s (by %.1f), and the next step lights only what stands up: most of it stays dirty.',
                $area->name,
                $moved,
            ),
            'Who likes it worn goes straight on.',
            $layer === null
                ? []
                : [new Mend(
                    "{$base->step->mix?->words()} again on all but the recesses",
                    new InsertStep($layer, $area->id, $wash->step->id, false, $scene->order()->stepIds()),
                )],
        );
    }
}
