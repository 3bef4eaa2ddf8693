<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;

/**
 * One coat laid on the whole batch, and back to the first model: whether it is dry by then. The right size of a batch is where the round
 * trip just covers the drying.
 */
final readonly class RoundTrip
{
    private function __construct(
        public Pass $pass,
        public float $minutesPerModel,
        public int $dryMinutes,
        public bool $isLast,
    ) {}

    /** Between the coats of a step; of a single coat, until what comes next on the surface. */
    public static function of(Rehearsal $rehearsal, Pass $pass, ?Climate $climate = null, ?Paces $paces = null): self
    {
        $waits = Waits::of($rehearsal, $climate ?? Climate::usual(), SquadPlan::alike($rehearsal->plan, 1));
        $dry = $pass->step->coats > 1 ? $waits->betweenCoats($pass->step) : 0;
        $isLast = $pass->step->coats === 1;
        foreach ($waits->all() as [$first, $then, $minutes]) {
            if ($first === $pass && $then->number === self::next($rehearsal, $pass)?->number) {
                $isLast = false;
                $dry = $pass->step->coats > 1 ? $dry : max($dry, $minutes);
            }
        }

        return new self($pass, Pace::of($rehearsal->plan, $paces)->coat($pass->step, $pass->area), $dry, $isLast);
    }

    /** @param int $models in the batch, one or more */
    public function wait(int $models): float
    {
        return max(0.0, $this->dryMinutes - ($models - 1) * $this->minutesPerModel);
    }

    /** The fewest models with which nobody waits. */
    public function smallest(): int
    {
        return 1 + (int) ceil($this->dryMinutes / $this->minutesPerModel - 1e-9);
    }

    private static function next(Rehearsal $rehearsal, Pass $pass): ?Pass
    {
        $nexts = array_filter(array_map(
            static fn($area): ?Pass => $pass->touches($area) ? $rehearsal->next($pass, $area) : null,
            $rehearsal->plan->areas,
        ));
        usort($nexts, static fn(Pass $one, Pass $other): int => $one->number <=> $other->number);

        return $nexts[0] ?? null;
    }
}
