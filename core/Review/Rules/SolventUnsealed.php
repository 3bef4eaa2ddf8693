<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Takes;
use Kalokroma\Craft\Thinner;
use Kalokroma\Paint\Kind;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Review\VarnishFirst;

/** Solvents soften acrylic that no varnish lies over. */
final class SolventUnsealed extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $wet = array_find($scene->run($area), static fn(Pass $one): bool => self::isSolvent($one->step));
            // Grime on the whole model is told once, at the first area it meets.
            if (
                $wet === null
                || ($wet->area === null && $area !== $scene->plan->areas[0])
                || $scene->isSealedBefore($area, $wet)
                || $this->standsSolvent($scene, $area, $wet)
            ) {
                continue;
            }
            yield $this->found(
                Severity::Risk,
                $wet->area?->id,
                $wet->step->id,
                'Solvent on unsealed acrylic may soften it.',
                sprintf(
                    'No varnish lies over %s before the %s in step %d: rubbing it with spirit can take paint along.',
                    $area->name,
                    mb_strtolower($wet->step->technique->label),
                    $wet->number,
                ),
                'On robust paint many do it with no seal at all, gently, and it works.',
                VarnishFirst::mends($scene, $wet),
            );
        }
    }

    private static function isSolvent(Step $step): bool
    {
        return $step->technique->does(Nature::Solvent, Nature::Streaks)
            || ($step->technique->does(Nature::Pigments) && $step->dilution->with === Thinner::Thinner && $step->dilution->thinner > 0);
    }

    private function standsSolvent(Scene $scene, Area $area, Pass $wet): bool
    {
        $below = array_find(
            array_reverse($scene->before($area, $wet)),
            static fn(Pass $one): bool => $one->step->mix !== null && $one->step->technique->takes === Takes::Colour,
        );

        return $below !== null && in_array(Kind::Enamel, $below->step->mix?->kinds() ?? [], true);
    }
}
