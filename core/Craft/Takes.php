<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

use Kalokroma\Paint\Kind;

/** What a technique is done with. */
enum Takes: string
{
    /** Paint that has colour. */
    case Colour = 'colour';
    /** Solvent-borne grime, and whatever else is made to look like it. */
    case Grime = 'grime';
    /** Dry powder. */
    case Powder = 'powder';
    /** Paste, sand and stones. */
    case Paste = 'paste';
    case Varnish = 'varnish';
    case DecalFluid = 'decal-fluid';
    case ChippingFluid = 'chipping-fluid';
    /** Scratched off, or dabbed on with paint. */
    case ColourOrNothing = 'colour-or-nothing';
    case Nothing = 'nothing';

    public function accepts(Kind $kind): bool
    {
        return match ($this) {
            self::Colour, self::ColourOrNothing => ! $kind->isClear() && $kind !== Kind::Texture && $kind !== Kind::Pigment,
            self::Grime => ! $kind->isClear() && $kind !== Kind::Texture,
            self::Powder, self::Paste => ! $kind->isClear(),
            self::Varnish => $kind === Kind::Varnish || $kind === Kind::Medium,
            self::DecalFluid => $kind === Kind::Decal || $kind === Kind::Medium,
            self::ChippingFluid => $kind === Kind::Chipping || $kind === Kind::Varnish,
            self::Nothing => false,
        };
    }

    /** @param list<Kind> $kinds */
    public function acceptsAll(array $kinds): bool
    {
        return array_all($kinds, fn(Kind $kind): bool => $this->accepts($kind));
    }

    /** Without it the step is only thought of, and paints nothing yet. */
    public function needsPaint(): bool
    {
        return match ($this) {
            self::Colour, self::Grime, self::Powder => true,
            default => false,
        };
    }

    /** "paint that has colour" */
    public function words(): string
    {
        return match ($this) {
            self::Colour, self::ColourOrNothing => 'paint that has colour',
            self::Grime => 'enamel, oil or other paint that has colour',
            self::Powder => 'dry pigment or paint that has colour',
            self::Paste => 'paste, pigment or paint that has colour',
            self::Varnish => 'varnish',
            self::DecalFluid => 'decal fluid',
            self::ChippingFluid => 'chipping fluid',
            self::Nothing => 'no paint',
        };
    }
}
