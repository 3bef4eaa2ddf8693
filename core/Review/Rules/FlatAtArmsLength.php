<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Simulation\Look;

/** From an arm away shadow and light have to be told apart. */
final class FlatAtArmsLength extends Rule
{
    /** Paints tried for a mend. */
    private const TRIED = 4;

    /** L* beyond what is just enough: thin coats fall short of the pot. */
    private const SPARE = 10.0;

    /** Degrees by which a family leans on its way up, and what it may lose of its chroma. */
    private const LEAN = 20.0;

    private const HALF = 0.5;

    /** Coats of the base that may be laid again. */
    private const FEW = 3;

    /** Degrees by which a shade leans away. */
    private const SHADE_LEAN = 35.0;

    /** Chroma that a light of a grey may have. */
    private const NEUTRAL = 16.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if (
                $area->isSmall()
                || $area->ground
                || $area->open
                || $scene->own($area) === []
                || in_array($area->material, [Material::Metal, Material::Glass, Material::Ground], true)
                || $scene->endsAsMetal($area)
            ) {
                continue;
            }
            $look = $scene->rehearsal->strip($area)->final();
            if (! $look->isReadable($area->importance) && ! $this->isBlackTold($scene, $area)) {
                yield $this->finding($scene, $area, $look);
            }
        }
    }

    /** A black area may live by its edges alone. */
    private function isBlackTold(Scene $scene, Area $area): bool
    {
        $face = $scene->final($area, Zone::Face);

        return $face->lightness < Neutral::BLACK_BELOW && $face->toLch()->chroma < Neutral::GREY
            && array_any(
                $scene->own($area),
                static fn(Pass $one): bool => $one->step->technique->does(Nature::LinesBorders) || $one->step->place === Place::UpperEdges,
            );
    }

    private function finding(Scene $scene, Area $area, Look $look): Finding
    {
        $own = $scene->own($area);

        return $this->found(
            Severity::Taste,
            $area->id,
            $own[count($own) - 1]->step->id,
            "{$area->name} goes flat at arm's length.",
            sprintf(
                'From recess to raised parts it has %d of value in the end; %d is what is still seen there.',
                (int) floor($look->relief()),
                (int) $area->importance->readableRange(),
            ),
            'Quiet areas may be flat on purpose: mark it as quiet, and less is asked of it.',
            array_values(array_filter([$this->lifted($scene, $area, $look), $this->deepened($scene, $area, $look)])),
        );
    }

    /** The last light raised until shadow and light are told apart. */
    private function lifted(Scene $scene, Area $area, Look $look): ?Mend
    {
        $own = $scene->own($area);
        $raised = $look->at(Zone::Raised);
        $light = array_find(
            array_reverse($own),
            static fn(Pass $one): bool => $one->step->technique->does(Nature::Lightens) && $one->step->mix?->isClear() === false
                && $one->step->place === Place::RaisedParts,
        );
        // A new light comes before the edges, and on what a wash has dirtied the base comes first.
        $last = array_find(
            array_reverse($own),
            static fn(Pass $one): bool => $one->step->place !== Place::UpperEdges && $one->step->place !== Place::Corners,
        )
            ?? $own[count($own) - 1];
        $again = $light === null && $last->step->technique->does(Nature::Washes) && $last->step->place === Place::Everywhere
            ? $this->again($scene, $area, $last)
            : null;
        $wanted = Lab::of(min(95.0, $raised->lightness + $this->missing($area, $look)), 0.8 * $raised->a, 0.8 * $raised->b);
        if ($light === null && $again === null && $last->step->technique->does(Nature::Washes) && $last->step->place === Place::Everywhere) {
            return null;
        }
        foreach (array_slice(
            $scene->atHand()->sorted(
                $wanted,
                static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->lightness > $raised->lightness + 3.0
                    && self::isOfItsLadder($one, $raised),
            ),
            0,
            self::TRIED,
        ) as $paint) {
            if ($light !== null) {
                $edit = new ChangeStep($light->step->with(Mix::single($paint)));
            } else {
                $lit = Step::usual($scene->plan->freeStepId($last->step->id), Technique::of('highlight'), mix: Mix::single($paint));
                $order = $scene->order()->stepIds();
                $edit = new InsertStep($lit, $area->id, $last->step->id, false, $order);
                $edit = $again === null ? $edit : new Several([$edit, new InsertStep($again, $area->id, $lit->id, true, $order)]);
            }
            $changed = $edit->applyTo($scene->plan)->area($area->id);
            if ($changed !== null && $this->isSettled($scene, $area, $changed)) {
                return new Mend($light === null ? "Lift the raised parts with {$paint->name}" : "Lift the last light: {$paint->name}", $edit);
            }
        }

        return null;
    }

    /** A tone of its own hue, leaning away at most; a colour does not go grey in its shade. */
    private static function isOfItsShades(Paint $paint, Lab $shade): bool
    {
        [$tone, $own] = [$paint->colour()->toLch(), $shade->toLch()];

        return $own->chroma < Neutral::WHITE
            ? $tone->chroma < self::NEUTRAL
            : $tone->chroma >= Neutral::GREY && abs($own->turnTo($tone)) <= self::SHADE_LEAN;
    }

    /** The base again on all but the recesses. */
    private function again(Scene $scene, Area $area, Pass $wash): ?Step
    {
        $base = array_find(
            array_reverse($scene->before($area, $wash)),
            static fn(Pass $one): bool => $one->area !== null && $one->step->technique->does(Nature::Covers)
                && $one->step->mix?->isClear() === false,
        );

        $layer = $base === null
            ? null
            : Step::usual($scene->plan->freeStepId("{$wash->step->id}-again"), Technique::of('layer'), mix: $base->step->mix);
        $stage = $scene->stage($area, $wash->step);
        $needed = $stage === null || $layer === null
            ? null
            : $layer->coatsOver($stage->before->after($stage->application), $scene->plan->model->finishLevel);

        return $layer === null || $needed === null || $needed > self::FEW ? null : $layer->inCoats($needed);
    }

    /** A tone that the area's own ladder might have: of its hue and not much greyer, or as neutral as it is. */
    private static function isOfItsLadder(Paint $paint, Lab $light): bool
    {
        [$tone, $own] = [$paint->colour()->toLch(), $light->toLch()];

        return $own->chroma < Neutral::WHITE
            ? $tone->chroma < self::NEUTRAL
            : abs($own->turnTo($tone)) <= self::LEAN && $tone->chroma >= self::HALF * $own->chroma;
    }

    /** A shade laid at the bottom of the folds that is deep enough. */
    private function deepened(Scene $scene, Area $area, Look $look): ?Mend
    {
        $base = array_find(
            $scene->own($area),
            static fn(Pass $one): bool => ($one->step->technique->does(Nature::Covers) || $one->step->technique->family === Family::Base)
                && $one->step->mix?->isClear() === false,
        );
        $recess = $look->at(Zone::Recess);
        $wanted = Lab::of(max(10.0, $recess->lightness - $this->missing($area, $look)), $recess->a, $recess->b);
        if ($base === null) {
            return null;
        }
        $darker = $scene->atHand()->sorted(
            $wanted,
            static fn(Paint $one): bool => AtHand::covers($one) && $one->colour()->lightness < $recess->lightness - 6.0
                && self::isOfItsShades($one, $recess),
        );
        foreach (array_slice($darker, 0, self::TRIED) as $paint) {
            $shade = Step::usual($scene->plan->freeStepId($base->step->id.'-shade'), Technique::of('layered-shade'), mix: Mix::single($paint));
            $edit = new InsertStep($shade, $area->id, $base->step->id, false, $scene->order()->stepIds());
            if ($this->isSettled($scene, $area, $this->with($area, $base->step, $shade))) {
                return new Mend("Deepen the shade with {$paint->name}", $edit);
            }
        }

        return null;
    }

    private function missing(Area $area, Look $look): float
    {
        return $area->importance->readableRange() - $look->relief() + self::SPARE;
    }

    private function isSettled(Scene $scene, Area $area, Area $changed): bool
    {
        return $scene->rehearsal->stripAs($changed)->final()->isReadable($area->importance);
    }

    /** The area with a new step right behind another. */
    private function with(Area $area, Step $after, Step $new): Area
    {
        $steps = $area->steps;
        array_splice($steps, (int) array_search($after, $steps, true) + 1, 0, [$new]);

        return $area->withSteps($steps);
    }
}
