<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Brush;
use Kalokroma\Matching\Shelf;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;
use Kalokroma\Simulation\Strip;

/** One way to paint an area, to be held against others before one is chosen: what it comes to, and what it takes. */
final readonly class AreaWay
{
    /** @param Variant|null $variant null: the recipe the area has */
    private function __construct(
        public ?Variant $variant,
        public Strip $strip,
        public WayCost $cost,
    ) {}

    /**
     * @param Variant|null $variant of the area; null: its own recipe
     * @param Paces|null $paces of the painter
     */
    public static function of(Rehearsal $rehearsal, Area $area, ?Variant $variant, Shelf $shelf, ?Paces $paces = null): self
    {
        $painted = $variant === null ? $area : $area->withSteps($variant->steps);
        $pots = Step::potsOf([...$variant?->undercoat?->steps() ?? [], ...$painted->steps]);

        return new self(
            $variant,
            self::stripOf($rehearsal, $area, $variant),
            new WayCost(
                array_sum(array_column($painted->steps, 'coats')),
                Pace::of($rehearsal->plan, $paces)->recipe($painted),
                self::dries($painted->steps),
                array_values($pots),
                array_values(array_filter($pots, static fn(Paint $one): bool => ! $shelf->has($one))),
                array_values(array_unique(array_map(
                    static fn(Step $step): string => $step->brush->label(),
                    array_filter($painted->steps, static fn(Step $step): bool => in_array($step->brush, [Brush::Airbrush, Brush::SprayCan], true)),
                ))),
                self::slip($rehearsal->plan, $painted),
            ),
        );
    }

    /** @param Variant|null $variant of the area; null: its own recipe */
    public static function stripOf(Rehearsal $rehearsal, Area $area, ?Variant $variant): Strip
    {
        $painted = $variant === null ? $area : $area->withSteps($variant->steps);

        return $variant?->undercoat === null
            ? $rehearsal->stripAs($painted)
            : $painted->strip($variant->undercoat, $rehearsal->plan->model->finishLevel);
    }

    private static function slip(Plan $plan, Area $area): ?float
    {
        $minutes = [];
        foreach (Neighbours::of($plan)->touching($plan->area($area->id) ?? $area) as $beside) {
            $mixes = array_filter(
                array_column($beside->steps, 'mix'),
                static fn(?Mix $one): bool => $one !== null && ! $one->isClear() && ! $one->isTransparent(),
            );
            $slip = $mixes === [] ? null : $mixes[array_key_last($mixes)];
            $minutes[] = $slip === null ? null : SlipPrice::onFinished($plan, $area, $slip);
        }
        $known = array_filter($minutes, static fn(?float $one): bool => $one !== null);

        return $known === [] ? null : max($known);
    }

    /** @param list<Step> $steps */
    private static function dries(array $steps): int
    {
        $minutes = 0;
        foreach ($steps as $at => $step) {
            $minutes += ($step->coats - 1) * DryTimes::betweenCoats($step);
            $minutes += isset($steps[$at + 1]) ? DryTimes::between($step, $steps[$at + 1]) : 0;
        }

        return $minutes;
    }
}
