<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use InvalidArgumentException;
use Kalokroma\Craft\Zone;

/**
 * Paint sprayed from above: how much of it lands depends on how the surface faces the directions it comes from.
 */
final class SprayCone
{
    public const USUAL_DEGREES = 45.0;

    public const NARROWEST_DEGREES = 10.0;

    public const WIDEST_DEGREES = 90.0;

    private const RINGS = 8;

    private const SPOKES = 12;

    /** @var array<string, float> worked out before, by cone and tilt */
    private static array $reaches = [];

    private function __construct(
        public readonly float $halfAngleDegrees,
        public readonly bool $isFromBelow = false,
        private readonly ?float $landed = null,
    ) {}

    /**
     * @param float $halfAngleDegrees between straight down and the most slanting spray
     *
     * @throws InvalidArgumentException outside 10…90 degrees
     */
    public static function ofHalfAngle(float $halfAngleDegrees): self
    {
        if (! ($halfAngleDegrees >= self::NARROWEST_DEGREES && $halfAngleDegrees <= self::WIDEST_DEGREES)) {
            throw new InvalidArgumentException(sprintf(
                'A spray cone opens %d to %d degrees from straight down, not %s.',
                self::NARROWEST_DEGREES,
                self::WIDEST_DEGREES,
                $halfAngleDegrees,
            ));
        }

        return new self($halfAngleDegrees);
    }

    /** The same cone, sprayed upward. */
    public function fromBelow(): self
    {
        return new self($this->halfAngleDegrees, true);
    }

    /**
     * The same where it is known what gets to a place, whichever way its zone looks.
     *
     * @param float $reach 0 (none) to 1 (as on a surface that looks straight at it)
     */
    public function landing(float $reach): self
    {
        return new self($this->halfAngleDegrees, $this->isFromBelow, $reach);
    }

    /** Paint that lands on a zone against a surface that looks straight at it, 0…1: the cosine law averaged over the cone. */
    public function reach(Zone $zone): float
    {
        if ($this->landed !== null) {
            return $this->landed;
        }
        $tilt = $zone->tiltDegrees();
        $key = sprintf('%s %s', $this->halfAngleDegrees, $this->isFromBelow ? 180.0 - $tilt : $tilt);

        return self::$reaches[$key] ??= $this->averaged($this->isFromBelow ? 180.0 - $tilt : $tilt) / $this->averaged(0.0);
    }

    private function averaged(float $tiltDegrees): float
    {
        $tilt = deg2rad($tiltDegrees);
        $sum = $weights = 0.0;
        for ($ring = 0; $ring < self::RINGS; $ring++) {
            $slant = deg2rad($this->halfAngleDegrees) * ($ring + 0.5) / self::RINGS;
            for ($spoke = 0; $spoke < self::SPOKES; $spoke++) {
                $cosine = cos($tilt) * cos($slant) + sin($tilt) * sin($slant) * cos(2 * M_PI * ($spoke + 0.5) / self::SPOKES);
                $sum += sin($slant) * max(0.0, $cosine);
                $weights += sin($slant);
            }
        }

        return $sum / $weights;
    }
}
