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

/** Darker colour where less light falls. */
final class Shades
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'wash',
                label: 'Wash',
                family: Family::Shade,
                rank: 20,
                takes: Takes::Colour,
                deposit: Deposit::moulded([1.1, 0.9, 0.8, 0.7, 0.6], [2.2, 1.1, 0.5, 0.28, 0.15]),
                usual: Usual::thinned(1, 1, 1, Thinner::Medium, Brush::Medium, Place::Everywhere),
                neatness: 1,
                minutes: 1.5,
                dryMinutes: 30,
                next: 'drybrush',
                hint: 'Flood thinly, draw the pools out with a clean damp brush.',
                natures: [Nature::Washes],
            ),
            new Technique(
                id: 'layered-shade',
                label: 'Layered shade',
                family: Family::Shade,
                rank: 24,
                takes: Takes::Colour,
                deposit: Deposit::tapering([1.0, 0.55, 0.15, 0.0, 0.0]),
                usual: Usual::thinned(4, 1, 3, Thinner::Medium, Brush::Medium, Place::LowerSides),
                neatness: 3,
                minutes: 2.5,
                dryMinutes: 10,
                next: 'highlight',
                hint: 'Very thin, at the bottom of the fold, each coat pulled out less far than the last.',
                natures: [Nature::Lines],
            ),
            new Technique(
                id: 'lining',
                label: 'Lining',
                family: Family::Shade,
                rank: 26,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(1, 1, 1, Thinner::Water, Brush::Fine, Place::Recesses),
                neatness: 3,
                minutes: 4.0,
                dryMinutes: 10,
                next: 'highlight',
                hint: 'A dark line between areas, before the highlights, so that slips get covered.',
                natures: [Nature::Lines, Nature::LinesBorders],
            ),
        ];
    }
}
