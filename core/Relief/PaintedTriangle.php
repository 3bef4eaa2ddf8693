<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** A triangle of a painted skin as it lies in a picture, lit between its corners as they share it. */
final readonly class PaintedTriangle
{
    /**
     * @param array{float, float, float, float, float, float} $lies where its first corner lies in the picture, then what each point across
     *     and each down has of the second corner and of the third
     * @param array{array<int, float>, array<int, float>, array<int, float>} $corners linear light: ground, flecks, then what falls on them
     *     and what is mirrored
     * @param Pieces|null $pieces null: all of it is ground
     */
    public function __construct(
        private array $lies,
        private array $corners,
        public ?Pieces $pieces,
    ) {}

    /**
     * Which piece of it is seen there.
     *
     * @param float $x points from the left edge of the picture
     * @param float $y points from its upper edge
     */
    public function piece(float $x, float $y): int
    {
        if ($this->pieces === null) {
            return Pieces::GROUND;
        }
        $x -= $this->lies[0];
        $y -= $this->lies[1];
        $b = $x * $this->lies[2] + $y * $this->lies[3];
        $c = $x * $this->lies[4] + $y * $this->lies[5];

        return $this->pieces->seen(1.0 - $b - $c, $b, $c);
    }

    /**
     * @param float $x points from the left edge of the picture
     * @param float $y points from its upper edge
     *
     * @return array{float, float, float} linear red, green, blue of a piece there; may lie beyond what a screen shows
     */
    public function light(int $piece, float $x, float $y): array
    {
        $x -= $this->lies[0];
        $y -= $this->lies[1];
        $b = $x * $this->lies[2] + $y * $this->lies[3];
        $c = $x * $this->lies[4] + $y * $this->lies[5];
        $a = 1.0 - $b - $c;
        [$one, $two, $three] = $this->corners;
        $mark = $this->pieces?->mark($piece);
        if ($mark !== null) {
            $light = $a * $one[6] + $b * $two[6] + $c * $three[6];
            $glint = $a * $one[7] + $b * $two[7] + $c * $three[7];

            return [$mark[0] * $light + $glint, $mark[1] * $light + $glint, $mark[2] * $light + $glint];
        }
        $red = 3 * $piece;

        return [
            $a * $one[$red] + $b * $two[$red] + $c * $three[$red],
            $a * $one[$red + 1] + $b * $two[$red + 1] + $c * $three[$red + 1],
            $a * $one[$red + 2] + $b * $two[$red + 2] + $c * $three[$red + 2],
        ];
    }
}
