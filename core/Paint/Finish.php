<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

/** How a dry film shines. */
enum Finish: string
{
    case Matt = 'matt';
    case Satin = 'satin';
    case Gloss = 'gloss';

    /** Reflectance a dry skin adds by itself: a matt one scatters at once some of the light that a glossy one throws to one side. */
    public function white(): float
    {
        return match ($this) {
            self::Matt => 0.010,
            self::Satin => 0.005,
            self::Gloss => 0.0,
        };
    }
}
