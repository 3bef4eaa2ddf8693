<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Illegal;

/** What was given is no sculpt, or none that can be worked with. */
final class IllegalSculpt extends Illegal
{
    public static function noGlb(string $why): self
    {
        return new self("This is no GLB file that can be read: $why. Save the sculpt anew as STL, OBJ, 3MF or GLB.");
    }

    public static function holds(string $what): self
    {
        return new self("The sculpt holds $what. Save it anew from the program it was made with.");
    }

    public static function empty(): self
    {
        return new self('There are no triangles in this sculpt. Take the file that holds the model itself, not its supports or its scene.');
    }

    public static function tooMany(int $triangles, int $most): self
    {
        return new self(sprintf(
            'This sculpt has %d triangles after thinning; %d are the most. Take it in once more, so that it is thinned.',
            $triangles,
            $most,
        ));
    }

    public static function size(float $heightMm): self
    {
        return new self(sprintf(
            'This sculpt is %s mm high; models are between 2 mm and 1 m. Say what its unit is, or scale it first.',
            $heightMm < 10.0 ? sprintf('%.3g', $heightMm) : (string) round($heightMm, 1),
        ));
    }

    public static function noPicture(int $leastSide): self
    {
        return new self(sprintf('This picture is damaged, or smaller than %d points a side. Take a larger one.', $leastSide));
    }

    public static function otherCount(string $of, int $told, int $wanted): self
    {
        return new self("The $of are told for $told triangles, and the sculpt has $wanted. They belong to another sculpt.");
    }
}
