<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Batch\Batch;
use Kalokroma\Batch\Entry;
use Kalokroma\Batch\Matrix;
use Kalokroma\Batch\Used;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Tests\Core\PlanSketch;

/** How long the questions of a batch take: thirty models by a plan of twelve areas and sixty steps, a third of them painted otherwise. */
final class BatchBench
{
    private const RUNS = 7;

    private const MODELS = 30;

    /** @return array<string, float> milliseconds, the median of seven */
    public static function run(): array
    {
        $plan = self::plan();
        $squad = static fn(): SquadPlan => SquadPlan::of($plan, self::squad());
        $entries = self::entries($squad());

        return [
            'matrix' => self::median(static fn() => Matrix::of($squad())),
            'ways' => self::median(static fn() => Matrix::ways($squad())),
            'progress' => self::median(static fn() => Batch::of($squad(), $entries)->progress()->tally->share()),
            'toPour' => self::median(static fn() => Batch::of($squad(), $entries)->left()->poured()),
            'entries' => (float) count($entries),
        ];
    }

    private static function plan(): Plan
    {
        $sketch = "role leader\nrole rank\nundercoat black light bone\n";
        foreach (range(1, 12) as $area) {
            $sketch .= "area a$area ".['broad-folds', 'hard-edged-panel', 'skin'][$area % 3]
                ." medium cloth\n basecoat navy x2\n wash umber-wash all\n layer blue raised x2\n highlight sky raised\n edge-highlight ice edges only leader\n variant v$area"
                .($area % 4 === 0 ? ' for leader' : '')."\n basecoat green x2\n wash black-wash all\n layer lime raised\n";
        }

        return PlanSketch::plan($sketch);
    }

    private static function squad(): Squad
    {
        return Squad::of(array_map(static fn(int $number): Member => new Member(
            $number,
            role: $number === 1 ? 'leader' : ($number % 3 === 0 ? 'rank' : null),
            ways: $number % 3 === 0 ? ['a'.(1 + $number % 12) => 'v'.(1 + $number % 12)] : [],
        ), range(1, self::MODELS)));
    }

    /** @return list<Entry> half of the passes, in two evenings each */
    private static function entries(SquadPlan $squad): array
    {
        $entries = [];
        foreach (array_slice($squad->passes(), 0, intdiv(count($squad->passes()), 2)) as $at => $pass) {
            foreach (array_chunk($squad->modelsOf($pass->step->id), 15) as $part => $models) {
                $entries[] = new Entry(
                    new Done($pass->step->id, null, count($models), 1000 * $at + $part, "$at-$part", $models),
                    Used::asPlanned($pass->step),
                    20,
                );
            }
        }

        return $entries;
    }

    private static function median(callable $what): float
    {
        $times = [];
        for ($run = 0; $run < self::RUNS; $run++) {
            $begin = hrtime(true);
            $what();
            $times[] = (hrtime(true) - $begin) / 1e6;
        }
        sort($times);

        return $times[intdiv(self::RUNS, 2)];
    }
}
