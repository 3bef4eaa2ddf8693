<?php

declare(strict_types=1);

/*
 * Laravel 12 leans on a few small packages that are replaced in composer.json because they are not served everywhere.
 * What it really uses of them stands here: four functions of PHP 8.5 and the interface of a clock.
 */

namespace {
    if (! function_exists('array_first')) {
        /** @param array<mixed> $array */
        function array_first(array $array): mixed
        {
            foreach ($array as $value) {
                return $value;
            }

            return null;
        }
    }

    if (! function_exists('array_last')) {
        /** @param array<mixed> $array */
        function array_last(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_last($array)];
        }
    }

    if (! function_exists('get_error_handler')) {
        function get_error_handler(): ?callable
        {
            $handler = set_error_handler(null);
            restore_error_handler();

            return $handler;
        }
    }

    if (! function_exists('get_exception_handler')) {
        function get_exception_handler(): ?callable
        {
            $handler = set_exception_handler(null);
            restore_exception_handler();

            return $handler;
        }
    }
}

namespace Symfony\Component\Clock {
    if (! interface_exists(ClockInterface::class)) {
        interface ClockInterface extends \Psr\Clock\ClockInterface
        {
            public function sleep(float|int $seconds): void;

            public function withTimeZone(\DateTimeZone|string $timezone): static;
        }
    }
}
