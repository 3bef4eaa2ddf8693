<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;

/**
 * A paint as it stands in a catalogue file. A null opacity is to be estimated. A measured colour stands there as L*a*b*, for a screen may
 * not reach it; the swatch is then the nearest the screen can show.
 */
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
        public ?Lab $measured = null,
    ) {}

    public function colour(): ?Lab
    {
        return $this->measured ?? $this->swatch?->toLab();
    }

    /** @param string $id its maker and code when nothing else tells it from others */
    public function toPaint(?string $id = null): Paint
    {
        return Paint::of(
            $id ?? $this->key(),
            $this->name,
            $this->kind,
            $this->colour(),
            $this->opacity === null ? null : Opacity::of($this->opacity),
            $this->finish,
            $this->maker,
            $this->code,
        );
    }

    public function key(): string
    {
        return $this->maker."\n".$this->code;
    }

    /** An id that can stand in a plan file; another row may have the same. */
    public function plainId(int $longest): string
    {
        return mb_substr(trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower("$this->maker $this->code")), '-'), 0, $longest);
    }

    /** One that no other row has. */
    public function ownId(): string
    {
        return $this->plainId(27).'-'.substr(hash('xxh32', $this->key()), 0, 8);
    }
}
