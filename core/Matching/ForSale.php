<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Paint;

/** A pot or a set with its price. */
final readonly class ForSale
{
    /**
     * @param string $id whatever tells it from all others for sale
     * @param int $price minor units
     * @param non-empty-list<Paint> $paints
     *
     * @throws IllegalList when the price is negative
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $price,
        public array $paints,
        public bool $isSet,
    ) {
        if ($price < 0) {
            throw IllegalList::price($name, $price);
        }
    }
}
