<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Setting;
use App\Shelf\OwnedLookalikes;
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
final readonly class AmountResource
{
    /** @param list<PassAmount> $passes that are still to be done */
    private function __construct(
        private Amounts $amounts,
        private array $passes,
        private float $dropMl,
        private OwnedLookalikes $lookalikes,
    ) {}

    /** @param Progress|null $progress of a batch under way: what it has done is poured no more */
    private static function for(Amounts $amounts, ?Progress $progress): self
    {
        $passes = array_values(array_filter(
            $amounts->passes(),
            static fn(PassAmount $one): bool => $progress === null || ! $progress->isDone($one->pass),
        ));

        return new self($amounts, $passes, Setting::measures()->dropMl, OwnedLookalikes::now());
    }

    /** @return array<string, array<string, mixed>> what is still to be poured, by step id */
    public static function bySteps(Amounts $amounts, Progress $progress): array
    {
        $self = self::for($amounts, $progress);
        $pours = [];
        foreach ($self->passes as $one) {
            $pours[$one->pass->step->id] = $self->pass($one);
        }

        return $pours;
    }

    /** @return array<string, mixed> */
    public static function of(Amounts $amounts, int $models, Shelf $shelf, ?Progress $progress = null): array
    {
        $self = self::for($amounts, $progress);
        $dropMl = $self->dropMl;

        return [
            'models' => $models,
            'dropMl' => $dropMl,
            'passes' => array_map($self->pass(...), $self->passes),
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
                'missing' => $one->missing,
                'reachesModels' => $one->reachesModels,
                'isOwned' => $one->isOwned(),
            ], Shortage::all($amounts->poured(), $shelf, $models, $dropMl)),
        ];
    }

    /** @return array<string, mixed> */
    private function pass(PassAmount $one): array
    {
        return [
            'number' => $one->pass->number,
            'stepId' => $one->pass->step->id,
            'areaName' => $one->pass->where(),
            'label' => $one->pass->step->technique->label,
            'coats' => $one->pass->step->coats,
            'brush' => $one->pass->step->brush->label(),
            'sprayed' => $one->sprayed?->words(),
            'cans' => array_map($this->fetched(...), $one->cans),
            'mixtures' => array_map(fn(Mixture $mixture): array => [
                'words' => $mixture->words(),
                'ratio' => $mixture->mix->ratio(),
                'dilution' => $mixture->dilution->words(),
                'drops' => $mixture->drops(),
                'ml' => round($mixture->drops() * $this->dropMl, 2),
                'pours' => array_map($this->fetched(...), $mixture->pours),
            ], $one->mixtures),
            'walkedOn' => $this->walkedOn($one),
            'alsoFor' => array_values(array_map(
                static fn(PassAmount $other): array => [
                    'stepId' => $other->pass->step->id,
                    'words' => $other->pass->words(),
                ],
                array_filter(
                    $this->passes,
                    static fn(PassAmount $other): bool => $other->pass->number > $one->pass->number
                        && Likeness::samePot($one->pass->step, $other->pass->step),
                ),
            )),
        ];
    }

    /** @return array{paintId: string|null, name: string, hex: string|null, drops: int, ml: float, sprayed: string|null} */
    private static function pour(Pour $pour): array
    {
        return [
            'paintId' => $pour->paint?->id,
            'name' => $pour->name(),
            'hex' => $pour->paint?->swatch?->toSrgb()->hex(),
            'drops' => $pour->drops,
            'ml' => round($pour->ml, 3),
            'sprayed' => $pour->sprayed?->words(),
        ];
    }

    /** @return array<string, mixed> a pot that is taken from the shelf, and the one beside it that it is not */
    private function fetched(Pour $pour): array
    {
        return [...self::pour($pour), 'lookalike' => $this->lookalikes->of($pour->paint)];
    }

    /**
     * The nearest earlier mix on the same area that this one can be walked on from.
     *
     * @return array<string, mixed>|null
     */
    private function walkedOn(PassAmount $one): ?array
    {
        foreach (array_reverse($this->amounts->passes()) as $earlier) {
            if (
                $earlier->pass->number >= $one->pass->number
                || $earlier->pass->area === null
                || $earlier->pass->area->id !== $one->pass->area?->id
                || count($one->mixtures) !== 1
            ) {
                continue;
            }
            // Of what is done its mix may still be wet.
            $whole = $earlier->mixtures === [] ? $this->amounts->whole($earlier->pass) : $earlier;
            $walked = count($whole->mixtures) === 1
                ? WalkedOn::between(
                    $whole->pass,
                    $whole->mixtures[0],
                    $one->mixtures[0],
                    $this->amounts->leftOnPalette($whole, $whole->mixtures[0]),
                    $this->dropMl,
                )
                : null;
            if ($walked !== null) {
                return [
                    'from' => $walked->from->words(),
                    'keepDrops' => $walked->keepDrops,
                    'add' => array_map(static fn(Pour $pour): array => [...self::pour($pour), 'isTrace' => $walked->isTrace($pour)], $walked->add),
                ];
            }
        }

        return null;
    }
}
