<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Readings;
use Kalokroma\Colour\Temperature;
use Kalokroma\Colour\Xyz;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\SharedSteps;
use Kalokroma\Simulation\Look;

/** All plans of a force beside each other: what holds them together, and which of them falls out. */
final readonly class Muster
{
    /** L* and Lab units of warmth that a plan as a whole may differ from the others before it is told. */
    private const LIGHTER = 16.0;

    private const WARMER = 9.0;

    /** Plans from which "the others" means something. */
    private const LEAST = 3;

    /**
     * @param string|null $undercoat words of what most plans stand on; null where there is no such
     * @param list<array{name: string, areas: list<array{string, Area}>}> $recipes on more than one plan, with plan id and area
     * @param list<array{Paint, int}> $paints in more than one plan, with in how many, the most first
     * @param array<string, list<string>> $fallsOut what is to be said of each plan by id; most often nothing
     */
    private function __construct(
        public ?string $undercoat,
        public array $recipes,
        public array $paints,
        public array $fallsOut,
    ) {}

    /**
     * @param array<string, Plan> $plans by id
     * @param array<string, array<string, Look>> $looks of the areas that have colour, by plan and area id
     */
    public static function of(array $plans, array $looks): self
    {
        // A few degrees of the cone make no other undercoat.
        $undercoats = array_map(
            static fn(Plan $plan): string => implode(
                ' and ',
                array_column($plan->undercoat->paints(), 'name'),
            ) ?: 'bare plastic',
            $plans,
        );
        $counts = array_count_values($undercoats);
        arsort($counts);
        $common = count($plans) > 1 && current($counts) > 1 ? (string) key($counts) : null;
        $fallsOut = array_fill_keys(array_keys($plans), []);
        foreach ($undercoats as $id => $words) {
            if ($common !== null && $words !== $common) {
                $fallsOut[$id][] = sprintf('Another undercoat than most: %s. The same paints come out differently on it.', $words);
            }
        }
        $means = array_filter(array_map(
            self::mean(...),
            array_map(static fn(string $id): array => [$plans[$id], $looks[$id] ?? []], array_combine(array_keys($plans), array_keys($plans))),
        ));
        $all = array_values($means);
        foreach (count($all) >= self::LEAST ? $means : [] as $id => $mean) {
            array_push($fallsOut[$id], ...self::apart($mean, $all));
        }

        return new self($common, self::recipes($plans), self::paints($plans), $fallsOut);
    }

    /**
     * Held against the middle of all: that one plan falls out makes none of the others do so.
     *
     * @param list<Lab> $all
     *
     * @return list<string>
     */
    private static function apart(Lab $mean, array $all): array
    {
        $lighter = $mean->lightness - Readings::median(array_column($all, 'lightness'));
        $warmer = Temperature::warmth($mean) - Readings::median(array_map(Temperature::warmth(...), $all));

        return array_values(array_filter([
            abs($lighter) < self::LIGHTER
                ? null
                : sprintf('As a whole it is %d values %s than the others.', (int) round(abs($lighter)), $lighter > 0 ? 'lighter' : 'darker'),
            abs($warmer) < self::WARMER ? null : sprintf('As a whole it is clearly %s than the others.', $warmer > 0 ? 'warmer' : 'cooler'),
        ]));
    }

    /**
     * The light of all areas by their shares.
     *
     * @param array{Plan, array<string, Look>} $of
     */
    private static function mean(array $of): ?Lab
    {
        [$plan, $looks] = $of;
        $x = $y = $z = $all = 0.0;
        foreach ($plan->areas as $area) {
            if (! isset($looks[$area->id]) || $area->ground) {
                continue;
            }
            $light = $looks[$area->id]->mean()->toXyz();
            $share = $area->size->share();
            [$x, $y, $z, $all] = [$x + $share * $light->x, $y + $share * $light->y, $z + $share * $light->z, $all + $share];
        }

        return $all <= 0.0 ? null : Xyz::of($x / $all, $y / $all, $z / $all)->toLab();
    }

    /**
     * @param array<string, Plan> $plans
     *
     * @return list<array{name: string, areas: list<array{string, Area}>}>
     */
    private static function recipes(array $plans): array
    {
        $groups = [];
        foreach ($plans as $id => $plan) {
            foreach ($plan->areas as $area) {
                if ($area->steps === []) {
                    continue;
                }
                $key = SharedSteps::fingerprint($area->steps);
                $groups[$key]['name'] ??= $area->name;
                $groups[$key]['plans'][$id] = true;
                $groups[$key]['areas'][] = [$id, $area];
            }
        }
        $shared = array_filter($groups, static fn(array $group): bool => count($group['plans']) > 1);

        return array_values(array_map(static fn(array $group): array => ['name' => $group['name'], 'areas' => $group['areas']], $shared));
    }

    /**
     * @param array<string, Plan> $plans
     *
     * @return list<array{Paint, int}>
     */
    private static function paints(array $plans): array
    {
        $paints = [];
        foreach ($plans as $plan) {
            foreach ($plan->paints() as $id => $paint) {
                $paints[$id] = [$paint, ($paints[$id][1] ?? 0) + 1];
            }
        }
        $shared = array_values(array_filter($paints, static fn(array $one): bool => $one[1] > 1));
        usort($shared, static fn(array $one, array $other): int => [$other[1], $one[0]->name] <=> [$one[1], $other[0]->name]);

        return $shared;
    }
}
