<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** What of a figure comes into a picture: all of it, or from nearer the part that has one area in its middle. */
final readonly class Frame
{
    /** From so much nearer than the whole of it. */
    private const NEARER = 1.7;

    /**
     * @param int $width of what is shown
     * @param int $height of what is shown
     * @param int $wide of a picture of the whole figure, of which it is a part
     * @param int $high of a picture of the whole figure, of which it is a part
     * @param int $x where the part begins, from the left
     * @param int $y where the part begins, from above
     */
    private function __construct(
        public int $width,
        public int $height,
        public int $wide,
        public int $high,
        public int $x = 0,
        public int $y = 0,
    ) {}

    public static function whole(int $width, int $height): self
    {
        return new self($width, $height, $width, $height);
    }

    /**
     * @param Camera $camera from where the area is seen
     * @param int $number that labels give the area
     */
    public static function near(Mesh $mesh, Labels $labels, int $number, Camera $camera, int $width, int $height): self
    {
        $corners = $labels->vertices($number, $mesh);
        if ($corners === []) {
            return self::whole($width, $height);
        }
        [$wide, $high] = [(int) (self::NEARER * $width), (int) (self::NEARER * $height)];
        $lies = Projection::of($mesh, $camera->towards(), $wide, $high, 0.0);

        return new self(
            $width,
            $height,
            $wide,
            $high,
            self::from(array_map($lies->across(...), $corners), $wide, $width),
            self::from(array_map($lies->down(...), $corners), $high, $height),
        );
    }

    /** The same in so many times as many points each way. */
    public function finer(int $times): self
    {
        /** @var array<string, int> $points */
        $points = get_object_vars($this);

        return new self(...array_map(static fn(int $one): int => $times * $one, $points));
    }

    /**
     * Where the part begins that has the middle of the corners in its middle, as far as there is room.
     *
     * @param non-empty-list<float> $places of the corners
     */
    private static function from(array $places, int $whole, int $part): int
    {
        $middle = array_sum($places) / count($places);

        return (int) max(0, min($whole - $part, $middle - $part / 2));
    }
}
