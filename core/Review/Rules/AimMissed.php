<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeArea;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\CoveringStep;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** An area has a colour that it shall have, and comes out as another. */
final class AimMissed extends Rule
{
    /** ΔE₀₀ at which it is another colour. */
    private const OFF = 8.0;

    /** Chroma from which a white has a hue. */
    private const NO_WHITE = 8.0;

    /** Paints tried for a mend. */
    private const TRIED = 6;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $own = $scene->own($area);
            // Optional steps are a display ladder that is still open.
            if ($area->aim === null || $own === [] || $area->open || array_any($own, static fn(Pass $one): bool => $one->step->more->optional)) {
                continue;
            }
            $face = $scene->final($area, Zone::Face);
            if (self::misses($area->aim, $face) && self::misses($area->aim, $this->unlit($scene, $own) ?? $face)) {
                yield $this->finding($scene, $area, $area->aim, $face);
            }
        }
    }

    /**
     * What the face was before its lights: they may well lift it above what was meant.
     *
     * @param list<Pass> $own
     */
    private function unlit(Scene $scene, array $own): ?Lab
    {
        $last = array_find(
            array_reverse($own),
            static fn(Pass $one): bool => ! $one->step->technique->does(Nature::Lightens) && $one->step->technique->family !== Family::Weathering,
        );

        return $last?->area === null ? null : $scene->stage($last->area, $last->step)?->look->at(Zone::Face);
    }

    private static function misses(Lab $aim, Lab $face): bool
    {
        return Ciede2000::between($aim, $face) >= self::OFF
            || (Neutral::isWhite($aim) && $face->toLch()->chroma > self::NO_WHITE && $aim->toLch()->chroma <= self::NO_WHITE);
    }

    private function finding(Scene $scene, Area $area, Lab $aim, Lab $face): Finding
    {
        return $this->found(
            Severity::Taste,
            $area->id,
            null,
            "{$area->name} ends as another colour than it shall have.",
            sprintf(
                'It shall be %s, and its face ends %s, %.0f off.',
                ColourName::of($aim)->words(),
                ColourName::of($face)->words(),
                Ciede2000::between($aim, $face),
            ),
            'What one sees coming may well be better than what one had in mind: then take it as what it shall be.',
            array_values(array_filter([
                $this->based($scene, $area, $aim),
                $this->over($scene, $area, $aim),
                new Mend('It shall be as it comes out', new ChangeArea($area->askedFor($face, $area->asked))),
            ])),
        );
    }

    /** The base in the nearest paint with which it is met. */
    private function based(Scene $scene, Area $area, Lab $aim): ?Mend
    {
        $base = array_find(
            array_reverse($scene->own($area)),
            static fn(Pass $one): bool => $one->step->technique->does(Nature::Covers) && ! $one->step->place->isFeathered()
                && $one->step->mix?->isClear() === false,
        );
        if ($base === null || $base->step->mix === null) {
            return null;
        }
        $isMetal = $base->step->mix->isMetal();
        foreach (array_slice(
            $scene->atHand()->sorted($aim, static fn(Paint $one): bool => $isMetal ? $one->kind === Kind::Metallic : AtHand::covers($one)),
            0,
            self::TRIED,
        ) as $paint) {
            $edit = new CoveringStep(new ChangeStep($base->step->with(Mix::single($paint))), $base->step->id);
            $changed = $edit->applyTo($scene->plan)->area($area->id);
            if ($changed !== null && ! self::misses($aim, $scene->rehearsal->stripAs($changed)->final()->at(Zone::Face))) {
                return new Mend(sprintf('%s in %s', $base->step->technique->label, $paint->name), $edit);
            }
        }

        return null;
    }

    private function over(Scene $scene, Area $area, Lab $aim): ?Mend
    {
        if ($scene->plan->isPrimedByItself($area)) {
            return null;
        }
        $paint = array_find(
            array_slice((new AtHand($scene->atHand()->undercoats()))->sorted($aim, static fn(): bool => true), 0, self::TRIED),
            static fn(Paint $one): bool => $one->id !== $scene->plan->undercoatOf($area)->base?->id
                && ! self::misses($aim, $scene->rehearsal->finalOver($area, Undercoat::plain($one))->at(Zone::Face)),
        );

        return $paint === null ? null : new Mend("Another undercoat: {$paint->name}", new SetGround(Undercoat::plain($paint)));
    }
}
