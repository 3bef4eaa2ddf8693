<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\PaintSet;
use App\Models\Pot;
use App\Models\Product;
use App\Support\Refused;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\Fault;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\Gpl;
use Kalokroma\Exchange\GplEntry;
use Kalokroma\Exchange\GplPalette;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Exchange\SetsCsv;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Exchange\ShelfRow;
use Kalokroma\Paint\Measured;
use Kalokroma\Paint\Reading;
use Kalokroma\Paint\Source;

/**
 * Brings catalogue, shelf and sets in from CSV files and out again. All of a file, or of the portion of it that is asked for, is taken, or nothing.
 */
final class PaintFiles
{
    /** Changes told one by one; the rest is counted. */
    private const MOST_TOLD = 300;

    /** Values that one question to the database may carry. */
    private const CODES_AT_ONCE = 5_000;

    /**
     * @return array{total: int, rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     *
     * @throws \Kalokroma\Exchange\Faulty with every fault, its row and column
     */
    public function catalogue(string $csv, bool $take, ?Portion $portion = null): array
    {
        return $this->rows(CatalogueCsv::read($csv), $take, $portion);
    }

    /**
     * Colours of a palette become paints: those we wrote find theirs again, others are added under the palette's name.
     *
     * @return array{total: int, rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     *
     * @throws \Kalokroma\Exchange\Faulty with every fault and its line
     */
    public function palette(string $gpl, bool $take, ?Portion $portion = null): array
    {
        return $this->rows(PalettePaints::of(Gpl::read($gpl)), $take, $portion);
    }

    /**
     * @param list<CatalogueRow> $rows
     *
     * @return array{total: int, rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     */
    private function rows(array $rows, bool $take, ?Portion $portion): array
    {
        $asked = $portion?->of($rows) ?? $rows;

        return DB::transaction(function () use ($rows, $asked, $take): array {
            $present = self::present(array_column($asked, 'code'));
            $changes = $faults = [];
            foreach ($asked as $number => $row) {
                $product = $present->get($row->maker."\n".$row->code) ?? new Product;
                $product->fill(self::columns($row, $product));
                $fields = $product->exists ? array_keys($product->getDirty()) : [];
                $uses = PaintUses::brokenBy($product);
                if ($uses !== []) {
                    $faults[] = new Fault('kind', Refused::wrongKindWords($product->name, $product->kind->label(), $uses), $number + 2);
                }
                $changes[] = ['row' => "$row->name ($row->maker $row->code)", 'change' => self::change($product), 'fields' => $fields];
                if ($take && $product->isDirty()) {
                    $product->version += $product->exists ? 1 : 0;
                    $product->save();
                }
            }

            return $faults === [] ? self::told($changes, count($rows)) : throw Faulty::with($faults);
        });
    }

    /**
     * @return array{total: int, rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     *
     * @throws \Kalokroma\Exchange\Faulty with every fault, its row and column
     */
    public function shelf(string $csv, bool $take, ?Portion $portion = null): array
    {
        return DB::transaction(function () use ($csv, $take, $portion): array {
            $known = array_fill_keys(
                Product::query()->toBase()->whereNull('deleted_at')->selectRaw("maker || char(10) || code as named")->pluck('named')->all(),
                true,
            );
            $rows = ShelfCsv::read($csv, static fn(string $maker, string $code): bool => isset($known["$maker\n$code"]));
            $asked = $portion?->of($rows) ?? $rows;
            $products = self::present(array_column($asked, 'code'));
            $changes = [];
            foreach ($asked as $row) {
                /** @var Product $product known, or the reader would have complained */
                $product = $products->get($row->maker."\n".$row->code);
                $pot = $product->pot ?? new Pot(['product_id' => $product->id]);
                $fresh = ! $pot->exists;
                $pot->fill(['pots' => $row->pots, 'remaining_ml' => $row->remainingMl ?? $product->fullMl($row->pots), 'note' => $row->note]);
                $changes[] = ['row' => "$product->name ($row->maker $row->code)", 'change' => self::change($pot), 'fields' => $fresh
                    ? []
                    : array_keys($pot->getDirty())];
                if ($take && $pot->isDirty()) {
                    $pot->version += $fresh ? 0 : 1;
                    $pot->save();
                }
            }

            return self::told($changes, count($rows));
        });
    }

    /** @throws \Kalokroma\Exchange\Faulty with every fault, its row and column */
    public function sets(string $csv): int
    {
        return DB::transaction(static function () use ($csv): int {
            $ids = Product::query()->get()->keyBy(self::key(...))->map(static fn(Product $product): string => $product->id);
            $rows = SetsCsv::read($csv, static fn(string $maker, string $code): bool => $ids->has("$maker\n$code"));
            foreach ($rows as $row) {
                $set = PaintSet::query()->updateOrCreate(
                    ['maker' => $row->maker, 'code' => $row->code],
                    ['name' => $row->name, 'price' => $row->price],
                );
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
            static fn(Product $one): GplEntry => GplEntry::ofPaint(
                $one->colour()?->toSrgb() ?? Srgb::parse((string) $one->swatch),
                $one->name,
                $one->maker,
                $one->code,
            ),
        )->all())));
    }

    public static function row(Product $one): CatalogueRow
    {
        $measured = $one->measured();

        return new CatalogueRow(
            $one->maker,
            $one->range,
            $one->code,
            $one->name,
            $one->kind,
            $one->swatch === null ? null : Srgb::parse($one->swatch),
            $measured->strength->share ?? $one->opacity,
            $one->finish,
            $one->volume_ml,
            $one->price,
            $one->barcode,
            $measured->colour,
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

    /**
     * @param array<int, string> $codes
     *
     * @return Collection<string, Product> by maker and code, with their pots
     */
    private static function present(array $codes): Collection
    {
        $present = new Collection;
        foreach (array_chunk(array_values(array_unique($codes)), self::CODES_AT_ONCE) as $some) {
            $present = $present->concat(Product::query()->with('pot')->whereIn('code', $some)->get());
        }

        return $present->keyBy(self::key(...));
    }

    private static function key(Product $product): string
    {
        return $product->maker."\n".$product->code;
    }

    /**
     * What was measured stays as long as the file says the same of it.
     *
     * @return array<string, mixed>
     */
    private static function columns(CatalogueRow $row, Product $present): array
    {
        $known = $present->exists ? self::row($present) : null;
        $isSameColour = $known !== null
            && $known->kind === $row->kind
            && self::isSame($known->measured, $row->measured)
            && ($row->measured !== null || $known->swatch?->hex() === $row->swatch?->hex());
        $isSameOpacity = $known !== null && abs(($known->opacity ?? -1.0) - ($row->opacity ?? -1.0)) < 1e-6;
        $measured = match (true) {
            $isSameColour && $isSameOpacity => $present->measured,
            $row->measured !== null => MeasuredFields::write(Measured::nothing()->withColour($row->measured, Reading::of(Source::Typed, 1))),
            default => null,
        };

        return [
            'maker' => $row->maker, 'range' => $row->range, 'code' => $row->code, 'name' => $row->name, 'kind' => $row->kind,
            'swatch' => $isSameColour
                ? $present->swatch
                : $row->swatch?->hex(), 'opacity' => $isSameOpacity
                ? $present->opacity
                : $row->opacity, 'finish' => $row->finish,
            'volume_ml' => $row->volumeMl, 'price' => $row->price, 'barcode' => $row->barcode, 'measured' => $measured,
        ];
    }

    /** To a thousandth, which is how a file tells it. */
    private static function isSame(?Lab $one, ?Lab $other): bool
    {
        return $one === null || $other === null
            ? $one === $other
            : abs($one->lightness - $other->lightness) + abs($one->a - $other->a) + abs($one->b - $other->b) < 0.002;
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
     * @return array{total: int, rows: int, added: int, changed: int, same: int, changes: list<array{row: string, change: string, fields: list<string>}>}
     */
    private static function told(array $changes, int $total): array
    {
        $count = array_count_values(array_column($changes, 'change'));

        return [
            'total' => $total,
            'rows' => count($changes),
            'added' => $count['added'] ?? 0,
            'changed' => $count['changed'] ?? 0,
            'same' => $count['same'] ?? 0,
            'changes' => array_slice(
                array_values(array_filter($changes, static fn(array $one): bool => $one['change'] !== 'same')),
                0,
                self::MOST_TOLD,
            ),
        ];
    }
}
