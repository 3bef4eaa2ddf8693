<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Plan;
use App\Models\Pot;
use App\Models\Product;
use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;

/**
 * The paints that exist and what is owned of them.
 */
final class Catalogue
{
    /** @param array<string, mixed> $columns */
    public function add(array $columns): Product
    {
        return DB::transaction(static fn(): Product => Product::query()->create($columns)->load('pot'));
    }

    /**
     * @param array<string, mixed> $columns
     * @param int $version the one the change was made on
     *
     * @throws StaleWrite when it was changed elsewhere
     */
    public function change(string $id, array $columns, int $version): Product
    {
        return DB::transaction(static function () use ($id, $columns, $version): Product {
            $product = Product::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This paint', $version, $product->version);
            $product->update([...$columns, 'version' => $version + 1]);

            return $product->load('pot');
        });
    }

    /** @throws Refused when a plan uses it */
    public function remove(string $id): void
    {
        DB::transaction(static function () use ($id): void {
            $product = Product::query()->with('plans')->findOrFail($id);
            $uses = $product->plans->map(static fn(Plan $plan): string => 'the plan "'.$plan->name.'"')->values()->all();
            if ($uses !== []) {
                throw Refused::inUse($product->name, $uses);
            }
            $product->delete();
        });
    }

    /** @throws Refused when its maker and code were given to another paint meanwhile */
    public function restore(string $id): Product
    {
        return DB::transaction(static function () use ($id): Product {
            $product = Product::onlyTrashed()->findOrFail($id);
            if (Product::query()->where('maker', $product->maker)->where('code', $product->code)->exists()) {
                throw Refused::at('code', 'Another paint by this maker has its code now. Change that one first.');
            }
            $product->restore();

            return $product->load('pot');
        });
    }

    /**
     * @param array{pots: int, remaining_ml: float|null, note: string, wished: bool} $columns null: the pots are full
     * @param int $version the one the change was made on, 0 when there was nothing yet
     *
     * @throws StaleWrite when it was changed elsewhere
     */
    public function setPot(string $id, array $columns, int $version): Product
    {
        return DB::transaction(static function () use ($id, $columns, $version): Product {
            $product = Product::query()->with('pot')->findOrFail($id);
            $pot = $product->pot ?? new Pot(['product_id' => $id]);
            StaleWrite::unlessCurrent('What you own of this paint', $version, $pot->exists ? $pot->version : 0);
            $columns['remaining_ml'] ??= $product->fullMl($columns['pots']);
            $pot->fill([...$columns, 'version' => $version + 1])->save();

            return $product->setRelation('pot', $pot);
        });
    }

    /** @return list<string> */
    public function makers(): array
    {
        return array_values(Product::query()->distinct()->orderBy('maker')->pluck('maker')->all());
    }

    public function ownedCount(): int
    {
        return Pot::query()->where('pots', '>', 0)->whereHas('product')->count();
    }
}
