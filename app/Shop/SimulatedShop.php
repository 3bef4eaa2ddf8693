<?php

declare(strict_types=1);

namespace App\Shop;

use DateTimeInterface;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A shop that exists only here. Prices, stock and delivery change from day to day, and are the same whenever one asks about the same day.
 */
final class SimulatedShop implements Shop
{
    /** Hundredths of the list price between which a price drifts. */
    private const LEAST_SHARE = 88;

    private const MOST_SHARE = 110;

    /** One thing in so many is on offer, at this many hundredths. */
    private const ONE_IN_ON_OFFER = 12;

    private const OFFER_SHARE = 75;

    /** One thing in so many is out of stock. */
    private const ONE_IN_OUT_OF_STOCK = 14;

    private const PRICE_STEP = 5;

    public function offer(string $maker, string $code, int $listPrice, DateTimeInterface $day): ShopOffer
    {
        $random = new Randomizer(new Xoshiro256StarStar(hash('sha256', "$maker\n$code\n{$day->format('Y-m-d')}", true)));
        $share = $random->getInt(1, self::ONE_IN_ON_OFFER) === 1 ? self::OFFER_SHARE : $random->getInt(self::LEAST_SHARE, self::MOST_SHARE);
        $stock = $random->getInt(1, self::ONE_IN_OUT_OF_STOCK) === 1 ? 0 : $random->getInt(1, 12);

        return new ShopOffer(
            (int) (round($listPrice * $share / 100 / self::PRICE_STEP) * self::PRICE_STEP),
            $stock,
            $stock === 0 ? $random->getInt(6, 20) : $random->getInt(1, 4),
        );
    }
}
