<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;

/** One tone of a ladder. */
final readonly class Rung
{
    public function __construct(
        public string $name,
        public Lab $colour,
        public string $reason,
    ) {}
}
