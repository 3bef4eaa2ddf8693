<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Product;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\CatalogueRow;

/**
 * Shelves to start with: plain colours of no real maker, one table each in resources/starters.
 */
final class Starters
{
    /** File => name, and what it is good for. */
    private const SHELVES = [
        'first-dozen' => ['The first dozen', 'One of each: enough for a first model from primer to highlight.'],
        'earth-and-leather' => ['Earth and leather', 'Browns, bone and rope, for coats, straps, poles and bases.'],
        'metal-and-machine' => ['Metal and machine', 'Steel, brass and rust, with the greys and washes that go with them.'],
        'bright-cloth' => ['Bright cloth', 'Strong reds, blues, greens and yellows, each with a light to go up to.'],
        'skin-bone-fur' => ['Skin, bone and fur', 'Flesh from pale to dark, hair, feathers and teeth.'],
        'washes-and-transparents' => ['Washes and transparents', 'Thin colours over a light primer: quick, and kind to texture.'],
    ];

    /** @return list<array{id: string, name: string, about: string, rows: list<CatalogueRow>}> */
    public static function all(): array
    {
        return array_map(static fn(string $id): array => [
            'id' => $id, 'name' => self::SHELVES[$id][0], 'about' => self::SHELVES[$id][1], 'rows' => self::rows($id),
        ], array_keys(self::SHELVES));
    }

    /**
     * Puts one pot of each on the shelf that is not there yet.
     *
     * @return array{paints: list<string>, pots: list<string>} ids of what was new
     *
     * @throws ModelNotFoundException when there is no such shelf
     */
    public static function load(string $id): array
    {
        $rows = self::rows($id);

        return DB::transaction(static fn(): array => PutUp::all(array_map(static fn(CatalogueRow $row): array => [self::product($row), 1], $rows)));
    }

    private static function product(CatalogueRow $row): Product
    {
        $present = Product::withTrashed()->with('pot')->where('maker', $row->maker)->where('code', $row->code)->first();
        if ($present?->trashed()) {
            $present->restore();
        }

        return $present ?? new Product([
            'maker' => $row->maker, 'range' => $row->range, 'code' => $row->code, 'name' => $row->name, 'kind' => $row->kind,
            'swatch' => $row->swatch?->hex(), 'opacity' => $row->opacity, 'finish' => $row->finish,
            'volume_ml' => $row->volumeMl, 'price' => $row->price, 'barcode' => $row->barcode,
        ]);
    }

    /** @return list<CatalogueRow> */
    private static function rows(string $id): array
    {
        if (! isset(self::SHELVES[$id])) {
            throw new ModelNotFoundException('There is no such shelf to start with.');
        }

        return CatalogueCsv::read(File::get(resource_path("starters/$id.csv")));
    }
}
