<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Buying\Advice;
use App\Buying\Basket;
use App\Buying\Market;
use App\Http\Requests\AdviceRequest;
use App\Http\Resources\AdviceResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class PurchaseController
{
    public function advice(AdviceRequest $request, Market $market): JsonResponse
    {
        return new JsonResponse(AdviceResource::of(Advice::on($request->validated(), $market), $market));
    }

    /** With back: the purchase was a mistake, or is undone. */
    public function store(Request $request, Basket $basket): JsonResponse
    {
        $wish = $request->validate([
            'items' => ['required', 'array', 'list', 'min:1', 'max:200'],
            'items.*' => ['string', 'max:40'],
            'back' => ['nullable', 'boolean'],
            'wished' => ['nullable', 'array', 'list', 'max:1000'],
            'wished.*' => ['string', 'max:40'],
        ], ['items.required' => 'Choose what was bought.']);

        return new JsonResponse(
            ($wish['back'] ?? false) ? $basket->takeBack($wish['items'], $wish['wished'] ?? []) : $basket->bring($wish['items']),
        );
    }
}
