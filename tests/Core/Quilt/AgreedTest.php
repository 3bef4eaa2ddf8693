<?php

declare(strict_types=1);

namespace Tests\Core\Quilt;

use Kalokroma\Planning\Rehearsal;
use Kalokroma\Quilt\Balance;
use Kalokroma\Quilt\Harmony;
use Kalokroma\Quilt\KeyArea;
use Kalokroma\Quilt\Muster;
use Kalokroma\Quilt\Quilt;
use Kalokroma\Quilt\Shift;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Tests\Core\AgreedTestCase;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    protected function said(): iterable
    {
        $plans = $allLooks = [];
        foreach (self::plans(14, 8, 6400) as $name => $plan) {
            $rehearsal = Rehearsal::of($plan);
            $looks = [];
            foreach ($plan->areas as $area) {
                $looks[$area->id] = $rehearsal->final($area);
            }
            $patches = Quilt::of($plan);
            yield "quilt of $name" => [
                array_map(static fn($one): mixed => Told::of($one, 1), $patches), Quilt::kept($plan, $patches),
                count($patches) < 2 ? null : $patches[0]->seamWith($patches[1]),
            ];
            $balance = Balance::of($plan->areas, $looks);
            $painted = array_filter($looks, static fn(string $id): bool => crc32($id) % 3 !== 0, ARRAY_FILTER_USE_KEY);
            yield "scheme of $name" => [
                Told::of($balance, 2), $balance->words(),
                array_map(
                    static fn($one): mixed => Told::of($one, 2),
                    KeyArea::of($plan, $balance, array_map(static fn(): bool => true, $painted)),
                ),
                array_map(
                    static fn($area): mixed => Told::answer(static fn(): array => Shift::apart($area, Neighbours::of($plan), $looks), 2),
                    $plan->areas,
                ),
            ];
            $plans[] = $plan;
            $allLooks[] = $looks;
        }
        $undecided = PlanSketch::plan(
            "undercoat grey\narea coat broad-folds main cloth open\n basecoat navy\narea boots smooth-panel small leather\narea skin skin small skin\n basecoat skin\n"
                ." variant pale\n basecoat skin-pale\narea gem tiny-detail speck glass aim #a01c2a\n gem ruby",
        );
        $looks = array_map(Rehearsal::of($undecided)->final(...), array_column($undecided->areas, null, 'id'));
        foreach ([[], ['skin' => true], ['coat' => true, 'boots' => true]] as $at => $painted) {
            yield "undecided $at" => array_map(
                static fn($one): mixed => Told::of($one, 2),
                KeyArea::of($undecided, Balance::of($undecided->areas, $looks), $painted),
            );
        }
        foreach ([
            ['main', 'speck'],
            ['small', 'speck'],
            ['medium', 'small', 'speck'],
            ['main', 'main', 'large', 'small'],
            ['small', 'small', 'small'],
        ] as $at => $sizes) {
            $plan = PlanSketch::plan("undercoat grey\n".implode("\n", array_map(static fn(int $number, string $size): string => sprintf(
                "area a%d smooth-panel %s cloth\n basecoat %s x3",
                $number,
                $size,
                ['navy', 'orange', 'lime', 'red'][$number],
            ), array_keys($sizes), $sizes)));
            $seen = array_map(Rehearsal::of($plan)->final(...), array_column($plan->areas, null, 'id'));
            yield "spots $at" => [Told::of(Balance::of($plan->areas, $seen), 2), Balance::of($plan->areas, $seen)->words()];
        }
        $shared = array_map(PlanSketch::plan(...), [
            "undercoat grey\narea a skin main skin\n basecoat navy", "undercoat grey\narea a skin main skin\n basecoat sky",
            "undercoat black\narea a skin main skin\n basecoat red", "undercoat none\narea a skin main skin\n basecoat orange",
        ]);
        foreach ([[0, 1], [0, 2], [0, 1, 2], [2, 3], [0, 1, 2, 3]] as $at => $which) {
            $some = array_map(static fn(int $one): Plan => $shared[$one], $which);
            yield "undercoats $at" => Told::answer(static fn(): Muster => Muster::of($some, array_map(
                static fn(Plan $one): array => ['a' => Rehearsal::of($one)->final($one->areas[0])],
                $some,
            )), 3);
        }
        foreach ([1, 2, 3, 6] as $count) {
            yield "muster of $count" => Told::answer(
                static fn(): Muster => Muster::of(array_slice($plans, 0, $count), array_slice($allLooks, 0, $count)),
                4,
            );
        }
        foreach (['#2f62ad', '#c8321e', '#808285', '#e8b923', '#1d2a1f'] as $hex) {
            yield "with $hex" => array_map(static fn($one): mixed => Told::of($one, 2), Harmony::with(Paints::lab($hex), Paints::shelf(40, 5)));
        }
    }
}
