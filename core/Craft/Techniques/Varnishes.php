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
use Kalokroma\Paint\Finish;

/** Clear coats, and the decals that want them. */
final class Varnishes
{
    /** @return list<Technique> */
    public static function all(): array
    {
        return [
            new Technique(
                id: 'gloss-coat',
                label: 'Gloss coat',
                family: Family::Varnish,
                rank: 70,
                takes: Takes::Varnish,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::Airbrush, Place::Everywhere),
                neatness: 0,
                minutes: 1.0,
                dryMinutes: 60,
                next: 'decal',
                hint: 'Two thin mists rather than one wet coat. A day of cure before decals and solvents.',
                natures: [Nature::Seals, Nature::Sprays],
                hazards: [Hazard::Airbrush],
                leaves: Finish::Gloss,
            ),
            new Technique(
                id: 'satin-coat',
                label: 'Satin coat',
                family: Family::Varnish,
                rank: 86,
                takes: Takes::Varnish,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::Airbrush, Place::Everywhere),
                neatness: 0,
                minutes: 1.0,
                dryMinutes: 60,
                next: 'gloss-spot',
                hint: 'Thin and even; shake it well.',
                natures: [Nature::Seals, Nature::Sprays],
                hazards: [Hazard::Airbrush],
                leaves: Finish::Satin,
            ),
            new Technique(
                id: 'matt-coat',
                label: 'Matt coat',
                family: Family::Varnish,
                rank: 88,
                takes: Takes::Varnish,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::Airbrush, Place::Everywhere),
                neatness: 0,
                minutes: 1.0,
                dryMinutes: 60,
                next: 'gloss-spot',
                hint: 'Thin, on a dry day: damp air makes matt varnish white. It lifts darks a little and dulls metal and glass.',
                natures: [Nature::Seals, Nature::Sprays],
                hazards: [Hazard::Airbrush],
                leaves: Finish::Matt,
            ),
            new Technique(
                id: 'gloss-spot',
                label: 'Gloss spot',
                family: Family::Varnish,
                rank: 92,
                takes: Takes::Varnish,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::Fine, Place::Everywhere),
                neatness: 3,
                minutes: 1.5,
                dryMinutes: 30,
                next: 'gloss-spot',
                hint: 'Lenses, gems and wet things, when the matt coat is on.',
                natures: [Nature::Seals],
                leaves: Finish::Gloss,
            ),
            new Technique(
                id: 'decal',
                label: 'Decal',
                family: Family::Decal,
                rank: 72,
                takes: Takes::DecalFluid,
                deposit: Deposit::none(),
                usual: Usual::straight(1, Brush::Medium, Place::Patch),
                neatness: 3,
                minutes: 8.0,
                dryMinutes: 30,
                next: 'decal-softener',
                hint: 'Setting fluid below, float it into place, press the water out from the middle.',
                natures: [Nature::LaysDecal],
            ),
            new Technique(
                id: 'decal-softener',
                label: 'Softening fluid',
                family: Family::Decal,
                rank: 73,
                takes: Takes::DecalFluid,
                deposit: Deposit::none(),
                usual: Usual::straight(2, Brush::Medium, Place::Patch),
                neatness: 3,
                minutes: 2.0,
                dryMinutes: 30,
                next: 'gloss-coat',
                hint: 'Do not touch the decal while it wrinkles; it lies down by itself. Again when dry.',
                natures: [Nature::SoftensDecal],
            ),
        ];
    }
}
