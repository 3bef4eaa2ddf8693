<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What can hurt, and how one keeps from it: two lines where it applies. The label, the safety data sheet and local rules come first. */
enum Hazard: string
{
    case Aerosol = 'aerosol';
    case Airbrush = 'airbrush';
    case Solvent = 'solvent';
    case SprayedSolvent = 'sprayed-solvent';
    case Powder = 'powder';
    case Glue = 'glue';
    case Blade = 'blade';
    case Heat = 'heat';
    case Lips = 'lips';
    case Preparing = 'preparing';

    public const FIRST = 'The label, the safety data sheet and local rules come first.';

    public function label(): string
    {
        return match ($this) {
            self::Aerosol => 'Spray can',
            self::Airbrush => 'Paint mist',
            self::Solvent => 'Solvent',
            self::SprayedSolvent => 'Sprayed solvent',
            self::Powder => 'Fine dust',
            self::Glue => 'Glue',
            self::Blade => 'Blades',
            self::Heat => 'Heat',
            self::Lips => 'Brush and lips',
            self::Preparing => 'Before the primer',
        };
    }

    /** @return array{string, string} two lines */
    public function lines(): array
    {
        return match ($this) {
            self::Aerosol => [
                'Outdoors or in extracted air, with a respirator rated for paint mist.',
                'No flame or heater near it; never warm a can beyond hand-warm water.',
            ],
            self::Airbrush => [
                'Extracted air and a respirator rated for paint mist, water-borne paint too.',
                'Clean it away from flames: cleaners burn.',
            ],
            self::Solvent => [
                'Air, gloves, eye protection, no flame; nothing down the drain.',
                'Soaked rags can heat up by themselves: dry them flat outside, or keep them in water in a closed metal tin.',
            ],
            self::SprayedSolvent => [
                'Better brushed. Sprayed it needs a respirator for organic vapour and extracted air.',
                'No flame, no heater, no spark.',
            ],
            self::Powder => [
                'Keep it out of the air and off the table where one eats; a dust mask when it is brushed about.',
                'Caps on where there are children and pets.',
            ],
            self::Glue => [
                'Cyanoacrylate bonds skin at once and its vapour stings: air, and no fingers in the joint.',
                'Bonded skin: warm soapy water, never pull.',
            ],
            self::Blade => ['Cut away from the fingers, on a mat, with a sharp blade.', 'Sand resin and metal wet, with a dust mask.'],
            self::Heat => [
                'A hairdryer on its cool step; a warm model dries tide marks into thin paint.',
                'Let it cool for a minute before the next coat.',
            ],
            self::Lips => ['Do not point the brush with the lips: some pigments are poisonous, and inks stain.', 'Point it on a damp cloth.'],
            self::Preparing => [
                'Resin and metal are sanded wet, with a dust mask; resin that is not cured wants gloves, old lead washed hands and nothing to eat at the desk.',
                'Isopropyl, degreaser and strippers: gloves, air, no flame. Light from above and a break each hour spare eyes and neck.',
            ],
        };
    }
}
