<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\ColourName;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\BestUndercoat;
use Kalokroma\Review\CoatWords;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Review\SteppingTones;
use Kalokroma\Simulation\Stage;

/** A weak light colour over a dark ground takes more coats than anybody paints: go there by stepping tones. */
final class WeakOverDark extends Rule
{
    /** Coats that nobody likes to paint. */
    private const TOO_MANY = 5;

    /** L* by which the ground is darker. */
    private const DARKER = 15.0;

    /** Share of paint below which many thin coats are meant. */
    private const THIN = 0.5;

    /** Coats in which a stepping tone covers. */
    private const FEW = 3;

    /** L* by which a stepping tone is lighter than what it lies on. */
    private const A_STEP = 12.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if ($area->isSmall()) {
                continue;
            }
            foreach ($scene->own($area) as $pass) {
                $stage = $scene->stage($area, $pass->step);
                if (
                    $stage !== null
                    && ! $pass->step->place->isFeathered()
                    && ! $this->isMeantThin($scene, $area, $pass)
                    && $this->isTooMuch($stage, $pass)
                    && ! $this->isSteppedUpTo($scene, $area, $pass)
                ) {
                    yield $this->finding($scene, $area, $pass, $stage);
                }
            }
        }
    }

    private function isTooMuch(Stage $stage, Pass $pass): bool
    {
        $forecast = $stage->forecast;
        if ($forecast === null || $forecast->isTooThin || ($forecast->needed !== null && $forecast->needed < self::TOO_MANY)) {
            return false;
        }
        $colour = $pass->step->mix?->colour();
        $ground = $stage->before->at($forecast->hardestZone)->toLab();

        return $colour !== null
            && (
                $colour->lightness - $ground->lightness >= self::DARKER
                || ($ground->toLch()->chroma < Neutral::GREY && $ground->lightness < $colour->lightness)
            );
    }

    /** Sprayed, of ink, or a thin tone on a ladder that rises: coats that are not meant to cover each by itself. */
    private function isMeantThin(Scene $scene, Area $area, Pass $pass): bool
    {
        $step = $pass->step;
        $tone = $step->mix === null || $step->mix->isClear() ? 0.0 : $step->mix->colour()->lightness;

        $isDarkerCoat = static fn(Pass $one): bool => $one->area !== null
            && $one->step->mix?->isClear() === false
            && $one->step->technique->does(Nature::Covers)
            && $one->step->mix->colour()->lightness < $tone;

        return in_array($step->brush, [Brush::Airbrush, Brush::SprayCan], true)
            || in_array(Kind::Ink, $step->mix?->kinds() ?? [], true)
            || ($step->dilution->strength() < self::THIN && array_any($scene->before($area, $pass), $isDarkerCoat));
    }

    private function isSteppedUpTo(Scene $scene, Area $area, Pass $pass): bool
    {
        $tones = [];
        foreach ($scene->before($area, $pass) as $one) {
            $stage = $one->area === null ? null : $scene->stage($area, $one->step);
            if ($stage?->forecast === null || $one->step->mix === null) {
                continue;
            }
            if ($one->step->mix->colour()->lightness > $stage->before->at(Zone::Face)->toLab()->lightness + self::A_STEP) {
                $tones[] = $stage->forecast->needed !== null && $stage->forecast->needed <= self::FEW;
            }
        }

        return $tones !== [] && ! in_array(false, $tones, true);
    }

    private function finding(Scene $scene, Area $area, Pass $pass, Stage $stage): Finding
    {
        $ground = $stage->before->at($stage->forecast->hardestZone ?? Zone::Face)->toLab();
        $needed = $stage->forecast?->needed;

        return $this->found(
            Severity::CostsTime,
            $area->id,
            $pass->step->id,
            $needed === null ? 'This never covers what is under it.' : sprintf('%s to cover what is under it.', ucfirst(CoatWords::of($needed))),
            sprintf(
                '%s (value %d) hides %d %% in a full coat, and lies over %s of value %d.',
                $pass->step->mix?->words() ?? '',
                $pass->step->mix?->colour()->value() ?? 0,
                (int) round(100 * ($pass->step->mix?->opacity() ?? 0)),
                ColourName::of($ground)->words(),
                $ground->value(),
            ),
            'Some live with the dark shining through: it makes a deep, dirty tone of it.',
            $this->mends($scene, $area, $pass, $stage),
        );
    }

    /** Over another undercoat it covers, or what is under it is no longer that much darker. */
    private function isBetterOver(Paint $undercoat, Scene $scene, Area $area, Pass $pass): bool
    {
        $stage = $area->strip(Undercoat::plain($undercoat), $scene->plan->model->finishLevel)->stage($pass->step->id);

        return $stage !== null && ! $this->isTooMuch($stage, $pass);
    }

    /** @return list<Mend> */
    private function mends(Scene $scene, Area $area, Pass $pass, Stage $stage): array
    {
        $mends = [];
        $tones = SteppingTones::to($pass->step, $stage, $scene->atHand(), $scene->plan->model->finishLevel);
        if ($tones !== null) {
            $edits = [];
            foreach ($tones->paints as $at => $paint) {
                $step = Step::usual(
                    sprintf('%s-%d', $scene->plan->freeStepId($pass->step->id), $at + 1),
                    Technique::of('basecoat'),
                    mix: Mix::single($paint['paint']),
                )->inCoats($paint['coats']);
                $edits[] = new InsertStep($step, $area->id, $pass->step->id, true, $scene->order()->stepIds());
            }
            $edits[] = new ChangeStep($pass->step->inCoats($tones->then));
            $names = implode(', then ', array_map(static fn(array $one): string => $one['paint']->name, $tones->paints));
            $mends[] = new Mend(sprintf('First %s: %s in all', $names, CoatWords::of($tones->total())), new Several($edits));
        }
        $pale = BestUndercoat::for($scene);
        if (
            $pale !== null
            && ! $scene->plan->isPrimedByItself($area)
            && $pale->id !== $scene->plan->undercoatOf($area)->base?->id
            && $this->isBetterOver($pale, $scene, $area, $pass)
        ) {
            $mends[] = new Mend("Another undercoat: {$pale->name}", new SetGround(Undercoat::plain($pale)));
        }

        return $mends;
    }
}
