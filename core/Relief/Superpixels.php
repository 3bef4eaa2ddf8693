<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * A picture falls into patches of one colour, about as large as each other, that one names by tapping.
 *
 * Each point joins the nearest of a grid of centres, by colour and place together, and centres move to the middle of what joined them
 * (R. Achanta and others, "SLIC superpixels compared to state-of-the-art superpixel methods", 2012).
 */
final class Superpixels
{
    private const WANTED = 420;

    private const ROUNDS = 6;

    /** What a step across one patch counts against a difference of colour, in L*a*b*. */
    private const COMPACT = 9.0;

    /** @var array<int, array{float, float, float, float, float}> L*, a*, b*, x, y */
    private array $centres = [];

    private readonly float $step;

    private function __construct(private readonly Picture $picture)
    {
        $this->step = max(2.0, sqrt($picture->count() / self::WANTED));
        for ($y = $this->step / 2; $y < $picture->height; $y += $this->step) {
            for ($x = $this->step / 2; $x < $picture->width; $x += $this->step) {
                $this->centres[] = [...$picture->colour((int) $y * $picture->width + (int) $x), $x, $y];
            }
        }
    }

    /** @return list<int> the patch of each triangle of the picture's skin, counted from 0 by size, largest first */
    public static function of(Picture $picture): array
    {
        $pixels = new self($picture);
        $points = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $points = $pixels->assigned();
            $pixels->move($points);
        }
        $patches = $pixels->whole($points);
        $sizes = array_count_values($patches);
        arsort($sizes);
        $numbers = array_flip(array_keys($sizes));
        $triangles = [];
        for ($triangle = 0; $triangle < 2 * ($picture->width - 1) * ($picture->height - 1); $triangle++) {
            $triangles[] = $numbers[$patches[$picture->pointOf($triangle)]];
        }

        return $triangles;
    }

    /** @return list<int> the nearest centre of each point */
    private function assigned(): array
    {
        ['width' => $width, 'height' => $height] = ['width' => $this->picture->width, 'height' => $this->picture->height];
        $nearest = array_fill(0, $this->picture->count(), 0);
        $distances = array_fill(0, $this->picture->count(), INF);
        $weight = (self::COMPACT / $this->step) ** 2;
        $colours = array_map($this->picture->colour(...), array_keys($nearest));
        foreach ($this->centres as $centre => [$light, $a, $b, $x, $y]) {
            for ($row = max(0, (int) ($y - $this->step)); $row <= min($height - 1, (int) ($y + $this->step)); $row++) {
                for ($column = max(0, (int) ($x - $this->step)); $column <= min($width - 1, (int) ($x + $this->step)); $column++) {
                    $point = $row * $width + $column;
                    $colour = $colours[$point];
                    $distance = ($colour[0] - $light) ** 2 + ($colour[1] - $a) ** 2 + ($colour[2] - $b) ** 2
                        + $weight * (($column - $x) ** 2 + ($row - $y) ** 2);
                    if ($distance < $distances[$point]) {
                        $distances[$point] = $distance;
                        $nearest[$point] = $centre;
                    }
                }
            }
        }

        return array_values($nearest);
    }

    /** @param list<int> $points */
    private function move(array $points): void
    {
        $members = [];
        foreach ($points as $point => $centre) {
            $members[$centre][] = $point;
        }
        foreach ($members as $centre => $own) {
            $light = $a = $b = $x = $y = 0.0;
            foreach ($own as $point) {
                $colour = $this->picture->colour($point);
                $light += $colour[0];
                $a += $colour[1];
                $b += $colour[2];
                $x += $point % $this->picture->width;
                $y += intdiv($point, $this->picture->width);
            }
            $count = count($own);
            $this->centres[$centre] = [$light / $count, $a / $count, $b / $count, $x / $count, $y / $count];
        }
    }

    /**
     * Each patch in one piece: islands go to what lies before them.
     *
     * @param list<int> $points
     *
     * @return list<int>
     */
    private function whole(array $points): array
    {
        $width = $this->picture->width;
        $least = (int) ($this->step ** 2 / 4);
        $pieces = array_fill(0, count($points), -1);
        $piece = 0;
        foreach ($points as $start => $centre) {
            if ($pieces[$start] >= 0) {
                continue;
            }
            $before = $start % $width > 0 ? $pieces[$start - 1] : ($start >= $width ? $pieces[$start - $width] : -1);
            $members = [$start];
            $pieces[$start] = $piece;
            for ($at = 0; $at < count($members); $at++) {
                $point = $members[$at];
                foreach ([
                    $point % $width > 0 ? $point - 1 : -1,
                    $point % $width < $width - 1 ? $point + 1 : -1,
                    $point - $width,
                    $point + $width,
                ] as $next) {
                    if ($next >= 0 && $next < count($points) && $pieces[$next] < 0 && $points[$next] === $centre) {
                        $pieces[$next] = $piece;
                        $members[] = $next;
                    }
                }
            }
            if (count($members) < $least && $before >= 0) {
                foreach ($members as $point) {
                    $pieces[$point] = $before;
                }
            } else {
                $piece++;
            }
        }

        return array_values($pieces);
    }
}
