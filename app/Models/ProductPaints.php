<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Exchange\PaintSource;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Paint\Paint;

/** The catalogue's paints that a plan document names, fetched at once. */
final class ProductPaints implements PaintSource
{
    /** @var array<string, Paint> */
    private array $made = [];

    /** @param Collection<string, Product> $products by id */
    private function __construct(private readonly Collection $products) {}

    /**
     * A plan brought back by undo may name a paint that has gone to the bin since; it is still found.
     *
     * @param array<mixed> $document
     */
    public static function forDocument(array $document): self
    {

        /** @var Collection<string, Product> $products */
        $products = Product::withTrashed()->with('pot')->findMany(PlanDocument::of($document)->paintIds())->keyBy('id');

        return new self($products);
    }

    public function find(string $id): ?Paint
    {
        $product = $this->products->get($id);

        return $product === null ? null : $this->made[$id] ??= $product->toCore();
    }

    /** @return Collection<string, Product> by id */
    public function products(): Collection
    {
        return $this->products;
    }
}
