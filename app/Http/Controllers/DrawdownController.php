<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ColourResource;
use App\Support\Field;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Drawdown;
use Kalokroma\Paint\Opacity;

final class DrawdownController
{
    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate(['overBlack' => ['required', 'string', 'max:60'], 'overWhite' => ['required', 'string', 'max:60']], [
            'required' => 'Read or enter the colour of this half of the card.',
        ]);
        $black = Field::read('overBlack', static fn(): Lab => Lab::parse($wish['overBlack']));
        $white = Field::read('overWhite', static fn(): Lab => Lab::parse($wish['overWhite']));
        $opacity = Field::read('overBlack', static fn(): Opacity => Drawdown::opacity($black, $white));

        return new JsonResponse([
            'opacity' => round($opacity->share, 3),
            'overBlack' => ColourResource::of($black),
            'overWhite' => ColourResource::of($white),
        ]);
    }
}
