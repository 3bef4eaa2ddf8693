<?php

declare(strict_types=1);

namespace Tests\Core\Quilt;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Craft\Texture;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Quilt\Balance;
use Kalokroma\Quilt\Harmony;
use Kalokroma\Quilt\KeyArea;
use Kalokroma\Quilt\Muster;
use Kalokroma\Quilt\Quilt;
use Kalokroma\Quilt\Shift;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Kalokroma\Simulation\Look;
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
                array_map(static fn($one): mixed => Told::of($one, 1), $patches), QuiltTest::kept($plan, $patches),
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
        foreach ([[0, 1], [0, 2], [0, 1, 2], [2, 3], [0, 1, 2, 3], [2, 0, 1]] as $at => $which) {
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
        yield from self::whereMeasuresTurn();
        foreach (['#2f62ad', '#c8321e', '#808285', '#e8b923', '#1d2a1f'] as $hex) {
            yield "with $hex" => array_map(static fn($one): mixed => Told::of($one, 2), Harmony::with(Paints::lab($hex), Paints::shelf(40, 5)));
        }
    }

    /** Colours that are looked at rather than painted: a little to this side and to that of where something else is said. */
    private static function whereMeasuresTurn(): iterable
    {
        $plan = self::inSizes('main', 'large', 'medium', 'small');
        for ($bits = 0; $bits < 16; $bits++) {
            $looks = self::looks($plan, static fn(int $at): Lab => Lch::of(50.0, ($bits >> $at) & 1 ? 45.0 : 4.0, 30.0)->toLab());
            yield "lively $bits" => Balance::of($plan->areas, $looks)->words();
        }
        $spotted = self::inSizes('main', 'speck', 'speck', 'speck', 'speck');
        foreach ([0.0, 8.0, 14.0, 20.0, 26.0, 40.0] as $chroma) {
            $said = [];
            foreach ([0.0, 20.0, 40.0, 60.0, 120.0] as $turn) {
                $looks = self::looks(
                    $spotted,
                    static fn(int $at): Lab => ($at === 0 ? Lch::of(45.0, $chroma, 60.0) : Lch::of(50.0, 20.0 + 8.0 * $at, 60.0 + $turn))->toLab(),
                );
                $balance = Balance::of($spotted->areas, $looks);
                $said[] = [$balance->words(), array_column(array_column(KeyArea::of($spotted, $balance, []), 'area'), 'id')];
            }
            yield "spots beside $chroma" => $said;
        }
        $one = self::inSizes('main');
        foreach (range(8, 26, 2) as $off) {
            $plans = ['a' => $one, 'b' => $one, 'c' => $one];
            $seen = static fn(float $light, float $warm): Muster => Muster::of($plans, [
                'a' => ['a0' => Look::flat(Texture::Skin, Lab::of(50.0, 0.0, 0.0))],
                'b' => ['a0' => Look::flat(Texture::Skin, Lab::of(50.0, 0.0, 0.0))],
                'c' => ['a0' => Look::flat(Texture::Skin, Lab::of(50.0 + $light, $warm / 2, $warm))],
            ]);
            yield "fallen out by $off" => [
                $seen($off, 0.0)->fallsOut, $seen(-$off, 0.0)->fallsOut, $seen(0.0, $off)->fallsOut, $seen(0.0, -$off)->fallsOut,
            ];
            yield "harmony of chroma $off" => array_map(
                static fn($one): mixed => Told::of($one, 2),
                Harmony::with(Lch::of(50.0, $off, 40.0)->toLab(), Paints::shelf(30, 5)),
            );
        }
        $crowded = PlanSketch::plan(implode("\n", [
            'undercoat grey', 'area a0 skin main skin touches a1 touches a2 touches a3 touches a4 touches a5',
            ...array_map(static fn(int $at): string => "area a$at skin small skin", range(1, 5)),
        ]));
        foreach (range(16, 34, 2) as $light) {
            $looks = self::looks($crowded, static fn(int $at): Lab => Lab::of((float) $light, 0.2 * $at, 0.1));
            yield "dark at $light" => Told::answer(static fn(): array => Shift::apart($crowded->areas[0], Neighbours::of($crowded), $looks), 2);
        }
        foreach (range(24, 44) as $reach) {
            $looks = self::looks($crowded, static fn(int $at): Lab => Lab::of(50.0 + $at * $reach / 5, 0.0, 0.0));
            yield "crowded up to $reach" => array_column(Shift::apart($crowded->areas[0], Neighbours::of($crowded), $looks), 'words');
        }
    }

    private static function inSizes(string ...$sizes): Plan
    {
        return PlanSketch::plan("undercoat grey\n".implode("\n", array_map(
            static fn(int $at, string $size): string => "area a$at skin $size skin",
            array_keys($sizes),
            $sizes,
        )));
    }

    /**
     * @param callable(int): Lab $colour by number of the area
     *
     * @return array<string, Look> by area id
     */
    private static function looks(Plan $plan, callable $colour): array
    {
        return array_combine(
            array_column($plan->areas, 'id'),
            array_map(static fn(int $at): Look => Look::flat(Texture::Skin, $colour($at)), array_keys($plan->areas)),
        );
    }
}
