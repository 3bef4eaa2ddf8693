<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** A triangle of an area that is not of one piece: at each of its points either ground, fleck or mark is seen. */
final readonly class Pieces
{
    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $places of its corners, mm
     * @param array{float, float, float} $far how far out the corners lie from the middle of the area's mark (MarkPlaces)
     * @param array{float, float, float} $shares that flecks take at the corners
     * @param array{list<float>, list<float>, list<float>} $corners linear light: ground, flecks, then what falls on them and what is mirrored
     */
    public function __construct(
        private PaintedLook $look,
        private array $places,
        private array $far,
        private array $shares,
        private array $corners,
    ) {}

    /**
     * @param float $b share of the second corner
     * @param float $c share of the third
     *
     * @return array{float, float, float} linear red, green, blue
     */
    public function at(float $b, float $c): array
    {
        $a = 1.0 - $b - $c;
        [$one, $two, $three] = $this->corners;
        $mark = $this->look->marks === [] ? null : $this->markAt($a * $this->far[0] + $b * $this->far[1] + $c * $this->far[2]);
        if ($mark !== null) {
            $light = $a * $one[6] + $b * $two[6] + $c * $three[6];
            $glint = $a * $one[7] + $b * $two[7] + $c * $three[7];

            return [$mark[0] * $light + $glint, $mark[1] * $light + $glint, $mark[2] * $light + $glint];
        }
        $red = $this->isFleck($a, $b, $c) ? 3 : 0;
        [$green, $blue] = [$red + 1, $red + 2];

        return [
            $a * $one[$red] + $b * $two[$red] + $c * $three[$red],
            $a * $one[$green] + $b * $two[$green] + $c * $three[$green],
            $a * $one[$blue] + $b * $two[$blue] + $c * $three[$blue],
        ];
    }

    /** @return array{float, float, float}|null of the innermost mark that reaches so far out */
    private function markAt(float $far): ?array
    {
        $light = null;
        foreach ($this->look->marks as $mark) {
            $light = $far < $mark['outer'] ? $mark['light'] : $light;
        }

        return $light;
    }

    private function isFleck(float $a, float $b, float $c): bool
    {
        if ($this->look->grain === null) {
            return false;
        }
        $share = $a * $this->shares[0] + $b * $this->shares[1] + $c * $this->shares[2];
        [$one, $two, $three] = $this->places;

        return $share > 0.0 && $this->look->grain->at(
            $a * $one[0] + $b * $two[0] + $c * $three[0],
            $a * $one[1] + $b * $two[1] + $c * $three[1],
            $a * $one[2] + $b * $two[2] + $c * $three[2],
        ) < $share;
    }
}
