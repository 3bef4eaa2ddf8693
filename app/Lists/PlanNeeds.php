<?php

declare(strict_types=1);

namespace App\Lists;

use App\Models\Plan;
use App\Shelf\OwnedPaints;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\Verdict;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan as CorePlan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/**
 * Every different paint and mix a plan asks for, where it is used, and what the shelf has for it.
 */
final readonly class PlanNeeds
{
    /** @param list<array{mix: Mix, uses: list<array{area: string, step: Step, technique: string}>, verdict: Verdict}> $rows in the order the plan names them */
    private function __construct(public array $rows) {}

    public static function of(Plan $plan, float $tolerance): self
    {
        $shelf = Substitutes::forMany(OwnedPaints::now()->paints());
        $rows = [];
        $core = $plan->toCore();
        foreach (self::uses($core) as [$mix, $use]) {
            // Paint is sprayed from one can or cup: an undercoat takes no mix.
            $isUndercoat = $core->undercoat->holds($use['step']->id);
            $key = ($isUndercoat ? 'undercoat ' : '').self::key($mix);
            $rows[$key] ??= ['mix' => $mix, 'uses' => [], 'mostPaints' => $isUndercoat ? 1 : MixLimits::MOST_PAINTS];
            $rows[$key]['uses'][] = $use;
        }

        return new self(array_values(array_map(static function (array $row) use ($shelf, $tolerance): array {
            $planned = max(array_map(static fn(array $use): float => $use['step']->dilution->strength(), $row['uses']));

            return ['mix' => $row['mix'], 'uses' => $row['uses'], 'verdict' => Verdict::on($row['mix'], $shelf, $tolerance, $row['mostPaints'], $planned)];
        }, $rows)));
    }

    /** @return list<Paint> that the plan names and nobody here owns */
    public static function missing(Plan $plan): array
    {
        $owned = array_map(static fn(Paint $paint): string => $paint->id, OwnedPaints::now()->paints());

        return array_values(array_filter($plan->toCore()->paints(), static fn(Paint $paint): bool => ! in_array($paint->id, $owned, true)));
    }

    /** @return array<string, list<string>> by paint where it is used: "Cloak: wash" */
    public static function usesByPaint(Plan $plan): array
    {
        $uses = [];
        foreach (self::uses($plan->toCore()) as [$mix, $use]) {
            foreach ($mix->ingredients as $ingredient) {
                $uses[$ingredient->paint->id][] = sprintf('%s: %s', $use['area'], mb_strtolower($use['technique']));
            }
        }

        return array_map(static fn(array $all): array => array_values(array_unique($all)), $uses);
    }

    /** @return iterable<array{Mix, array{area: string, step: Step, technique: string}}> */
    private static function uses(CorePlan $plan): iterable
    {
        foreach ($plan->undercoat->steps() as $step) {
            if ($step->mix !== null) {
                yield [$step->mix, ['area' => 'Undercoat', 'step' => $step, 'technique' => $step->id === Undercoat::LIGHT_STEP ? 'from above' : 'all over']];
            }
        }
        foreach ([...array_map(static fn(Area $area): array => [$area->name, $area->steps], $plan->areas), ['Whole model', $plan->wholeModel]] as [$name, $steps]) {
            foreach ($steps as $step) {
                // A fluid without colour is bought for what it does: nothing is mixed to match it.
                if ($step->mix !== null && ! $step->mix->isClear()) {
                    yield [$step->mix, ['area' => $name, 'step' => $step, 'technique' => $step->technique->label]];
                }
            }
        }
    }

    private static function key(Mix $mix): string
    {
        $parts = array_map(static fn(Ingredient $one): string => "$one->parts {$one->paint->id}", $mix->ingredients);
        sort($parts);

        return implode(' ', $parts);
    }
}
