<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\CoveringStep;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A base at one end of the scale leaves no room beyond it. */
final class NoRoom extends Rule
{
    /** L* above which no highlight is seen. */
    private const LIGHTEST = 88.0;

    /** L* below which no shade is seen. */
    private const DARKEST = 12.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $own = $scene->own($area);
            $base = array_find(
                $own,
                static fn(Pass $one): bool => ($one->step->technique->family === Family::Base || $one->step->technique->does(Nature::Covers))
                    && $one->step->mix?->isClear() === false,
            );
            $mix = $base?->step->mix;
            if ($base === null || $mix === null || $mix->isMetal() || $mix->isTransparent() || $area->material === Material::Glass) {
                continue;
            }
            $later = $scene->after($area, $base);
            $isLow = $mix->colour()->lightness < self::DARKEST
                && array_any(
                    $later,
                    static fn(Pass $one): bool => $one->area !== null && $one->step->technique->family === Family::Shade
                        && ! $one->step->technique->does(Nature::LinesBorders),
                );
            $isHigh = $mix->colour()->lightness > self::LIGHTEST
                && array_any($later, static fn(Pass $one): bool => $one->area !== null && $one->step->technique->does(Nature::Lightens))
                && ! array_any($later, static fn(Pass $one): bool => $one->step->technique->does(Nature::Washes));
            if (! $isLow && ! $isHigh) {
                continue;
            }
            $colour = $mix->colour();
            $mid = $scene->atHand()->nearest(
                Lab::of($isLow ? 26.0 : 72.0, $colour->a, $colour->b),
                static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->lightness > 18.0 && $one->colour()->lightness < 82.0,
            );
            yield $this->found(
                Severity::Taste,
                $area->id,
                $base->step->id,
                $isLow ? 'No shade is seen below so dark a base.' : 'No light is seen above so pale a base.',
                sprintf(
                    '%s has value %d, and %s are planned %s it.',
                    $mix->words(),
                    $colour->value(),
                    $isLow ? 'shades' : 'highlights',
                    $isLow ? 'below' : 'above',
                ),
                'Black and white recipes that walk their own ladder begin elsewhere: black goes up, white begins with grey or tan.',
                $mid === null
                    ? []
                    : [new Mend(
                        "A base in the mid range: {$mid->name}",
                        new CoveringStep(new ChangeStep($base->step->with(Mix::single($mid))), $base->step->id),
                    )],
            );
        }
    }
}
