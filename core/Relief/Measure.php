<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Facing;

/** What a sculpt says of one of its areas: what was guessed of it before is measured. */
final readonly class Measure
{
    /** Less open than this is inside the model or under its base: no brush and no eye gets there. */
    private const INSIDE = 0.04;

    /** What lies no higher is what the model stands on. */
    private const STANDS_MM = 0.05;

    /** Shorter ones are where corners meet. */
    private const SEEN_SEAM_MM = 0.6;

    /** Less open than this is behind something. */
    private const HIDDEN = 0.3;

    /**
     * @param string|null $area id; null for what belongs to none
     * @param float $share of all skin that is seen, 0…1
     * @param list<float> $zones shares of recess … edge, adding up to 1
     * @param float $height how high its middle sits, 0 (the foot) to 1 (the top of the model)
     * @param float $hidden share of it that is behind something
     * @param array<string, float> $bordersMm length of the seam with each area it touches, by id
     */
    private function __construct(
        public ?string $area,
        public float $mm2,
        public float $share,
        public array $zones,
        public float $lowestMm,
        public float $highestMm,
        public float $height,
        public Facing $facing,
        public float $hidden,
        public array $bordersMm,
    ) {}

    /** The word for how large it is: the one whose share is nearest, times over. */
    public function size(): AreaSize
    {
        $sizes = AreaSize::cases();
        usort(
            $sizes,
            fn(AreaSize $one, AreaSize $other): int => abs(log($one->share() / max(1e-6, $this->share)))
                <=> abs(log($other->share() / max(1e-6, $this->share))),
        );

        return $sizes[0];
    }

    /** @return list<string> ids of the areas it touches along a seam one can see */
    public function touches(): array
    {
        return array_keys(array_filter($this->bordersMm, static fn(float $mm): bool => $mm >= self::SEEN_SEAM_MM));
    }

    /**
     * @param list<float> $zones by vertex, 0…4
     * @param list<float> $openness by vertex
     *
     * @return list<self> in the order of the labels; what belongs to no area comes last, if there is any
     */
    public static function of(Mesh $mesh, Labels $labels, array $zones, array $openness): array
    {
        $none = count($labels->areas);
        $tallies = array_map(static fn(): Tally => new Tally, range(0, $none));
        [[, $foot], [, $top]] = $mesh->bounds();
        $ground = $foot + self::STANDS_MM;
        $normals = $mesh->normals();
        foreach ($mesh->triangleAreas() as $triangle => $mm2) {
            $corners = array_slice($mesh->triangles, 3 * $triangle, 3);
            $heights = array_map(static fn(int $vertex): float => $mesh->positions[3 * $vertex + 1], $corners);
            if ($heights === [] || max($heights) < $ground) {
                continue;
            }
            $tally = $tallies[min($none, ord($labels->triangles[$triangle]))];
            foreach ($corners as $at => $vertex) {
                if ($openness[$vertex] >= self::INSIDE) {
                    $normal = [$normals[3 * $vertex], $normals[3 * $vertex + 1], $normals[3 * $vertex + 2]];
                    $tally->add($mm2 / 3, $zones[$vertex], $heights[$at], $openness[$vertex] < self::HIDDEN, $normal);
                }
            }
        }
        $all = array_sum(array_column($tallies, 'mm2'));
        $borders = self::borders($mesh, $labels, $openness);
        $measures = [];
        foreach ($tallies as $label => $tally) {
            if ($label === $none && $tally->mm2 <= 0.0) {
                continue;
            }
            $measures[] = new self(
                $labels->areas[$label] ?? null,
                $tally->mm2,
                $all > 0.0 ? $tally->mm2 / $all : 0.0,
                $tally->zones(),
                $tally->lowest ?? 0.0,
                $tally->highest ?? 0.0,
                max(0.0, min(1.0, ($tally->heightMm() - $foot) / max(1e-6, $top - $foot))),
                $tally->facing(),
                $tally->hidden(),
                $borders[$label] ?? [],
            );
        }

        return $measures;
    }

    /**
     * @param list<float> $openness
     *
     * @return array<int, array<string, float>> mm by number of the area and id of the other
     */
    private static function borders(Mesh $mesh, Labels $labels, array $openness): array
    {
        $borders = [];
        $edges = Edges::of($mesh);
        foreach ($edges->pairs as $edge => [$one, $other]) {
            [$here, $there] = [ord($labels->triangles[$one]), ord($labels->triangles[$other])];
            [$from, $to] = $edges->ends[$edge];
            if (
                $here === $there
                || ! isset($labels->areas[$here], $labels->areas[$there])
                || min($openness[$from], $openness[$to]) < self::INSIDE
            ) {
                continue;
            }
            $length = self::distance($mesh, $from, $to);
            foreach ([[$here, $labels->areas[$there]], [$there, $labels->areas[$here]]] as [$area, $neighbour]) {
                $borders[$area][$neighbour] = ($borders[$area][$neighbour] ?? 0.0) + $length;
            }
        }

        return $borders;
    }

    private static function distance(Mesh $mesh, int $one, int $other): float
    {
        $square = 0.0;
        for ($axis = 0; $axis < 3; $axis++) {
            $square += ($mesh->positions[3 * $one + $axis] - $mesh->positions[3 * $other + $axis]) ** 2;
        }

        return sqrt($square);
    }
}
