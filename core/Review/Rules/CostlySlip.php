<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Preferences\DarkFirst;
use Kalokroma\Planning\Repair;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Review\CoatWords;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A dark slip on a finished pale area costs many coats. */
final class CostlySlip extends Rule
{
    /** Coats that hurt. */
    private const COSTLY = 4;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $dark = array_find(
                $scene->own($area),
                static fn(Pass $one): bool => DarkFirst::slips($one->step),
            );
            foreach ($dark === null ? [] : $scene->neighbours->touching($area) as $beside) {
                if ($dark === null || $beside->isSmall() || $beside->ground || $area->ground || $scene->isMaskedDuring($beside, $dark)) {
                    continue;
                }
                $own = $scene->own($beside);
                if (
                    $own === []
                    || $own[count($own) - 1]->number > $dark->number
                    || $scene->final($beside, Zone::Face)->lightness - ($dark->step->mix?->colour()->lightness ?? 100.0) < DarkFirst::DARKER
                ) {
                    continue;
                }
                $coats = $this->coatsToRepaint($scene, $beside, $dark);
                if ($coats === null) {
                    continue;
                }
                yield $this->found(
                    Severity::Taste,
                    $area->id,
                    $dark->step->id,
                    "A slip onto {$beside->name} would cost ".CoatWords::of($coats).'.',
                    sprintf(
                        '%s is finished by step %d, and %s (value %d) goes on right beside it.',
                        $beside->name,
                        $dark->number,
                        $dark->step->mix?->words() ?? '',
                        $dark->step->mix?->colour()->value() ?? 0,
                    ),
                    'A steady hand does it in any order, and keeps that mix at hand.',
                    [new Mend('The dark first', new MoveStep($dark->step->id, $own[0]->step->id, true, $scene->order()->stepIds()))],
                );
                break;
            }
        }
    }

    /** Null when it is finished with few, or was not begun. */
    private function coatsToRepaint(Scene $scene, Area $beside, Pass $dark): ?int
    {
        $base = array_find(
            array_reverse($scene->own($beside)),
            static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && ! $one->step->place->isFeathered()
                && $one->step->mix?->isClear() === false && ! $one->step->mix->isTransparent(),
        );
        if ($base === null || $base->step->mix === null || $dark->step->mix === null) {
            return null;
        }
        $coats = Repair::of($scene->plan, $beside, $base->step, $dark->step->mix)?->all();

        return $coats !== null && $coats >= self::COSTLY ? $coats : null;
    }
}
