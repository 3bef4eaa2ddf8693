<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/**
 * Finds good mixes of two where trying all would take too long: by the tangent, a pair is a line in space, and a good one passes close by
 * the target.
 */
final readonly class PairHunt
{
    /** Of those that pass near, the farther ones are dropped when there are so many times as many as are wanted: sorting all takes longest. */
    private const SORTED_FROM = 4;

    public function __construct(private MixTangent $tangent) {}

    /**
     * @param list<int> $among places on the shelf
     * @param int $most so many are told of
     *
     * @return list<array{int, int}> places, those that pass nearest first
     */
    public function pairs(array $among, int $most): array
    {
        [$pull1, $pull2, $pull3] = [$this->tangent->pull1, $this->tangent->pull2, $this->tangent->pull3];
        [$goal1, $goal2, $goal3] = $this->tangent->goal;
        $offs = [];
        $limit = INF;
        foreach ($among as $at => $one) {
            [$d1, $d2, $d3] = [$goal1 - $pull1[$one], $goal2 - $pull2[$one], $goal3 - $pull3[$one]];
            for ($before = 0; $before < $at; $before++) {
                $other = $among[$before];
                [$e1, $e2, $e3] = [$pull1[$other] - $pull1[$one], $pull2[$other] - $pull2[$one], $pull3[$other] - $pull3[$one]];
                $along = ($e1 * $d1 + $e2 * $d2 + $e3 * $d3) / ($e1 * $e1 + $e2 * $e2 + $e3 * $e3 + 1e-9);
                $along = $along < 0.0 ? 0.0 : ($along > 1.0 ? 1.0 : $along);
                [$off1, $off2, $off3] = [$along * $e1 - $d1, $along * $e2 - $d2, $along * $e3 - $d3];
                $off = $off1 * $off1 + $off2 * $off2 + $off3 * $off3;
                if ($off < $limit) {
                    $offs[$at * $at + $before] = $off;
                }
            }
            if (count($offs) >= self::SORTED_FROM * $most) {
                asort($offs);
                $offs = array_slice($offs, 0, $most, true);
                $limit = max([0.0, ...$offs]);
            }
        }
        asort($offs);

        return array_map(static function (int $key) use ($among): array {
            $at = (int) sqrt($key);

            return [$among[$at], $among[$key - $at * $at]];
        }, array_slice(array_keys($offs), 0, $most));
    }
}
