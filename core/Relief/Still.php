<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Colour\Srgb;

/**
 * A picture of a painted figure that nobody turns: for lists, for paper, and for browsers that draw none. It is drawn as those draw it, by
 * the even lamp, from far away; what each corner looks like is worked out once, what lies before what point by point.
 */
final readonly class Still
{
    /** Points left free at every edge. */
    private const MARGIN = 2.0;

    /** From a point's edge to its middle, and a little less: a corner that lies just there counts. */
    private const HALF = 0.4999999;

    /** In no area, in 255ths. */
    private const BARE = 0.25;

    /**
     * @param list<int> $points 0xRRGGBB row by row, or -1 where nothing is
     */
    private function __construct(
        public int $width,
        public int $height,
        public array $points,
    ) {}

    /**
     * @param array<int, PaintedLook> $looks of the areas by the number that labels give them
     * @param bool $isPicture lies flat, and has its own light
     */
    public static function of(
        Mesh $mesh,
        Labels $labels,
        Skin $skin,
        array $looks,
        Camera $camera,
        Frame $frame,
        bool $isPicture = false,
    ): self {
        $towards = $isPicture ? [0.0, 0.0, 1.0] : $camera->towards();
        $picture = Projection::of($mesh, $towards, $frame->wide, $frame->high, self::MARGIN)->from($frame->x, $frame->y);
        [$width, $height] = [$frame->width, $frame->height];
        $owners = self::owners($mesh->triangles, $picture, $width, $height);
        $normals = $mesh->normals();
        $curve = self::curve();
        $colours = [];
        $points = array_fill(0, $width * $height, -1);
        $drawn = -1;
        [$ax, $ay, $ub, $vb, $uc, $vc] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        [$red, $redB, $redC, $green, $greenB, $greenC, $blue, $blueB, $blueC] = array_fill(0, 9, 0.0);
        $pieces = null;
        foreach ($owners as $place => $triangle) {
            // Points beside each other mostly show one triangle: what holds for all of it is worked out once.
            if ($triangle !== $drawn) {
                $drawn = $triangle;
                $label = ord($labels->triangles[$triangle]);
                $look = $looks[$label] ?? null;
                $seen = [];
                for ($at = 3 * $triangle; $at < 3 * $triangle + 3; $at++) {
                    $vertex = $mesh->triangles[$at];
                    $seen[] = $colours[$vertex * 256 + $label] ??= self::corner(
                        $look,
                        $skin->zones[$vertex],
                        $skin->openness[$vertex],
                        $skin->above[$vertex],
                        $skin->below[$vertex],
                        [$normals[3 * $vertex], $normals[3 * $vertex + 1], $normals[3 * $vertex + 2]],
                        $towards,
                        $isPicture,
                    );
                }
                $pieces = $look === null || $look->isPlain() ? null : self::pieces($look, $mesh, $triangle, $skin, $seen);
                [[$red, $green, $blue], $b, $c] = $seen;
                [$redB, $greenB, $blueB] = [$b[0] - $red, $b[1] - $green, $b[2] - $blue];
                [$redC, $greenC, $blueC] = [$c[0] - $red, $c[1] - $green, $c[2] - $blue];
                [$a, $b, $c] = [$mesh->triangles[3 * $triangle], $mesh->triangles[3 * $triangle + 1], $mesh->triangles[3 * $triangle + 2]];
                [$ax, $ay] = [$picture->x[$a] - 0.5, $picture->y[$a] - 0.5];
                [$bx, $by] = [$picture->x[$b] - $picture->x[$a], $picture->y[$b] - $picture->y[$a]];
                [$cx, $cy] = [$picture->x[$c] - $picture->x[$a], $picture->y[$c] - $picture->y[$a]];
                $area = $bx * $cy - $by * $cx;
                [$ub, $vb, $uc, $vc] = [$cy / $area, -$cx / $area, -$by / $area, $bx / $area];
            }
            $dx = $place % $width - $ax;
            $dy = (int) ($place / $width) - $ay;
            $wb = $dx * $ub + $dy * $vb;
            $wc = $dx * $uc + $dy * $vc;
            if ($pieces === null) {
                $r = (int) (4095 * ($red + $wb * $redB + $wc * $redC));
                $g = (int) (4095 * ($green + $wb * $greenB + $wc * $greenC));
                $b = (int) (4095 * ($blue + $wb * $blueB + $wc * $blueC));
            } else {
                [$r, $g, $b] = $pieces->at($wb, $wc);
                $r = (int) (4095 * $r);
                $g = (int) (4095 * $g);
                $b = (int) (4095 * $b);
            }
            $points[$place] = $curve[$r > 4095 ? 4095 : ($r < 0 ? 0 : $r)] << 16
                | $curve[$g > 4095 ? 4095 : ($g < 0 ? 0 : $g)] << 8
                | $curve[$b > 4095 ? 4095 : ($b < 0 ? 0 : $b)];
        }

        return new self($width, $height, array_values($points));
    }

    /**
     * Which triangle is seen at each point.
     *
     * @param non-empty-list<int> $triangles
     *
     * @return array<int, int> triangle by point
     */
    private static function owners(array $triangles, Projection $picture, int $width, int $height): array
    {
        [$x, $y, $z] = [$picture->x, $picture->y, $picture->near];
        $depths = array_fill(0, $width * $height, -1e9);
        $owners = [];
        for ($at = 0, $end = count($triangles); $at < $end; $at += 3) {
            $a = $triangles[$at];
            $b = $triangles[$at + 1];
            $c = $triangles[$at + 2];
            $ax = $x[$a];
            $ay = $y[$a];
            $bx = $x[$b] - $ax;
            $by = $y[$b] - $ay;
            $cx = $x[$c] - $ax;
            $cy = $y[$c] - $ay;
            $area = $bx * $cy - $by * $cx;
            if ($area < 1e-9 && $area > -1e-9) {
                continue;
            }
            $left = (int) ($ax + ($bx < $cx ? ($bx < 0.0 ? $bx : 0.0) : ($cx < 0.0 ? $cx : 0.0)) + self::HALF);
            $right = (int) ($ax + ($bx > $cx ? ($bx > 0.0 ? $bx : 0.0) : ($cx > 0.0 ? $cx : 0.0)) - 0.5);
            $top = (int) ($ay + ($by < $cy ? ($by < 0.0 ? $by : 0.0) : ($cy < 0.0 ? $cy : 0.0)) + self::HALF);
            $bottom = (int) ($ay + ($by > $cy ? ($by > 0.0 ? $by : 0.0) : ($cy > 0.0 ? $cy : 0.0)) - 0.5);
            // What lies beyond the edges of the frame is not drawn.
            $left = $left < 0 ? 0 : $left;
            $right = $right < $width ? $right : $width - 1;
            $top = $top < 0 ? 0 : $top;
            $bottom = $bottom < $height ? $bottom : $height - 1;
            if ($left > $right || $top > $bottom) {
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
                        $place = $row * $width + $column;
                        if ($near > $depths[$place]) {
                            $depths[$place] = $near;
                            $owners[$place] = intdiv($at, 3);
                        }
                    }
                }
            }
        }

        return $owners;
    }

    /**
     * @param array<int, array{float, float, float, float, float, float, float, float}> $seen of its three corners
     */
    private static function pieces(PaintedLook $look, Mesh $mesh, int $triangle, Skin $skin, array $seen): Pieces
    {
        [$a, $b, $c] = [$mesh->triangles[3 * $triangle], $mesh->triangles[3 * $triangle + 1], $mesh->triangles[3 * $triangle + 2]];
        $positions = $mesh->positions;
        $place = static fn(int $vertex): array => [$positions[3 * $vertex], $positions[3 * $vertex + 1], $positions[3 * $vertex + 2]];

        return new Pieces(
            $look,
            [$place($a), $place($b), $place($c)],
            [$skin->marks[$a], $skin->marks[$b], $skin->marks[$c]],
            [$look->shareAt($skin->zones[$a]), $look->shareAt($skin->zones[$b]), $look->shareAt($skin->zones[$c])],
            [$seen[0], $seen[1], $seen[2]],
        );
    }

    /**
     * @param array{float, float, float} $normal
     * @param array{float, float, float} $eye
     *
     * @return array{float, float, float, float, float, float, float, float} linear light of the ground, the same of the flecks, then how much
     *     light falls on it and how much is mirrored
     */
    private static function corner(
        ?PaintedLook $look,
        float $zone,
        float $open,
        float $above,
        float $below,
        array $normal,
        array $eye,
        bool $isPicture,
    ): array {
        $facing = $normal[0] * $eye[0] + $normal[1] * $eye[1] + $normal[2] * $eye[2];
        if ($facing < 0.0) {
            // The inside of a skin that is open in places.
            $normal = [-$normal[0], -$normal[1], -$normal[2]];
            $facing = -$facing;
        }
        if ($look === null) {
            $grey = $isPicture ? 0.85 * ((100.0 * $open + 16.0) / 116.0) ** 3 : self::BARE * (0.3 + 0.7 * $facing) * (0.6 + 0.4 * $open);

            return [$grey, $grey, $grey, $grey, $grey, $grey, 1.0, 0.0];
        }
        $open = $isPicture ? 1.0 : $open;
        $mirroredUp = 2.0 * $facing * $normal[1] - $eye[1];
        [$red, $green, $blue] = $look->at($zone, $above, $below, $normal[0]);
        $light = (0.74 + 0.26 * self::rise($facing, 0.0, 0.75)) * (0.62 + 0.38 * self::rise($open, 0.1, 0.72));
        $light *= 1.0 + $look->sheenAt($zone) * (0.72 + 0.75 * self::rise($mirroredUp, -0.2, 0.9) - 1.0);
        $mirrored = [2.0 * $facing * $normal[0] - $eye[0], $mirroredUp, 2.0 * $facing * $normal[2] - $eye[2]];
        $glint = $look->gloss <= 0.0
            ? 0.0
            : $look->gloss * 0.22 * max(0.0, -0.252 * $mirrored[0] + 0.756 * $mirrored[1] + 0.604 * $mirrored[2]) ** 24;
        [$r, $g, $b] = $look->grain === null ? [$red, $green, $blue] : $look->flecksAt($zone, $above, $below, $normal[0]);

        return [
            $red * $light + $glint, $green * $light + $glint, $blue * $light + $glint,
            $r * $light + $glint, $g * $light + $glint, $b * $light + $glint,
            $light, $glint,
        ];
    }

    private static function rise(float $value, float $from, float $to): float
    {
        $share = max(0.0, min(1.0, ($value - $from) / ($to - $from)));

        return $share * $share * (3.0 - 2.0 * $share);
    }

    /** @return list<int> what a screen shows for linear light, in 4095ths */
    private static function curve(): array
    {
        return array_map(static fn(int $step): int => (int) round(255 * Srgb::encode($step / 4095)), range(0, 4095));
    }
}
