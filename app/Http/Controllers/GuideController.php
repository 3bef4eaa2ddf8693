<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\GuideResource;
use App\Lists\CataloguedNames;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Writing\Guide\GuideReader;

/** A guide as somebody wrote it, read into a plan. Nothing is kept: the plan is made when it was looked at. */
final class GuideController
{
    /** A megabyte is more than any guide. */
    private const LONGEST = 1_000_000;

    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate(['text' => ['required', 'string', 'max:'.self::LONGEST]], ['text.required' => 'Paste the guide first: its areas and steps in any wording.', 'text.max' => 'This is longer than any guide. Paste the part that tells the steps.']);

        return new JsonResponse(GuideResource::of(GuideReader::read($wish['text'], CataloguedNames::all()), $wish['text']));
    }
}
