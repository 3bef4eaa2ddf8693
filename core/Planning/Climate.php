<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\SprayMethod;

/** The air paint dries in. The tables speak of 20 °C and 50 %: there every factor is 1. */
final readonly class Climate
{
    public const CELSIUS = 20.0;

    public const HUMIDITY = 50.0;

    /** However warm and dry, a film needs half its time to close; beyond four times nobody waits, but warms the room. */
    private const SHORTEST = 0.5;

    private const LONGEST = 4.0;

    /** Spirit leaves a film about twice as fast for each so many degrees more. */
    private const DEGREES_TO_DOUBLE = 10.0;

    private function __construct(
        public float $celsius,
        public float $humidity,
    ) {}

    public static function usual(): self
    {
        return new self(self::CELSIUS, self::HUMIDITY);
    }

    /**
     * @param float $celsius of the air
     * @param float $humidity in %, 0 to 100
     *
     * @throws IllegalWeather when no weather is like that
     */
    public static function of(float $celsius, float $humidity): self
    {
        SprayWeather::of($celsius, $humidity, SprayMethod::Brush);

        return new self($celsius, $humidity);
    }

    public function isUsual(): bool
    {
        return $this->celsius === self::CELSIUS && $this->humidity === self::HUMIDITY;
    }

    /**
     * How many times as long water-borne paint takes: water leaves it in proportion to what the air can still take up (Dalton), which is the
     * saturation pressure at this temperature (Magnus, as in WMO-No. 8) less what is in it.
     */
    public function forWater(): float
    {
        $deficit = static fn(float $celsius, float $humidity): float => 6.112 * exp(17.62 * $celsius / (243.12 + $celsius))
            * (1.0 - $humidity / 100.0);
        $here = $deficit($this->celsius, $this->humidity);

        return self::within($here <= 0.0 ? self::LONGEST : $deficit(self::CELSIUS, self::HUMIDITY) / $here);
    }

    /** How many times as long enamel, oil and spirit take: they mind the cold, hardly the damp. */
    public function forSpirit(): float
    {
        return self::within(2.0 ** ((self::CELSIUS - $this->celsius) / self::DEGREES_TO_DOUBLE));
    }

    /** How many times as long an undercoat takes, as the weather for spraying has it. */
    public function forPrimer(SprayMethod $method): float
    {
        return SprayWeather::of($this->celsius, $this->humidity, $method)->waitMinutes / $method->dryMinutes();
    }

    private static function within(float $factor): float
    {
        return max(self::SHORTEST, min(self::LONGEST, $factor));
    }
}
