<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Mix;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Without fluid below nothing comes off but by force. */
final class ChipWithoutFluid extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $chip) {
            $area = $chip->area ?? $scene->plan->areas[0] ?? null;
            if ($area === null || ! $chip->step->technique->does(Nature::Chips) || $chip->step->mix !== null) {
                continue;
            }
            $before = $scene->before($area, $chip);
            $fluid = array_find($before, static fn(Pass $one): bool => $one->step->technique->does(Nature::LaysChippingFluid));
            $coat = array_find(
                array_reverse($before),
                static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && $one->step->mix !== null,
            );
            $over = array_any(
                $before,
                static fn(Pass $one): bool => $fluid !== null && $one->number > $fluid->number && $one->step->mix?->isClear() === false,
            );
            if ($over) {
                continue;
            }
            $dark = $scene->atHand()->nearest(Lab::of(25.0, 4.0, 4.0), AtHand::covers(...));
            $mends = $dark === null
                ? []
                : [new Mend("Paint the chips on with {$dark->name}", new ChangeStep($chip->step->with(Mix::single($dark))))];
            if ($coat?->area !== null) {
                $step = Step::usual($scene->plan->freeStepId($coat->step->id.'-fluid'), Technique::of('chipping-fluid'));
                $mends[] = new Mend(
                    "Chipping fluid under the {$coat->step->mix?->words()}",
                    new InsertStep($step, $coat->area->id, $coat->step->id, true, $scene->order()->stepIds()),
                );
            }
            yield $this->found(
                Severity::Taste,
                $chip->area?->id,
                $chip->step->id,
                'There is nothing to scratch through.',
                sprintf('No chipping fluid and coat over it come before step %d on %s.', $chip->number, $area->name),
                'A sharp point scratches any paint, down to the plastic.',
                $mends,
            );
        }
    }
}
