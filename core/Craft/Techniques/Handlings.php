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

/** What is done to the model that puts no colour on it. */
final class Handlings
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'mask',
                label: 'Mask',
                family: Family::Handling,
                rank: 6,
                takes: Takes::Nothing,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::OldBrush, Place::Everywhere),
                neatness: 3,
                minutes: 5.0,
                dryMinutes: 0,
                next: 'spray-layer',
                hint: 'Foil, putty or tape, pressed down at the edge. Masks leak; a loose part may be the better mask.',
                natures: [Nature::Masks],
                hazards: [Hazard::Blade],
            ),
            new Technique(
                id: 'unmask',
                label: 'Unmask',
                family: Family::Handling,
                rank: 18,
                takes: Takes::Nothing,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::OldBrush, Place::Everywhere),
                neatness: 3,
                minutes: 1.0,
                dryMinutes: 0,
                next: 'basecoat',
                hint: 'Slowly, folded back on itself, away from thin parts.',
                natures: [Nature::Unmasks],
            ),
            new Technique(
                id: 'glue-part',
                label: 'Glue a part on',
                family: Family::Handling,
                rank: 98,
                takes: Takes::Nothing,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::OldBrush, Place::Everywhere),
                neatness: 3,
                minutes: 2.0,
                dryMinutes: 15,
                next: 'touch-up',
                hint: 'Scrape the paint off the joint, little glue, hold it still.',
                natures: [Nature::Glues],
                hazards: [Hazard::Glue, Hazard::Blade],
            ),
        ];
    }
}
