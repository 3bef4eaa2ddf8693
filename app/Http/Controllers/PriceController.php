<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Buying\Market;
use App\Http\Resources\QuoteResource;
use App\Models\PaintSet;
use App\Models\Product;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class PriceController
{
    public function __construct(private readonly Market $market) {}

    public function paint(Request $request, string $id): JsonResponse
    {
        return $this->answer($request, Product::query()->findOrFail($id));
    }

    public function set(Request $request, string $id): JsonResponse
    {
        return $this->answer($request, PaintSet::query()->findOrFail($id));
    }

    private function answer(Request $request, Product|PaintSet $item): JsonResponse
    {
        $request->validate(['price' => ['present', 'nullable', 'integer:strict', 'between:0,10000000']], [
            'price.between' => 'A price cannot be negative. Leave it empty to go by the shop.',
            'price.integer' => 'Write the price as a whole number of minor units.',
        ]);

        return new JsonResponse(QuoteResource::of($this->market->setHandPrice(
            $item,
            $request->input('price') === null ? null : $request->integer('price'),
        )));
    }
}
