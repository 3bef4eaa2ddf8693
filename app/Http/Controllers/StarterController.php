<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Product;
use App\Shelf\Starters;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Kalokroma\Exchange\CatalogueRow;

/** Shelves to start with. */
final class StarterController
{
    public function index(): JsonResponse
    {
        $owned = Product::query()->whereHas('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0))->toBase()
            ->selectRaw("maker || char(10) || code as named")->pluck('named')->flip();

        return new JsonResponse(array_map(static fn(array $shelf): array => [
            'id' => $shelf['id'],
            'name' => $shelf['name'],
            'about' => $shelf['about'],
            'paints' => array_map(
                static fn(CatalogueRow $row): array => ['name' => $row->name, 'kind' => $row->kind->value, 'swatch' => $row->swatch?->hex()],
                $shelf['rows'],
            ),
            'owned' => count(array_filter($shelf['rows'], static fn(CatalogueRow $row): bool => $owned->has("$row->maker\n$row->code"))),
        ], Starters::all()));
    }

    public function load(string $id): JsonResponse
    {
        return new JsonResponse(Starters::load($id));
    }
}
