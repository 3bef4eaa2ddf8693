<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\CoveringStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** White is the end of a ladder, not its first rung. */
final class WhiteTooEarly extends Rule
{
    /** L* of white paint. */
    private const WHITE = 93.0;

    /** L* by which a later colour is darker. */
    private const DARKER = 3.0;

    /** L* of a ground that is far from white. */
    private const DARK = 45.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if ($area->material === Material::Metal || $area->material === Material::Glass) {
                continue;
            }
            foreach ($scene->own($area) as $pass) {
                if (
                    $this->isWhite($pass->step)
                    && ! $this->isGroundForMore($scene, $area, $pass)
                    && ($this->isPaintedDarkerAfter($scene, $area, $pass) || $this->isStraightOnDark($scene, $area, $pass))
                ) {
                    yield $this->finding($scene, $area, $pass);
                    break;
                }
            }
        }
    }

    private function isWhite(Step $step): bool
    {
        $colour = $step->mix === null || $step->mix->isClear() || $step->mix->isTransparent() || $step->mix->isMetal()
            ? null
            : $step->mix->colour();

        return $colour !== null && $colour->lightness > self::WHITE && $colour->toLch()->chroma < Neutral::WHITE && $step->place !== Place::Corners
            && ! $step->technique->does(Nature::Eyes, Nature::Shines) && $step->technique->family !== Family::Undercoat;
    }

    /** A ground for transparents, glazes, eyes and glass wants to be white. */
    private function isGroundForMore(Scene $scene, Area $area, Pass $pass): bool
    {
        return array_any($scene->after($area, $pass), static fn(Pass $one): bool => $one->area !== null
            && (
                $one->step->technique->does(Nature::Eyes, Nature::Shines, Nature::Tints, Nature::SelfShades)
                || ($one->step->mix?->isClear() === false && $one->step->mix->isTransparent() && ! $one->step->technique->does(Nature::Washes))
            ));
    }

    private function isPaintedDarkerAfter(Scene $scene, Area $area, Pass $white): bool
    {
        return array_any($scene->after($area, $white), static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers)
            && $one->step->place === $white->step->place
            && $one->step->mix !== null
            && $one->step->mix->colour()->lightness < ($white->step->mix?->colour()->lightness ?? 100.0) - self::DARKER);
    }

    private function isStraightOnDark(Scene $scene, Area $area, Pass $white): bool
    {
        $before = $scene->stage($area, $white->step)?->before->look()->at(Zone::Face)->lightness ?? 100.0;

        return $white->step->technique->does(Nature::Covers)
            && ! $white->step->place->isFeathered()
            && $before < self::DARK
            && Neutral::isWhite($scene->final($area, Zone::Raised));
    }

    private function finding(Scene $scene, Area $area, Pass $pass): Finding
    {
        $first = $scene->atHand()->nearest(
            Lab::of(74.0, 0.0, 3.0),
            static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->lightness > 60.0 && $one->colour()->lightness < 88.0,
        );
        $mends = [];
        if ($first !== null) {
            $mends[] = new Mend(
                "Begin with {$first->name}",
                new CoveringStep(new ChangeStep($pass->step->with(Mix::single($first))), $pass->step->id),
            );
        }

        return $this->found(
            Severity::Taste,
            $area->id,
            $pass->step->id,
            'White comes too early here.',
            sprintf(
                '%s (value %d) leaves no room above it. White begins with grey or tan, and is kept for the last edges.',
                $pass->step->mix?->words() ?? '',
                $pass->step->mix?->colour()->value() ?? 0,
            ),
            'Some paint it white at once and shade it back with thin greys.',
            $mends,
        );
    }
}
