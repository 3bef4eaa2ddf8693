<?php

declare(strict_types=1);

namespace Kalokroma\Craft\Techniques;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Deposit;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Hazard;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Takes;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Usual;

/** Dirt, wear and effects. */
final class Weatherings
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'solvent-wash',
                label: 'Solvent wash',
                family: Family::Weathering,
                rank: 75,
                takes: Takes::Grime,
                deposit: Deposit::moulded([1.2, 0.8, 0.4, 0.25, 0.2], [2.0, 0.9, 0.3, 0.15, 0.1]),
                usual: Usual::thinned(1, 2, 1, Thinner::Thinner, Brush::Medium, Place::Recesses),
                neatness: 1,
                minutes: 3.0,
                dryMinutes: 240,
                next: 'wipe-back',
                hint: 'Touched into the gaps, so that it runs by itself. Wipe when it is dull, enamel after about two hours.',
                natures: [Nature::Solvent, Nature::Grimes, Nature::Washes],
                hazards: [Hazard::Solvent],
            ),
            new Technique(
                id: 'wipe-back',
                label: 'Wipe back',
                family: Family::Weathering,
                rank: 76,
                takes: Takes::Nothing,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::OldBrush, Place::Everywhere),
                neatness: 1,
                minutes: 4.0,
                dryMinutes: 30,
                next: 'streaks',
                hint: 'A flat brush or bud barely damp with spirit, in the direction of the rain.',
                natures: [Nature::Solvent, Nature::WipesBack],
                hazards: [Hazard::Solvent],
            ),
            new Technique(
                id: 'streaks',
                label: 'Streaks',
                family: Family::Weathering,
                rank: 77,
                takes: Takes::Grime,
                deposit: Deposit::patchy(0.7, [0.25, 0.3, 0.12, 0.05, 0.05]),
                usual: Usual::straight(1, Brush::Fine, Place::LowerSides),
                neatness: 2,
                minutes: 4.0,
                dryMinutes: 240,
                next: 'feather',
                hint: 'Shaken well, unthinned, thin lines from where water would run. Feather after ten minutes.',
                natures: [Nature::Solvent, Nature::Grimes, Nature::Streaks],
                hazards: [Hazard::Solvent],
            ),
            new Technique(
                id: 'feather',
                label: 'Feather',
                family: Family::Weathering,
                rank: 78,
                takes: Takes::Nothing,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::OldBrush, Place::LowerSides),
                neatness: 2,
                minutes: 3.0,
                dryMinutes: 10,
                next: 'pigments',
                hint: 'From the sides toward the line, with a damp flat brush.',
                natures: [Nature::Feathers],
                hazards: [Hazard::Solvent],
            ),
            new Technique(
                id: 'pigments',
                label: 'Pigments',
                family: Family::Weathering,
                rank: 82,
                takes: Takes::Powder,
                deposit: Deposit::patchy(0.8, [0.85, 0.5, 0.12, 0.05, 0.02]),
                usual: Usual::straight(1, Brush::OldBrush, Place::Recesses),
                neatness: 0,
                minutes: 2.5,
                dryMinutes: 30,
                next: 'matt-coat',
                hint: 'Dry or run in with spirit. Fix it before the model is handled.',
                natures: [Nature::Pigments, Nature::Grimes],
                hazards: [Hazard::Powder],
            ),
            new Technique(
                id: 'effect',
                label: 'Effect',
                family: Family::Weathering,
                rank: 80,
                takes: Takes::Colour,
                deposit: Deposit::patchy(1.0, [0.7, 0.4, 0.2, 0.2, 0.15]),
                usual: Usual::straight(1, Brush::OldBrush, Place::Everywhere),
                neatness: 1,
                minutes: 3.0,
                dryMinutes: 60,
                next: 'drybrush',
                hint: 'Less than one thinks, and what is too much comes off at once while it is wet.',
                natures: [Nature::Effects, Nature::Grimes, Nature::StaysWet],
            ),
            new Technique(
                id: 'chipping-fluid',
                label: 'Chipping fluid',
                family: Family::Weathering,
                rank: 16,
                takes: Takes::ChippingFluid,
                deposit: Deposit::none(),
                usual: Usual::straight(2, Brush::Airbrush, Place::Everywhere),
                neatness: 0,
                minutes: 1.0,
                dryMinutes: 15,
                next: 'basecoat',
                hint: 'Over a sealed colour. The coat above goes on as soon as it is dry.',
                natures: [Nature::LaysChippingFluid, Nature::Sprays],
                hazards: [Hazard::Airbrush],
            ),
            new Technique(
                id: 'chip',
                label: 'Chips',
                family: Family::Weathering,
                rank: 79,
                takes: Takes::ColourOrNothing,
                deposit: Deposit::patchy(1.0, [0.01, 0.03, 0.04, 0.15, 0.40]),
                usual: Usual::straight(1, Brush::OldBrush, Place::UpperEdges),
                neatness: 1,
                minutes: 4.0,
                dryMinutes: 5,
                next: 'streaks',
                hint: 'Scratched or worked with a wet brush within the hour, or painted on with a bit of sponge.',
                natures: [Nature::Chips, Nature::Grimes, Nature::StaysWet],
            ),
        ];
    }
}
