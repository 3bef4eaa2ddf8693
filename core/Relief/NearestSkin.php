<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** What of a sculpt is seen at each point of a picture of it: the triangle whose skin lies nearest, and how near. */
final class NearestSkin
{
    /** So many bits name a triangle: Mesh::MOST_TRIANGLES are fewer. */
    public const TRIANGLE_BITS = 17;

    public const TRIANGLE = (1 << self::TRIANGLE_BITS) - 1;

    /** Points round a triangle from which on it is worth asking which of a row lie within. */
    private const LARGE = 24;

    /**
     * @param non-empty-list<int> $triangles three vertices each
     * @param int $fromLeft where the part of the picture begins that is wanted
     * @param int $fromTop where the part of the picture begins that is wanted
     *
     * @return list<int> row by row: how near in parts of a point (Projection::$deep), then the triangle; -1 where nothing is
     */
    public static function in(Projection $picture, array $triangles, int $width, int $height, int $fromLeft = 0, int $fromTop = 0): array
    {
        [$places, $bits] = [$picture->places, $picture->bits];
        $middle = 1 << $bits >> 1;
        [$xBits, $yBits, $place, $depth] = [
            Projection::NEAR_BITS + Projection::PLACE_BITS,
            Projection::NEAR_BITS,
            Projection::PLACE,
            Projection::NEAR,
        ];
        [$toRight, $toFoot] = [$fromLeft + $width - 1, $fromTop + $height - 1];
        $nearest = array_fill(0, $width * $height, -1);
        for ($at = 0, $end = count($triangles); $at < $end; $at += 3) {
            $a = $places[$triangles[$at]];
            $b = $places[$triangles[$at + 1]];
            $c = $places[$triangles[$at + 2]];
            $ax = $a >> $xBits;
            $bx = $b >> $xBits;
            $cx = $c >> $xBits;
            // Most triangles are so small that they meet few points' middles, or none.
            $left = (($ax < $bx ? ($ax < $cx ? $ax : $cx) : ($bx < $cx ? $bx : $cx)) + $middle - 1) >> $bits;
            $right = (($ax > $bx ? ($ax > $cx ? $ax : $cx) : ($bx > $cx ? $bx : $cx)) - $middle) >> $bits;
            $left = $left < $fromLeft ? $fromLeft : $left;
            $right = $right > $toRight ? $toRight : $right;
            if ($left > $right) {
                continue;
            }
            $ay = ($a >> $yBits) & $place;
            $by = ($b >> $yBits) & $place;
            $cy = ($c >> $yBits) & $place;
            $top = (($ay < $by ? ($ay < $cy ? $ay : $cy) : ($by < $cy ? $by : $cy)) + $middle - 1) >> $bits;
            $bottom = (($ay > $by ? ($ay > $cy ? $ay : $cy) : ($by > $cy ? $by : $cy)) - $middle) >> $bits;
            $top = $top < $fromTop ? $fromTop : $top;
            $bottom = $bottom > $toFoot ? $toFoot : $bottom;
            if ($top > $bottom) {
                continue;
            }
            $bx -= $ax;
            $by -= $ay;
            $cx -= $ax;
            $cy -= $ay;
            $area = $bx * $cy - $by * $cx;
            if ($area === 0) {
                continue;
            }
            $za = $a & $depth;
            $db = (($b & $depth) - $za) / $area;
            $dc = (($c & $depth) - $za) / $area;
            $triangle = intdiv($at, 3);
            $isLarge = ($right - $left) * ($bottom - $top) > self::LARGE;
            for ($row = $top; $row <= $bottom; $row++) {
                $dy = ($row << $bits) + $middle - $ay;
                $column = $left;
                $last = $right;
                if ($isLarge) {
                    [$column, $last] = self::span($left, $right, ($left << $bits) + $middle - $ax, $dy, $bx, $by, $cx, $cy, $area, $bits);
                }
                $line = ($row - $fromTop) * $width - $fromLeft;
                for (; $column <= $last; $column++) {
                    $dx = ($column << $bits) + $middle - $ax;
                    $wb = $dx * $cy - $dy * $cx;
                    $wc = $dy * $bx - $dx * $by;
                    if ($area > 0 ? ($wb >= 0 && $wc >= 0 && $wb + $wc <= $area) : ($wb <= 0 && $wc <= 0 && $wb + $wc >= $area)) {
                        $near = (int) ($za + $wb * $db + $wc * $dc) << self::TRIANGLE_BITS | $triangle;
                        if ($near > $nearest[$line + $column]) {
                            $nearest[$line + $column] = $near;
                        }
                    }
                }
            }
        }

        return $nearest;
    }

    /**
     * The columns of one row that lie within a triangle: of a long thin one these are few of those its corners stand in.
     *
     * @param int $dx from the first corner to the middle of the first column, in parts of a point
     * @param int $dy from the first corner to the middle of the row
     *
     * @return array{int, int} first and last; none where the first is greater
     */
    private static function span(int $left, int $right, int $dx, int $dy, int $bx, int $by, int $cx, int $cy, int $area, int $bits): array
    {
        $way = $area > 0 ? 1 : -1;
        // What a point has of each of two corners in the first column, and how much more in each further one; the third has the rest.
        $b = $way * ($dx * $cy - $dy * $cx);
        $c = $way * ($dy * $bx - $dx * $by);
        $moreB = $way * ($cy << $bits);
        $moreC = -$way * ($by << $bits);
        $a = $way * $area - $b - $c;
        $moreA = -$moreB - $moreC;
        if (($b < 0 && $moreB <= 0) || ($c < 0 && $moreC <= 0) || ($a < 0 && $moreA <= 0)) {
            return [1, 0];
        }
        $first = $b < 0 ? intdiv($moreB - 1 - $b, $moreB) : 0;
        if ($c < 0 && $first * $moreC < -$c) {
            $first = intdiv($moreC - 1 - $c, $moreC);
        }
        if ($a < 0 && $first * $moreA < -$a) {
            $first = intdiv($moreA - 1 - $a, $moreA);
        }
        $last = $right - $left;
        if ($moreB < 0 && $b + $last * $moreB < 0) {
            $last = intdiv($b, -$moreB);
        }
        if ($moreC < 0 && $c + $last * $moreC < 0) {
            $last = intdiv($c, -$moreC);
        }
        if ($moreA < 0 && $a + $last * $moreA < 0) {
            $last = intdiv($a, -$moreA);
        }

        return [$left + $first, $left + $last];
    }
}
