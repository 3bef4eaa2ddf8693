<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Illegal;

final class IllegalPaint extends Illegal
{
    public static function opacity(float $given): self
    {
        return new self(sprintf('Opacity lies between 0 (clear) and 1 (hides in one coat), not at %s.', $given));
    }

    public static function noSwatch(string $name, Kind $kind): self
    {
        return new self(sprintf('"%s" is %s and needs a swatch.', $name, $kind->label()));
    }

    public static function clear(string $name): self
    {
        return new self(sprintf('"%s" is clear and has no film colour.', $name));
    }

    public static function drawdown(float $overBlack, float $overWhite): self
    {
        return new self(sprintf(
            'Over black the film is lighter (value %d) than over white (value %d). Were the two readings swapped?',
            (int) round($overBlack),
            (int) round($overWhite),
        ));
    }

    public static function blackDrawdown(): self
    {
        return new self('Over white the film is black: a paint this dark hides whatever its opacity. Read the white half again, or enter 0.95.');
    }

    public static function readings(int $given, int $most): self
    {
        return new self(sprintf('A measurement is the mean of 1 to %d readings, not of %d.', $most, $given));
    }

    public static function card(): self
    {
        return new self('The two halves of the card are nearly alike. Lay the draw-down over black and over white, and read the bare card too.');
    }

    public static function optics(): self
    {
        return new self('Absorption and scattering must be given for every band, none negative, and some scattering in each.');
    }

    public static function notTransparent(Kind $kind): self
    {
        return new self(sprintf('A paint of kind "%s" covers: its colour in the bottle is its swatch.', $kind->label()));
    }

    public static function nothingToMix(): self
    {
        return new self('A mix needs at least one paint with more than zero parts.');
    }

    public static function thickness(float $given): self
    {
        return new self(sprintf('A film is zero or more coats thick, not %s.', $given));
    }
}
