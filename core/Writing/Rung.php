<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;

/** One tone of a ladder. */
final readonly class Rung
{
    /**
     * @param string $reason which way its colour leans and why
     * @param float|null $toward hue in degrees that it leans to; null: it says nothing of hue
     */
    public function __construct(
        public string $name,
        public Lab $colour,
        public string $reason,
        public ?float $toward = null,
    ) {}
}
