<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PaintRequest;
use App\Http\Requests\PaintSearchRequest;
use App\Http\Resources\PaintResource;
use App\Models\PaintSet;
use App\Models\Plan;
use App\Models\Product;
use App\Shelf\Catalogue;
use App\Shelf\PaintSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class PaintController
{
    public function __construct(private readonly Catalogue $catalogue) {}

    public function index(PaintSearchRequest $request, PaintSearch $search): JsonResponse
    {
        $page = $search->page($request->wish(), $request->integer('perPage', PaintSearch::PER_PAGE));

        return new JsonResponse([
            'paints' => PaintResource::collection($page->items())->resolve($request),
            'total' => $page->total(),
            'page' => $page->currentPage(),
            'pages' => $page->lastPage(),
            'makers' => $this->catalogue->makers(),
            'owned' => $this->catalogue->ownedCount(),
        ]);
    }

    public function show(Request $request, string $id): JsonResponse
    {
        $product = Product::query()->with(['pot', 'sets', 'plans'])->findOrFail($id);

        return new JsonResponse([
            'paint' => (new PaintResource($product))->resolve($request),
            'sets' => $product->sets->map(static fn(PaintSet $set): array => [
                'id' => $set->id,
                'name' => $set->name,
                'price' => $set->price,
            ])->all(),
            'plans' => $product->plans->map(static fn(Plan $plan): array => ['id' => $plan->id, 'name' => $plan->name])->all(),
        ]);
    }

    public function store(PaintRequest $request): JsonResponse
    {
        return (new PaintResource($this->catalogue->add($request->columns(), $request->pots())))->response()->setStatusCode(201);
    }

    public function update(PaintRequest $request, string $id): PaintResource
    {
        return new PaintResource($this->catalogue->change($id, $request->columns(), $request->integer('version')));
    }

    public function destroy(string $id): JsonResponse
    {
        $this->catalogue->remove($id);

        return new JsonResponse(null, 204);
    }

    public function restore(string $id): PaintResource
    {
        return new PaintResource($this->catalogue->restore($id));
    }
}
