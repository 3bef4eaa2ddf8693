<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Recipe\Neighbours;

/**
 * How a slip is put right, when that is best done, and what each way of doing it costs: repaint, darken over, or turn it into a chip.
 */
final readonly class TouchUp
{
    /** Of a whole coat a spot takes so much. */
    public const SPOT = 0.25;

    /** Coats that beginning again there counts as. */
    public const ANEW = 5;

    /** @param list<array{way: string, words: string, minutes: int}> $ways the plain one first */
    private function __construct(
        public Pass $pass,
        public ?Pass $after,
        public array $ways,
        public int $coats,
    ) {}

    /**
     * @param Pass $pass whose paint has to be put back
     * @param int $models it slipped on
     * @param Slipped $kind of what happened
     */
    public static function of(Progress $progress, Pass $pass, int $models, Slipped $kind = Slipped::PaintOnIt): self
    {
        $slip = self::slip($progress, $pass, $kind);
        $repair = $slip === null ? null : Repair::of($progress->plan, $pass->area, $pass->step, $slip);
        $coats = $repair === null ? max(1, min($pass->step->coats, 3)) : $repair->all();
        $each = Pace::of($progress->plan)->coat($pass->step, $pass->area) * self::SPOT + Technique::of('touch-up')->minutes;
        $ways = [];
        if ($slip !== null && self::comesOff($progress, $pass, $slip)) {
            $ways[] = [
                'way' => 'wipe',
                'words' => 'Wipe it off with a brush damp with thinner: the varnish below holds.',
                'minutes' => (int) ceil(Technique::of('touch-up')->minutes * $models),
            ];
        }
        if ($coats !== null) {
            $ways[] = [
                'way' => 'repaint',
                'words' => self::words($pass, $repair, $slip, $coats),
                'minutes' => (int) ceil($each * $coats * $models),
            ];
        }
        $shade = self::shade($progress, $pass);
        if ($shade !== null) {
            $ways[] = [
                'way' => 'darken',
                'words' => sprintf('Darken over: %s into the spot, and let it be shadow.', $shade->step->words()),
                'minutes' => (int) ceil(Technique::of('touch-up')->minutes * $models),
            ];
        }
        if ($pass->area !== null && $pass->area->material->isHard()) {
            $ways[] = [
                'way' => 'chip',
                'words' => 'Make it a chip: a dark spot with a light line below it, as if knocked.',
                'minutes' => (int) ceil(2 * Technique::of('touch-up')->minutes * $models),
            ];
        }

        if ($ways === []) {
            $ways[] = [
                'way' => 'repaint',
                'words' => sprintf(
                    'No number of coats of %s hides %s: take the area down to its undercoat there, and begin again.',
                    $pass->step->words(),
                    $slip?->words() ?? 'it',
                ),
                'minutes' => (int) ceil($each * self::ANEW * $models),
            ];
        }

        return new self($pass, self::bestAfter($progress, $pass), $ways, $coats ?? self::ANEW);
    }

    private static function words(Pass $pass, ?Repair $repair, ?Mix $slip, int $coats): string
    {
        if ($pass->step->mix === null) {
            return sprintf('%s once more, only where it slipped.', $pass->step->technique->label);
        }
        $over = $slip === null ? '' : " over the {$slip->words()}";
        $apart = DryTimes::betweenCoats($pass->step);
        if ($repair?->first !== null) {
            return sprintf(
                'Repaint: first %s of %s%s, then %s of %s, thin, only where it slipped, %d minutes apart.',
                self::told($repair->firstCoats),
                $repair->first->name,
                $over,
                self::told($repair->coats ?? 1),
                $pass->step->words(),
                $apart,
            );
        }

        return sprintf(
            'Repaint: %s of %s%s, thin, only where it slipped%s.',
            self::told($coats),
            $pass->step->words(),
            $over,
            $coats > 1 ? ", $apart minutes apart" : '',
        );
    }

    private static function told(int $coats): string
    {
        return $coats === 1 ? '1 coat' : "$coats coats";
    }

    /** What lies on it: the paint that was last at work beside it, or what it was laid over where it is gone. */
    private static function slip(Progress $progress, Pass $pass, Slipped $kind): ?Mix
    {
        if ($kind === Slipped::Dulled || $pass->area === null) {
            return null;
        }
        if ($kind !== Slipped::PaintOnIt) {
            $below = $progress->plan->undercoatOf($pass->area)->base;

            return $below === null ? null : Mix::single($below);
        }
        $touching = array_map(static fn($area): string => $area->id, Neighbours::of($progress->plan)->touching($pass->area));
        $now = $progress->next()->number ?? PHP_INT_MAX;
        $last = null;
        foreach ($progress->passes as $other) {
            $isAtWork = $other->area !== null
                && in_array($other->area->id, $touching, true)
                && $other->step->mix?->isClear() === false
                && ($progress->doneOn($other->step->id) > 0 || $other->number === $now);
            $last = $isAtWork && $other->number > $pass->number ? $other : $last;
        }

        return $last?->step->mix;
    }

    /** Spirit-borne paint over varnish. */
    private static function comesOff(Progress $progress, Pass $pass, Mix $slip): bool
    {
        if (! in_array(Kind::Enamel, $slip->kinds(), true)) {
            return false;
        }
        return array_any(
            $progress->passes,
            static fn(Pass $other): bool => ($other->area === null || $other->area === $pass->area) && $other->step->technique->does(Nature::Seals)
                && $progress->doneOn($other->step->id) > 0,
        );
    }

    /** "after Lantern brass, wash", or "now" */
    public function when(): string
    {
        return $this->after === null
            ? 'now'
            : sprintf('after %s, %s', $this->after->area->name ?? 'the whole model', mb_strtolower($this->after->step->technique->label));
    }

    /** The last messy work still to come beside it, before the lights of the area itself: repaired once, after all that could dull it again. */
    private static function bestAfter(Progress $progress, Pass $pass): ?Pass
    {
        if ($pass->area === null) {
            return null;
        }
        $touching = array_map(static fn($area): string => $area->id, Neighbours::of($progress->plan)->touching($pass->area));
        $best = null;
        foreach ($progress->open() as $open) {
            if ($open->area === $pass->area && $open->number > $pass->number && $open->step->technique->does(Nature::Lightens)) {
                break;
            }
            $isMessy = $open->step->technique->neatness < Technique::NEAT
                && $open->step->technique->family !== Family::Varnish
                && $open->step->technique->family !== Family::Handling;
            if ($isMessy && $open->area !== null && in_array($open->area->id, $touching, true)) {
                $best = $open;
            }
        }

        return $best;
    }

    private static function shade(Progress $progress, Pass $pass): ?Pass
    {
        return array_find(
            $progress->passes,
            static fn(Pass $other): bool => $other->area !== null && $other->area === $pass->area
                && $other->step->technique->family === Family::Shade && $other->step->mix !== null,
        );
    }
}
