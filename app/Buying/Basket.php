<?php

declare(strict_types=1);

namespace App\Buying;

use App\Models\PaintSet;
use App\Models\Pot;
use App\Models\Product;
use App\Support\Refused;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What was bought goes onto the shelf, a full pot of each paint; what was a mistake comes off again. */
final class Basket
{
    /**
     * @param list<string> $items as Market names them
     *
     * @return int pots
     *
     * @throws Refused when an item is not known
     */
    public function bring(array $items): int
    {
        return DB::transaction(function () use ($items): int {
            $products = $this->products($items);
            foreach ($products as $product) {
                $pot = Pot::query()->findOrNew($product->id);
                $pot->fill([
                    'product_id' => $product->id,
                    'pots' => $pot->pots + 1,
                    'remaining_ml' => $pot->remaining_ml + $product->volume_ml,
                    'wished' => false,
                    'version' => $pot->exists ? $pot->version + 1 : 1,
                ])->save();
            }

            return $products->count();
        });
    }

    /**
     * @param list<string> $items as Market names them
     *
     * @throws Refused when an item is not known, or its pot is no longer there
     */
    public function takeBack(array $items): int
    {
        return DB::transaction(function () use ($items): int {
            $products = $this->products($items);
            foreach ($products as $product) {
                $pot = Pot::query()->find($product->id);
                if ($pot === null || $pot->pots < 1) {
                    throw Refused::at('items', "There is no pot of $product->name to take back.");
                }
                $pot->update(['pots' => $pot->pots - 1, 'remaining_ml' => max(0.0, $pot->remaining_ml - $product->volume_ml), 'version' => $pot->version + 1]);
            }

            return $products->count();
        });
    }

    /**
     * @param list<string> $items
     *
     * @return Collection<int, Product> a paint that is in two boxes twice
     */
    private function products(array $items): Collection
    {
        $products = new Collection;
        foreach ($items as $item) {
            [$sort, $id] = [substr($item, 0, 4), substr($item, 4)];
            $found = match ($sort) {
                Market::POT => Product::query()->whereKey($id)->get(),
                Market::SET => PaintSet::query()->with('products')->find($id)->products ?? new Collection,
                default => new Collection,
            };
            if ($found->isEmpty()) {
                throw Refused::at('items', 'One of these is no longer for sale. Ask for the purchase anew.');
            }
            $products = $products->concat($found);
        }

        return $products;
    }
}
