<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\PaintSet;
use App\Models\Pot;
use App\Models\Product;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Srgb;
use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\Gpl;
use Kalokroma\Exchange\GplEntry;
use Kalokroma\Exchange\GplPalette;
use Kalokroma\Exchange\SetsCsv;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Exchange\ShelfRow;

/**
 * Brings catalogue, shelf and sets in from CSV files and out again. All of a file is taken, or nothing.
 */
final class PaintFiles
{
    /** Changes told one by one; the rest is counted. */
    private const MOST_TOLD = 300;

    /**
     * @return array{rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     *
     * @throws \Kalokroma\Exchange\Faulty with every fault, its row and column
     */
    public function catalogue(string $csv, bool $take): array
    {
        return $this->rows(CatalogueCsv::read($csv), $take);
    }

    /**
     * Colours of a palette become paints: those we wrote find theirs again, others are added under the palette's name.
     *
     * @return array{rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     *
     * @throws \Kalokroma\Exchange\Faulty with every fault and its line
     */
    public function palette(string $gpl, bool $take): array
    {
        return $this->rows(PalettePaints::of(Gpl::read($gpl)), $take);
    }

    /**
     * @param list<CatalogueRow> $rows
     *
     * @return array{rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     */
    private function rows(array $rows, bool $take): array
    {
        return DB::transaction(function () use ($rows, $take): array {
            $present = Product::query()->get()->keyBy(self::key(...));
            $changes = [];
            foreach ($rows as $row) {
                $product = $present->get($row->maker."\n".$row->code) ?? new Product;
                $product->fill(self::columns($row));
                $fields = $product->exists ? array_keys($product->getDirty()) : [];
                $changes[] = ['row' => "$row->name ($row->maker $row->code)", 'change' => self::change($product), 'fields' => $fields];
                if ($take && $product->isDirty()) {
                    $product->version += $product->exists ? 1 : 0;
                    $product->save();
                }
            }

            return self::told($changes);
        });
    }

    /**
     * @return array{rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     *
     * @throws \Kalokroma\Exchange\Faulty with every fault, its row and column
     */
    public function shelf(string $csv, bool $take): array
    {
        return DB::transaction(function () use ($csv, $take): array {
            $products = Product::query()->with('pot')->get()->keyBy(self::key(...));
            $rows = ShelfCsv::read($csv, static fn(string $maker, string $code): bool => $products->has("$maker\n$code"));
            $changes = [];
            foreach ($rows as $row) {
                /** @var Product $product known, or the reader would have complained */
                $product = $products->get($row->maker."\n".$row->code);
                $pot = $product->pot ?? new Pot(['product_id' => $product->id]);
                $fresh = ! $pot->exists;
                $pot->fill(['pots' => $row->pots, 'remaining_ml' => $row->remainingMl ?? $product->fullMl($row->pots), 'note' => $row->note]);
                $changes[] = ['row' => "$product->name ($row->maker $row->code)", 'change' => self::change($pot), 'fields' => $fresh ? [] : array_keys($pot->getDirty())];
                if ($take && $pot->isDirty()) {
                    $pot->version += $fresh ? 0 : 1;
                    $pot->save();
                }
            }

            return self::told($changes);
        });
    }

    /** @throws \Kalokroma\Exchange\Faulty with every fault, its row and column */
    public function sets(string $csv): int
    {
        return DB::transaction(static function () use ($csv): int {
            $ids = Product::query()->get()->keyBy(self::key(...))->map(static fn(Product $product): string => $product->id);
            $rows = SetsCsv::read($csv, static fn(string $maker, string $code): bool => $ids->has("$maker\n$code"));
            foreach ($rows as $row) {
                $set = PaintSet::query()->updateOrCreate(['maker' => $row->maker, 'code' => $row->code], ['name' => $row->name, 'price' => $row->price]);
                $set->products()->sync(array_map(static fn(string $code): string => (string) $ids->get("$row->maker\n$code"), $row->codes));
            }

            return count($rows);
        });
    }

    /** @param Collection<int, Product> $products */
    public function catalogueCsv(Collection $products): string
    {
        return CatalogueCsv::write($products->map(self::row(...)));
    }

    /**
     * Clear paints have no place in a palette.
     *
     * @param Collection<int, Product> $products
     */
    public function gpl(string $name, Collection $products): string
    {
        return Gpl::write(new GplPalette($name, array_values($products->whereNotNull('swatch')->map(
            static fn(Product $one): GplEntry => GplEntry::ofPaint(Srgb::parse((string) $one->swatch), $one->name, $one->maker, $one->code),
        )->all())));
    }

    public static function row(Product $one): CatalogueRow
    {
        return new CatalogueRow(
            $one->maker,
            $one->range,
            $one->code,
            $one->name,
            $one->kind,
            $one->swatch === null ? null : Srgb::parse($one->swatch),
            $one->opacity,
            $one->finish,
            $one->volume_ml,
            $one->price,
            $one->barcode,
        );
    }

    public function shelfCsv(): string
    {
        $owned = Product::query()->with('pot')->whereHas('pot')->orderBy('maker')->orderBy('code')->get();

        return ShelfCsv::write($owned->map(static fn(Product $one): ShelfRow => new ShelfRow(
            $one->maker,
            $one->code,
            $one->pot->pots ?? 0,
            $one->pot?->remaining_ml,
            $one->pot->note ?? '',
        )));
    }

    private static function key(Product $product): string
    {
        return $product->maker."\n".$product->code;
    }

    /** @return array<string, mixed> */
    private static function columns(CatalogueRow $row): array
    {
        return [
            'maker' => $row->maker, 'range' => $row->range, 'code' => $row->code, 'name' => $row->name, 'kind' => $row->kind,
            'swatch' => $row->swatch?->hex(), 'opacity' => $row->opacity, 'finish' => $row->finish,
            'volume_ml' => $row->volumeMl, 'price' => $row->price, 'barcode' => $row->barcode,
        ];
    }

    private static function change(Product|Pot $row): string
    {
        return match (true) {
            ! $row->exists => 'added',
            $row->isDirty() => 'changed',
            default => 'same',
        };
    }

    /**
     * @param list<array{row: string, change: string, fields: list<string>}> $changes
     *
     * @return array{rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     */
    private static function told(array $changes): array
    {
        $count = array_count_values(array_column($changes, 'change'));

        return [
            'rows' => count($changes),
            'added' => $count['added'] ?? 0,
            'changed' => $count['changed'] ?? 0,
            'same' => $count['same'] ?? 0,
            'changes' => array_slice(array_values(array_filter($changes, static fn(array $one): bool => $one['change'] !== 'same')), 0, self::MOST_TOLD),
        ];
    }
}
