<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;

/** What lies beside each other in a zone: chips, streaks, dabs, or the ground that shows between them. */
final readonly class Broken
{
    /** ΔE₀₀ below which nobody sees two. */
    private const ALIKE = 1.5;

    /** Of a zone, that one would look for in vain. */
    private const LEAST_SHARE = 0.004;

    /**
     * @param Lab|null $flecks null where one does not see two
     * @param float $share of the zone that the flecks take, 0…1
     */
    private function __construct(
        public Lab $plain,
        public ?Lab $flecks = null,
        public float $share = 0.0,
    ) {}

    public static function whole(Lab $colour): self
    {
        return new self($colour);
    }

    /** @param Lab $both as they are seen from where nobody tells them apart */
    public static function of(Lab $plain, Lab $flecks, float $share, Lab $both): self
    {
        return $share < self::LEAST_SHARE || Ciede2000::between($plain, $flecks) < self::ALIKE
            ? new self($both)
            : new self($plain, $flecks, $share);
    }
}
