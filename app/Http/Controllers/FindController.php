<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Finding\Everything;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Whatever has a name, found by its words. */
final readonly class FindController
{
    public function __construct(private Everything $everything) {}

    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate(['words' => ['nullable', 'string', 'max:200']]);

        return new JsonResponse($this->everything->find($wish['words'] ?? ''));
    }
}
