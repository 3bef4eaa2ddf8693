<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

use Kalokroma\Amounts\Measures;

/** How much stays on the palette, from what the pots really held when somebody looked. */
final readonly class UseLesson
{
    public const LEAST_SAMPLES = 2;

    private function __construct(
        public Spread $ratio,
        public float $loss,
    ) {}

    /**
     * Each reading is held against what would be reckoned now, whatever was reckoned with then: a lesson that is in use does not teach itself.
     *
     * @param list<array{reckoned: float, really: float, loss: float}> $readings ml, and the share lost on the palette that was reckoned with
     */
    public static function of(array $readings, Measures $measures): ?self
    {
        $ratios = array_values(array_map(
            static fn(array $one): float => $one['really'] / $one['reckoned'] * (1.0 - $measures->loss) / (1.0 - $one['loss']),
            array_filter($readings, static fn(array $one): bool => $one['reckoned'] > 0.0 && $one['really'] > 0.0),
        ));
        if (count($ratios) < self::LEAST_SAMPLES) {
            return null;
        }
        $ratio = Spread::of($ratios);

        return new self($ratio, max(0.0, min(Measures::MOST_LOSS, 1.0 - (1.0 - $measures->loss) / $ratio->median)));
    }
}
