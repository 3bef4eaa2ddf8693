<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Colour\Srgb;

/**
 * A picture of a painted figure that nobody turns: for lists, for paper, and for browsers that draw none. It is drawn as those draw it, by
 * the even lamp, from far away.
 */
final readonly class Still
{
    /** Points left free at every edge. */
    private const MARGIN = 1.0;

    /** How much is seen past what covers nothing of a point, as pictures have it. */
    private const NOTHING = 127;

    /** So many bits name a point. */
    private const POINT_BITS = 22;

    private const POINT = (1 << self::POINT_BITS) - 1;

    /** Where the sum of a colour begins: four places have 14 bits. */
    private const RED = 4;

    private const GREEN = 20;

    private const BLUE = 36;

    /** Where the middle of some of a point's four places lies, across and down from the first, and how many they are; by a bit for each. */
    private const LIES = [
        [0.0, 0.0, 0], [0.0, 0.0, 1], [1.0, 0.0, 1], [0.5, 0.0, 2], [0.0, 1.0, 1], [0.0, 0.5, 2], [0.5, 0.5, 2], [1 / 3, 1 / 3, 3],
        [1.0, 1.0, 1], [0.5, 0.5, 2], [1.0, 0.5, 2], [2 / 3, 1 / 3, 3], [0.5, 1.0, 2], [1 / 3, 2 / 3, 3], [2 / 3, 2 / 3, 3], [0.5, 0.5, 4],
    ];

    /**
     * @param list<int> $points 0xAARRGGBB row by row, AA how much is seen past it, in 127ths; or -1 where nothing is
     */
    private function __construct(
        public int $width,
        public int $height,
        public array $points,
    ) {}

    /**
     * @param array<int, PaintedLook> $looks of the areas by the number that labels give them
     * @param bool $isSmooth each point is looked at in four places, so that edges come out smooth
     * @param bool $isPicture lies flat, and has its own light
     */
    public static function of(
        Mesh $mesh,
        Labels $labels,
        Skin $skin,
        array $looks,
        Camera $camera,
        Frame $frame,
        bool $isSmooth = false,
        bool $isPicture = false,
    ): self {
        $towards = $isPicture ? [0.0, 0.0, 1.0] : $camera->towards();
        $each = $isSmooth ? 2 : 1;
        $fine = $frame->finer($each);
        $picture = Projection::of($mesh, $towards, $fine->wide, $fine->high, $each * self::MARGIN);
        $nearest = NearestSkin::in($picture, $mesh->triangles, $fine->width, $fine->height, $fine->x, $fine->y);
        $painted = new PaintedSkin($mesh, $labels, $skin, $looks, $picture, $towards, $isPicture);
        $parts = self::parts($nearest, $frame->width, $frame->height, $isSmooth);
        unset($nearest);
        // One triangle after the other: what holds for all of it is worked out once.
        sort($parts);
        // Of each point in how many places it is covered, then how much light of each colour comes from them in all, in 4095ths: one whole number.
        $points = array_fill(0, $frame->width * $frame->height, 0);
        [$drawn, $triangle] = [-1, null];
        foreach ($parts as $part) {
            $number = $part >> self::POINT_BITS + 4;
            if ($number !== $drawn || $triangle === null) {
                $triangle = $painted->triangle($drawn = $number);
            }
            $point = $part >> 4 & self::POINT;
            $x = $fine->x + $each * ($point % $frame->width) + 0.5;
            $y = $fine->y + $each * intdiv($point, $frame->width) + 0.5;
            foreach (self::pieces($triangle, $part & 0xF, $x, $y) as $piece => $places) {
                [$across, $down, $many] = self::LIES[$places];
                [$r, $g, $b] = $triangle->light($piece, $x + $across, $y + $down);
                // What is brighter than a screen shows is as bright as it shows.
                $points[$point] += $many * (1
                    | (int) (4095 * ($r > 1.0 ? 1.0 : ($r < 0.0 ? 0.0 : $r))) << self::RED
                    | (int) (4095 * ($g > 1.0 ? 1.0 : ($g < 0.0 ? 0.0 : $g))) << self::GREEN
                    | (int) (4095 * ($b > 1.0 ? 1.0 : ($b < 0.0 ? 0.0 : $b))) << self::BLUE);
            }
        }
        $curve = self::curve();
        for ($point = 0, $end = count($points); $point < $end; $point++) {
            $seen = $points[$point];
            $many = $seen & 0xF;
            $points[$point] = $many === 0 ? -1 : intdiv(self::NOTHING * ($each * $each - $many), $each * $each) << 24
                | $curve[intdiv($seen >> self::RED & 0xFFFF, $many)] << 16
                | $curve[intdiv($seen >> self::GREEN & 0xFFFF, $many)] << 8
                | $curve[intdiv($seen >> self::BLUE & 0xFFFF, $many)];
        }

        /** @var list<int> $points */
        return new self($frame->width, $frame->height, $points);
    }

    /**
     * What is seen within each point.
     *
     * @param list<int> $nearest as NearestSkin tells it of each place
     *
     * @return list<int> a triangle, the point, and in which of its four places it is seen there, a bit each
     */
    private static function parts(array $nearest, int $width, int $height, bool $isSmooth): array
    {
        $parts = [];
        if (! $isSmooth) {
            foreach ($nearest as $point => $near) {
                if ($near >= 0) {
                    $parts[] = ($near & NearestSkin::TRIANGLE) << self::POINT_BITS + 4 | $point << 4 | 1;
                }
            }

            return $parts;
        }
        for ($point = 0, $row = 0; $row < $height; $row++) {
            $place = 4 * $row * $width;
            for ($column = 0; $column < $width; $column++, $point++, $place += 2) {
                $a = $nearest[$place];
                $b = $nearest[$place + 1];
                $c = $nearest[$place + 2 * $width];
                $d = $nearest[$place + 2 * $width + 1];
                if (($a & $b & $c & $d) < 0) {
                    continue;
                }
                $a = $a < 0 ? -1 : $a & NearestSkin::TRIANGLE;
                $b = $b < 0 ? -1 : $b & NearestSkin::TRIANGLE;
                $c = $c < 0 ? -1 : $c & NearestSkin::TRIANGLE;
                $d = $d < 0 ? -1 : $d & NearestSkin::TRIANGLE;
                if ($a >= 0) {
                    $parts[] = $a << self::POINT_BITS + 4 | $point << 4 | 1 | ($b === $a ? 2 : 0) | ($c === $a ? 4 : 0) | ($d === $a ? 8 : 0);
                }
                if ($b >= 0 && $b !== $a) {
                    $parts[] = $b << self::POINT_BITS + 4 | $point << 4 | 2 | ($c === $b ? 4 : 0) | ($d === $b ? 8 : 0);
                }
                if ($c >= 0 && $c !== $a && $c !== $b) {
                    $parts[] = $c << self::POINT_BITS + 4 | $point << 4 | 4 | ($d === $c ? 8 : 0);
                }
                if ($d >= 0 && $d !== $a && $d !== $b && $d !== $c) {
                    $parts[] = $d << self::POINT_BITS + 4 | $point << 4 | 8;
                }
            }
        }

        return $parts;
    }

    /**
     * The pieces of a triangle that are seen within a point.
     *
     * @param int $places of the point that show the triangle, a bit each
     * @param float $x of the first place
     * @param float $y of the first place
     *
     * @return array<int, int> in which places, by piece
     */
    private static function pieces(PaintedTriangle $triangle, int $places, float $x, float $y): array
    {
        if ($triangle->pieces === null) {
            return [$places];
        }
        // What two opposite places show alike, those between them show too: pieces are larger than a point.
        if ($places === 0xF && ($piece = $triangle->piece($x, $y)) === $triangle->piece($x + 1.0, $y + 1.0)) {
            return [$piece => $places];
        }
        $pieces = [];
        for ($at = 0; $at < 4; $at++) {
            if (($places >> $at & 1) === 1) {
                $piece = $triangle->piece($x + ($at & 1), $y + ($at >> 1));
                $pieces[$piece] = ($pieces[$piece] ?? 0) | 1 << $at;
            }
        }

        return $pieces;
    }

    /** @return list<int> what a screen shows for linear light, in 4095ths */
    private static function curve(): array
    {
        return array_map(static fn(int $step): int => (int) round(255 * Srgb::encode($step / 4095)), range(0, 4095));
    }
}
