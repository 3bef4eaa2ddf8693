<?php

declare(strict_types=1);

namespace Kalokroma\Craft\Techniques;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Deposit;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Hazard;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Takes;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Usual;

/** Lighter colour where more light falls, and thin tints. */
final class Lights
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'drybrush',
                label: 'Drybrush',
                family: Family::Light,
                rank: 30,
                takes: Takes::Colour,
                deposit: Deposit::moulded([0.0, 0.001, 0.004, 0.06, 0.14], [0.0, 0.001, 0.003, 0.16, 0.50])
                    ->loaded(Load::Dusting, Deposit::moulded([0.0, 0.0, 0.001, 0.007, 0.012], [0.0, 0.0, 0.0005, 0.011, 0.018]))
                    ->loaded(Load::Heavy, Deposit::moulded([0.0, 0.003, 0.017, 0.20, 0.35], [0.0, 0.003, 0.014, 0.60, 0.90])),
                usual: Usual::straight(2, Brush::Drybrush, Place::Everywhere),
                neatness: 0,
                minutes: 1.0,
                dryMinutes: 2,
                next: 'highlight',
                hint: 'Wipe most of the paint off, test it on the base; slow, many light passes, mostly from above.',
                natures: [Nature::Dusts, Nature::NeedsNoRoom],
            ),
            new Technique(
                id: 'patting',
                label: 'Patting',
                family: Family::Light,
                rank: 32,
                takes: Takes::Colour,
                deposit: Deposit::moulded([0.0, 0.02, 0.15, 0.60, 0.70], [0.0, 0.01, 0.06, 0.75, 0.90])
                    ->loaded(Load::Dusting, Deposit::moulded([0.0, 0.01, 0.05, 0.20, 0.25], [0.0, 0.0, 0.02, 0.25, 0.35]))
                    ->loaded(Load::Heavy, Deposit::moulded([0.0, 0.05, 0.35, 0.90, 1.00], [0.0, 0.03, 0.20, 1.00, 1.10])),
                usual: Usual::straight(1, Brush::OldBrush, Place::RaisedParts),
                neatness: 0,
                minutes: 1.5,
                dryMinutes: 5,
                next: 'wash',
                hint: 'Fuller and wetter than a drybrush, dabbed: a solid film on what stands up.',
                natures: [Nature::Dusts],
            ),
            new Technique(
                id: 'layer',
                label: 'Layer',
                family: Family::Light,
                rank: 35,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(2, 1, 1, Thinner::Water, Brush::Medium, Place::AllButRecesses),
                neatness: 3,
                minutes: 3.0,
                dryMinutes: 10,
                next: 'highlight',
                hint: 'The base again on everything but the recesses, feathered down, each coat dry before the next.',
                natures: [Nature::Covers],
            ),
            new Technique(
                id: 'highlight',
                label: 'Highlight',
                family: Family::Light,
                rank: 40,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(2, 1, 1, Thinner::Water, Brush::Fine, Place::RaisedParts),
                neatness: 3,
                minutes: 4.0,
                dryMinutes: 10,
                next: 'highlight',
                hint: 'A smaller place each time. The right highlight looks slightly too bright while wet.',
                natures: [Nature::Covers, Nature::Lightens],
            ),
            new Technique(
                id: 'edge-highlight',
                label: 'Edge highlight',
                family: Family::Light,
                rank: 44,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::thinned(1, 2, 1, Thinner::Water, Brush::Fine, Place::UpperEdges),
                neatness: 3,
                minutes: 4.0,
                dryMinutes: 5,
                next: 'dot',
                hint: 'The side of the brush along the edge. Edges before flats, so that they can still be taken back.',
                natures: [Nature::Lightens, Nature::NeedsNoRoom],
            ),
            new Technique(
                id: 'dot',
                label: 'Last points',
                family: Family::Light,
                rank: 48,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::straight(1, Brush::Fine, Place::Corners),
                neatness: 3,
                minutes: 1.5,
                dryMinutes: 5,
                next: 'glaze',
                hint: 'Only on the sharpest corners, the clean tip of the brush.',
                natures: [Nature::Lightens, Nature::NeedsNoRoom],
            ),
            new Technique(
                id: 'glaze',
                label: 'Glaze',
                family: Family::Tint,
                rank: 50,
                takes: Takes::Colour,
                deposit: Deposit::moulded([0.35, 0.35, 0.35, 0.35, 0.35], [0.385, 0.35, 0.35, 0.33, 0.315]),
                usual: Usual::thinned(2, 1, 9, Thinner::Medium, Brush::Medium, Place::Everywhere),
                neatness: 3,
                minutes: 2.0,
                dryMinutes: 10,
                next: 'highlight',
                hint: 'Moist, not wet. The stroke ends where the colour should be strongest.',
                natures: [Nature::Tints],
                hazards: [Hazard::Lips],
            ),
            new Technique(
                id: 'coloured-light',
                label: 'Coloured light',
                family: Family::Tint,
                rank: 54,
                takes: Takes::Colour,
                deposit: Deposit::even(0.5),
                usual: Usual::thinned(2, 1, 4, Thinner::Medium, Brush::Medium, Place::FacingSide),
                neatness: 2,
                minutes: 3.0,
                dryMinutes: 10,
                next: 'highlight',
                hint: 'Thin, only on what faces the lamp, strongest next to it. Match it onto the base.',
                natures: [Nature::Tints, Nature::LightsFromOneSide],
            ),
        ];
    }
}
