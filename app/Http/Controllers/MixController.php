<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MixRequest;
use App\Http\Resources\MixAnswersResource;
use App\Mixing\MixQuestion;
use Illuminate\Http\JsonResponse;

final class MixController
{
    public function __invoke(MixRequest $request): JsonResponse
    {
        $question = MixQuestion::of($request->validated());

        return new JsonResponse(MixAnswersResource::of($question, $question->answers()));
    }
}
