<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/** Somebody else, or another tab, has changed it since it was read. */
final class StaleWrite extends RuntimeException
{
    /** @param list<array<string, mixed>> $now what the write touches, as it is now */
    private function __construct(
        string $message,
        public readonly int $version,
        public readonly array $now = [],
    ) {
        parent::__construct($message);
    }

    /** @throws self when what is to be taken back is no longer the last that was done */
    public static function unlessStillNewest(string $what, int $read, int $present): void
    {
        if ($read !== $present) {
            throw new self(
                sprintf('%s was changed again since, so this can no longer be taken back from here. Nothing was changed.', $what),
                $present,
            );
        }
    }

    /**
     * @param list<array<string, mixed>> $now what the write touches, as it is now
     *
     * @throws self when the version read is not the present one
     */
    public static function unlessCurrent(string $what, int $read, int $present, array $now = []): void
    {
        if ($read !== $present) {
            throw new self(
                sprintf('%s was changed elsewhere since you opened it. Load the newer state, or save yours over it.', $what),
                $present,
                $now,
            );
        }
    }
}
