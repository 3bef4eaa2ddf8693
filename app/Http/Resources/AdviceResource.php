<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Buying\Advice;
use App\Buying\Market;
use App\Models\PaintSet;
use App\Models\Product;
use Illuminate\Support\Facades\Date;
use Kalokroma\Matching\Covered;
use Kalokroma\Matching\ForSale;
use Kalokroma\Matching\Purchase;
use Kalokroma\Paint\Paint;

/** What to buy, in three ways. */
final class AdviceResource
{
    /** @return array<string, mixed> */
    public static function of(Advice $advice, Market $market): array
    {
        $told = static fn(Purchase $purchase): array => self::purchase($purchase, $market, $advice->uses);

        return [
            'day' => Date::today()->toDateString(),
            'needs' => array_map(PaintBrief::of(...), $advice->needs),
            'unknown' => $advice->unknown,
            'unmeetable' => array_map(PaintBrief::of(...), $advice->buying->unmeetable),
            'onShelf' => array_map(
                static fn(array $one): array => [
                    'wanted' => PaintBrief::of($one[0]),
                    'by' => PaintBrief::of($one[1]),
                    'difference' => round($one[2], 2),
                ],
                $advice->buying->onShelf,
            ),
            'purchases' => [
                'cheapest' => $told($advice->buying->cheapest()),
                'fewestBoxes' => $told($advice->buying->fewestBoxes()),
                'bestValue' => $told($advice->buying->bestValue()),
            ],
        ];
    }

    /**
     * @param array<string, list<string>> $uses by paint
     *
     * @return array<string, mixed>
     */
    private static function purchase(Purchase $purchase, Market $market, array $uses): array
    {
        return [
            'total' => $purchase->total,
            'isProven' => $purchase->isProven,
            'items' => array_map(static fn(ForSale $item): array => self::item($item, $purchase, $market, $uses), $purchase->items),
            'open' => array_map(PaintBrief::of(...), $purchase->open),
            'adds' => array_map(PaintBrief::of(...), $purchase->adds),
            'deliveryDays' => max([
                0,
                ...array_map(static fn(ForSale $item): int => $market->quote(self::model($item))->shop->deliveryDays, $purchase->items),
            ]),
        ];
    }

    /**
     * @param array<string, list<string>> $uses by paint
     *
     * @return array<string, mixed>
     */
    private static function item(ForSale $item, Purchase $purchase, Market $market, array $uses): array
    {
        $model = self::model($item);

        return [
            'item' => $item->id,
            'isSet' => $item->isSet,
            'name' => $item->name,
            'maker' => $model->maker,
            'code' => $model->code,
            'quote' => QuoteResource::of($market->quote($model)),
            'paints' => array_map(PaintBrief::of(...), $item->paints),
            'does' => array_values(array_map(static fn(Covered $covered): array => [
                'wanted' => PaintBrief::of($covered->wanted),
                'by' => PaintBrief::of($covered->by),
                'difference' => round($covered->difference, 2),
                'uses' => $uses[$covered->wanted->id] ?? [],
            ], array_filter($purchase->covers, static fn(Covered $covered): bool => $covered->from === $item))),
            'new' => count(array_filter($item->paints, static fn(Paint $paint): bool => in_array($paint, $purchase->adds, true))),
        ];
    }

    private static function model(ForSale $item): Product|PaintSet
    {
        $id = substr($item->id, 4);

        return $item->isSet ? PaintSet::query()->findOrFail($id) : Product::query()->findOrFail($id);
    }
}
