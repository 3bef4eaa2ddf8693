<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\GuideResource;
use App\Lists\CataloguedNames;
use App\Shelf\OwnedPaints;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Writing\Guide\GuideReader;
use Kalokroma\Writing\Guide\GuideStandIns;

/** A guide as somebody wrote it, read into a plan. Nothing is kept: the plan is made when it was looked at. */
final class GuideController
{
    /** A megabyte is more than any guide. */
    private const LONGEST = 1_000_000;

    private const MOST_SAID = 200;

    public function __invoke(Request $request): JsonResponse
    {
        /**
         * @var array{text: string, means?: list<array{written: string, paint: string}>, instead?: list<array{paint: string, by: string}>,
         *     noPaints?: list<string>} $wish
         */
        $wish = $request->validate([
            'text' => ['required', 'string', 'max:'.self::LONGEST],
            'means' => ['sometimes', 'array', 'list', 'max:'.self::MOST_SAID],
            'means.*.written' => ['required', 'string', 'max:200'],
            'means.*.paint' => ['required', 'string', Rule::exists('products', 'id')->whereNull('deleted_at')],
            'instead' => ['sometimes', 'array', 'list', 'max:'.self::MOST_SAID],
            'instead.*.paint' => ['required', 'string', 'max:40'],
            'instead.*.by' => ['required', 'string', Rule::exists('products', 'id')->whereNull('deleted_at')],
            'noPaints' => ['sometimes', 'array', 'list', 'max:'.self::MOST_SAID],
            'noPaints.*' => ['required', 'string', 'max:200'],
        ], [
            'text.required' => 'Paste the guide first: its areas and steps in any wording.',
            'text.max' => 'This is longer than any guide. Paste the part that tells the steps.',
            'exists' => 'This paint is not in the catalogue any more. Choose another.',
        ]);
        $names = CataloguedNames::all()->meaning(
            array_column($wish['means'] ?? [], 'paint', 'written'),
            array_column($wish['instead'] ?? [], 'by', 'paint'),
        );
        $guide = GuideReader::read($wish['text'], $names, null, $wish['noPaints'] ?? []);

        return new JsonResponse([
            ...GuideResource::of($guide, $wish['text']),
            'standIns' => GuideResource::standIns(GuideStandIns::for($guide->used, array_values(OwnedPaints::shelf()->owned()))),
        ]);
    }
}
