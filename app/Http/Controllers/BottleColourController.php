<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ColourResource;
use App\Support\Field;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\BottleColour;
use Kalokroma\Paint\Kind;

/** One coat over white of a transparent of which only the bottle was seen. */
final class BottleColourController
{
    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate(['kind' => ['required', Rule::enum(Kind::class)], 'colour' => ['required', 'string', 'max:60']]);
        $bottle = Field::read('colour', static fn(): Lab => Lab::parse($wish['colour']));

        return new JsonResponse(ColourResource::of(Field::read(
            'kind',
            static fn(): Lab => BottleColour::overWhite($bottle, Kind::from($wish['kind'])),
        )));
    }
}
