<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** Another recipe for an area, tried or to be tried. */
final readonly class Variant
{
    /** @param list<Step> $steps */
    public function __construct(
        public string $id,
        public string $name,
        public bool $tried,
        public string $verdict,
        public string $note,
        public array $steps,
    ) {}
}
