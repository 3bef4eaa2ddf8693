<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\UndercoatResource;
use App\Models\Plan;
use App\Models\Product;
use App\Plans\PlanView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Writing\UndercoatAdvice;

/** Which undercoat suits a plan. */
final class UndercoatController
{
    public function __invoke(Request $request, string $id): JsonResponse
    {
        $view = PlanView::of(Plan::query()->findOrFail($id));
        $ids = array_column($view->plan->parts, 'id');
        $part = $request->validate(
            ['part' => ['nullable', 'string', Rule::in($ids)]],
            ['part' => 'This plan has no such loose part.'],
        )['part'] ?? null;
        $plan = $view->plan->standingOn($part);
        $shelf = $view->shelf();
        $primers = Product::query()
            ->where('kind', Kind::Primer->value)
            ->orderBy('maker')
            ->orderBy('code')
            ->get()
            ->map(static fn(Product $one): Paint => $one->toCore());
        [$owned, $others] = $primers->partition(static fn(Paint $one): bool => $shelf->has($one));
        $candidates = UndercoatAdvice::for($view->plan, array_values($owned->all()), array_values($others->all()), $part);

        return new JsonResponse([
            'present' => UndercoatResource::of(UndercoatAdvice::present($view->plan, $part), $plan, $shelf),
            'candidates' => array_map(static fn($one): array => UndercoatResource::of($one, $plan, $shelf), $candidates),
        ]);
    }
}
