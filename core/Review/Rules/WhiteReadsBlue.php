<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** White shaded with too much blue is light blue. */
final class WhiteReadsBlue extends Rule
{
    /** Chroma at which a pale tone has a hue. */
    private const COLOURED = 12.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $isMeantWhite = $area->aim !== null
                && Neutral::isWhite($area->aim)
                && $scene->final($area, Zone::Raised)->lightness > Neutral::WHITE_ABOVE;
            // Who asked for light blue gets it.
            $isWhite = $isMeantWhite || ($area->aim === null && Neutral::isWhite($scene->final($area, Zone::Raised)));
            if ($scene->own($area) === [] || ! $isWhite) {
                continue;
            }
            $face = $scene->final($area, Zone::Face);
            if ($face->toLch()->chroma <= self::COLOURED || $face->b >= 0.0) {
                continue;
            }
            $middle = array_find(
                $scene->own($area),
                static fn(Pass $one): bool => $one->step->mix?->isClear() === false && $one->step->mix->colour()->toLch()->chroma > self::COLOURED
                    && $one->step->mix->colour()->b < 0.0,
            );
            $grey = $middle?->step->mix === null ? null : $scene->atHand()->nearest(
                Lab::of($middle->step->mix->colour()->lightness, 0.3 * $middle->step->mix->colour()->a, 0.3 * $middle->step->mix->colour()->b),
                static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->toLch()->chroma < self::COLOURED,
            );
            yield $this->found(
                Severity::Taste,
                $area->id,
                $middle?->step->id,
                "{$area->name} reads as light blue.",
                sprintf(
                    'Its raised parts are white, but its faces have chroma %d toward blue; beyond %d nobody calls it white.',
                    (int) round($face->toLch()->chroma),
                    (int) self::COLOURED,
                ),
                'Cold white in moonlight may well be blue.',
                $middle === null || $grey === null
                    ? []
                    : [new Mend("Less blue in the middle: {$grey->name}", new ChangeStep($middle->step->with(Mix::single($grey))))],
            );
        }
    }
}
