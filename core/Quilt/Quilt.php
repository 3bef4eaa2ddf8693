<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;

/**
 * The whole scheme at a glance: a patch for each area, as large as its share of the model, neighbours side by side as far as a plane
 * allows. The order in which the areas are laid is searched for by exchanging two at a time; the same areas always give the same quilt,
 * whatever they are painted with.
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
    public const SEAM = 0.04;

    /** Widths to heights from which a patch is cut across, tried one after the other. */
    private const ACROSS_FROM = [1.0, 1.9, 0.6];

    private const MOST_TRIALS = 500;

    private const MOST_ROUNDS = 6;

    private int $trials = 0;

    /**
     * @param list<float> $shares of the areas, adding up to 1
     * @param list<array{int, int}> $touching numbers of areas that touch
     */
    private function __construct(
        private readonly array $shares,
        private readonly array $touching,
        private readonly float $acrossFrom,
    ) {}

    /** @return list<Patch> in the order of the plan's areas */
    public static function of(Plan $plan): array
    {
        if ($plan->areas === []) {
            return [];
        }
        $shares = array_map(static fn(Area $area): float => max(self::LEAST_SHARE, $area->size->share()), $plan->areas);
        $all = array_sum($shares);
        $shares = array_map(static fn(float $share): float => $share / $all, $shares);
        $best = [-INF, []];
        foreach (self::ACROSS_FROM as $from) {
            $quilt = new self($shares, self::touching($plan), $from);
            $order = $quilt->best();
            $worth = $quilt->worth($order);
            if ($worth > $best[0] + 1e-9) {
                $best = [$worth, $quilt->laid($order)];
            }
        }

        return array_map(static fn(Area $area, int $at): Patch => new Patch($area, ...$best[1][$at]), $plan->areas, array_keys($plan->areas));
    }

    /** @return list<array{int, int}> places of two areas that touch on the model */
    public static function touching(Plan $plan): array
    {
        $neighbours = Neighbours::of($plan);
        $pairs = [];
        foreach ($plan->areas as $one => $area) {
            foreach ($plan->areas as $other => $neighbour) {
                if ($one < $other && $neighbours->areTouching($area, $neighbour)) {
                    $pairs[] = [$one, $other];
                }
            }
        }

        return $pairs;
    }

    /** @return non-empty-list<int> numbers of the areas in the order in which they are laid */
    private function best(): array
    {
        $order = $this->beginning();
        $worth = $this->worth($order);
        $count = count($order);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $before = $worth;
            for ($one = 0; $one < $count; $one++) {
                for ($other = $one + 1; $other < $count && $this->trials < self::MOST_TRIALS; $other++) {
                    $tried = $order;
                    [$tried[$one], $tried[$other]] = [$tried[$other], $tried[$one]];
                    $tried = array_values($tried);
                    $then = $this->worth($tried);
                    if ($then > $worth + 1e-9) {
                        [$order, $worth] = [$tried, $then];
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
     * @return non-empty-list<int>
     */
    private function beginning(): array
    {
        $left = array_keys($this->shares);
        usort($left, fn(int $one, int $other): int => [$this->shares[$other], $one] <=> [$this->shares[$one], $other]);
        $order = [];
        while ($left !== []) {
            $links = array_map(
                fn(int $area): int => count(array_filter(
                    $this->touching,
                    static fn(array $pair): bool => ($pair[0] === $area && in_array($pair[1], $order, true))
                        || ($pair[1] === $area && in_array($pair[0], $order, true)),
                )),
                $left,
            );
            $next = (int) array_search(max($links), $links, true);
            $order[] = $left[$next];
            array_splice($left, $next, 1);
        }

        return $order === [] ? [0] : $order;
    }

    /** @param non-empty-list<int> $order */
    private function worth(array $order): float
    {
        $this->trials++;
        $patches = $this->laid($order);
        $worth = 0.0;
        foreach ($patches as [, , $width, $height]) {
            $longer = max($width * self::ASPECT / $height, $height / ($width * self::ASPECT));
            $worth -= $longer > self::STRIP ? self::STRIP_COSTS * ($longer - self::STRIP) : 0.0;
        }
        foreach ($this->touching as [$one, $other]) {
            [$x, $y, $width, $height] = $patches[$one];
            [$left, $top, $wide, $high] = $patches[$other];
            $across = min($x + $width, $left + $wide) - max($x, $left);
            $down = min($y + $height, $top + $high) - max($y, $top);
            $seam = abs($across) < Patch::NONE ? $down : (abs($down) < Patch::NONE ? $across : 0.0);
            $worth += max(0.0, min(1.0, $seam / self::SEAM));
        }

        return $worth;
    }

    /**
     * @param non-empty-list<int> $order
     *
     * @return array<int, array{float, float, float, float}> x, y, width and height by number of the area
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
     * @param non-empty-list<int> $areas
     * @param array<int, array{float, float, float, float}> $patches taken on
     */
    private function lay(array $areas, float $x, float $y, float $width, float $height, array &$patches): void
    {
        $count = count($areas);
        if ($count === 1) {
            $patches[$areas[0]] = [$x, $y, $width, $height];

            return;
        }
        $all = 0.0;
        foreach ($areas as $area) {
            $all += $this->shares[$area];
        }
        $cut = 1;
        $first = $this->shares[$areas[0]];
        while ($cut < $count - 1 && abs($first + $this->shares[$areas[$cut]] - $all / 2) < abs($first - $all / 2)) {
            $first += $this->shares[$areas[$cut++]];
        }
        $share = $first / $all;
        /** @var non-empty-list<int> $head */
        $head = array_slice($areas, 0, $cut);
        /** @var non-empty-list<int> $rest */
        $rest = array_slice($areas, $cut);
        if ($width * self::ASPECT >= $this->acrossFrom * $height) {
            $this->lay($head, $x, $y, $width * $share, $height, $patches);
            $this->lay($rest, $x + $width * $share, $y, $width * (1.0 - $share), $height, $patches);
        } else {
            $this->lay($head, $x, $y, $width, $height * $share, $patches);
            $this->lay($rest, $x, $y + $height * $share, $width, $height * (1.0 - $share), $patches);
        }
    }
}
