<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** A piece kept loose until it is glued on; it may be primed otherwise than the rest. */
final readonly class Part
{
    public function __construct(
        public string $id,
        public string $name,
        public ?Undercoat $undercoat = null,
    ) {}
}
