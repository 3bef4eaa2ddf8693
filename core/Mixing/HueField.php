<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;

/**
 * How far off a target every chroma and hue is, laid out once as a net round the neutral point.
 *
 * ΔE₀₀ was made for small differences. Over large ones its term for blues folds: on the way from a magenta to its opposite it falls again,
 * and a grey may count as nearer than a purple. Going out from the target until the difference is reached misses such places; the net does
 * not.
 */
final class HueField
{
    private const CHROMA_STEP = 2.5;

    private const CHROMAS = 56;

    private const HUES = 90;

    private static ?self $last = null;

    /**
     * @param list<array{float, float, float, float}> $knots a, b, least and largest ΔE₀₀ at the knot and those round it, all at the
     *     target's lightness
     */
    private function __construct(
        private readonly Lab $target,
        public readonly array $knots,
    ) {}

    /** The one made last is kept: a search asks often for the same. */
    public static function round(Lab $target): self
    {
        if (self::$last === null || self::$last->target !== $target) {
            self::$last = new self($target, self::knots($target));
        }

        return self::$last;
    }

    /** @return list<array{float, float, float, float}> */
    private static function knots(Lab $target): array
    {
        $net = $places = [];
        for ($i = 0; $i <= self::CHROMAS; $i++) {
            for ($j = 0; $j < self::HUES; $j++) {
                $hue = 2 * M_PI * $j / self::HUES;
                [$a, $b] = $places[$i][$j] = [$i * self::CHROMA_STEP * cos($hue), $i * self::CHROMA_STEP * sin($hue)];
                $net[$i][$j] = Ciede2000::ofNumbers($target->lightness, $target->a, $target->b, $target->lightness, $a, $b);
            }
        }
        $knots = [];
        foreach ($net as $i => $ring) {
            foreach ($ring as $j => $difference) {
                $least = $largest = $difference;
                for ($di = max(0, $i - 1); $di <= min(self::CHROMAS, $i + 1); $di++) {
                    foreach ([$j, ($j + 1) % self::HUES, ($j + self::HUES - 1) % self::HUES] as $dj) {
                        $least = min($least, $net[$di][$dj]);
                        $largest = max($largest, $net[$di][$dj]);
                    }
                }
                $knots[] = [...$places[$i][$j], $least, $largest];
            }
        }

        return $knots;
    }
}
