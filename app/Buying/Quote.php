<?php

declare(strict_types=1);

namespace App\Buying;

use App\Shop\ShopOffer;

/** What a pot or set costs: the price typed by hand when there is one, else the shop's. */
final readonly class Quote
{
    public int $price;

    public function __construct(
        public ShopOffer $shop,
        public ?int $handPrice,
    ) {
        $this->price = $handPrice ?? $shop->price;
    }

    /** A price by hand was seen somewhere, so there it is to be had. */
    public function isInStock(): bool
    {
        return $this->handPrice !== null || $this->shop->stock > 0;
    }
}
