<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** A sculpt seen from far away in one direction: how near the nearest skin is at each point of the picture. */
final class DepthPicture
{
    /** Points across, at most and at least: a picture much finer than the triangles tells no more. */
    private const FINEST = 320;

    private const COARSEST = 128;

    private const POINTS_A_TRIANGLE = 1.3;

    /** Vertices at the rim lie within the picture too. */
    private const MARGIN = 1.0;

    /** From a point's edge to its middle, and a little less: a corner that lies just there counts. */
    private const HALF = 0.4999999;

    /** What a vertex may lie behind the skin that the picture has there and still be that skin, in points of the picture. */
    private const SLACK = 0.8;

    /** The same for each unit the skin falls away within one point: a vertex lies up to so far from the middle of its point. */
    private const SLACK_OF_SLOPE = 0.7;

    private const STEEPEST = 3.0;

    /**
     * @param array{float, float, float} $direction unit vector to whoever looks
     *
     * @return list<int> numbers of the vertices that look that way and are seen
     */
    public static function seen(Mesh $mesh, array $direction): array
    {
        $side = (int) max(self::COARSEST, min(self::FINEST, self::POINTS_A_TRIANGLE * sqrt($mesh->triangleCount())));
        $picture = Projection::of($mesh, $direction, $side, $side, self::MARGIN);
        $depths = self::drawn($mesh->triangles, $picture, $side);
        $normals = $mesh->normals();
        [$dx, $dy, $dz] = $direction;
        $seen = [];
        foreach ($picture->x as $vertex => $across) {
            $facing = $normals[3 * $vertex] * $dx + $normals[3 * $vertex + 1] * $dy + $normals[3 * $vertex + 2] * $dz;
            if ($facing <= 0.0) {
                continue;
            }
            // The steeper the skin, the more its depth changes within one point of the picture.
            $slack = self::SLACK + self::SLACK_OF_SLOPE * min(self::STEEPEST, sqrt(max(0.0, 1.0 - $facing * $facing)) / $facing);
            if ($picture->near[$vertex] + $slack >= $depths[(int) $picture->y[$vertex] * $side + (int) $across]) {
                $seen[] = $vertex;
            }
        }

        return $seen;
    }

    /**
     * @param non-empty-list<int> $triangles
     *
     * @return list<float> how near the nearest skin is, row by row
     */
    private static function drawn(array $triangles, Projection $picture, int $side): array
    {
        [$x, $y, $z] = [$picture->x, $picture->y, $picture->near];
        $depths = array_fill(0, $side * $side, -1e9);
        for ($at = 0, $end = count($triangles); $at < $end; $at += 3) {
            $a = $triangles[$at];
            $b = $triangles[$at + 1];
            $c = $triangles[$at + 2];
            $ax = $x[$a];
            $ay = $y[$a];
            $bx = $x[$b];
            $by = $y[$b];
            $cx = $x[$c];
            $cy = $y[$c];
            // All lies within the picture, so that cutting off is rounding down. Most triangles are so small that they meet no point's middle.
            $left = (int) (($ax < $bx ? ($ax < $cx ? $ax : $cx) : ($bx < $cx ? $bx : $cx)) + self::HALF);
            $right = (int) (($ax > $bx ? ($ax > $cx ? $ax : $cx) : ($bx > $cx ? $bx : $cx)) - 0.5);
            if ($left > $right) {
                continue;
            }
            $top = (int) (($ay < $by ? ($ay < $cy ? $ay : $cy) : ($by < $cy ? $by : $cy)) + self::HALF);
            $bottom = (int) (($ay > $by ? ($ay > $cy ? $ay : $cy) : ($by > $cy ? $by : $cy)) - 0.5);
            if ($top > $bottom) {
                continue;
            }
            $bx -= $ax;
            $by -= $ay;
            $cx -= $ax;
            $cy -= $ay;
            $area = $bx * $cy - $by * $cx;
            if ($area < 1e-9 && $area > -1e-9) {
                continue;
            }
            $za = $z[$a];
            $db = ($z[$b] - $za) / $area;
            $dc = ($z[$c] - $za) / $area;
            for ($row = $top; $row <= $bottom; $row++) {
                $dy = $row + 0.5 - $ay;
                for ($column = $left; $column <= $right; $column++) {
                    $dx = $column + 0.5 - $ax;
                    $wb = $dx * $cy - $dy * $cx;
                    $wc = $dy * $bx - $dx * $by;
                    if ($area > 0.0 ? ($wb >= 0.0 && $wc >= 0.0 && $wb + $wc <= $area) : ($wb <= 0.0 && $wc <= 0.0 && $wb + $wc >= $area)) {
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
}
