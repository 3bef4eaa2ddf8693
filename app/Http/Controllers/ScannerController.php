<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\BarcodeScanner;
use App\Devices\SimulatedBarcodeScanner;
use App\Http\Requests\PlainTextRule;
use App\Http\Resources\PaintResource;
use App\Models\Product;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ScannerController
{
    /** Holds a pot before the simulated scanner. */
    public function hold(Request $request, SimulatedBarcodeScanner $simulated): JsonResponse
    {
        $request->validate(['barcode' => ['nullable', 'string', new PlainTextRule(32)]]);
        $simulated->hold(trim($request->string('barcode')->value()));

        return new JsonResponse(null, 204);
    }

    public function scan(Request $request, BarcodeScanner $scanner): JsonResponse
    {
        $barcode = $scanner->scan();
        $product = Product::query()->with('pot')->where('barcode', $barcode)->orderBy('id')->first();

        return new JsonResponse(['barcode' => $barcode, 'paint' => $product === null ? null : (new PaintResource($product))->resolve($request)]);
    }
}
