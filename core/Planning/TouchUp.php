<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\Neighbours;

/**
 * How a slip is put right, when that is best done, and what each way of doing it costs: repaint, darken over, or turn it into a chip.
 */
final readonly class TouchUp
{
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
     */
    public static function of(Progress $progress, Pass $pass, int $models): self
    {
        $coats = max(1, min($pass->step->coats, 3));
        $each = Pace::of($progress->plan)->coat($pass->step, $pass->area) * 0.25 + Technique::of('touch-up')->minutes;
        $dry = DryTimes::betweenCoats($pass->step);
        $ways = [[
            'way' => 'repaint',
            'words' => sprintf('Repaint: %d %s of %s, thin, only where it slipped%s.', $coats, $coats === 1 ? 'coat' : 'coats', $pass->step->words(), $coats > 1 ? ", $dry minutes apart" : ''),
            'minutes' => (int) ceil($each * $coats * $models),
        ]];
        $shade = self::shade($progress, $pass);
        if ($shade !== null) {
            $ways[] = ['way' => 'darken', 'words' => sprintf('Darken over: %s into the spot, and let it be shadow.', $shade->step->words()), 'minutes' => (int) ceil(Technique::of('touch-up')->minutes * $models)];
        }
        if ($pass->area !== null && $pass->area->material->isHard()) {
            $ways[] = ['way' => 'chip', 'words' => 'Make it a chip: a dark spot with a light line below it, as if knocked.', 'minutes' => (int) ceil(2 * Technique::of('touch-up')->minutes * $models)];
        }

        return new self($pass, self::bestAfter($progress, $pass), $ways, $coats);
    }

    /** "after Lantern brass, wash", or "now" */
    public function when(): string
    {
        return $this->after === null ? 'now' : sprintf('after %s, %s', $this->after->area->name ?? 'the whole model', mb_strtolower($this->after->step->technique->label));
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
            $isMessy = $open->step->technique->neatness < Technique::NEAT && $open->step->technique->family !== Family::Varnish && $open->step->technique->family !== Family::Handling;
            if ($isMessy && $open->area !== null && in_array($open->area->id, $touching, true)) {
                $best = $open;
            }
        }

        return $best;
    }

    private static function shade(Progress $progress, Pass $pass): ?Pass
    {
        foreach ($progress->passes as $other) {
            if ($other->area !== null && $other->area === $pass->area && $other->step->technique->family === Family::Shade && $other->step->mix !== null) {
                return $other;
            }
        }

        return null;
    }
}
