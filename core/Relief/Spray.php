<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Simulation\SprayCone;

/** A mist that comes over the whole model within a cone, from above or from below. */
final readonly class Spray
{
    private function __construct(
        public float $halfAngleDegrees,
        public bool $isFromBelow,
    ) {}

    public static function of(SprayCone $cone): self
    {
        return new self($cone->halfAngleDegrees, $cone->isFromBelow);
    }

    /** Tells it from others: "above 50" */
    public function key(): string
    {
        return sprintf('%s %s', $this->isFromBelow ? 'below' : 'above', $this->halfAngleDegrees);
    }

    /** @return list<array{float, float, float}> unit vectors towards where it comes from */
    public function directions(int $count): array
    {
        $up = Directions::within($count, $this->halfAngleDegrees);

        return $this->isFromBelow ? array_map(static fn(array $one): array => [$one[0], -$one[1], $one[2]], $up) : $up;
    }
}
