<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Illegal;
use Kalokroma\Paint\Kind;

final class IllegalMix extends Illegal
{
    public static function parts(int $given): self
    {
        return new self(sprintf('A paint in a mix has 1 to %d parts, not %d.', Mix::MOST_PARTS, $given));
    }

    public static function tooManyParts(int $given): self
    {
        return new self(sprintf('A mix has at most %d parts in all, not %d: nobody counts more drops without a slip.', Mix::MOST_PARTS, $given));
    }

    public static function paints(int $given): self
    {
        return new self(sprintf('A mix has 1 to %d paints, not %d.', Mix::MOST_PAINTS, $given));
    }

    public static function twice(string $name): self
    {
        return new self(sprintf('"%s" stands in the mix twice: add its parts together.', $name));
    }

    public static function clear(string $name): self
    {
        return new self(sprintf('"%s" has no colour: thin with it instead of mixing it in.', $name));
    }

    /** @param string $metal @param string $opaque names */
    public static function deadMetal(string $metal, string $opaque): self
    {
        return new self(sprintf(
            '"%s" is swallowed by as much "%s": opaque paint covers the flakes that shine. Take more than half of metal, or leave it out.',
            $metal,
            $opaque,
        ));
    }

    public static function limit(string $of, int $given, int $least, int $most): self
    {
        return new self(sprintf('The most %s a mix may have is %d to %d, not %d.', $of, $least, $most, $given));
    }

    public static function kind(Kind $kind): self
    {
        return new self(sprintf('A %s cannot be part of a mixed paint. Leave it out of the kinds.', $kind->label()));
    }

    public static function notMeasurable(): self
    {
        return new self('A measured mix tells something of two paints that cover. Mix two, and read it when it is dry and hides the ground.');
    }

    public static function insisted(int $given, int $most): self
    {
        return new self(sprintf('%d paints must be in the mix, but it has at most %d. Insist on fewer.', $given, $most));
    }

    public static function amount(float $ml): self
    {
        return new self(sprintf('The wanted amount must be more than nothing, not %s ml.', is_nan($ml) ? 'unknown' : round($ml, 2)));
    }

    public static function dilution(int $paint, int $thinner): self
    {
        return new self(sprintf(
            'A dilution has 1 to %1$d parts of paint and 0 to %1$d of medium, water or thinner, not %2$d : %3$d.',
            Dilution::MOST_PARTS,
            $paint,
            $thinner,
        ));
    }
}
