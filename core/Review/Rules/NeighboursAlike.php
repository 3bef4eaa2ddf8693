<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\CoveringStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Particulars;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Areas of nearly one colour get lost in each other. */
final class NeighboursAlike extends Rule
{
    /** ΔE₀₀ of two areas as a whole that are told apart at arm's length. */
    private const ALIKE = 8.0;

    /** The same with a dark line between them. */
    private const ALIKE_IF_LINED = 5.0;

    /** ΔE₀₀ within which two aims are one. */
    private const ONE_AIM = 3.0;

    /** L* by which a rim left in the recesses is darker than both faces. */
    private const RIM = 15.0;

    /** Paints tried for a mend. */
    private const TRIED = 6;

    public function check(Scene $scene): iterable
    {
        $areas = array_values(array_filter(
            $scene->plan->areas,
            static fn(Area $one): bool => ! $one->isSmall() && ! $one->open && $scene->own($one) !== [],
        ));
        foreach ($areas as $at => $one) {
            foreach (array_slice($areas, $at + 1) as $other) {
                $off = $scene->neighbours->areTouching($one, $other) && ! self::areMeantAlike($one, $other)
                    ? Ciede2000::between($this->mean($scene, $one), $this->mean($scene, $other))
                    : INF;
                if ($off < self::ALIKE && ! ($off >= self::ALIKE_IF_LINED && $this->isLined($scene, $one, $other))) {
                    yield $this->finding($scene, $one, $other, $off);
                }
            }
        }
    }

    /** Painted by one recipe, shared or said twice, or two parts of one thing that shall have one colour. */
    private static function areMeantAlike(Area $one, Area $other): bool
    {
        $told = static fn(Area $area): array => array_map(
            static fn(Step $step): string => "{$step->technique->id} {$step->place->value} {$step->mix?->words()} {$step->dilution->words()}",
            $area->steps,
        );

        return ($one->recipe !== null && $one->recipe === $other->recipe) || $told($one) === $told($other)
            || (
                $one->aim !== null
                && $other->aim !== null
                && $one->material === $other->material
                && Ciede2000::between($one->aim, $other->aim) < self::ONE_AIM
            );
    }

    private function mean(Scene $scene, Area $area): Lab
    {
        return $scene->rehearsal->strip($area)->final()->mean();
    }

    private function isLined(Scene $scene, Area $one, Area $other): bool
    {
        $isLined = static fn(Pass $pass): bool => $pass->step->technique->does(Nature::LinesBorders)
            && ($pass->step->more->borders === [] || array_intersect([$one->id, $other->id], $pass->step->more->borders) !== []);

        return array_any([...$scene->own($one), ...$scene->own($other)], $isLined)
            || $this->isRimLeft($scene, $one) || $this->isRimLeft($scene, $other);
    }

    /** Nothing covers the recesses of an area, and the dark undercoat there is its border: external shade. */
    private function isRimLeft(Scene $scene, Area $area): bool
    {
        return ! array_any(
            $scene->own($area),
            static fn(Pass $pass): bool => $pass->step->technique->does(Nature::Covers) && $pass->step->place === Place::Everywhere,
        )
            && $scene->final($area, Zone::Face)->lightness - $scene->final($area, Zone::Recess)->lightness >= self::RIM;
    }

    private function finding(Scene $scene, Area $one, Area $other, float $off): Finding
    {
        // The one that is less work is moved.
        [$cheap, $stays] = count($one->steps) * $one->size->share() <= count($other->steps) * $other->size->share()
            ? [$one, $other]
            : [$other, $one];

        return $this->found(
            Severity::Taste,
            $cheap->id,
            null,
            "{$cheap->name} and {$stays->name} get lost in each other.",
            sprintf(
                'They touch, and at arm\'s length they will not be told apart: as a whole they end %.1f from each other, and %d it takes.',
                $off,
                (int) self::ALIKE,
            ),
            'A dark line or a rim of undercoat left between them does it too, when they are five or more apart.',
            $this->mends($scene, $cheap, $stays, $off),
        );
    }

    /** @return list<Mend> */
    private function mends(Scene $scene, Area $cheap, Area $stays, float $off): array
    {
        $base = array_find(
            $scene->own($cheap),
            static fn(Pass $one): bool => ($one->step->technique->does(Nature::Covers) || $one->step->technique->family === Family::Base)
                && $one->step->mix?->isClear() === false,
        );
        if ($base === null || $base->step->mix === null) {
            return [];
        }
        $mix = $base->step->mix;
        $away = $this->mean($scene, $stays);
        $candidates = $scene->atHand()->sorted(
            $mix->colour(),
            static fn(Paint $one): bool => ($mix->isTransparent() ? $one->kind->isTransparent() : AtHand::covers($one))
                && $base->step->technique->takes->accepts($one->kind)
                && ! $mix->holds($one->id)
                && $mix->isMetal() === ($one->kind === Kind::Metallic) && Ciede2000::between($one->colour(), $away) > self::ALIKE,
        );
        $mends = [];
        foreach (array_slice($candidates, 0, self::TRIED) as $paint) {
            $repainted = $base->step->with(Mix::single($paint));
            if (Ciede2000::between($scene->rehearsal->stripAs($cheap->withStep($repainted))->final()->mean(), $away) >= self::ALIKE) {
                $mends[] = new Mend("Base {$cheap->name} in {$paint->name}", new CoveringStep(new ChangeStep($repainted), $repainted->id));
                break;
            }
        }
        $line = $off < self::ALIKE_IF_LINED ? null : $scene->atHand()->nearest(Lab::of(18.0, 0.0, 0.0), AtHand::covers(...));
        if ($line !== null) {
            $own = $scene->own($cheap);
            $before = array_find($own, static fn(Pass $one): bool => $one->step->technique->does(Nature::Lightens));
            $step = Step::usual(
                $scene->plan->freeStepId("{$cheap->id}-line"),
                Technique::of('lining'),
                null,
                Mix::single($line),
            )->told((new Particulars)->lining([$stays->id]));
            $mends[] = new Mend(
                "A dark line between, {$line->name}",
                new InsertStep($step, $cheap->id, ($before ?? $own[count($own) - 1])->step->id, $before !== null, $scene->order()->stepIds()),
            );
        }

        return $mends;
    }
}
