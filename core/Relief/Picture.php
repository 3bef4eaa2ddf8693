<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * A picture of a model as a grid of colours, small enough to work with: what a figure is where there is no sculpt. Each point of the grid
 * is a vertex of a flat skin, so that all that is done with a sculpt's triangles is done with a picture's.
 */
final readonly class Picture
{
    /** Points of the grid: as many vertices as a figure on a screen can show. */
    public const MOST_POINTS = 32_000;

    private const LEAST_SIDE = 24;

    /** a* and b* are kept as bytes around this. */
    private const NEUTRAL = 128;

    /**
     * @param list<int> $lightness L* times 2.55, row by row from the top left
     * @param list<int> $a a* + 128
     * @param list<int> $b b* + 128
     */
    private function __construct(
        public int $width,
        public int $height,
        public array $lightness,
        private array $a,
        private array $b,
    ) {}

    /**
     * @param list<array{float, float, float}> $colours L*, a*, b* row by row from the top left
     *
     * @throws IllegalSculpt when it is no picture of that width, or too small to see a model in
     */
    public static function of(int $width, array $colours): self
    {
        $byte = static fn(float $value): int => (int) max(0, min(255, round($value)));

        return self::sound(
            $width,
            array_map(static fn(array $colour): int => $byte($colour[0] * 2.55), $colours),
            array_map(static fn(array $colour): int => $byte($colour[1] + self::NEUTRAL), $colours),
            array_map(static fn(array $colour): int => $byte($colour[2] + self::NEUTRAL), $colours),
        );
    }

    /** @throws IllegalSculpt when it is damaged */
    public static function read(int $width, string $bytes): self
    {
        /** @var list<int> $values */
        $values = array_values(unpack('C*', $bytes) ?: []);
        $count = intdiv(count($values), 3);

        return self::sound($width, array_slice($values, 0, $count), array_slice($values, $count, $count), array_slice($values, 2 * $count, $count));
    }

    /** A byte each: all lightness, then all a*, then all b*. */
    public function bytes(): string
    {
        return pack('C*', ...$this->lightness, ...$this->a, ...$this->b);
    }

    public function count(): int
    {
        return $this->width * $this->height;
    }

    /** @return array{float, float, float} L*, a*, b* of a point */
    public function colour(int $point): array
    {
        return [$this->lightness[$point] / 2.55, (float) ($this->a[$point] - self::NEUTRAL), (float) ($this->b[$point] - self::NEUTRAL)];
    }

    /** A flat skin, as high as the model, its front towards the eye: two triangles between four points each. */
    public function mesh(float $heightMm): Mesh
    {
        $step = $heightMm / ($this->height - 1);
        $positions = $triangles = [];
        for ($y = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++) {
                array_push($positions, ($x - ($this->width - 1) / 2) * $step, ($this->height - 1 - $y) * $step, 0.0);
            }
        }
        for ($y = 0; $y + 1 < $this->height; $y++) {
            for ($x = 0; $x + 1 < $this->width; $x++) {
                $at = $y * $this->width + $x;
                array_push($triangles, $at, $at + $this->width, $at + 1, $at + 1, $at + $this->width, $at + $this->width + 1);
            }
        }

        return Mesh::of($positions, $triangles);
    }

    /** The point that a triangle of the skin begins at. */
    public function pointOf(int $triangle): int
    {
        $cell = intdiv($triangle, 2);
        $y = intdiv($cell, $this->width - 1);

        return $y * $this->width + $cell % ($this->width - 1);
    }

    /**
     * Lightness without what is smaller than a radius: the mean of a square around each point, three times over, which is all but a bell.
     *
     * @return list<float> 0…255 by point
     */
    public function blurred(int $radius): array
    {
        $values = array_map(floatval(...), $this->lightness);
        for ($times = 0; $times < 3; $times++) {
            $values = self::along($values, $this->height, $this->width, $this->width, 1, $radius);
            $values = self::along($values, $this->width, $this->height, 1, $this->width, $radius);
        }

        return $values;
    }

    /**
     * @param list<float> $values
     *
     * @return list<float> the mean along each line
     */
    private static function along(array $values, int $lines, int $length, int $nextLine, int $next, int $radius): array
    {
        /** @var array<int, float> $means in the order of the lines */
        $means = [];
        for ($line = 0; $line < $lines; $line++) {
            $start = $line * $nextLine;
            $sum = 0.0;
            $count = 0;
            for ($at = 0; $at < min($length, $radius); $at++) {
                $sum += $values[$start + $at * $next];
                $count++;
            }
            for ($at = 0; $at < $length; $at++) {
                if ($at + $radius < $length) {
                    $sum += $values[$start + ($at + $radius) * $next];
                    $count++;
                }
                if ($at - $radius - 1 >= 0) {
                    $sum -= $values[$start + ($at - $radius - 1) * $next];
                    $count--;
                }
                $means[$start + $at * $next] = $sum / max(1, $count);
            }
        }

        ksort($means);

        return array_values($means);
    }

    /**
     * @param list<int> $lightness
     * @param list<int> $a
     * @param list<int> $b
     */
    private static function sound(int $width, array $lightness, array $a, array $b): self
    {
        $count = count($lightness);
        $height = $width < 1 ? 0 : intdiv($count, $width);
        if (
            $width < self::LEAST_SIDE
            || $height < self::LEAST_SIDE
            || $width * $height !== $count
            || count($a) !== $count
            || count($b) !== $count
        ) {
            throw IllegalSculpt::noPicture(self::LEAST_SIDE);
        }

        return new self($width, $height, $lightness, $a, $b);
    }
}
