<?php

declare(strict_types=1);

namespace App\Models;

use Kalokroma\Exchange\PaintSource;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Paint\Paint;

/** The catalogue's paints that a plan document names, fetched at once. */
final readonly class ProductPaints implements PaintSource
{
    /** @param array<string, Paint> $paints by id */
    private function __construct(private array $paints) {}

    /**
     * A plan brought back by undo may name a paint that has gone to the bin since; it is still found.
     *
     * @param array<mixed> $document
     */
    public static function forDocument(array $document): self
    {
        $paints = [];
        foreach (Product::withTrashed()->toBase()->whereIn('id', PlanDocument::of($document)->paintIds())->get() as $row) {
            $paint = Product::paint((array) $row);
            $paints[$paint->id] = $paint;
        }

        return new self($paints);
    }

    /** @param array<string, Paint> $paints by id, from the shelf */
    public function and(array $paints): self
    {
        return new self([...$paints, ...$this->paints]);
    }

    public function find(string $id): ?Paint
    {
        return $this->paints[$id] ?? null;
    }
}
