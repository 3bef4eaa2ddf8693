<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NamedPotsRequest;
use App\Lists\PotsByName;
use App\Shelf\PutUp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Matching\NamedPot;
use Kalokroma\Paint\Paint;

/** A shelf written down as names. */
final class NamedPotController
{
    public function look(Request $request): JsonResponse
    {
        $request->validate(['text' => ['required', 'string', 'max:30000']], ['text.required' => 'Write one pot a line, by its name.']);
        ['pots' => $pots, 'owned' => $owned] = PotsByName::look($request->string('text')->value());
        $told = static fn(Paint $paint): array => [
            'id' => $paint->id,
            'name' => $paint->name,
            'maker' => $paint->maker,
            'kind' => $paint->kind->value,
            'swatch' => $paint->swatch?->toSrgb()->hex(),
            'owned' => in_array($paint->id, $owned, true),
        ];

        return new JsonResponse(array_map(static fn(NamedPot $one): array => [
            'line' => $one->line,
            'written' => $one->written,
            'pots' => $one->pots,
            'known' => $one->known === null ? null : $told($one->known),
            'orElse' => array_map($told, $one->orElse),
            'name' => $one->name,
            'kind' => $one->kind->value,
            'swatch' => $one->swatch,
            'knowsColour' => $one->knowsColour,
        ], $pots));
    }

    public function put(NamedPotsRequest $request): JsonResponse
    {
        return new JsonResponse(PotsByName::put($request->pots()));
    }

    public function takeBack(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'paints' => ['present', 'array', 'list', 'max:300'], 'paints.*' => ['string', 'max:40'],
            'pots' => ['present', 'array', 'list', 'max:300'], 'pots.*' => ['string', 'max:40'],
        ]);
        PutUp::takeBack($wish['paints'], $wish['pots']);

        return new JsonResponse(null, 204);
    }
}
