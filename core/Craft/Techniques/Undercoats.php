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

/** What comes from a can or an airbrush over the whole model or one area. */
final class Undercoats
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'primer',
                label: 'Primer',
                family: Family::Undercoat,
                rank: 0,
                takes: Takes::Colour,
                deposit: Deposit::moulded([1.0, 1.0, 1.0, 1.0, 1.0], [0.8, 0.9, 1.0, 1.0, 1.0]),
                usual: Usual::straight(2, Brush::SprayCan, Place::Everywhere),
                neatness: 0,
                minutes: 0.5,
                dryMinutes: 60,
                next: 'basecoat',
                hint: 'Short bursts that start and end off the model, always moving, the whole model in one go.',
                natures: [Nature::Covers, Nature::Sprays, Nature::Primes],
                hazards: [Hazard::Aerosol],
            ),
            new Technique(
                id: 'spray-from-above',
                label: 'Spray from above',
                family: Family::Undercoat,
                rank: 1,
                takes: Takes::Colour,
                deposit: Deposit::moulded([1.0, 1.0, 1.0, 1.0, 1.0], [0.7, 1.0, 1.0, 1.0, 1.0]),
                usual: Usual::straight(1, Brush::Airbrush, Place::Everywhere),
                neatness: 0,
                minutes: 0.5,
                dryMinutes: 10,
                next: 'one-coat',
                hint: 'Only from the sky, the model in its real pose, turning it. A wider cone means less shadow.',
                natures: [Nature::Sprays, Nature::HasCone],
                hazards: [Hazard::Airbrush],
            ),
            new Technique(
                id: 'spray-layer',
                label: 'Sprayed coat',
                family: Family::Undercoat,
                rank: 10,
                takes: Takes::Colour,
                deposit: Deposit::moulded([1.0, 1.0, 1.0, 1.0, 1.0], [0.8, 0.9, 1.0, 1.0, 1.0]),
                usual: Usual::thinned(2, 1, 1, Thinner::Water, Brush::Airbrush, Place::Everywhere),
                neatness: 0,
                minutes: 1.5,
                dryMinutes: 5,
                next: 'wash',
                hint: 'Thin, from a hand away, fading out over the edge. Mask what must stay clean.',
                natures: [Nature::Covers, Nature::Sprays],
                hazards: [Hazard::Airbrush],
            ),
        ];
    }
}
