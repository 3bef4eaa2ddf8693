<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;

/** The other colour of a wet blend; it lies higher. */
final readonly class Blend
{
    public function __construct(
        public Mix $mix,
        public Dilution $dilution,
    ) {}
}
