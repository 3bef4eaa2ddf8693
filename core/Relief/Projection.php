<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * Where the vertices of a sculpt come to lie in a picture of it that is taken from far away: as large as fits, in the middle. Each is one
 * whole number, for all its corners are asked for again and again, in no order: across, down and near, in parts of a point.
 */
final readonly class Projection
{
    public const PLACE_BITS = 20;

    public const PLACE = (1 << self::PLACE_BITS) - 1;

    public const NEAR_BITS = 22;

    public const NEAR = (1 << self::NEAR_BITS) - 1;

    /** A point has 2¹¹ parts, fewer where the picture has so many points that a place has no room for more. */
    private const MOST_BITS = 11;

    /**
     * @param non-empty-list<int> $places by vertex
     * @param int $bits a point has 2 to the power of so many parts
     * @param float $deep parts of near for each point
     */
    private function __construct(
        public array $places,
        public int $bits,
        public float $deep,
    ) {}

    /**
     * @param array{float, float, float} $towards unit vector to whoever looks
     * @param int $width points
     * @param int $height points
     * @param float $margin points that are left free at every edge
     */
    public static function of(Mesh $mesh, array $towards, int $width, int $height, float $margin): self
    {
        $bits = min(self::MOST_BITS, self::PLACE_BITS - strlen(decbin(max($width, $height))));
        $point = 1 << $bits;
        [[$ax, $ay, $az], [$bx, $by, $bz]] = self::axes($towards);
        [$dx, $dy, $dz] = $towards;
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
        $scale = $point * min(($width - 2 * $margin) / max(1e-9, $right - $left), ($height - 2 * $margin) / max(1e-9, $bottom - $top));
        // In the middle, and so deep as the whole number has room for.
        $toRight = $point * $width / 2 - $scale * ($left + $right) / 2;
        $toFoot = $point * $height / 2 - $scale * ($top + $bottom) / 2;
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

        return new self($places, $bits, $point * $deep / $scale);
    }

    /** @return float points from the left edge */
    public function across(int $vertex): float
    {
        return ($this->places[$vertex] >> (self::NEAR_BITS + self::PLACE_BITS)) / (1 << $this->bits);
    }

    /** @return float points from the upper edge */
    public function down(int $vertex): float
    {
        return ($this->places[$vertex] >> self::NEAR_BITS & self::PLACE) / (1 << $this->bits);
    }

    /**
     * @param array{float, float, float} $towards unit vector to whoever looks
     *
     * @return array{array{float, float, float}, array{float, float, float}} unit vectors to the right and down
     */
    public static function axes(array $towards): array
    {
        [$dx, $dy, $dz] = $towards;
        // Across stands upright on the direction and, unless one looks straight down, on what is up.
        [$ax, $ay, $az] = abs($dy) < 0.999 ? [$dz, 0.0, -$dx] : [1.0, 0.0, 0.0];
        $length = sqrt($ax * $ax + $ay * $ay + $az * $az);
        [$ax, $ay, $az] = [$ax / $length, $ay / $length, $az / $length];

        return [[$ax, $ay, $az], [$dz * $ay - $dy * $az, $dx * $az - $dz * $ax, $dy * $ax - $dx * $ay]];
    }
}
