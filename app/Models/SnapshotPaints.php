<?php

declare(strict_types=1);

namespace App\Models;

use App\Optics\OpticsStore;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PaintSource;
use Kalokroma\Paint\Paint;

/** The paints as a batch has kept them, whatever became of them in the catalogue. */
final readonly class SnapshotPaints implements PaintSource
{
    private function __construct(private DocumentPaints $paints) {}

    /** @param array<mixed> $document */
    public static function of(array $document): self
    {
        return new self(DocumentPaints::of($document));
    }

    public function find(string $id): ?Paint
    {
        $paint = $this->paints->find($id);

        return $paint === null ? null : app(OpticsStore::class)->paint(
            $paint->id,
            $paint->name,
            $paint->kind,
            $paint->swatch,
            $paint->opacity()->isEstimate ? null : $paint->opacity()->share,
            $paint->finish,
            $paint->maker,
            $paint->code,
            $paint->measured,
        );
    }
}
