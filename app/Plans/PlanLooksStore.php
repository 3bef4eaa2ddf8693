<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what follows from a plan and the paints it names until one of them changes.
 */
final readonly class PlanLooksStore
{
    /** Raise when what a plan looks like changes otherwise. */
    private const MODEL = 3;

    public function __construct(private Repository $cache) {}

    /**
     * @param Collection<int, Plan> $plans
     * @param callable(Plan): array<string, mixed> $make
     *
     * @return array<string, array<string, mixed>> by plan id
     */
    public function ofAll(Collection $plans, callable $make): array
    {
        $paints = DB::table('plan_product')->join('products', 'products.id', '=', 'plan_product.product_id')->whereIn('plan_id', $plans->modelKeys())
            ->orderBy('plan_id')->orderBy('product_id')->groupBy('plan_id')
            ->selectRaw("plan_id, group_concat(product_id || '.' || products.version, ' ') as paints")->pluck('paints', 'plan_id');
        $looks = [];
        foreach ($plans as $plan) {
            $key = sprintf('looks.%d.%s', self::MODEL, hash('xxh128', "$plan->id $plan->version ".($paints[$plan->id] ?? '')));
            $kept = $this->cache->get($key);
            if (! is_array($kept)) {
                $kept = $make($plan);
                $this->cache->put($key, $kept, now()->addMonth());
            }
            $looks[$plan->id] = $kept;
        }

        return $looks;
    }
}
