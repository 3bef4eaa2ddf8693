<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as Rows;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;

/** What is on the shelf and not empty, for the engine. */
final readonly class OwnedPaints
{
    /** @param Collection<int, Product> $products */
    private function __construct(public Collection $products) {}

    public static function now(): self
    {
        return new self(Product::query()->with('pot')
            ->whereHas('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0)->where('remaining_ml', '>', 0))
            ->orderBy('maker')->orderBy('code')->get());
    }

    /** @return list<Paint> */
    public function paints(): array
    {
        return array_values($this->products->map(static fn(Product $product): Paint => $product->toCore())->all());
    }

    /** How much there is of what, fetched at once; the paints themselves when somebody asks for one. */
    public static function shelf(): Shelf
    {
        /** @var array<string, float> $mlLeft */
        $mlLeft = self::owned()->pluck('remaining_ml', 'products.id')->map(floatval(...))->all();

        return Shelf::stocked($mlLeft, static fn(): array => array_values(
            self::owned()
                ->orderBy('maker')
                ->orderBy('code')
                ->get('products.*')
                ->map(static fn(object $row): Paint => Product::paint((array) $row))
                ->all(),
        ));
    }

    private static function owned(): Rows
    {
        return Product::query()
            ->toBase()
            ->join('pots', 'pots.product_id', '=', 'products.id')
            ->where('pots', '>', 0)
            ->where('remaining_ml', '>', 0);
    }

    /** @return array<string, float> ml left by id */
    public function leftMl(): array
    {
        return $this->products->mapWithKeys(static fn(Product $product): array => [$product->id => $product->pot->remaining_ml ?? 0.0])->all();
    }
}
