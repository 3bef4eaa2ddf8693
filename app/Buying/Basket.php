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
     * @return array{pots: int, wished: list<string>} how many pots came, and the paints that were on the wish list until now
     *
     * @throws Refused when an item is not known
     */
    public function bring(array $items): array
    {
        return DB::transaction(function () use ($items): array {
            $products = $this->products($items);
            $wished = [];
            foreach ($products as $product) {
                $pot = Pot::query()->findOrNew($product->id);
                if ($pot->wished) {
                    $wished[] = $product->id;
                }
                $pot->fill([
                    'product_id' => $product->id,
                    'pots' => $pot->pots + 1,
                    'remaining_ml' => $pot->remaining_ml + $product->volume_ml,
                    'wished' => false,
                    'version' => $pot->exists ? $pot->version + 1 : 1,
                ])->save();
            }

            return ['pots' => $products->count(), 'wished' => $wished];
        });
    }

    /**
     * @param list<string> $items as Market names them
     * @param list<string> $wished paints that go back onto the wish list
     *
     * @return array{pots: int, wished: list<string>}
     *
     * @throws Refused when an item is not known, or its pot is no longer there
     */
    public function takeBack(array $items, array $wished): array
    {
        return DB::transaction(function () use ($items, $wished): array {
            $products = $this->products($items);
            foreach ($products as $product) {
                $pot = Pot::query()->find($product->id);
                if ($pot === null || $pot->pots < 1) {
                    throw Refused::at('items', "There is no pot of $product->name to take back.");
                }
                $pot->update([
                    'pots' => $pot->pots - 1,
                    'remaining_ml' => max(0.0, $pot->remaining_ml - $product->volume_ml),
                    'wished' => $pot->wished || in_array($product->id, $wished, true),
                    'version' => $pot->version + 1,
                ]);
            }

            return ['pots' => $products->count(), 'wished' => []];
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
