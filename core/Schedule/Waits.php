<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Step;

/**
 * What each pass has to wait for on the same surface, and how long: drying, curing, the time until it may be wiped, or what the painter
 * means to wait.
 */
final readonly class Waits
{
    /** @param list<string> $skipped ids of steps that are left out */
    private function __construct(
        private Rehearsal $rehearsal,
        private Climate $climate,
        private SquadPlan $squad,
        private array $skipped,
    ) {}

    /** @param list<string> $skipped ids of steps that are left out: what comes after them waits for what comes before */
    public static function of(Rehearsal $rehearsal, Climate $climate, SquadPlan $squad, array $skipped = []): self
    {
        return new self($rehearsal, $climate, $squad, $skipped);
    }

    /** @return iterable<array{Pass, Pass, int}> the pass before, the one that waits, minutes between them */
    public function all(): iterable
    {
        $runs = $this->rehearsal->plan->areas === []
            ? [$this->rehearsal->order()->passes]
            : array_map($this->rehearsal->run(...), $this->rehearsal->plan->areas);
        foreach ($runs as $all) {
            $run = array_values(array_filter(
                $all,
                fn(Pass $pass): bool => ! in_array($pass->step->id, $this->skipped, true) && $this->squad->modelsOf($pass->step->id) !== [],
            ));
            foreach ($run as $at => $pass) {
                foreach ($this->whatWaits($run, $at) as $later) {
                    yield [$pass, $later, $this->minutes($pass->step, $later->step)];
                }
            }
        }
    }

    public function minutes(Step $step, Step $next): int
    {
        $dry = DryTimes::between($step, $next, $this->climate);

        return self::isIntoTheWet($step, $next) ? $dry : max($dry, $step->more->waitMinutes ?? 0);
    }

    public function betweenCoats(Step $step): int
    {
        return DryTimes::betweenCoats($step, $this->climate);
    }

    /**
     * The next on the surface, and beyond what may come sooner than a coat could: a mask, grit into paste, spirit that takes grime off, a
     * line that is feathered, and what is not done to all of these models. Varnish has to be cured for the first decal or solvent, whatever
     * lies between.
     *
     * @param list<Pass> $run
     *
     * @return list<Pass>
     */
    private function whatWaits(array $run, int $at): array
    {
        $waits = [];
        $next = $at + 1;
        for ($isSooner = true; $isSooner && isset($run[$next]); $next++) {
            $waits[] = $run[$next];
            $isSooner = $run[$next]->step->technique->family === Family::Handling
                || $run[$next]->step->technique->does(Nature::SitsInWetPaste, Nature::WipesBack, Nature::Feathers)
                || array_diff($this->squad->modelsOf($run[$at]->step->id), $this->squad->modelsOf($run[$next]->step->id)) !== [];
        }
        $technique = $run[$at]->step->technique;
        for (; $technique->does(Nature::Seals) && $technique->does(Nature::Sprays) && isset($run[$next]); $next++) {
            if ($run[$next]->step->technique->does(Nature::LaysDecal, Nature::SoftensDecal, Nature::Solvent)) {
                $waits[] = $run[$next];
                break;
            }
        }

        return $waits;
    }

    private static function isIntoTheWet(Step $step, Step $next): bool
    {
        return $step->technique->does(Nature::HoldsGrit) && $next->technique->does(Nature::SitsInWetPaste);
    }
}
