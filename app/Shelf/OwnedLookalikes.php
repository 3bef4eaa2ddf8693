<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Support\Changes;
use App\Support\Kept;
use Kalokroma\Matching\Lookalikes;
use Kalokroma\Paint\Paint;

/** Which paints of the shelf are taken for each other; kept until shelf or catalogue change. */
final readonly class OwnedLookalikes
{
    /** @param array<string, list<string>> $names by paint id */
    private function __construct(private array $names) {}

    public static function now(): self
    {
        return new self(Kept::now()->of('lookalikes', [Changes::of('products', 'pots')], static fn(): array => array_map(
            static fn(array $paints): array => array_column($paints, 'name'),
            Lookalikes::among(OwnedPaints::now()->paints()),
        )));
    }

    /** Name of the one that looks most like it; null when it stands alone. */
    public function of(?Paint $paint): ?string
    {
        return $paint === null ? null : $this->names[$paint->id][0] ?? null;
    }
}
