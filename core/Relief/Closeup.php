<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** One area of a sculpt looked at from near: from where most of it is seen, and which part of a larger picture shows it. */
final readonly class Closeup
{
    /** From so much nearer than the whole of it. */
    private const NEARER = 1.7;

    /**
     * @param int $width of the whole picture, of which `cut` is shown
     * @param array{x: int, y: int, width: int, height: int} $cut
     */
    private function __construct(
        public Camera $camera,
        public int $width,
        public int $height,
        public array $cut,
    ) {}

    /** @return self|null null where the area is not named on it */
    public static function of(Mesh $mesh, Labels $labels, string $area, int $width, int $height): ?self
    {
        $corners = $labels->verticesOf($area, $mesh);
        if ($corners === []) {
            return null;
        }
        $camera = Camera::facing($mesh, $labels, $area);
        [$wide, $high] = [(int) (self::NEARER * $width), (int) (self::NEARER * $height)];
        $lies = Projection::of($mesh, $camera->towards(), $wide, $high, 0.0);

        return new self($camera, $wide, $high, [
            'x' => self::from($lies->x, $corners, $wide, $width),
            'y' => self::from($lies->y, $corners, $high, $height),
            'width' => $width,
            'height' => $height,
        ]);
    }

    /**
     * Where the part begins that has the middle of the corners in its middle, as far as there is room.
     *
     * @param list<float> $places by vertex
     * @param non-empty-list<int> $corners
     */
    private static function from(array $places, array $corners, int $whole, int $part): int
    {
        $middle = array_sum(array_map(static fn(int $one): float => $places[$one], $corners)) / count($corners);

        return (int) max(0, min($whole - $part, $middle - $part / 2));
    }
}
