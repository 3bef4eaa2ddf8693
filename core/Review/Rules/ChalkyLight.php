<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lch;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Simulation\Stage;

/** A strong colour lit with white alone goes chalky: each family leans on its way up. */
final class ChalkyLight extends Rule
{
    /** Chroma of a strong colour, and what it loses. */
    private const STRONG = 35.0;

    private const HALF = 0.5;

    /** L* and chroma of white and off-white paints. */
    private const WHITE = 85.0;

    private const OFF_WHITE = 18.0;

    /** Degrees from which a tone leans. */
    private const LEANS = 8.0;

    /** Hues of the families that lean, and the hue they lean to: brown to tan, green to yellow, blue to cyan, purple to pink. */
    private const FAMILIES = [[45.0, 75.0, 80.0], [108.0, 175.0, 100.0], [225.0, 295.0, 215.0], [295.0, 345.0, 360.0]];

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($scene->own($area) as $pass) {
                $stage = $scene->stage($area, $pass->step);
                $toward = $stage === null ? null : $this->shouldLean($pass->step, $stage);
                if ($stage !== null && $toward !== null && ! $this->isGlazed($scene, $area, $pass, $stage)) {
                    yield $this->finding($scene, $area, $pass, $stage, $toward);
                    break;
                }
            }
        }
    }

    /** @return float|null hue that the family leans to; null when there is nothing to say */
    private function shouldLean(Step $step, Stage $stage): ?float
    {
        $mix = $step->mix;
        if (
            $mix === null
            || $mix->isMetal()
            || $mix->isTransparent()
            || ! $step->technique->does(Nature::Lightens)
            || in_array($step->place, [Place::UpperEdges, Place::Corners], true)
            || ! self::isLitWithWhite($mix)
        ) {
            return null;
        }
        $now = $stage->before->look()->at(Zone::Face)->toLch();
        $then = $mix->colour()->toLch();
        if ($now->chroma <= self::STRONG || $then->lightness <= $now->lightness || $then->chroma >= self::HALF * $now->chroma) {
            return null;
        }
        foreach (self::FAMILIES as [$from, $to, $toward]) {
            if ($now->hue >= $from && $now->hue < $to) {
                $leans = $now->turnTo($then) * ($toward > $now->hue ? 1.0 : -1.0);

                return $then->chroma >= Neutral::GREY && $leans >= self::LEANS ? null : $toward;
            }
        }

        return null;
    }

    private static function isLitWithWhite(Mix $mix): bool
    {
        $whites = array_filter(
            $mix->ingredients,
            static fn(Ingredient $one): bool => ! $one->paint->isClear() && $one->paint->colour()->lightness > self::WHITE
                && $one->paint->colour()->toLch()->chroma < self::OFF_WHITE,
        );

        return $whites !== [];
    }

    /** A glaze of the colour brings it back. */
    private function isGlazed(Scene $scene, Area $area, Pass $light, Stage $stage): bool
    {
        $now = $stage->before->look()->at(Zone::Face)->toLch();

        return array_any($scene->after($area, $light), static fn(Pass $one): bool => $one->area !== null && $one->step->mix?->isClear() === false
            && ($one->step->technique->does(Nature::Tints) || $one->step->mix->isTransparent())
                && abs($now->turnTo($one->step->mix->colour()->toLch())) < 40.0);
    }

    private function finding(Scene $scene, Area $area, Pass $pass, Stage $stage, float $toward): Finding
    {
        $now = $stage->before->look()->at(Zone::Face)->toLch();
        $tone = $pass->step->mix?->colour()->toLch();
        $hue = $now->hue + ($toward > $now->hue ? 1.0 : -1.0) * min(25.0, abs($toward - $now->hue) + self::LEANS);
        $leant = $scene->atHand()->nearest(
            Lch::of($tone->lightness ?? 70.0, 0.8 * $now->chroma, $hue)->toLab(),
            static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->lightness > $now->lightness + 4.0
                && $one->colour()->toLch()->chroma >= self::HALF * $now->chroma && abs($now->turnTo($one->colour()->toLch())) < 45.0,
        );

        return $this->found(
            Severity::Taste,
            $area->id,
            $pass->step->id,
            'This light goes chalky.',
            sprintf(
                '%s keeps %d of the %d of chroma that %s has by now, and has not leaned on its way up.',
                $pass->step->mix?->words() ?? '',
                (int) round($tone->chroma ?? 0.0),
                (int) round($now->chroma),
                $area->name,
            ),
            'Faded, dusty cloth is lit so on purpose; a thin glaze of the colour afterwards brings it back.',
            array_values(array_filter([
                $leant === null ? null : new Mend("The family's own lean: {$leant->name}", new ChangeStep($pass->step->with(Mix::single($leant)))),
                $this->glazed($scene, $area, $pass),
            ])),
        );
    }

    private function glazed(Scene $scene, Area $area, Pass $pass): ?Mend
    {
        $base = array_find(
            array_reverse($scene->before($area, $pass)),
            static fn(Pass $one): bool => $one->area !== null && $one->step->technique->does(Nature::Covers)
                && $one->step->mix?->isClear() === false,
        );
        if ($base === null) {
            return null;
        }
        $glaze = Step::usual($scene->plan->freeStepId($pass->step->id), Technique::of('glaze'), null, $base->step->mix);

        return new Mend(
            "A thin glaze of {$base->step->mix?->words()} over it",
            new InsertStep($glaze, $area->id, $pass->step->id, false, $scene->order()->stepIds()),
        );
    }
}
