<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** Where the vertices of a sculpt come to lie in a picture of it that is taken from far away: as large as fits, in the middle. */
final readonly class Projection
{
    /**
     * @param non-empty-list<float> $x points from the left edge, by vertex
     * @param non-empty-list<float> $y points from the upper edge
     * @param non-empty-list<float> $near how near each is, in points too
     */
    private function __construct(
        public array $x,
        public array $y,
        public array $near,
    ) {}

    /**
     * @param array{float, float, float} $towards unit vector to whoever looks
     * @param float $margin points that are left free at every edge
     */
    public static function of(Mesh $mesh, array $towards, int $width, int $height, float $margin): self
    {
        [[$ax, $ay, $az], [$bx, $by, $bz]] = self::axes($towards);
        [$dx, $dy, $dz] = $towards;
        $across = self::along($mesh, $ax, $ay, $az);
        $down = self::along($mesh, $bx, $by, $bz);
        [$left, $top] = [min($across), min($down)];
        [$wide, $high] = [max(1e-9, max($across) - $left), max(1e-9, max($down) - $top)];
        $scale = min(($width - 2 * $margin) / $wide, ($height - 2 * $margin) / $high);

        return new self(
            self::scaled($across, $scale, ($width - $wide * $scale) / 2 - $left * $scale),
            self::scaled($down, $scale, ($height - $high * $scale) / 2 - $top * $scale),
            self::scaled(self::along($mesh, $dx, $dy, $dz), $scale, 0.0),
        );
    }

    /** The same, told from another corner. */
    public function from(int $x, int $y): self
    {
        return new self(self::scaled($this->x, 1.0, -$x), self::scaled($this->y, 1.0, -$y), $this->near);
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

    /** @return non-empty-list<float> */
    private static function along(Mesh $mesh, float $x, float $y, float $z): array
    {
        $positions = $mesh->positions;
        $along = [];
        for ($at = 0, $end = count($positions); $at < $end; $at += 3) {
            $along[] = $x * $positions[$at] + $y * $positions[$at + 1] + $z * $positions[$at + 2];
        }

        return $along;
    }

    /**
     * @param non-empty-list<float> $values
     *
     * @return non-empty-list<float>
     */
    private static function scaled(array $values, float $by, float $moved): array
    {
        return array_map(static fn(float $value): float => $value * $by + $moved, $values);
    }
}
