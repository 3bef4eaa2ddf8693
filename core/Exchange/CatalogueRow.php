<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\Srgb;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;

/** A paint as it stands in a catalogue file. A null opacity is to be estimated. */
final readonly class CatalogueRow
{
    public function __construct(
        public string $maker,
        public string $range,
        public string $code,
        public string $name,
        public Kind $kind,
        public ?Srgb $swatch,
        public ?float $opacity,
        public Finish $finish,
        public float $volumeMl,
        public int $price,
        public string $barcode,
    ) {}

    public function key(): string
    {
        return $this->maker."\n".$this->code;
    }
}
