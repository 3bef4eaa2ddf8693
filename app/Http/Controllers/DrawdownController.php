<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ColourResource;
use App\Support\Field;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Drawdown;

final class DrawdownController
{
    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'overBlack' => ['required', 'string', 'max:60'], 'overWhite' => ['required', 'string', 'max:60'],
            'black' => ['nullable', 'string', 'max:60'], 'white' => ['nullable', 'string', 'max:60'],
        ], ['required' => 'Read or enter the colour of this half of the card.']);
        $colours = [];
        foreach (['overBlack', 'overWhite', 'black', 'white'] as $field) {
            $text = $wish[$field] ?? null;
            $colours[$field] = is_string($text) && $text !== '' ? Field::read($field, static fn(): Lab => Lab::parse($text)) : null;
        }
        [$overBlack, $overWhite] = [$colours['overBlack'] ?? Lab::of(0, 0, 0), $colours['overWhite'] ?? Lab::of(0, 0, 0)];
        $drawdown = Field::read('overBlack', static fn(): Drawdown => Drawdown::of($overBlack, $overWhite, $colours['black'], $colours['white']));

        return new JsonResponse([
            'opacity' => round($drawdown->opacity()->share, 3),
            'overBlack' => ColourResource::of($overBlack),
            'overWhite' => ColourResource::of($overWhite),
            'masstone' => ColourResource::of($drawdown->optics()->masstone()->toLab()),
            'film' => array_map(
                ColourResource::numbers(...),
                [
                    'overBlack' => $drawdown->overBlack,
                    'overWhite' => $drawdown->overWhite,
                    'black' => $drawdown->black,
                    'white' => $drawdown->white,
                ],
            ),
        ]);
    }
}
