<?php

declare(strict_types=1);

namespace App\Map;

use App\Models\PaintSet;
use App\Models\Plan;
use App\Models\Product;
use App\Shelf\OwnedPaints;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Matching\Novelty;
use Kalokroma\Matching\ShelfGap;
use Kalokroma\Matching\ShelfMap;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/**
 * The shelf as a map, with the needs of a plan or the paints of a set laid over it.
 */
final readonly class MapView
{
    /**
     * @param Collection<int, Product> $products owned, with colour
     * @param list<array{ShelfGap, Paint|null}> $gaps each with the paint in the catalogue that would fill it
     * @param list<array{Paint, Paint, float}> $twins
     * @param list<string> $neverUsed ids
     * @param list<Paint> $needs
     * @param list<Paint> $laid paints of a set
     * @param list<string> $new ids of those of the set that nothing owned looks like
     */
    private function __construct(
        public Collection $products,
        public array $gaps,
        public array $twins,
        public array $neverUsed,
        public array $needs,
        public array $laid,
        public array $new,
    ) {}

    public static function of(?string $planId, ?string $setId): self
    {
        // A pot that is empty still stands on the shelf, and its place is the one to fill.
        $products = Product::query()->with('pot')->whereNotNull('swatch')->whereHas('pot', static fn($pot) => $pot->where('pots', '>', 0))
            ->orderBy('hue')->orderBy('value')->orderBy('id')->get();
        $paints = array_values($products->map(static fn(Product $product): Paint => $product->toCore())->all());
        $map = ShelfMap::of($paints);
        $used = self::used();
        $laid = $setId === null
            ? []
            : array_values(
                PaintSet::query()
                    ->with('products')
                    ->findOrFail($setId)->products
                    ->map(static fn(Product $product): Paint => $product->toCore())
                    ->all(),
            );

        return new self(
            $products,
            self::gaps($map),
            $map->twins(),
            array_values(
                $products->reject(static fn(Product $product): bool => isset($used[$product->id]))
                    ->map(static fn(Product $product): string => $product->id)
                    ->all(),
            ),
            array_values(array_filter(
                $planId === null ? [] : OwnedPaints::shelf()->missing(Plan::query()->findOrFail($planId)->toCore()->paints()),
                static fn(Paint $paint): bool => ! $paint->isClear(),
            )),
            array_values(array_filter($laid, static fn(Paint $paint): bool => ! $paint->isClear())),
            array_column(Novelty::among($laid, $paints), 'id'),
        );
    }

    /** @return list<array{ShelfGap, Paint|null}> */
    private static function gaps(ShelfMap $map): array
    {
        $gaps = $map->gaps();
        $others = $gaps === [] ? [] : array_values(Product::query()->whereIn('kind', [Kind::Opaque, Kind::SemiOpaque])
            ->whereDoesntHave('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0))
            ->orderBy('maker')->orderBy('code')->get()->map(static fn(Product $product): Paint => $product->toCore())->all());

        return array_map(static fn(ShelfGap $gap): array => [$gap, ShelfMap::filler($gap, $others)], $gaps);
    }

    /** @return array<string, true> ids of all paints the logbook tells of */
    private static function used(): array
    {
        $used = [];
        $mixed = DB::table('log_entries')->crossJoin(DB::raw("json_each(log_entries.used, '$.mix') as part"))->whereNull('deleted_at')
            ->distinct()->selectRaw("json_extract(part.value, '$.paint') as paint")->pluck('paint');
        foreach ($mixed as $paint) {
            if (is_string($paint)) {
                $used[$paint] = true;
            }
        }

        return $used;
    }
}
