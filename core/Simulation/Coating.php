<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Skin;

/**
 * What lies on one patch of a zone: all films so far as one reflectance, and the skin on top of them.
 *
 * A film's reflectance is that of its swatch, which was seen with the paint's own finish. When another finish comes to lie on it, the skin tells
 * the difference: gloss deepens, matt lifts the darks.
 */
final readonly class Coating
{
    /** Share by which a metal's flakes make recess, lower side, face, raised, edge darker or lighter than its colour. */
    private const SHEEN = [-0.35, -0.18, 0.0, 0.14, 0.35];

    /** What a transparent leaves of a metal's sheen, of each standard coat. */
    private const SHEEN_UNDER_TINT = 0.85;

    /** What a matt skin leaves of it. */
    private const SHEEN_UNDER_MATT = 0.25;

    private const MATT_WHITE = 0.01;

    /**
     * @param float $ownWhite reflectance that the finishes of the colours seen add by themselves
     * @param float $topWhite that of what lies uppermost
     * @param float $sheen 0 (none) to 1 (bare metal paint)
     * @param self|null $underFluid what a scratch through to the chipping fluid bares
     * @param self|null $clean what spirit wipes back to
     * @param array{Layer, self}|null $powder dry pigment on top, and what it lies on
     */
    private function __construct(
        public Reflectance $films,
        private float $ownWhite,
        private float $topWhite,
        public float $sheen = 0.0,
        private ?self $underFluid = null,
        private ?self $clean = null,
        private ?array $powder = null,
    ) {}

    public static function bare(Reflectance $material, float $white): self
    {
        return new self($material, $white, $white);
    }

    /** A film of less than one coat makes a skin only in part. */
    public function under(Layer $layer): self
    {
        if ($layer->thickness <= 0.0) {
            return $this;
        }
        if ($layer->isSolvent && $this->powder !== null) {
            return $this->wetted()->under($layer);
        }
        $closed = min(1.0, $layer->thickness);

        return new self(
            $layer->tints
                ? Skin::tinted($layer->film, $layer->thickness, $this->films, $this->ownWhite)
                : $layer->film->over($this->films, $layer->thickness),
            $layer->tints ? $this->ownWhite : $this->ownWhite + $closed * ($layer->white - $this->ownWhite),
            $this->topWhite + $closed * ($layer->white - $this->topWhite),
            match (true) {
                $layer->isMetal => $this->sheen + $closed * (1.0 - $this->sheen),
                $layer->tints => $this->sheen * self::SHEEN_UNDER_TINT ** $layer->thickness,
                default => $this->sheen * (1.0 - $closed),
            },
            $this->underFluid,
            $layer->comesOff() ? $this->clean ?? $this : null,
            $layer->isPowder ? [$layer, $this] : null,
        );
    }

    /** Clear varnish on top: only the skin changes, and grime below it can no longer be wiped. */
    public function varnished(float $white): self
    {
        if ($this->powder !== null) {
            return $this->wetted()->varnished($white);
        }
        $matt = min(1.0, $white / self::MATT_WHITE);

        return new self($this->films, $this->ownWhite, $white, $this->sheen * (1.0 - $matt * (1.0 - self::SHEEN_UNDER_MATT)), $this->underFluid);
    }

    /** Chipping fluid lets what comes above be scratched off. */
    public function withFluid(): self
    {
        return new self(
            $this->films,
            $this->ownWhite,
            $this->topWhite,
            $this->sheen,
            new self($this->films, $this->ownWhite, $this->topWhite, $this->sheen),
        );
    }

    /** Scratched down to the fluid; where there is none nothing comes off. */
    public function scratched(): self
    {
        return $this->underFluid ?? $this;
    }

    /** Grime and powder taken off with spirit. */
    public function wiped(): self
    {
        return $this->clean ?? $this;
    }

    /** Powder that spirit or varnish has run into; all else stays as it is. */
    public function wetted(): self
    {
        if ($this->powder === null) {
            return $this;
        }
        [$layer, $below] = $this->powder;
        $wet = $below->under($layer->wetted());

        return new self($wet->films, $wet->ownWhite, $wet->topWhite, $wet->sheen, $this->underFluid, $this->clean);
    }

    /** Two small patches that one sees as one: light from both, by their shares. */
    public function beside(self $other, float $share): self
    {
        $mean = static fn(float $one, float $two): float => (1.0 - $share) * $one + $share * $two;

        return new self(
            Reflectance::of(array_map($mean, $this->films->bands, $other->films->bands)),
            $mean($this->ownWhite, $other->ownWhite),
            $mean($this->topWhite, $other->topWhite),
            $mean($this->sheen, $other->sheen),
            $this->underFluid,
            $this->clean,
        );
    }

    /** @return Reflectance as it is seen in this zone, skin and sheen included */
    public function seen(Zone $zone): Reflectance
    {
        $seen = Skin::under($this->films, $this->topWhite - $this->ownWhite);
        $factor = 1.0 + $this->sheen * self::SHEEN[$zone->index()];

        return $factor === 1.0 ? $seen : Reflectance::of(array_map(static fn(float $band): float => min(1.0, $band * $factor), $seen->bands));
    }

    /** How its skin shines: 0 (matt) to 1 (gloss). */
    public function gloss(): float
    {
        return max(0.0, 1.0 - $this->topWhite / self::MATT_WHITE);
    }

    public function sheens(): bool
    {
        return $this->sheen !== 0.0;
    }

    public function isMetal(): bool
    {
        return $this->sheen >= 0.5;
    }
}
