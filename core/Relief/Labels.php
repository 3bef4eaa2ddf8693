<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** Which area each triangle of a sculpt belongs to. */
final readonly class Labels
{
    public const NONE = 255;

    public const MOST_AREAS = 254;

    /**
     * @param list<string> $areas ids
     * @param string $triangles a byte each: the number of its area, or NONE
     */
    private function __construct(
        public array $areas,
        public string $triangles,
    ) {}

    /**
     * @param list<string> $areas ids
     * @param string $triangles a byte each: the number of its area, or NONE
     *
     * @throws IllegalSculpt when they are told for another sculpt, or name areas that are not in the list
     */
    public static function of(array $areas, string $triangles, Mesh $mesh): self
    {
        if (strlen($triangles) !== $mesh->triangleCount()) {
            throw IllegalSculpt::otherCount('areas', strlen($triangles), $mesh->triangleCount());
        }
        foreach (count_chars($triangles, 1) as $byte => $times) {
            if ($byte !== self::NONE && $byte >= count($areas)) {
                throw IllegalSculpt::holds('triangles of an area that is not named');
            }
        }

        return new self($areas, $triangles);
    }

    /** @return list<int> corners of the triangles of the area that has this number, each once */
    public function vertices(int $number, Mesh $mesh): array
    {
        $vertices = [];
        for ($at = 0; ($triangle = strpos($this->triangles, chr($number), $at)) !== false; $at = $triangle + 1) {
            for ($corner = 3 * $triangle; $corner < 3 * $triangle + 3; $corner++) {
                $vertices[$mesh->triangles[$corner]] = true;
            }
        }

        return array_keys($vertices);
    }

    /** Each patch as an area of its own, the largest first; of very many the smallest belong to none. */
    public static function ofPatches(Mesh $mesh): self
    {
        $patches = Patches::of($mesh);
        $many = min(self::MOST_AREAS, $patches === [] ? 1 : max($patches) + 1);

        return new self(
            array_map(static fn(int $number): string => "patch $number", range(1, $many)),
            implode('', array_map(static fn(int $patch): string => chr($patch < $many ? $patch : self::NONE), $patches)),
        );
    }

    public static function none(Mesh $mesh): self
    {
        return new self([], str_repeat(chr(self::NONE), $mesh->triangleCount()));
    }
}
