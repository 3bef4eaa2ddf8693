<?php

declare(strict_types=1);

namespace App\Shop;

use DateTimeInterface;

/** Somebody who sells paint. */
interface Shop
{
    /**
     * @param string $maker
     * @param string $code of a pot or a set
     * @param int $listPrice minor units, as the maker recommends
     */
    public function offer(string $maker, string $code, int $listPrice, DateTimeInterface $day): ShopOffer;
}
