<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;

/**
 * The whole scheme at a glance: a patch for each area, as large as its share of the model, neighbours side by side as far as a plane allows. The order in
 * which the areas are laid is searched for by exchanging two at a time; the same areas always give the same quilt, whatever they are painted with.
 */
final class Quilt
{
    /** Width to height. */
    public const ASPECT = 1.6;

    /** Nothing is drawn smaller, so that a lens can be seen and pointed at. */
    private const LEAST_SHARE = 0.02;

    /** Lengths to widths from which a patch is a strip rather than a patch, and what each times over costs. */
    private const STRIP = 2.4;

    private const STRIP_COSTS = 0.35;

    /** A seam that is long enough to be seen, in shares of a side. */
    private const SEAM = 0.04;

    /** Widths to heights from which a patch is cut across, tried one after the other. */
    private const ACROSS_FROM = [1.0, 1.9, 0.6];

    private const MOST_TRIALS = 500;

    private const MOST_ROUNDS = 6;

    private int $trials = 0;

    /** @param array<string, float> $shares by area id, adding up to 1 */
    private function __construct(
        private readonly Neighbours $neighbours,
        private readonly array $shares,
        private readonly float $acrossFrom,
    ) {}

    /** @return list<Patch> in the order of the plan's areas */
    public static function of(Plan $plan): array
    {
        if ($plan->areas === []) {
            return [];
        }
        $shares = [];
        foreach ($plan->areas as $area) {
            $shares[$area->id] = max(self::LEAST_SHARE, $area->size->share());
        }
        $all = array_sum($shares);
        $best = [-INF, []];
        foreach (self::ACROSS_FROM as $from) {
            $quilt = new self(Neighbours::of($plan), array_map(static fn(float $share): float => $share / $all, $shares), $from);
            $order = $quilt->best($plan->areas);
            $worth = $quilt->worth($order);
            if ($worth > $best[0] + 1e-9) {
                $best = [$worth, $quilt->laid($order)];
            }
        }
        $patches = [];
        foreach ($best[1] as $patch) {
            $patches[$patch->area->id] = $patch;
        }

        return array_map(static fn(Area $area): Patch => $patches[$area->id], $plan->areas);
    }

    /**
     * Share of the pairs that touch on the model that touch in the quilt.
     *
     * @param list<Patch> $patches
     */
    public static function kept(Plan $plan, array $patches): float
    {
        $neighbours = Neighbours::of($plan);
        [$touching, $kept] = [0, 0];
        foreach ($patches as $at => $one) {
            foreach (array_slice($patches, $at + 1) as $other) {
                if ($neighbours->areTouching($one->area, $other->area)) {
                    $touching++;
                    $kept += $one->seamWith($other) >= self::SEAM ? 1 : 0;
                }
            }
        }

        return $touching === 0 ? 1.0 : $kept / $touching;
    }

    /**
     * @param non-empty-list<Area> $areas
     *
     * @return non-empty-list<Area> in the order in which they are laid
     */
    private function best(array $areas): array
    {
        $order = $this->beginning($areas);
        $worth = $this->worth($order);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $before = $worth;
            for ($one = 0; $one < count($order); $one++) {
                for ($other = $one + 1; $other < count($order) && $this->trials < self::MOST_TRIALS; $other++) {
                    $tried = $order;
                    [$tried[$one], $tried[$other]] = [$tried[$other], $tried[$one]];
                    $then = $this->worth(array_values($tried));
                    if ($then > $worth + 1e-9) {
                        [$order, $worth] = [array_values($tried), $then];
                    }
                }
            }
            if ($worth <= $before + 1e-9) {
                break;
            }
        }

        return $order;
    }

    /**
     * The largest first, then whatever touches what is there most.
     *
     * @param non-empty-list<Area> $areas
     *
     * @return non-empty-list<Area>
     */
    private function beginning(array $areas): array
    {
        usort($areas, fn(Area $one, Area $other): int => [$this->shares[$other->id], $one->id] <=> [$this->shares[$one->id], $other->id]);
        $order = [array_shift($areas)];
        while ($areas !== []) {
            $links = array_map(fn(Area $area): int => count(array_filter($order, fn(Area $laid): bool => $this->neighbours->areTouching($laid, $area))), $areas);
            $next = (int) array_search(max($links), $links, true);
            $order[] = $areas[$next];
            array_splice($areas, $next, 1);
        }

        return $order;
    }

    /** @param non-empty-list<Area> $order */
    private function worth(array $order): float
    {
        $this->trials++;
        $patches = $this->laid($order);
        $worth = 0.0;
        foreach ($patches as $at => $one) {
            $sides = [$one->width * self::ASPECT, $one->height];
            $worth -= self::STRIP_COSTS * max(0.0, max($sides) / min($sides) - self::STRIP);
            for ($next = $at + 1; $next < count($patches); $next++) {
                if ($this->neighbours->areTouching($one->area, $patches[$next]->area)) {
                    $worth += min(1.0, $one->seamWith($patches[$next]) / self::SEAM);
                }
            }
        }

        return $worth;
    }

    /**
     * @param non-empty-list<Area> $order
     *
     * @return list<Patch>
     */
    private function laid(array $order): array
    {
        $patches = [];
        $this->lay($order, 0.0, 0.0, 1.0, 1.0, $patches);

        return $patches;
    }

    /**
     * Halves by share along the longer side, until each patch is alone.
     *
     * @param non-empty-list<Area> $areas
     * @param list<Patch> $patches taken on
     */
    private function lay(array $areas, float $x, float $y, float $width, float $height, array &$patches): void
    {
        if (count($areas) === 1) {
            $patches[] = new Patch($areas[0], $x, $y, $width, $height);

            return;
        }
        $all = array_sum(array_map(fn(Area $area): float => $this->shares[$area->id], $areas));
        $cut = 1;
        $first = $this->shares[$areas[0]->id];
        while ($cut < count($areas) - 1 && abs($first + $this->shares[$areas[$cut]->id] - $all / 2) < abs($first - $all / 2)) {
            $first += $this->shares[$areas[$cut++]->id];
        }
        $share = $first / $all;
        [$head, $rest] = [array_slice($areas, 0, $cut), array_slice($areas, $cut)];
        if ($rest === []) {
            return;
        }
        if ($width * self::ASPECT >= $this->acrossFrom * $height) {
            $this->lay($head, $x, $y, $width * $share, $height, $patches);
            $this->lay($rest, $x + $width * $share, $y, $width * (1.0 - $share), $height, $patches);
        } else {
            $this->lay($head, $x, $y, $width, $height * $share, $patches);
            $this->lay($rest, $x, $y + $height * $share, $width, $height * (1.0 - $share), $patches);
        }
    }
}
