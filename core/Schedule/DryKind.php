<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\DryTimes;
use Kalokroma\Recipe\Step;

/** What is waited for after a coat. */
enum DryKind: string
{
    /** Until it may be painted over. */
    case Dry = 'dry';
    /** Until decals or spirit may touch it. */
    case Cure = 'cure';
    /** Until grime may be wiped without smearing; from then on it should be. */
    case Wipe = 'wipe';
    /** Until lines may be feathered; from then on they should be. */
    case Feather = 'feather';
    /** It has to be done while it is wet. */
    case Wet = 'wet';

    public static function between(Step $step, Step $next): self
    {
        return match (true) {
            DryTimes::isWetWindow($step, $next) => self::Wet,
            $next->technique->does(Nature::WipesBack) => self::Wipe,
            $next->technique->does(Nature::Feathers) => self::Feather,
            $step->technique->does(Nature::Seals) && $next->technique->does(Nature::LaysDecal, Nature::SoftensDecal, Nature::Solvent) => self::Cure,
            default => self::Dry,
        };
    }

    /** "dry", "ready to be wiped" */
    public function ready(): string
    {
        return match ($this) {
            self::Dry => 'dry',
            self::Cure => 'cured',
            self::Wipe => 'ready to be wiped',
            self::Feather => 'ready to be feathered',
            self::Wet => 'still wet',
        };
    }
}
