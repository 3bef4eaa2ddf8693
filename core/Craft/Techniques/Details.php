<?php

declare(strict_types=1);

namespace Kalokroma\Craft\Techniques;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Deposit;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Takes;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Usual;

/** Small things with sequences of their own, marks, and putting right. */
final class Details
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'eye',
                label: 'Eye',
                family: Family::Detail,
                rank: 38,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(1, 1, 1, Thinner::Water, Brush::Fine, Place::Everywhere),
                neatness: 3,
                minutes: 4.0,
                dryMinutes: 10,
                next: 'eye',
                hint: 'Dark, then an off-white line, then the pupil, before the face is finished: slips are painted over.',
                natures: [Nature::Eyes],
            ),
            new Technique(
                id: 'lens',
                label: 'Lens',
                family: Family::Detail,
                rank: 46,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(1, 1, 1, Thinner::Water, Brush::Fine, Place::Everywhere),
                neatness: 3,
                minutes: 3.0,
                dryMinutes: 10,
                next: 'gloss-spot',
                hint: 'A pale ground, then two coats of transparent; gloss at the very end.',
                natures: [Nature::Shines],
            ),
            new Technique(
                id: 'gem',
                label: 'Gem',
                family: Family::Detail,
                rank: 46,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(1, 1, 1, Thinner::Water, Brush::Fine, Place::Everywhere),
                neatness: 3,
                minutes: 3.0,
                dryMinutes: 10,
                next: 'gloss-spot',
                hint: 'Dark, lighter toward the lower corner, a white dot opposite; gloss at the very end.',
                natures: [Nature::Shines],
            ),
            new Technique(
                id: 'freehand',
                label: 'Freehand',
                family: Family::Detail,
                rank: 52,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(2, 2, 1, Thinner::Water, Brush::Fine, Place::Patch),
                neatness: 3,
                minutes: 12.0,
                dryMinutes: 10,
                next: 'glaze',
                hint: 'A dark map as a frame, halves, one repeated stroke. Repair the ground afterwards.',
            ),
            new Technique(
                id: 'touch-up',
                label: 'Touch-up',
                family: Family::Repair,
                rank: 60,
                takes: Takes::Colour,
                deposit: Deposit::none(),
                usual: Usual::thinned(1, 2, 1, Thinner::Water, Brush::Fine, Place::Everywhere),
                neatness: 3,
                minutes: 2.0,
                dryMinutes: 10,
                next: 'edge-highlight',
                hint: 'The exact mix of the place, thin, and only where it slipped.',
                natures: [Nature::Repairs, Nature::TouchesUp],
            ),
            new Technique(
                id: 'clean-up',
                label: 'Clean-up',
                family: Family::Repair,
                rank: 28,
                takes: Takes::Colour,
                deposit: Deposit::none(),
                usual: Usual::thinned(1, 2, 1, Thinner::Water, Brush::Fine, Place::Everywhere),
                neatness: 3,
                minutes: 3.0,
                dryMinutes: 10,
                next: 'highlight',
                hint: 'Cut the paint back to its border while one still sees where it belongs.',
                natures: [Nature::Repairs],
            ),
        ];
    }
}
