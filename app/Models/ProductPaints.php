<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Exchange\PaintSource;
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
        $ids = array_values(array_unique(self::collect($document)));

        /** @var Collection<string, Product> $products */
        $products = Product::withTrashed()->with('pot')->findMany($ids)->keyBy('id');

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

    /**
     * @param array<mixed> $document
     *
     * @return list<string> whatever stands where a paint's id belongs
     */
    private static function collect(array $document): array
    {
        $ids = [];
        array_walk_recursive($document, static function (mixed $value, int|string $key) use (&$ids): void {
            if (is_string($value) && in_array($key, ['paint', 'base', 'light'], true)) {
                $ids[] = $value;
            }
        });

        return $ids;
    }
}
