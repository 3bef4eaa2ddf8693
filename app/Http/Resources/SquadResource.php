<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\Setting;
use Kalokroma\Batch\Cell;
use Kalokroma\Batch\Matrix;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Progress;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Variant;

/** Who is who in a batch, and the squad against its areas. */
final readonly class SquadResource
{
    private function __construct(
        private Progress $progress,
        private float $dropMl,
    ) {}

    /** @return list<array<string, mixed>> every model, in their order */
    public static function members(Batch $batch): array
    {
        return array_values(array_map(static fn(Member $one): array => [
            'number' => $one->number,
            'name' => $one->name,
            'role' => $one->role,
            'ways' => (object) $one->ways,
            'without' => $one->without,
        ], $batch->painted()->squad->members));
    }

    /** @return list<array{id: string, name: string}> */
    public static function roles(Plan $plan): array
    {
        return array_map(static fn(Role $one): array => ['id' => $one->id, 'name' => $one->name], $plan->roles);
    }

    /** @return array<string, mixed> */
    public static function matrix(Batch $batch): array
    {
        $self = new self($batch->progress(), Setting::measures()->dropMl);
        $squad = $batch->painted();
        $cells = Matrix::of($squad, Setting::measures());
        $ways = Matrix::ways($squad, Setting::measures());
        $minutes = Matrix::minutes($squad);

        return [
            'batchId' => $batch->id,
            'name' => $batch->name,
            'version' => $batch->version,
            'roles' => self::roles($squad->written),
            'models' => array_map(
                static fn(array $one): array => [...$one, 'minutes' => round($minutes[$one['number']], 1)],
                self::members($batch),
            ),
            'areas' => array_map(fn(Area $area): array => [
                'id' => $area->id,
                'name' => $area->name,
                'texture' => $area->texture->value,
                ...$self->row($area, $cells[$area->id]),
                'ways' => array_map($self->cell(...), $ways[$area->id]),
            ], $squad->written->areas),
            'minutes' => round(array_sum($minutes), 1),
        ];
    }

    /**
     * @param array<int, Cell|null> $cells by model
     *
     * @return array<string, mixed>
     */
    private function row(Area $area, array $cells): array
    {
        $looks = [];
        $at = [];
        foreach ($cells as $cell) {
            $place = $cell === null ? null : array_search($cell, $looks, true);
            if ($place === false) {
                $place = array_push($looks, $cell) - 1;
            }
            $at[] = $place;
        }
        $counts = array_count_values(array_map(static fn(?int $one): int => $one ?? -1, $at));
        arsort($counts);
        $usual = array_key_first($counts);

        return [
            'looks' => array_map($this->cell(...), $looks),
            'cells' => $at,
            // What most of them get: what differs from it stands out.
            'usual' => $usual === -1 ? null : $usual,
            'minutes' => round(array_sum(array_map(static fn(?Cell $one): float => $one->minutes ?? 0.0, $cells)), 1),
            'drops' => (int) ceil(array_sum(array_map(static fn(?Cell $one): float => $one->ml ?? 0.0, $cells)) / $this->dropMl),
            'painted' => array_map(
                fn(int $model): float => round(
                    $this->progress->tally->shareOn(
                        array_column($this->progress->squad->areaOn($area, $model)->steps ?? [], 'id'),
                        $model,
                    ),
                    3,
                ),
                array_keys($cells),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function cell(Cell $cell): array
    {
        return [
            'variant' => $cell->variant?->id,
            'name' => $cell->variant->name ?? self::ownName($cell->area),
            'words' => $cell->look->words(),
            'zones' => array_map(static fn(Zone $zone): string => $cell->look->at($zone)->toSrgb()->hex(), Zone::cases()),
            'minutes' => round($cell->minutes, 1),
            'drops' => (int) ceil($cell->ml / $this->dropMl),
            'pots' => array_column($cell->paints, 'name'),
        ];
    }

    /** The recipe, by the name of the variant that it is, if there is one. */
    private static function ownName(Area $area): string
    {
        $named = array_find($area->variants, static fn(Variant $one): bool => $one->isRecipeOf($area));

        return $named === null ? 'as planned' : "as planned: $named->name";
    }
}
