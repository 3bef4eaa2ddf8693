<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Buying\Quote;

final class QuoteResource
{
    /** @return array<string, mixed> */
    public static function of(Quote $quote): array
    {
        return [
            'price' => $quote->price,
            'shopPrice' => $quote->shop->price,
            'handPrice' => $quote->handPrice,
            'stock' => $quote->shop->stock,
            'deliveryDays' => $quote->shop->deliveryDays,
        ];
    }
}
