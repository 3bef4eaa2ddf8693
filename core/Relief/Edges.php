<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** Where triangles of a sculpt meet: over an edge whose ends lie at the same places, also where parts that touch were kept apart. */
final readonly class Edges
{
    /**
     * @param list<array{int, int}> $pairs numbers of two triangles that meet
     * @param list<array{int, int}> $ends the vertices at the ends of the edge they meet over
     */
    private function __construct(
        public array $pairs,
        public array $ends,
    ) {}

    public static function of(Mesh $mesh): self
    {
        $places = self::places($mesh);
        $count = $mesh->vertexCount();
        $open = $pairs = $ends = [];
        foreach (array_chunk($mesh->triangles, 3) as $triangle => $corners) {
            foreach ([[0, 1], [1, 2], [2, 0]] as [$from, $to]) {
                [$one, $other] = [$places[$corners[$from]], $places[$corners[$to]]];
                $edge = min($one, $other) * $count + max($one, $other);
                if (isset($open[$edge])) {
                    $pairs[] = [$open[$edge], $triangle];
                    $ends[] = [$corners[$from], $corners[$to]];
                    unset($open[$edge]);
                } else {
                    $open[$edge] = $triangle;
                }
            }
        }

        return new self($pairs, $ends);
    }

    /** @return list<int> the first vertex that lies where each does */
    private static function places(Mesh $mesh): array
    {
        $first = $places = [];
        foreach (array_chunk($mesh->positions, 3) as $vertex => [$x, $y, $z]) {
            $places[] = $first[sprintf('%.3f %.3f %.3f', $x, $y, $z)] ??= $vertex;
        }

        return $places;
    }
}
