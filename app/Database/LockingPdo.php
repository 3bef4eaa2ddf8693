<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * Begins every transaction with the lock for writing.
 *
 * A transaction that reads first and takes the lock later fails at once when another has written between, whatever the busy timeout: SQLite cannot
 * let it go on from what it has read. One that begins with the lock waits for its turn. The framework knows how to ask for that only from
 * PHP 8.4 on.
 */
final class LockingPdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->isOpen = $this->exec('BEGIN IMMEDIATE TRANSACTION') !== false;

        return $this->isOpen;
    }

    public function commit(): bool
    {
        $done = $this->exec('COMMIT') !== false;
        $this->isOpen = ! $done;

        return $done;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;

        return $this->exec('ROLLBACK') !== false;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
