<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Setting;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Mixture;
use Kalokroma\Amounts\PassAmount;
use Kalokroma\Amounts\Pour;
use Kalokroma\Amounts\Shortage;
use Kalokroma\Amounts\WalkedOn;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Likeness;
use Kalokroma\Planning\Progress;

/** How much to pour, pass by pass and in all, and which pots will not last. */
final class AmountResource
{
    /** @return array<string, mixed> */
    public static function of(Amounts $amounts, int $models, Shelf $shelf, ?Progress $progress = null): array
    {
        $dropMl = Setting::measures()->dropMl;
        $passes = array_values(array_filter($amounts->passes(), static fn(PassAmount $one): bool => $progress === null || ! $progress->isDone($one->pass)));

        return [
            'models' => $models,
            'dropMl' => $dropMl,
            'passes' => array_map(static fn(PassAmount $one): array => self::pass($one, $passes, $dropMl), $passes),
            'totals' => array_map(static fn(Pour $one): array => [
                ...self::pour($one),
                'leftMl' => $one->paint === null || ! $shelf->has($one->paint) ? null : round($shelf->mlLeft($one->paint) ?? 0.0, 2),
                'isOwned' => $one->paint !== null && $shelf->has($one->paint),
            ], array_values($amounts->poured())),
            'short' => array_map(static fn(Shortage $one): array => [
                'paintId' => $one->paint->id,
                'name' => $one->paint->name,
                'hex' => $one->paint->swatch?->toSrgb()->hex(),
                'neededMl' => round($one->neededMl, 2),
                'leftMl' => round($one->leftMl, 2),
                'shortDrops' => $one->shortDrops,
                'reachesModels' => $one->reachesModels,
                'isOwned' => $one->isOwned(),
            ], Shortage::all($amounts->poured(), $shelf, $models, $dropMl)),
        ];
    }

    /**
     * @param list<PassAmount> $all
     *
     * @return array<string, mixed>
     */
    public static function pass(PassAmount $one, array $all, float $dropMl): array
    {
        return [
            'number' => $one->pass->number,
            'stepId' => $one->pass->step->id,
            'areaName' => $one->pass->area->name ?? 'Whole model',
            'label' => $one->pass->step->technique->label,
            'coats' => $one->pass->step->coats,
            'brush' => $one->pass->step->brush->label(),
            'sprayed' => $one->sprayed?->words(),
            'cans' => array_map(self::pour(...), $one->cans),
            'mixtures' => array_map(static fn(Mixture $mixture): array => [
                'words' => $mixture->words(),
                'ratio' => $mixture->mix->ratio(),
                'dilution' => $mixture->dilution->words(),
                'drops' => $mixture->drops(),
                'ml' => round($mixture->drops() * $dropMl, 2),
                'pours' => array_map(self::pour(...), $mixture->pours),
            ], $one->mixtures),
            'walkedOn' => self::walkedOn($one, $all, $dropMl),
            'alsoFor' => array_values(array_map(
                static fn(PassAmount $other): array => ['stepId' => $other->pass->step->id, 'words' => sprintf('%s, %s', $other->pass->area->name ?? 'Whole model', mb_strtolower($other->pass->step->technique->label))],
                array_filter($all, static fn(PassAmount $other): bool => $other->pass->number > $one->pass->number && Likeness::samePot($one->pass->step, $other->pass->step)),
            )),
        ];
    }

    /** @return array{paintId: string|null, name: string, hex: string|null, drops: int, ml: float, sprayed: string|null} */
    public static function pour(Pour $pour): array
    {
        return ['paintId' => $pour->paint?->id, 'name' => $pour->name(), 'hex' => $pour->paint?->swatch?->toSrgb()->hex(), 'drops' => $pour->drops, 'ml' => round($pour->ml, 3), 'sprayed' => $pour->sprayed?->words()];
    }

    /**
     * The nearest earlier mix on the same area that this one can be walked on from.
     *
     * @param list<PassAmount> $all
     *
     * @return array<string, mixed>|null
     */
    private static function walkedOn(PassAmount $one, array $all, float $dropMl): ?array
    {
        foreach (array_reverse($all) as $earlier) {
            if ($earlier->pass->number >= $one->pass->number || $earlier->pass->area === null || $earlier->pass->area->id !== $one->pass->area?->id || count($earlier->mixtures) !== 1 || count($one->mixtures) !== 1) {
                continue;
            }
            $walked = WalkedOn::between($earlier->pass, $earlier->mixtures[0], $one->mixtures[0], $dropMl);
            if ($walked !== null) {
                return [
                    'fromStepId' => $walked->from->step->id,
                    'from' => sprintf('%s, %s', $walked->from->area->name ?? 'Whole model', mb_strtolower($walked->from->step->technique->label)),
                    'keepDrops' => $walked->keepDrops,
                    'add' => array_map(self::pour(...), $walked->add),
                ];
            }
        }

        return null;
    }
}
