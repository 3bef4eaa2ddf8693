<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** A sculpt seen from far away in one direction: which of its skin looks that way, and what of that nothing hides. */
final class DepthPicture
{
    /** Points across, at most and at least: a picture much finer than the triangles tells no more. */
    private const FINEST = 320;

    private const COARSEST = 128;

    private const POINTS_A_TRIANGLE = 1.3;

    /** Vertices at the rim lie within the picture too. */
    private const MARGIN = 1.0;

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
        $picture = Projection::of($mesh, $direction, $side, $side, self::MARGIN);
        $nearest = NearestSkin::in($picture, $mesh->triangles, $side, $side);
        [$bits, $deep] = [$picture->bits, $picture->deep];
        $normals = $mesh->normals();
        [$dx, $dy, $dz] = $direction;
        $at = 0;
        foreach ($picture->places as $vertex => $place) {
            $facing = $normals[$at] * $dx + $normals[$at + 1] * $dy + $normals[$at + 2] * $dz;
            $at += 3;
            if ($facing <= 0.0) {
                continue;
            }
            $looked[$vertex] += $facing;
            // The steeper the skin, the more its depth changes within one point of the picture.
            $slope = sqrt(max(0.0, 1.0 - $facing * $facing)) / $facing;
            $slack = self::SLACK + self::SLACK_OF_SLOPE * ($slope < self::STEEPEST ? $slope : self::STEEPEST);
            $row = (($place >> Projection::NEAR_BITS) & Projection::PLACE) >> $bits;
            $column = ($place >> (Projection::NEAR_BITS + Projection::PLACE_BITS)) >> $bits;
            if (($place & Projection::NEAR) + $slack * $deep >= $nearest[$row * $side + $column] >> NearestSkin::TRIANGLE_BITS) {
                $seen[$vertex] += $facing;
            }
        }
    }
}
