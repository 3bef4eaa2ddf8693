<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

use Kalokroma\Illegal;

final class IllegalColour extends Illegal
{
    public static function words(string $given): self
    {
        return new self(sprintf(
            '"%s" is no colour known here. Write six hexadecimal digits, for example #7a5230, or words like "warm red" or "dark teal".',
            mb_strimwidth(mb_scrub($given), 0, 40, '…'),
        ));
    }

    public static function hex(string $given): self
    {
        return new self(sprintf(
            '"%s" is no colour. Write six hexadecimal digits, for example #7a5230.',
            mb_strimwidth(mb_scrub($given), 0, 40, '…'),
        ));
    }

    public static function lab(float $lightness, float $a, float $b): self
    {
        return new self(is_nan($lightness + $a + $b)
            ? 'The reading is not a number. Clean the window of the reader and read again.'
            : sprintf(
                'L* lies between 0 and 100, a* and b* between -150 and 150; %s, %s, %s does not.',
                round($lightness, 2),
                round($a, 2),
                round($b, 2),
            ));
    }

    public static function noReadings(): self
    {
        return new self('There is nothing to average. Take at least one reading.');
    }

    public static function card(string $why): self
    {
        return new self($why);
    }

    public static function channel(float $given): self
    {
        return new self(sprintf('A colour channel lies between 0 and 1, not at %s.', $given));
    }

    public static function bands(int $given): self
    {
        return new self(sprintf('A reflectance curve has %d bands, not %d.', Observer::BANDS, $given));
    }

    public static function reflectance(float $given): self
    {
        return new self(sprintf('A surface reflects between 0 and 1 of the light, not %s.', $given));
    }
}
