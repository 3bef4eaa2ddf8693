<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

final class FreePort
{
    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public static function isTaken(int $port): bool
    {
        $socket = @stream_socket_client("tcp://127.0.0.1:$port", $code, $message, 1.0);

        return $socket !== false && fclose($socket);
    }
}
