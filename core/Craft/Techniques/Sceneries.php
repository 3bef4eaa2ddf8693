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
use Kalokroma\Craft\Usual;

/** What the model stands on. */
final class Sceneries
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'texture-paste',
                label: 'Texture paste',
                family: Family::Scenery,
                rank: 8,
                takes: Takes::Paste,
                deposit: Deposit::even(2.0),
                usual: Usual::straight(1, Brush::OldBrush, Place::Everywhere),
                neatness: 0,
                minutes: 2.0,
                dryMinutes: 480,
                next: 'grit',
                hint: 'As thick as it should stand; wipe the rim while it is wet.',
                natures: [Nature::HoldsGrit],
            ),
            new Technique(
                id: 'grit',
                label: 'Sand and stones',
                family: Family::Scenery,
                rank: 9,
                takes: Takes::Paste,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::OldBrush, Place::Everywhere),
                neatness: 0,
                minutes: 1.5,
                dryMinutes: 60,
                next: 'basecoat',
                hint: 'Into the wet paste, pressed in a little.',
                natures: [Nature::StaysWet, Nature::SitsInWetPaste],
            ),
            new Technique(
                id: 'tuft',
                label: 'Tufts',
                family: Family::Scenery,
                rank: 94,
                takes: Takes::Nothing,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::OldBrush, Place::Patch),
                neatness: 2,
                minutes: 2.0,
                dryMinutes: 30,
                next: 'rim',
                hint: 'A dot of glue each, in uneven threes.',
                hazards: [Hazard::Glue],
            ),
            new Technique(
                id: 'rim',
                label: 'Rim',
                family: Family::Scenery,
                rank: 96,
                takes: Takes::Colour,
                deposit: Deposit::even(1.0),
                usual: Usual::straight(2, Brush::Medium, Place::Everywhere),
                neatness: 3,
                minutes: 2.0,
                dryMinutes: 20,
                next: 'rim',
                hint: 'One plain colour, the same on the whole force.',
                natures: [Nature::Rims],
            ),
        ];
    }
}
