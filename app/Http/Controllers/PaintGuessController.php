<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainTextRule;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\PaintGuess;

/** What a paint most likely is, for who adds one on the spot. */
final class PaintGuessController
{
    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'name' => ['required', 'string', new PlainTextRule(120)],
            'kind' => ['nullable', Rule::enum(Kind::class)],
        ]);
        $guess = PaintGuess::of($wish['name'], Kind::tryFrom($wish['kind'] ?? '') ?? Kind::Opaque);

        return new JsonResponse(['kind' => $guess->kind->value, 'swatch' => $guess->swatch, 'knowsColour' => $guess->knowsColour]);
    }
}
