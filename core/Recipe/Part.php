<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** A piece kept loose until it is glued on. */
final readonly class Part
{
    public function __construct(
        public string $id,
        public string $name,
    ) {}
}
