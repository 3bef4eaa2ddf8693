<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/** Every different paint and mix a plan asks for, and where it is used. */
final readonly class Needs
{
    /** @param list<Need> $all in the order the plan names them */
    private function __construct(public array $all) {}

    public static function of(Plan $plan): self
    {
        $needs = [];
        foreach (self::uses($plan) as [$step, $mix, $where]) {
            // Paint is sprayed from one can or cup: an undercoat takes no mix.
            $isUndercoat = $plan->isOfUndercoat($step->id);
            $key = ($isUndercoat ? 'undercoat ' : '').self::key($mix);
            $needs[$key] = ($needs[$key] ?? new Need($mix, $isUndercoat, []))->alsoAt($step, $where);
        }

        return new self(array_values($needs));
    }

    /** @return array<string, list<string>> by paint where it is used: "Cloak: wash" */
    public function byPaint(): array
    {
        $uses = [];
        foreach ($this->all as $need) {
            foreach ($need->mix->ingredients as $ingredient) {
                foreach ($need->uses as ['where' => $where, 'step' => $step]) {
                    $uses[$ingredient->paint->id][] = sprintf('%s: %s', $where, mb_strtolower($need->does($step)));
                }
            }
        }

        return array_map(static fn(array $all): array => array_values(array_unique($all)), $uses);
    }

    /** @return iterable<array{Step, Mix, string}> */
    private static function uses(Plan $plan): iterable
    {
        $recipes = [
            ['Undercoat', array_merge(...array_values(array_map(static fn(Undercoat $one): array => $one->steps(), $plan->undercoats())))],
            ...array_map(static fn($area): array => [$area->name, $area->steps], $plan->areas),
            ['Whole model', $plan->wholeModel],
        ];
        foreach ($recipes as [$where, $steps]) {
            foreach ($steps as $step) {
                // A fluid without colour is bought for what it does: nothing is mixed to match it.
                if ($step->mix !== null && ! $step->mix->isClear()) {
                    yield [$step, $step->mix, $where];
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
