<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Paint;

/** What to buy, and what each wanted paint gets from it. */
final readonly class Purchase
{
    /**
     * @param list<ForSale> $items sets first, then pots
     * @param list<Covered> $covers
     * @param list<Paint> $open wanted paints that this purchase leaves unmet, though they are for sale
     * @param list<Paint> $adds what of it is really new on the shelf
     * @param bool $isProven that nothing is better of its sort
     */
    public function __construct(
        public array $items,
        public int $total,
        public array $covers,
        public array $open,
        public array $adds,
        public bool $isProven,
    ) {}
}
