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

/** The first colour of an area. */
final class Bases
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'basecoat',
                label: 'Basecoat',
                family: Family::Base,
                rank: 10,
                takes: Takes::Colour,
                deposit: Deposit::moulded([1.0, 1.0, 1.0, 1.0, 1.0], [0.85, 1.0, 1.0, 1.0, 0.9]),
                usual: Usual::thinned(2, 2, 1, Thinner::Water, Brush::LargeBase, Place::Everywhere),
                neatness: 2,
                minutes: 2.5,
                dryMinutes: 20,
                next: 'wash',
                hint: 'Thin, runny like milk. The first coat looks streaky: leave it, let each coat dry.',
                natures: [Nature::Covers],
            ),
            new Technique(
                id: 'one-coat',
                label: 'One-coat transparent',
                family: Family::Base,
                rank: 10,
                takes: Takes::Colour,
                deposit: Deposit::moulded([1.1, 1.0, 1.0, 0.9, 0.8], [2.0, 1.2, 0.9, 0.55, 0.35]),
                usual: Usual::straight(1, Brush::LargeBase, Place::Everywhere),
                neatness: 1,
                minutes: 3.0,
                dryMinutes: 40,
                next: 'highlight',
                hint: 'Keep the whole area wet, work fast, draw out the pools.',
                natures: [Nature::SelfShades],
            ),
            new Technique(
                id: 'wet-blend',
                label: 'Wet blend',
                family: Family::Base,
                rank: 14,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(1, 2, 1, Thinner::Water, Brush::Medium, Place::AllButRecesses),
                neatness: 2,
                minutes: 6.0,
                dryMinutes: 20,
                next: 'highlight',
                hint: 'Two wet patches, joined quickly and then left alone: worked too long they turn to mud.',
                natures: [Nature::StaysWet, Nature::BlendsTwo],
            ),
            new Technique(
                id: 'stipple',
                label: 'Stipple',
                family: Family::Base,
                rank: 12,
                takes: Takes::Colour,
                deposit: Deposit::patchy(1.0, [0.3, 0.5, 0.5, 0.6, 0.6]),
                usual: Usual::thinned(2, 1, 1, Thinner::Water, Brush::OldBrush, Place::Everywhere),
                neatness: 1,
                minutes: 3.0,
                dryMinutes: 10,
                next: 'layer',
                hint: 'Dab, never stroke; turn the brush, and leave half of the ground to show.',
                natures: [Nature::Scatters],
            ),
        ];
    }
}
