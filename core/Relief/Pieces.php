<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** A triangle of an area that is not of one piece: at each of its places either ground, fleck or mark is seen. */
final readonly class Pieces
{
    public const GROUND = 0;

    public const FLECK = 1;

    /** The first of the marks; each further one is one more. */
    private const MARK = 2;

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $places of its corners, mm
     * @param array{float, float, float} $far how far out the corners lie from the middle of the area's mark (MarkPlaces)
     * @param array{float, float, float} $shares that flecks take at the corners
     */
    public function __construct(
        private PaintedLook $look,
        private array $places,
        private array $far,
        private array $shares,
        private Noise $noise,
    ) {}

    /**
     * @param float $a share of the first corner, those of the others are $b and $c
     *
     * @return int ground, fleck or one of the marks
     */
    public function seen(float $a, float $b, float $c): int
    {
        $far = $a * $this->far[0] + $b * $this->far[1] + $c * $this->far[2];
        // The innermost that reaches so far out.
        for ($mark = count($this->look->marks) - 1; $mark >= 0; $mark--) {
            if ($far < $this->look->marks[$mark]['outer']) {
                return self::MARK + $mark;
            }
        }
        $isFleck = $this->look->grain?->isBelow(
            $a * $this->shares[0] + $b * $this->shares[1] + $c * $this->shares[2],
            $a * $this->places[0][0] + $b * $this->places[1][0] + $c * $this->places[2][0],
            $a * $this->places[0][1] + $b * $this->places[1][1] + $c * $this->places[2][1],
            $a * $this->places[0][2] + $b * $this->places[1][2] + $c * $this->places[2][2],
            $this->noise,
        );

        return $isFleck === true ? self::FLECK : self::GROUND;
    }

    /** @return array{float, float, float}|null linear red, green, blue of a mark; null of what is none */
    public function mark(int $piece): ?array
    {
        return $piece < self::MARK ? null : $this->look->marks[$piece - self::MARK]['light'];
    }
}
