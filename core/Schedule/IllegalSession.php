<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use DateTimeInterface;
use Kalokroma\Illegal;

/** A time at the desk that cannot be. */
final class IllegalSession extends Illegal
{
    public static function length(int $minutes): self
    {
        return new self(sprintf('A session has 1 to %d minutes, not %d.', Session::LONGEST_MINUTES, $minutes), 'minutes');
    }

    public static function overlap(DateTimeInterface $one, DateTimeInterface $other): self
    {
        return new self(
            sprintf(
                'The session from %s begins before the one from %s is over. Shorten or move one of them.',
                $other->format('j F H:i'),
                $one->format('j F H:i'),
            ),
            'start',
        );
    }

    public static function none(): self
    {
        return new self('There is no session to paint in. Name at least one.', 'sessions');
    }
}
