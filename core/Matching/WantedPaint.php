<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Paint;

/**
 * One entry of a list of wanted paints, as far as it could be understood.
 */
final readonly class WantedPaint
{
    /**
     * @param int $line of the list, from 1
     * @param string $written as it stands in the list
     * @param Paint|null $paint null when the catalogue knows nothing like it and no colour is given
     * @param bool $isKnown false when only a colour stands for it
     * @param float $certainty that this paint is meant, 0…1
     * @param list<Paint> $orElse paints the words fit nearly as well
     */
    public function __construct(
        public int $line,
        public string $written,
        public ?Paint $paint,
        public bool $isKnown,
        public float $certainty,
        public array $orElse,
    ) {}
}
