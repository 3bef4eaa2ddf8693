<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** All that decides an order, strongest first: a later one gives way where it would stand against an earlier. */
final class Laws
{
    /** What holds before anything else, even before the way a painter runs the steps. */
    public static function sequence(): Law
    {
        return new Laws\RecipesKeepTheirSequence;
    }

    /** @return list<Law> what else cannot be otherwise */
    public static function hard(): array
    {
        return [
            new Laws\PrimeFirst,
            new Laws\GlueAfterWhatItHides,
            new Laws\UnmaskAfterMask,
        ];
    }

    /** @return list<Law> what saves work, and what painters are used to */
    public static function preferences(): array
    {
        return [
            new Preferences\DecalsOnGloss,
            new Customs\GrimeAfterDecals,
            new Preferences\DullCoatAfterTheWork,
            new Preferences\ShineAfterTheDullCoat,
            new Preferences\WholeModelAsListed,
            new Customs\BehindFirst,
            new Customs\EyesBeforeTheFaceIsLit,
            new Customs\LiningBeforeLight,
            new Customs\WashesBeforeRepairs,
            new Customs\MessyBeforeNeat,
            new Customs\InnerFirst,
            new Preferences\DarkFirst,
        ];
    }
}
