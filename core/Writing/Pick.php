<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;

/** What is taken for a tone, and how near it comes. */
final readonly class Pick
{
    /**
     * @param float $off ΔE₀₀ from the tone
     * @param list<Paint> $toBuy of its paints those that are not owned
     * @param Lab|null $seen what is seen where it lies, of one that tints what is below
     */
    public function __construct(
        public Mix $mix,
        public float $off,
        public array $toBuy = [],
        public ?Dilution $dilution = null,
        public ?Lab $seen = null,
    ) {}

    public function colour(): Lab
    {
        return $this->seen ?? $this->mix->colour();
    }

    public function isReached(): bool
    {
        return $this->off <= PaintBox::REACH;
    }
}
