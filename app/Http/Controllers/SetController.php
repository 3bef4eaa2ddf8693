<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Buying\Market;
use App\Http\Resources\PaintResource;
use App\Http\Resources\QuoteResource;
use App\Models\PaintSet;
use App\Models\Product;
use App\Shelf\OwnedPaints;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Matching\Novelty;
use Kalokroma\Paint\Paint;

final class SetController
{
    public function __invoke(Request $request, Market $market): JsonResponse
    {
        $owned = OwnedPaints::now()->paints();
        $sets = PaintSet::query()->with('products.pot')->orderBy('maker')->orderBy('name')->get();

        return new JsonResponse($sets->map(static fn(PaintSet $set): array => [
            'id' => $set->id,
            'maker' => $set->maker,
            'code' => $set->code,
            'name' => $set->name,
            'price' => $set->price,
            'quote' => QuoteResource::of($market->quote($set)),
            'paints' => PaintResource::collection($set->products)->resolve($request),
            'new' => array_column(
                Novelty::among(array_values($set->products->map(static fn(Product $product): Paint => $product->toCore())->all()), $owned),
                'id',
            ),
        ])->all());
    }
}
