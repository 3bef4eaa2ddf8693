<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Place;

/** How glass and stones are painted, so that they glow. */
final readonly class GlassLesson
{
    /** ΔE₀₀ that a transparent for a lens may be off. */
    private const NEAR_ENOUGH = 14.0;

    /** Thin coats until a tone over the dark is seen. */
    private const SEEN = 2;

    public function __construct(
        private WritingWish $wish,
        private PaintBox $box,
        private Draft $draft,
        private Brushwork $work,
        private Ladder $ladder,
    ) {}

    /** Dark ground, light in the lower corner, a white point opposite, and gloss. */
    public function gem(): bool
    {
        if (! $this->work->tone('basecoat', $this->ladder->deepest, why: 'a stone is dark where the light comes in')) {
            return false;
        }
        $this->work->tone('gem', $this->ladder->base, place: Place::LowerHalf, why: 'lighter toward the lower corner, where the light gathers', coats: self::SEEN);
        $this->work->tone('gem', $this->ladder->light, place: Place::LowerSides, why: 'the brightest tone in the corner itself');

        return $this->shine();
    }

    /** A pale ground, two coats of a transparent, a white point, and gloss. */
    public function lens(): bool
    {
        $pale = $this->box->nearest(Wanted::of(Lab::of(...Lesson::SKETCH)), $this->wish->taste);
        $tint = $pale === null ? null : $this->box->tint($pale->mix->optics()->masstone(), $this->ladder->base->colour);
        if ($pale === null || $tint === null || $tint->off > self::NEAR_ENOUGH) {
            return false;
        }
        $this->draft->put('basecoat', 'ground', $pale, 'Ground: pale, so that the colour over it glows.', most: 3);
        $this->draft->put('lens', 'base', $tint, 'Base: a transparent over pale glows as glass does.', coats: $tint->mix->isTransparent() ? 2 : 1);

        return $this->shine();
    }

    private function shine(): bool
    {
        if (! $this->draft->keeps('glint')) {
            $this->dotOfWhite();
        }
        $gloss = $this->box->gloss();
        if ($gloss === null) {
            $this->draft->unreached[] = 'Glass wants gloss at the very end: there is no gloss varnish at hand.';
        } elseif (! $this->draft->keeps('gloss')) {
            $this->draft->put('gloss-spot', 'gloss', $gloss, 'Gloss: at the very end, after any matt coat.');
        }

        return true;
    }

    private function dotOfWhite(): void
    {
        $white = $this->box->nearest(Wanted::of(Lab::of(96.0, 0.0, 1.0))->above(School::LIGHT_GROUND), $this->wish->taste, $this->draft->open);
        if ($white !== null) {
            $this->draft->put('dot', 'glint', $white, 'Glint: a white point in the upper corner, opposite the glow.', Place::Corners, coats: 1);
        }
    }
}
