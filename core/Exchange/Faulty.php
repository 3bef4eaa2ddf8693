<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use RuntimeException;

/** What was brought in has faults; nothing of it is taken. */
final class Faulty extends RuntimeException
{
    /** Enough to mend a file by; a wrong separator would otherwise fill the screen. */
    public const MOST_SHOWN = 200;

    /** @param non-empty-list<Fault> $faults */
    private function __construct(
        public readonly array $faults,
        public readonly int $count,
    ) {
        parent::__construct($faults[0]->message);
    }

    /** @param non-empty-list<Fault> $faults */
    public static function with(array $faults): self
    {
        return new self(array_slice($faults, 0, self::MOST_SHOWN), count($faults));
    }

    public static function field(string $field, string $message): self
    {
        return self::with([new Fault($field, $message)]);
    }

    public static function table(string $field, string $message, int $row = 1): self
    {
        return self::with([new Fault($field, $message, $row)]);
    }
}
