<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * The light that comes from a painted figure by the even lamp, as browsers draw it: worked out once for each corner, and between the
 * corners of a triangle as they share it.
 */
final class PaintedSkin
{
    /** Linear light of what is in no area. */
    private const BARE = 0.25;

    /** @var array<int, array{float, float, float, float, float, float, float, float}> by vertex and label */
    private array $corners = [];

    /** @var list<float> */
    private readonly array $normals;

    private readonly Noise $noise;

    /**
     * @param array<int, PaintedLook> $looks of the areas by the number that labels give them
     * @param array{float, float, float} $towards unit vector to whoever looks
     * @param bool $isPicture lies flat, and has its own light
     */
    public function __construct(
        private readonly Mesh $mesh,
        private readonly Labels $labels,
        private readonly Skin $skin,
        private readonly array $looks,
        private readonly Projection $picture,
        private readonly array $towards,
        private readonly bool $isPicture,
    ) {
        $this->normals = $mesh->normals();
        $this->noise = new Noise;
    }

    public function triangle(int $triangle): PaintedTriangle
    {
        [$a, $b, $c] = [$this->mesh->triangles[3 * $triangle], $this->mesh->triangles[3 * $triangle + 1], $this->mesh->triangles[3 * $triangle + 2]];
        $label = ord($this->labels->triangles[$triangle]);
        $look = $this->looks[$label] ?? null;
        [$x, $y] = [$this->picture->across($a), $this->picture->down($a)];
        [$bx, $by] = [$this->picture->across($b) - $x, $this->picture->down($b) - $y];
        [$cx, $cy] = [$this->picture->across($c) - $x, $this->picture->down($c) - $y];
        $area = $bx * $cy - $by * $cx;

        return new PaintedTriangle(
            [$x, $y, $cy / $area, -$cx / $area, -$by / $area, $bx / $area],
            [$this->corner($a, $label, $look), $this->corner($b, $label, $look), $this->corner($c, $label, $look)],
            $look === null || $look->isPlain() ? null : $this->pieces($look, $a, $b, $c),
        );
    }

    private function pieces(PaintedLook $look, int $a, int $b, int $c): Pieces
    {
        [$marks, $zones] = [$this->skin->marks, $this->skin->zones];

        return new Pieces(
            $look,
            [$this->place($a), $this->place($b), $this->place($c)],
            [$marks[$a], $marks[$b], $marks[$c]],
            [$look->shareAt($zones[$a]), $look->shareAt($zones[$b]), $look->shareAt($zones[$c])],
            $this->noise,
        );
    }

    /** @return array{float, float, float} mm */
    private function place(int $vertex): array
    {
        return [$this->mesh->positions[3 * $vertex], $this->mesh->positions[3 * $vertex + 1], $this->mesh->positions[3 * $vertex + 2]];
    }

    /**
     * @return array{float, float, float, float, float, float, float, float} linear light of the ground, the same of the flecks, then how much
     *     light falls on it and how much is mirrored
     */
    private function corner(int $vertex, int $label, ?PaintedLook $look): array
    {
        return $this->corners[$vertex << 8 | $label] ??= $this->lit(
            $look,
            $this->skin->zones[$vertex],
            $this->skin->openness[$vertex],
            $this->skin->above[$vertex],
            $this->skin->below[$vertex],
            [$this->normals[3 * $vertex], $this->normals[3 * $vertex + 1], $this->normals[3 * $vertex + 2]],
        );
    }

    /**
     * @param array{float, float, float} $normal
     *
     * @return array{float, float, float, float, float, float, float, float}
     */
    private function lit(?PaintedLook $look, float $zone, float $open, float $above, float $below, array $normal): array
    {
        $eye = $this->towards;
        $facing = $normal[0] * $eye[0] + $normal[1] * $eye[1] + $normal[2] * $eye[2];
        if ($facing < 0.0) {
            // The inside of a skin that is open in places.
            $normal = [-$normal[0], -$normal[1], -$normal[2]];
            $facing = -$facing;
        }
        if ($look === null) {
            $grey = $this->isPicture ? 0.85 * ((100.0 * $open + 16.0) / 116.0) ** 3 : self::BARE * (0.3 + 0.7 * $facing) * (0.6 + 0.4 * $open);

            return [$grey, $grey, $grey, $grey, $grey, $grey, 1.0, 0.0];
        }
        $open = $this->isPicture ? 1.0 : $open;
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
}
