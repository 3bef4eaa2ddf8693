<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** From where a figure is looked at for a still: from far away, turned about its upright axis, a little from above. */
final readonly class Camera
{
    private const DOWN_DEGREES = 12.0;

    private function __construct(
        public float $turnDegrees,
        public float $downDegrees,
    ) {}

    /** @param float $turnDegrees 0 from the front, 90 from its left hand */
    public static function turned(float $turnDegrees, float $downDegrees = self::DOWN_DEGREES): self
    {
        return new self($turnDegrees, $downDegrees);
    }

    /** @return array{float, float, float} unit vector to whoever looks */
    public function towards(): array
    {
        [$turn, $down] = [deg2rad($this->turnDegrees), deg2rad($this->downDegrees)];

        return [sin($turn) * cos($down), sin($down), cos($turn) * cos($down)];
    }
}
