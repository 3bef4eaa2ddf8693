<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\CoatWords;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** On a large panel the marks of the brush stay in paint that was not thinned. */
final class UndilutedPanel extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if (! $area->texture->isPanel() || ! in_array($area->size, [AreaSize::Large, AreaSize::Main], true)) {
                continue;
            }
            foreach ($scene->own($area) as $pass) {
                $step = $pass->step;
                $isCoat = $step->technique->does(Nature::Covers)
                    && in_array($step->technique->family, [Family::Base, Family::Light], true)
                    && ! $step->technique->does(Nature::Lightens, Nature::Sprays);
                if (
                    ! $isCoat
                    || $step->mix === null
                    || $step->mix->isClear()
                    || $step->mix->isMetal()
                    || $step->mix->isTransparent()
                    || $step->place->isFeathered()
                    || ! $step->dilution->isStraight()
                    || in_array($step->brush, [Brush::Airbrush, Brush::SprayCan], true)
                ) {
                    continue;
                }
                $thinned = $step->with($step->mix, Dilution::of(2, 1, Thinner::Water))->inCoats(min(Step::MOST_COATS, $step->coats + 1));
                yield $this->found(
                    Severity::Risk,
                    $area->id,
                    $step->id,
                    'The strokes of the brush will stay.',
                    sprintf('%s goes on as it comes from the pot, over a %s that shows every ridge.', $step->mix->words(), $area->texture->label()),
                    'Paint that levels by itself, laid quickly with a soft brush, may go straight on.',
                    [new Mend(sprintf('2 : 1 water, %s', CoatWords::of($thinned->coats)), new ChangeStep($thinned))],
                );
                break;
            }
        }
    }
}
