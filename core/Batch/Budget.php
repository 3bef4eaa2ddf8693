<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\Spare;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Area;
use Kalokroma\Simulation\Look;

/** So many hours for a batch: where they go, and what is left out so that they do; what that loses is looked at on the finished areas. */
final readonly class Budget
{
    /**
     * @param float $minutes at the brush, all models, of what stays
     * @param bool $fits within what there is
     * @param list<array{pass: Pass, minutes: float}> $leftOut in the order they go
     * @param list<array{area: Area|null, minutes: float, before: Look|null, after: Look|null, loses: float}> $areas the dearest first, what
     *     primes and is done to the whole model under null; `loses`: the most that a zone of it changes, CIEDE2000
     */
    private function __construct(
        public float $minutes,
        public float $inAll,
        public bool $fits,
        public array $leftOut,
        public array $areas,
    ) {}

    /** @param float $minutes there are for all models; INF when nobody counts them */
    public static function of(SquadPlan $squad, float $minutes, ?Paces $paces = null): self
    {
        $pace = Pace::of($squad->plan, $paces);
        $takes = [];
        foreach ($squad->passes() as $pass) {
            $takes[$pass->step->id] = $pace->pass($pass->step, $pass->area, count($squad->modelsOf($pass->step->id)));
        }
        $inAll = $left = array_sum($takes);
        $leftOut = [];
        foreach (Spare::of($squad->passes()) as $pass) {
            if ($left <= $minutes) {
                break;
            }
            $left -= $takes[$pass->step->id];
            $leftOut[] = ['pass' => $pass, 'minutes' => $takes[$pass->step->id]];
        }

        return new self(
            $left,
            $inAll,
            $left <= $minutes,
            $leftOut,
            self::areas($squad, $takes, array_map(static fn(array $one): string => $one['pass']->step->id, $leftOut)),
        );
    }

    /**
     * @param array<string, float> $takes minutes by step id
     * @param list<string> $gone ids of steps
     *
     * @return list<array{area: Area|null, minutes: float, before: Look|null, after: Look|null, loses: float}>
     */
    private static function areas(SquadPlan $squad, array $takes, array $gone): array
    {
        $whole = Rehearsal::along($squad->plan, $squad->order());
        $without = Rehearsal::along($squad->plan, $squad->order()->without($gone));
        $minutes = ['' => 0.0];
        foreach ($squad->passes() as $pass) {
            $minutes[$pass->area->id ?? ''] = ($minutes[$pass->area->id ?? ''] ?? 0.0) + (
                in_array($pass->step->id, $gone, true) ? 0.0 : $takes[$pass->step->id]
            );
        }
        $areas = [['area' => null, 'minutes' => $minutes[''], 'before' => null, 'after' => null, 'loses' => 0.0]];
        foreach ($squad->plan->areas as $area) {
            if (isset($minutes[$area->id])) {
                [$before, $after] = [$whole->final($area), $without->final($area)];
                $loses = max(array_map(static fn(Zone $zone): float => Ciede2000::between($before->at($zone), $after->at($zone)), Zone::cases()));
                $areas[] = ['area' => $area, 'minutes' => $minutes[$area->id], 'before' => $before, 'after' => $after, 'loses' => $loses];
            }
        }
        usort($areas, static fn(array $one, array $other): int => $other['minutes'] <=> $one['minutes']);

        return $areas;
    }
}
