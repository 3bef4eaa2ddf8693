<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\CoveringStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\Stage;

/** A transparent can only darken: over a dark ground it does nothing. */
final class TransparentOverDark extends Rule
{
    /** L* below which a face reads as black whatever its hue. */
    private const LOST_BELOW = 22.0;

    /** L* of a ground that swallows a transparent. */
    private const DARK_GROUND = 30.0;

    /** ΔE₀₀ that nobody would call a change. */
    private const NOTHING_HAPPENS = 2.0;

    /** L* of a colour that is meant to darken. */
    private const DARK_COLOUR = 25.0;

    /** L* of a light ground, and the coats that one may take. */
    private const LIGHT = 65.0;

    private const FEW = 4;

    /** Degrees of hue within which a glaze is one of the ground's own colour, and chroma from which a ground has one. */
    private const OWN_HUE = 25.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if (($area->texture === Texture::TinyDetail || $area->size === AreaSize::Speck) && ! self::isGlass($area, $scene)) {
                continue;
            }
            $isFirst = true;
            foreach ($scene->own($area) as $pass) {
                $stage = $scene->stage($area, $pass->step);
                $mix = $pass->step->mix;
                if ($stage === null || $mix === null || $mix->isClear()) {
                    continue;
                }
                if (
                    $mix->isTransparent()
                    && ! self::isPutInShade($pass->step->place)
                    && $pass->step->technique->family !== Family::Weathering
                    && ! $stage->before->isMetal()
                    && ! $this->isMeantAsTint($stage, $pass->step, $isFirst)
                    && $this->isLost($stage, $mix->colour(), $isFirst)
                    && ! $this->isLitAfter($scene, $area, $pass)
                ) {
                    yield $this->finding($scene, $area, $pass, $stage);
                }
                $isFirst = false;
            }
        }
    }

    private static function isGlass(Area $area, Scene $scene): bool
    {
        return $area->material === Material::Glass
            || array_any($scene->own($area), static fn(Pass $pass): bool => $pass->step->technique->does(Nature::Shines));
    }

    private static function isPutInShade(Place $place): bool
    {
        return $place === Place::Recesses || $place === Place::LowerSides;
    }

    /** A wash on what has a base already shades it; a glaze of the ground's own hue makes it stronger. */
    private function isMeantAsTint(Stage $stage, Step $step, bool $isFirst): bool
    {
        if ($isFirst || $step->mix === null) {
            return false;
        }
        $ground = $stage->before->look()->at(Zone::Face)->toLch();

        return ($step->technique->does(Nature::Washes) && $step->technique->family === Family::Shade)
            || (
                $step->technique->does(Nature::Tints)
                && ($ground->chroma < Neutral::GREY || abs($ground->turnTo($step->mix->colour()->toLch())) <= self::OWN_HUE)
            );
    }

    private function isLost(Stage $stage, Lab $own, bool $isFirst): bool
    {
        $ground = $stage->before->look()->at(Zone::Face);
        $after = $stage->look->at(Zone::Face);
        if ($own->lightness < self::DARK_COLOUR || $own->lightness < $ground->lightness) {
            return false;
        }
        $isMeantAsColour = $isFirst || $own->lightness > $ground->lightness;

        return $isMeantAsColour
            && (
                $after->lightness < self::LOST_BELOW
                || ($ground->lightness < self::DARK_GROUND && Ciede2000::between($ground, $after) < self::NOTHING_HAPPENS)
            );
    }

    /** Opaque steps on top of it bring the light it could not. */
    private function isLitAfter(Scene $scene, Area $area, Pass $pass): bool
    {
        $now = $scene->stage($area, $pass->step)?->look->at(Zone::Face)->lightness ?? 0.0;

        return array_any($scene->after($area, $pass), static fn(Pass $one): bool => $one->area !== null
            && $one->step->mix !== null
            && ! $one->step->mix->isClear()
            && ! $one->step->mix->isTransparent() && $one->step->mix->colour()->lightness > $now);
    }

    private function finding(Scene $scene, Area $area, Pass $pass, Stage $stage): Finding
    {
        $ground = $stage->before->look()->at(Zone::Face);
        $after = $stage->look->at(Zone::Face);

        return $this->found(
            Severity::CostsTime,
            $area->id,
            $pass->step->id,
            'This will hardly be seen.',
            sprintf(
                '%s is transparent and can only darken. Over the %s (value %d) its face comes out at value %d.',
                $pass->step->mix?->words() ?? '',
                ColourName::of($ground)->words(),
                $ground->value(),
                $after->value(),
            ),
            'Over dark it serves only as a tint in the shade; colour comes from a light ground, or from opaque paint.',
            $this->mends($scene, $area, $pass),
        );
    }

    /** Laid as a base is it covers the ground in so many coats as anybody paints. */
    private static function covers(Scene $scene, Area $area, Pass $pass, Paint $paint): bool
    {
        $stage = $scene->stage($area, $pass->step);
        $base = Step::usual($pass->step->id, Technique::of('basecoat'), mix: Mix::single($paint))->application();
        $needed = $stage === null || $base === null ? null : CoatForecast::of($base, $stage->before, $scene->plan->model->finishLevel)?->needed;

        return $needed !== null && $needed <= self::FEW;
    }

    /** @return list<Mend> */
    private function mends(Scene $scene, Area $area, Pass $pass): array
    {
        $mends = [];
        $colour = $pass->step->mix?->colour();
        $light = $scene->atHand()->nearest(
            Lab::of(88.0, 0.0, 4.0),
            static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->lightness > self::LIGHT
                && self::covers($scene, $area, $pass, $one),
        );
        if ($light !== null) {
            $ground = Step::usual($scene->plan->freeStepId($pass->step->id), Technique::of('basecoat'), mix: Mix::single($light));
            $mends[] = new Mend(
                "A light ground first: {$light->name}",
                new CoveringStep(new InsertStep($ground, $area->id, $pass->step->id, true, $scene->order()->stepIds()), $ground->id),
            );
        }
        $opaque = $colour === null ? null : $scene->atHand()->nearest($colour, AtHand::covers(...));
        if ($opaque !== null) {
            $step = Step::usual(
                $pass->step->id,
                Technique::of('basecoat'),
                $pass->step->place->isFeathered() ? null : $pass->step->place,
                Mix::single($opaque),
                $pass->step->note,
            );
            $mends[] = new Mend("An opaque paint instead: {$opaque->name}", new CoveringStep(new ChangeStep($step), $step->id));
        }
        $pale = (new AtHand($scene->atHand()->undercoats()))->nearest(
            Lab::of(92.0, 0.0, 3.0),
            static fn(Paint $one): bool => $one->colour()->lightness > 70.0,
        );
        if ($pale !== null && ! array_any($scene->before($area, $pass), static fn(Pass $one): bool => $one->area !== null)) {
            $mends[] = new Mend("A light undercoat: {$pale->name}", new SetGround(Undercoat::plain($pale)));
        }

        return $mends;
    }
}
