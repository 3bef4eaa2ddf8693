<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector as FrameworkConnector;
use PDO;
use SensitiveParameter;

/** Connects as the framework does, through a connection that begins transactions with the lock. */
final class SqliteConnector extends FrameworkConnector
{
    /**
     * @param string $dsn
     * @param string|null $username
     * @param string|null $password
     * @param array<int, mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): LockingPdo
    {
        // A database that was moved away is missed, not made anew in its place.
        $isFile = ! str_contains($dsn, ':memory:');

        return new LockingPdo(
            $dsn,
            $username,
            $password,
            $isFile ? $options + [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READWRITE] : $options,
        );
    }
}
