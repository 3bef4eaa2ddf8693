<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;

/** What is taken for a tone, and how near it comes. */
final readonly class Pick
{
    /**
     * @param float $off ΔE₀₀ from the tone
     * @param list<Paint> $toBuy of its paints those that are not owned
     */
    public function __construct(
        public Mix $mix,
        public float $off,
        public array $toBuy = [],
        public ?Dilution $dilution = null,
    ) {}

    public function isReached(): bool
    {
        return $this->off <= PaintBox::REACH;
    }
}
