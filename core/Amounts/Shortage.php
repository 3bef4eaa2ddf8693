<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Craft\Brush;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;

/** A pot that will not last for the batch. */
final readonly class Shortage
{
    private function __construct(
        public Paint $paint,
        public float $neededMl,
        public float $leftMl,
        public int $shortDrops,
        public int $reachesModels,
        /** What is missing, as one speaks of it: "12 drops", "half a can". */
        public string $missing,
    ) {}

    /**
     * @param array<string, Pour> $poured what is poured in all, as `Amounts::poured` has it
     * @param int $models it is poured for
     *
     * @return list<self> in the order of first need
     */
    public static function all(array $poured, Shelf $shelf, int $models, float $dropMl): array
    {
        $short = [];
        foreach ($poured as $pour) {
            $left = $pour->paint === null ? null : ($shelf->has($pour->paint) ? $shelf->mlLeft($pour->paint) : 0.0);
            if ($pour->paint !== null && $left !== null && $left < $pour->ml) {
                $drops = (int) ceil(($pour->ml - $left) / $dropMl);
                $missing = $pour->sprayed?->brush === Brush::SprayCan
                    ? Sprayed::cans(($pour->ml - $left) / Sprayed::CAN_ML)
                    : sprintf('%d drop%s', $drops, $drops === 1 ? '' : 's');
                $short[] = new self($pour->paint, $pour->ml, $left, $drops, (int) floor($models * $left / $pour->ml), $missing);
            }
        }

        return $short;
    }

    public function isOwned(): bool
    {
        return $this->leftMl > 0.0;
    }
}
