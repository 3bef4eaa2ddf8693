<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Batch;
use App\Models\Plan;
use App\Models\Product;
use App\Models\Recipe;
use App\Models\Setting;
use App\Shelf\PaintSearch;
use Illuminate\Support\Facades\DB;
use Kalokroma\Craft\Technique;

/**
 * Finds by words whatever has a name: plans, their areas, batches, shared recipes, techniques, paints.
 *
 * @phpstan-type Found array{kind: string, id: string, title: string, detail: string, planId: string|null, hex: string|null}
 */
final readonly class Everything
{
    /** Of each kind; who wants more writes one more letter, or goes to the place itself. */
    private const MOST = 5;

    private const LONGEST = 120;

    public function __construct(private PaintSearch $paints) {}

    /**
     * @param string $words all of which stand in what is found, in any order
     *
     * @return list<Found> names that begin so first, kind by kind; nothing for no words
     */
    public function find(string $words): array
    {
        $words = mb_substr(trim($words), 0, self::LONGEST);
        $wanted = preg_split('/[\s,]+/u', mb_strtolower($words), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return $wanted === [] ? [] : [
            ...self::best($wanted, $this->plans($wanted)),
            ...self::best($wanted, $this->batches($wanted)),
            ...self::best($wanted, $this->areas($wanted)),
            ...self::best($wanted, $this->recipes($wanted)),
            ...self::best(
                $wanted,
                array_values(array_filter(
                    self::techniques(),
                    static fn(array $one): bool => str_contains(mb_strtolower($one['title']), $wanted[0]),
                )),
            ),
            ...array_slice($this->paints($words), 0, self::MOST),
        ];
    }

    /**
     * @param list<string> $wanted
     *
     * @return list<Found>
     */
    private function plans(array $wanted): array
    {
        $rows = self::like(Plan::query()->toBase(), "name || ' ' || json_extract(document, '\$.model.name')", $wanted)
            ->orderBy('name')
            ->limit(50)
            ->get(['id', 'name', DB::raw("json_extract(document, '\$.model.name') as model")]);

        return array_values($rows->map(static fn(object $row): array => self::found(
            'plan',
            (string) $row->id,
            (string) $row->name,
            $row->model === $row->name ? '' : (string) $row->model,
        ))->all());
    }

    /**
     * @param list<string> $wanted
     *
     * @return list<Found>
     */
    private function batches(array $wanted): array
    {
        $rows = self::like(Batch::query()->toBase(), 'name', $wanted)->orderByDesc('starts_on')->limit(50)->get(['id', 'name', 'models']);

        return array_values($rows->map(static fn(object $row): array => self::found(
            'batch',
            (string) $row->id,
            (string) $row->name,
            $row->models === 1 ? '1 model' : "$row->models models",
        ))->all());
    }

    /**
     * @param list<string> $wanted
     *
     * @return list<Found>
     */
    private function areas(array $wanted): array
    {
        $areas = Plan::query()->toBase()->crossJoin(DB::raw("json_each(plans.document, '\$.areas') as area"));
        $rows = self::like($areas, "json_extract(area.value, '\$.name') || ' ' || plans.name", $wanted)->orderBy('plans.name')->limit(50)
            ->get([
                'plans.id as plan',
                'plans.name as name',
                DB::raw("json_extract(area.value, '\$.id') as id"),
                DB::raw("json_extract(area.value, '\$.name') as area"),
            ]);

        return array_values($rows->map(static fn(object $row): array => self::found(
            'area',
            (string) $row->id,
            (string) $row->area,
            (string) $row->name,
            (string) $row->plan,
        ))->all());
    }

    /**
     * @param list<string> $wanted
     *
     * @return list<Found>
     */
    private function recipes(array $wanted): array
    {
        $recipes = self::like(Recipe::query()->toBase(), "name || ' ' || tags", $wanted)->orderBy('name')->limit(50)->get(['id', 'name', 'tags']);

        return array_values($recipes->map(static fn(object $row): array => self::found(
            'recipe',
            (string) $row->id,
            (string) $row->name,
            implode(', ', (array) json_decode((string) $row->tags, true)),
        ))->all());
    }

    /** @return list<Found> */
    private static function techniques(): array
    {
        return array_map(
            static fn(Technique $one): array => self::found('technique', $one->id, $one->label, $one->hint),
            Setting::book()->techniques(),
        );
    }

    /** @return list<Found> */
    private function paints(string $words): array
    {
        $paints = $this->paints->page(['search' => $words, 'sort' => 'name'], self::MOST)->items();

        return array_values(array_map(
            static fn(Product $paint): array => self::found(
                'paint',
                $paint->id,
                $paint->name,
                trim("$paint->maker $paint->code").(($paint->pot->pots ?? 0) > 0 ? ', on the shelf' : ''),
                null,
                $paint->swatch,
            ),
            $paints,
        ));
    }

    /**
     * @param list<string> $wanted
     * @param list<Found> $found
     *
     * @return list<Found> those that hold all words in name or detail, what begins with the first word first
     */
    private static function best(array $wanted, array $found): array
    {
        $told = static fn(array $one): string => mb_strtolower("{$one['title']} {$one['detail']}");
        $found = array_values(array_filter(
            $found,
            static fn(array $one): bool => array_all($wanted, static fn(string $word): bool => str_contains($told($one), $word)),
        ));
        $rank = static fn(array $one): int => str_starts_with(mb_strtolower($one['title']), $wanted[0]) ? 0 : (
            str_contains(mb_strtolower($one['title']), $wanted[0]) ? 1 : 2
        );
        usort($found, static fn(array $one, array $other): int => $rank($one) <=> $rank($other));

        return array_slice($found, 0, self::MOST);
    }

    /**
     * @template Q of \Illuminate\Database\Query\Builder
     *
     * @param Q $query
     * @param list<string> $wanted
     *
     * @return Q
     */
    private static function like(\Illuminate\Database\Query\Builder $query, string $told, array $wanted): \Illuminate\Database\Query\Builder
    {
        foreach ($wanted as $word) {
            $query->whereRaw("$told like ? escape '\\'", ['%'.addcslashes($word, '%_\\').'%']);
        }

        return $query;
    }

    /** @return Found */
    private static function found(string $kind, string $id, string $title, string $detail, ?string $planId = null, ?string $hex = null): array
    {
        return ['kind' => $kind, 'id' => $id, 'title' => $title, 'detail' => $detail, 'planId' => $planId, 'hex' => $hex];
    }
}
