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
        return $this->caution()['title'];
    }

    /** @return array{string, string} two lines */
    public function lines(): array
    {
        return [$this->caution()['first'], $this->caution()['then']];
    }

    /** @return array<string, string> */
    private function caution(): array
    {
        return array_column(Handbook::cautions(), null, 'id')[$this->value];
    }
}
