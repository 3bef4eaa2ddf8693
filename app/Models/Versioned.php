<?php

declare(strict_types=1);

namespace App\Models;

use LogicException;

/** A row of which something is kept that follows from it. */
trait Versioned
{
    /** Columns it is read from. */
    public const STANDING = ['id', 'version', 'updated_at'];

    /**
     * How it stands, told from how it stood or will: by its version, and by when it came to that. A copy of the database that is put back
     * counts from where it was, and comes to the same versions otherwise.
     */
    public function standing(): string
    {
        return implode(' ', array_map(
            fn(string $column): string => (string) ($this->getAttributes()[$column] ?? throw new LogicException("$column was not read.")),
            self::STANDING,
        ));
    }
}
