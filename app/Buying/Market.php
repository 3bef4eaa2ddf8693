<?php

declare(strict_types=1);

namespace App\Buying;

use App\Models\HandPrice;
use App\Models\PaintSet;
use App\Models\Product;
use App\Shop\Shop;
use DateTimeInterface;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Kalokroma\Matching\ForSale;

/** Everything that is for sale today, pots and sets, with its price. */
final class Market
{
    public const POT = 'pot-';

    public const SET = 'set-';

    /** @var array<string, int>|null */
    private ?array $handPrices = null;

    private ?DateTimeInterface $today = null;

    public function __construct(private readonly Shop $shop) {}

    public function quote(Product|PaintSet $item): Quote
    {
        $this->handPrices ??= HandPrice::query()->pluck('price', 'id')->all();

        return new Quote(
            $this->shop->offer($item->maker, $item->code, $item->price, $this->today ??= Date::today()),
            $this->handPrices[$item->id] ?? null,
        );
    }

    /**
     * @param Collection<int, Product> $products
     * @param Collection<int, PaintSet> $sets with their products
     *
     * @return list<ForSale>
     */
    public function forSale(Collection $products, Collection $sets, bool $inStockOnly): array
    {
        $forSale = [];
        foreach ($sets as $set) {
            $paints = array_values($set->products->map(static fn(Product $product) => $product->toCore())->all());
            $quote = $this->quote($set);
            if ($paints !== [] && (! $inStockOnly || $quote->isInStock())) {
                $forSale[] = new ForSale(self::SET.$set->id, $set->name, $quote->price, $paints, true);
            }
        }
        foreach ($products as $product) {
            $quote = $this->quote($product);
            if (! $inStockOnly || $quote->isInStock()) {
                $forSale[] = new ForSale(self::POT.$product->id, $product->name, $quote->price, [$product->toCore()], false);
            }
        }

        return $forSale;
    }

    /** @param int|null $price minor units; null to go by the shop again */
    public function setHandPrice(Product|PaintSet $item, ?int $price): Quote
    {
        DB::transaction(static function () use ($item, $price): void {
            $price === null
                ? HandPrice::query()->whereKey($item->id)->delete()
                : HandPrice::query()->updateOrCreate(['id' => $item->id], ['price' => $price]);
        });
        $this->handPrices = null;

        return $this->quote($item);
    }
}
