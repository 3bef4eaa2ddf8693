<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\PaintBrief;
use App\Models\Product;
use App\Support\Field;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\MeasuredMix;
use Kalokroma\Mixing\Mix;

/** What a mix that was made and measured tells of the strength of one of its paints. */
final class MeasuredMixController
{
    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate([
            'parts' => ['required', 'array', 'list', 'size:2'],
            'parts.*.paint' => ['required', 'string', 'max:40'],
            'parts.*.parts' => ['required', 'integer:strict', 'between:1,'.Mix::MOST_PARTS],
            'colour' => ['required', 'string', 'max:60'],
            // Under an id of its own it is kept as a reading, once however often it is sent.
            'id' => ['nullable', 'string', 'ulid'],
        ], ['parts.size' => 'A measured mix has two paints.', 'colour.required' => 'Read or enter the colour of the dry mix.']);
        $seen = Field::read('colour', static fn(): Lab => Lab::parse($wish['colour']));
        $measured = Field::read('parts', static fn(): MeasuredMix => MeasuredMix::of(Mix::of(array_values(array_map(
            static fn(array $part): Ingredient => Ingredient::of(
                Product::query()->findOrFail((string) $part['paint'])->toCore(),
                (int) $part['parts'],
            ),
            $wish['parts'],
        ))), $seen));

        if (isset($wish['id'])) {
            DB::transaction(static fn() => DB::table('mix_readings')->insertOrIgnore([
                'id' => $wish['id'], 'product_id' => $measured->paint->id, 'opacity' => $measured->opacity->share,
                'created_at' => Date::now(), 'updated_at' => Date::now(),
            ]));
        }

        return new JsonResponse([
            'paint' => PaintBrief::of($measured->paint),
            'opacityBefore' => round($measured->paint->opacity()->share, 3),
            'opacity' => round($measured->opacity->share, 3),
            'before' => round($measured->before, 2),
            'after' => round($measured->after, 2),
        ]);
    }
}
