<?php

declare(strict_types=1);

namespace App\Support;

use Kalokroma\Exchange\Faulty;
use Kalokroma\Illegal;

/** Lets the core judge a field of a request: what it refuses is told as a fault of that field. */
final class Field
{
    /**
     * @template T
     *
     * @param callable(): T $read
     *
     * @return T
     *
     * @throws Faulty when the core refuses
     */
    public static function read(string $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (Illegal $illegal) {
            throw Faulty::field($field, $illegal->getMessage());
        }
    }
}
