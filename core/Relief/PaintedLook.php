<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Simulation\Tones;

/** What one area looks like at one stage, as a still asks for it: linear light by zone and share of the sprays, all between mixed as light. */
final readonly class PaintedLook
{
    /**
     * @param list<list<array{float, float, float}>> $left linear light by exposure (from above fastest) and zone
     * @param list<list<array{float, float, float}>>|null $right null: as on the left
     * @param list<float> $sheen by zone
     * @param array{left: list<list<array{float, float, float}>>, right: list<list<array{float, float, float}>>|null}|null $flecks the same of the
     *     flecks; null where there are none
     * @param list<float> $shares of each zone that the flecks take
     * @param list<array{outer: float, light: array{float, float, float}}> $marks outermost first, and how far out each reaches
     */
    private function __construct(
        private int $above,
        private int $below,
        private array $left,
        private ?array $right,
        private array $sheen,
        public float $gloss,
        private ?array $flecks,
        private array $shares,
        public ?Grain $grain,
        public array $marks,
    ) {}

    public static function of(PaintedArea $area, PaintedStage $stage): self
    {
        $plain = static fn(Tones $one): array => array_map(self::linear(...), $one->plain);
        $flecks = static fn(Tones $one): array => array_map(self::linear(...), $one->flecks ?? $one->plain);

        return new self(
            count($area->above),
            count($area->below),
            array_map($plain, $stage->left),
            $stage->right === null ? null : array_map($plain, $stage->right),
            $stage->sheen,
            $stage->gloss,
            $stage->grain === null ? null : [
                'left' => array_map($flecks, $stage->left),
                'right' => $stage->right === null ? null : array_map($flecks, $stage->right),
            ],
            $stage->shares(),
            $stage->grain,
            array_map(
                static fn(array $mark): array => ['outer' => sqrt($mark['share']), 'light' => self::linear($mark['colour'])],
                $stage->marks,
            ),
        );
    }

    /** All of it is of one piece: no flecks, no marks. */
    public function isPlain(): bool
    {
        return $this->grain === null && $this->marks === [];
    }

    /** @return array{float, float, float} as a screen shows it, before its curve */
    private static function linear(Lab $colour): array
    {
        $srgb = $colour->toSrgb();

        return [Srgb::decode($srgb->red), Srgb::decode($srgb->green), Srgb::decode($srgb->blue)];
    }

    /**
     * @param float $zone 0…4
     * @param float $above share of what comes from above, 0…1
     * @param float $below the same from below
     * @param float $across where the skin looks: -1 to its right, 1 to its left
     *
     * @return array{float, float, float} linear red, green, blue
     */
    public function at(float $zone, float $above, float $below, float $across): array
    {
        return $this->seen($this->left, $this->right, $zone, $above, $below, $across);
    }

    /**
     * The same of the flecks on it.
     *
     * @return array{float, float, float} linear red, green, blue
     */
    public function flecksAt(float $zone, float $above, float $below, float $across): array
    {
        return $this->flecks === null
            ? $this->at($zone, $above, $below, $across)
            : $this->seen($this->flecks['left'], $this->flecks['right'], $zone, $above, $below, $across);
    }

    /** @return float share of the skin that flecks take there */
    public function shareAt(float $zone): float
    {
        $low = (int) min(3.0, $zone);

        return $this->shares[$low] + ($zone - $low) * ($this->shares[$low + 1] - $this->shares[$low]);
    }

    /**
     * @param list<list<array{float, float, float}>> $left
     * @param list<list<array{float, float, float}>>|null $right null: as on the left
     *
     * @return array{float, float, float}
     */
    private function seen(array $left, ?array $right, float $zone, float $above, float $below, float $across): array
    {
        $light = $this->exposed($left, $zone, $above, $below);
        if ($right === null) {
            return $light;
        }
        $share = max(0.0, min(1.0, ($across + 0.35) / 0.7));

        return self::between($this->exposed($right, $zone, $above, $below), $light, $share * $share * (3.0 - 2.0 * $share));
    }

    public function sheenAt(float $zone): float
    {
        $low = (int) min(3.0, $zone);

        return $this->sheen[$low] + ($zone - $low) * ($this->sheen[$low + 1] - $this->sheen[$low]);
    }

    /**
     * @param list<list<array{float, float, float}>> $light
     *
     * @return array{float, float, float}
     */
    private function exposed(array $light, float $zone, float $above, float $below): array
    {
        if ($this->above === 1 && $this->below === 1) {
            return self::zoned($light[0], $zone);
        }
        [$fromAbove, $fromBelow] = [$above * ($this->above - 1), $below * ($this->below - 1)];
        [$a, $b] = [(int) min(max(0, $this->above - 2), $fromAbove), (int) min(max(0, $this->below - 2), $fromBelow)];
        [$nextA, $nextB] = [min($this->above - 1, $a + 1), min($this->below - 1, $b + 1)];
        $at = fn(int $one, int $other): array => self::zoned($light[$other * $this->above + $one], $zone);
        $lower = self::between($at($a, $b), $at($nextA, $b), $fromAbove - $a);

        return $this->below === 1
            ? $lower
            : self::between($lower, self::between($at($a, $nextB), $at($nextA, $nextB), $fromAbove - $a), $fromBelow - $b);
    }

    /**
     * @param list<array{float, float, float}> $zones
     *
     * @return array{float, float, float}
     */
    private static function zoned(array $zones, float $zone): array
    {
        $low = (int) min(3.0, $zone);

        return self::between($zones[$low], $zones[$low + 1], $zone - $low);
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     *
     * @return array{float, float, float}
     */
    private static function between(array $one, array $other, float $share): array
    {
        return [$one[0] + $share * ($other[0] - $one[0]), $one[1] + $share * ($other[1] - $one[1]), $one[2] + $share * ($other[2] - $one[2])];
    }
}
