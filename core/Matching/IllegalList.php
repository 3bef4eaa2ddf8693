<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Illegal;

final class IllegalList extends Illegal
{
    public static function blank(): self
    {
        return new self('The list is empty. Write one paint a line: a name, a code, or a colour such as #7a5230.');
    }

    public static function notText(): self
    {
        return new self('The list is not UTF-8 text. Paste it anew, or save the file as UTF-8.');
    }

    public static function long(int $most): self
    {
        return new self(sprintf('The list has more than %d entries. Split it.', $most));
    }

    public static function longLine(int $line, int $longest): self
    {
        return new self(sprintf('Line %d is longer than %d characters. Write one paint a line.', $line, $longest));
    }

    public static function tooManyNeeds(int $most): self
    {
        return new self(sprintf(
            'More than %d missing paints that no common pot or set covers are too many for one purchase. Split the list.',
            $most,
        ));
    }

    public static function tolerance(float $given): self
    {
        return new self(sprintf('A tolerance lies between 0 (the very paint) and 20, not at %s.', is_nan($given) ? 'no number' : $given));
    }

    public static function price(string $name, int $given): self
    {
        return new self(sprintf('"%s" costs %d: a price cannot be negative.', $name, $given));
    }

    public static function budget(int $given): self
    {
        return new self(sprintf('A budget cannot be negative, and is %d.', $given));
    }
}
