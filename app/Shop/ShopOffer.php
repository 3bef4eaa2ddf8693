<?php

declare(strict_types=1);

namespace App\Shop;

/** What a shop asks for a thing today. */
final readonly class ShopOffer
{
    public function __construct(
        public int $price,
        public int $stock,
        public int $deliveryDays,
    ) {}
}
