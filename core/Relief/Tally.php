<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Craft\Facing;

/** Adds the skin of one area up, piece by piece. */
final class Tally
{
    private const ZONES = 5;

    public float $mm2 = 0.0;

    public ?float $lowest = null;

    public ?float $highest = null;

    private float $hiddenMm2 = 0.0;

    /** mm² times mm */
    private float $moment = 0.0;

    /** @var array{float, float, float} mm² times where it looks */
    private array $looks = [0.0, 0.0, 0.0];

    /** @var array<int<0, 4>, float> mm² by zone */
    private array $byZone = [0.0, 0.0, 0.0, 0.0, 0.0];

    /**
     * @param float $zone 0…4; what lies between two counts for both
     * @param array{float, float, float} $normal
     */
    public function add(float $mm2, float $zone, float $heightMm, bool $isHidden, array $normal): void
    {
        $this->moment += $mm2 * $heightMm;
        foreach ($normal as $axis => $part) {
            $this->looks[$axis] += $mm2 * $part;
        }
        $low = max(0, min(self::ZONES - 2, (int) $zone));
        $this->mm2 += $mm2;
        $this->byZone[$low] += $mm2 * ($low + 1 - $zone);
        $this->byZone[$low + 1] += $mm2 * ($zone - $low);
        $this->hiddenMm2 += $isHidden ? $mm2 : 0.0;
        $this->lowest = min($this->lowest ?? $heightMm, $heightMm);
        $this->highest = max($this->highest ?? $heightMm, $heightMm);
    }

    /** @return list<float> shares of recess … edge */
    public function zones(): array
    {
        return array_map(fn(float $mm2): float => $this->share($mm2), array_values($this->byZone));
    }

    /** @return float of its middle */
    public function heightMm(): float
    {
        return $this->share($this->moment);
    }

    public function facing(): Facing
    {
        return Facing::of(...array_map(fn(float $mm2): float => $this->share($mm2), $this->looks));
    }

    public function hidden(): float
    {
        return $this->share($this->hiddenMm2);
    }

    private function share(float $mm2): float
    {
        return $this->mm2 > 0.0 ? $mm2 / $this->mm2 : 0.0;
    }
}
