<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * A sculpt seen from far away in one direction: how near the nearest skin is at each point of the picture. Each vertex is one whole number
 * here, for all its corners are asked for again and again, in no order: across, down and near, in parts of a point.
 */
final class DepthPicture
{
    /** Points across, at most and at least: a picture much finer than the triangles tells no more. */
    private const FINEST = 320;

    private const COARSEST = 128;

    private const POINTS_A_TRIANGLE = 1.3;

    /** Vertices at the rim lie within the picture too. */
    private const MARGIN = 1;

    /** A point has 2¹¹ parts, and a picture of the finest fewer than 2²⁰. */
    private const BITS = 11;

    /** Points round a triangle from which on it is worth asking which of a row lie within. */
    private const LARGE = 24;

    private const POINT = 1 << self::BITS;

    private const MIDDLE = self::POINT >> 1;

    private const PLACE_BITS = 20;

    private const PLACE = (1 << self::PLACE_BITS) - 1;

    private const NEAR_BITS = 22;

    private const NEAR = (1 << self::NEAR_BITS) - 1;

    /** What a vertex may lie behind the skin that the picture has there and still be that skin, in points of the picture. */
    private const SLACK = 0.8;

    /** The same for each unit the skin falls away within one point: a vertex lies up to so far from the middle of its point. */
    private const SLACK_OF_SLOPE = 0.7;

    private const STEEPEST = 3.0;

    /**
     * Adds the cosine with which each vertex looks that way to what it looks towards and, where nothing hides it, to what sees it.
     *
     * @param array{float, float, float} $direction unit vector to whoever looks
     * @param array<int, float> $seen by vertex
     * @param array<int, float> $looked by vertex
     */
    public static function add(Mesh $mesh, array $direction, array &$seen, array &$looked): void
    {
        $side = (int) max(self::COARSEST, min(self::FINEST, self::POINTS_A_TRIANGLE * sqrt($mesh->triangleCount())));
        [$places, $parts] = self::placed($mesh, $direction, $side);
        $depths = self::drawn($mesh->triangles, $places, $side);
        $normals = $mesh->normals();
        [$dx, $dy, $dz] = $direction;
        $at = 0;
        foreach ($places as $vertex => $place) {
            $facing = $normals[$at] * $dx + $normals[$at + 1] * $dy + $normals[$at + 2] * $dz;
            $at += 3;
            if ($facing <= 0.0) {
                continue;
            }
            $looked[$vertex] += $facing;
            // The steeper the skin, the more its depth changes within one point of the picture.
            $slope = sqrt(max(0.0, 1.0 - $facing * $facing)) / $facing;
            $slack = self::SLACK + self::SLACK_OF_SLOPE * ($slope < self::STEEPEST ? $slope : self::STEEPEST);
            $row = (($place >> self::NEAR_BITS) & self::PLACE) >> self::BITS;
            $column = ($place >> (self::NEAR_BITS + self::PLACE_BITS)) >> self::BITS;
            if (($place & self::NEAR) + $slack * $parts >= $depths[$row * $side + $column]) {
                $seen[$vertex] += $facing;
            }
        }
    }

    /**
     * @param array{float, float, float} $direction
     *
     * @return array{non-empty-list<int>, float} by vertex where it lies, and how many parts of near a point has
     */
    private static function placed(Mesh $mesh, array $direction, int $side): array
    {
        [[$ax, $ay, $az], [$bx, $by, $bz]] = Projection::axes($direction);
        [$dx, $dy, $dz] = $direction;
        $positions = $mesh->positions;
        $end = count($positions);
        [$left, $right, $top, $bottom, $far, $close] = [INF, -INF, INF, -INF, INF, -INF];
        for ($at = 0; $at < $end; $at += 3) {
            $x = $positions[$at];
            $y = $positions[$at + 1];
            $z = $positions[$at + 2];
            $across = $ax * $x + $ay * $y + $az * $z;
            $left = $across < $left ? $across : $left;
            $right = $across > $right ? $across : $right;
            $down = $bx * $x + $by * $y + $bz * $z;
            $top = $down < $top ? $down : $top;
            $bottom = $down > $bottom ? $down : $bottom;
            $near = $dx * $x + $dy * $y + $dz * $z;
            $far = $near < $far ? $near : $far;
            $close = $near > $close ? $near : $close;
        }
        $free = $side - 2 * self::MARGIN;
        $scale = self::POINT * min($free / max(1e-9, $right - $left), $free / max(1e-9, $bottom - $top));
        // In the middle, and so deep as the whole number has room for.
        $moved = self::POINT * $side / 2;
        $toRight = $moved - $scale * ($left + $right) / 2;
        $toFoot = $moved - $scale * ($top + $bottom) / 2;
        $deep = min($scale, self::NEAR / max(1e-9, $close - $far));
        $places = [];
        for ($at = 0; $at < $end; $at += 3) {
            $x = $positions[$at];
            $y = $positions[$at + 1];
            $z = $positions[$at + 2];
            $places[] = ((int) ($scale * ($ax * $x + $ay * $y + $az * $z) + $toRight) << (self::NEAR_BITS + self::PLACE_BITS))
                | ((int) ($scale * ($bx * $x + $by * $y + $bz * $z) + $toFoot) << self::NEAR_BITS)
                | (int) ($deep * ($dx * $x + $dy * $y + $dz * $z - $far));
        }

        return [$places, self::POINT * $deep / $scale];
    }

    /**
     * @param non-empty-list<int> $triangles
     * @param non-empty-list<int> $places
     *
     * @return list<float> how near the nearest skin is, row by row
     */
    private static function drawn(array $triangles, array $places, int $side): array
    {
        $depths = array_fill(0, $side * $side, -1.0);
        for ($at = 0, $end = count($triangles); $at < $end; $at += 3) {
            $a = $places[$triangles[$at]];
            $b = $places[$triangles[$at + 1]];
            $c = $places[$triangles[$at + 2]];
            $ax = $a >> (self::NEAR_BITS + self::PLACE_BITS);
            $bx = $b >> (self::NEAR_BITS + self::PLACE_BITS);
            $cx = $c >> (self::NEAR_BITS + self::PLACE_BITS);
            // All lies within the picture. Most triangles are so small that they meet no point's middle.
            $left = (($ax < $bx ? ($ax < $cx ? $ax : $cx) : ($bx < $cx ? $bx : $cx)) + self::MIDDLE - 1) >> self::BITS;
            $right = (($ax > $bx ? ($ax > $cx ? $ax : $cx) : ($bx > $cx ? $bx : $cx)) - self::MIDDLE) >> self::BITS;
            if ($left > $right) {
                continue;
            }
            $ay = ($a >> self::NEAR_BITS) & self::PLACE;
            $by = ($b >> self::NEAR_BITS) & self::PLACE;
            $cy = ($c >> self::NEAR_BITS) & self::PLACE;
            $top = (($ay < $by ? ($ay < $cy ? $ay : $cy) : ($by < $cy ? $by : $cy)) + self::MIDDLE - 1) >> self::BITS;
            $bottom = (($ay > $by ? ($ay > $cy ? $ay : $cy) : ($by > $cy ? $by : $cy)) - self::MIDDLE) >> self::BITS;
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
            $za = $a & self::NEAR;
            $db = (($b & self::NEAR) - $za) / $area;
            $dc = (($c & self::NEAR) - $za) / $area;
            $isLarge = ($right - $left) * ($bottom - $top) > self::LARGE;
            for ($row = $top; $row <= $bottom; $row++) {
                $dy = ($row << self::BITS) + self::MIDDLE - $ay;
                $column = $left;
                $last = $right;
                if ($isLarge) {
                    [$column, $last] = self::span($left, $right, $ax, $dy, $bx, $by, $cx, $cy, $area);
                }
                for (; $column <= $last; $column++) {
                    $dx = ($column << self::BITS) + self::MIDDLE - $ax;
                    $wb = $dx * $cy - $dy * $cx;
                    $wc = $dy * $bx - $dx * $by;
                    if ($area > 0 ? ($wb >= 0 && $wc >= 0 && $wb + $wc <= $area) : ($wb <= 0 && $wc <= 0 && $wb + $wc >= $area)) {
                        $near = $za + $wb * $db + $wc * $dc;
                        $place = $row * $side + $column;
                        if ($near > $depths[$place]) {
                            $depths[$place] = $near;
                        }
                    }
                }
            }
        }

        return $depths;
    }

    /**
     * The columns of one row that lie within a triangle: of a long thin one these are few of those its corners stand in.
     *
     * @return array{int, int} first and last; none where the first is greater
     */
    private static function span(int $left, int $right, int $ax, int $dy, int $bx, int $by, int $cx, int $cy, int $area): array
    {
        $way = $area > 0 ? 1 : -1;
        $dx = ($left << self::BITS) + self::MIDDLE - $ax;
        // What a point has of each of two corners in the first column, and how much more in each further one; the third has the rest.
        $b = $way * ($dx * $cy - $dy * $cx);
        $c = $way * ($dy * $bx - $dx * $by);
        $moreB = $way * ($cy << self::BITS);
        $moreC = -$way * ($by << self::BITS);
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
