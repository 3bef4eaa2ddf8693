<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Difference;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Paint\Paint;

/** The one paint to buy for a colour that the shelf cannot make. */
final readonly class BestBuy
{
    private function __construct(
        public Paint $paint,
        /** From the target to the paint as it comes from the pot. */
        public Difference $difference,
    ) {}

    /**
     * @param list<Paint> $forSale not owned
     * @param float $nearerThan ΔE₀₀ that the shelf reaches by itself
     *
     * @return self|null null when nothing for sale comes nearer than that
     */
    public static function for(MixTarget $target, array $forSale, float $nearerThan): ?self
    {
        $best = null;
        foreach ($forSale as $paint) {
            if (! $paint->isClear() && in_array($paint->kind, $target->film->usualKinds(), true)) {
                $difference = Difference::from($target->colour, $paint->colour());
                if ($difference->number < ($best->difference->number ?? $nearerThan)) {
                    $best = new self($paint, $difference);
                }
            }
        }

        return $best;
    }
}
