<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Support\Kept;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what follows from a plan and the paints it names until one of them changes.
 */
final readonly class PlanLooksStore
{
    public function __construct(private Kept $kept) {}

    /**
     * @param Collection<int, Plan> $plans
     * @param callable(Plan): array<string, mixed> $make
     *
     * @return array<string, array<string, mixed>> by plan id
     */
    public function ofAll(Collection $plans, callable $make): array
    {
        $paints = DB::table('plan_product')->join(
            'products',
            'products.id',
            '=',
            'plan_product.product_id',
        )->whereIn('plan_id', $plans->modelKeys())
            ->orderBy('plan_id')->orderBy('product_id')->groupBy('plan_id')
            ->selectRaw("plan_id, group_concat(product_id || '.' || products.version || '.' || products.updated_at, ' ') as paints")->pluck('paints', 'plan_id');
        $looks = [];
        foreach ($plans as $plan) {
            $looks[$plan->id] = $this->kept->of('plan', [$plan->standing(), $paints[$plan->id] ?? ''], static fn(): array => $make($plan));
        }

        return $looks;
    }
}
