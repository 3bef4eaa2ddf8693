<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\SwatchSpectrum;

/**
 * A paint as the engine knows it: what kind, which swatch, how well it hides. What follows from that is worked out when first needed.
 */
final class Paint
{
    /** @var Optics|(callable(self): Optics)|null */
    private $optics = null;

    private function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly Kind $kind,
        public readonly ?Lab $swatch,
        private ?Opacity $known,
        public readonly Finish $finish,
        public readonly string $maker,
        public readonly string $code,
        public readonly Measured $measured,
    ) {}

    /**
     * @param string $id whatever tells this paint from all others
     * @param Lab|null $swatch masstone, or one coat over white for transparent kinds; null for clear kinds
     * @param Opacity|null $opacity estimated from kind and colour when null
     * @param Optics|(callable(self): Optics)|null $optics when they were worked out before, or where to ask for them; they follow from the rest
     * @param Measured|null $measured goes before swatch and opacity
     *
     * @throws IllegalPaint when a kind that has colour comes without a swatch
     */
    public static function of(
        string $id,
        string $name,
        Kind $kind,
        ?Lab $swatch,
        ?Opacity $opacity = null,
        Finish $finish = Finish::Matt,
        string $maker = '',
        string $code = '',
        Optics|callable|null $optics = null,
        ?Measured $measured = null,
    ): self {
        $measured = $kind->isClear() || $measured === null ? Measured::nothing() : $measured;
        $swatch = $measured->colour ?? $swatch;
        $opacity = $measured->strength ?? $opacity;
        if ($swatch === null && ! $kind->isClear()) {
            throw IllegalPaint::noSwatch($name, $kind);
        }
        $swatch = $kind->isClear() ? null : $swatch;
        $paint = new self($id, $name, $kind, $swatch, $opacity, $finish, $maker, $code, $measured);
        $paint->optics = $optics;

        return $paint;
    }

    /** @throws IllegalPaint when the paint is clear */
    public function optics(): Optics
    {
        if (! $this->optics instanceof Optics) {
            $this->optics = $this->optics === null ? $this->workOutOptics() : ($this->optics)($this);
        }

        return $this->optics;
    }

    /**
     * The colour the painter has in mind when naming it: the masstone, or one coat over white of a transparent.
     *
     * @throws IllegalPaint when the paint is clear
     */
    public function colour(): Lab
    {
        return $this->swatch ?? throw IllegalPaint::clear($this->name);
    }

    /** As it was told or measured, or else what is usual, looked up when first needed. */
    public function opacity(): Opacity
    {
        return $this->known ??= Opacity::estimate($this->kind, $this->swatch, $this->name);
    }

    public function isClear(): bool
    {
        return $this->swatch === null;
    }

    /** From what was measured, or else from swatch and opacity: takes a few milliseconds. */
    public function workOutOptics(): Optics
    {
        if ($this->measured->film !== null) {
            return $this->measured->film->optics();
        }
        $reflectance = SwatchSpectrum::of($this->colour())->reflectance;

        return $this->kind->isTransparent()
            ? Optics::transparent($reflectance, $this->opacity()->share)
            : Optics::opaque($reflectance, $this->opacity()->share);
    }
}
