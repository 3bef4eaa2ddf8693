<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** A pot as somebody wrote it down: a paint that is known, or what a new one would be. */
final readonly class NamedPot
{
    /**
     * @param int $line of the list, from 1
     * @param string $written as it stands in the list, without its number of pots
     * @param int $pots how many there are
     * @param Paint|null $known the paint that is surely meant
     * @param list<Paint> $orElse paints that might be meant, likeliest first
     * @param string $name of the new paint, where none is known
     * @param string|null $swatch hex; null for kinds without colour
     * @param bool $knowsColour false when the swatch is no more than a grey to start from
     */
    public function __construct(
        public int $line,
        public string $written,
        public int $pots,
        public ?Paint $known,
        public array $orElse,
        public string $name,
        public Kind $kind,
        public ?string $swatch,
        public bool $knowsColour,
    ) {}
}
