<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\Plan;
use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Matching\PotLevel;
use Kalokroma\Planning\Tally;

/**
 * What lies on the bench: the batch that was painted on last, the others under way, what waits, and pots that run low.
 */
final readonly class Bench
{
    private const FINISHED = 5;

    /**
     * @param array<string, Tally> $tallies by batch id
     * @param Collection<int, Batch> $underWay painted on last first
     * @param Collection<int, Batch> $planned soonest first
     * @param Collection<int, Batch> $finished the latest few
     * @param list<Product> $low owned paints that run low, by name
     * @param array{plans: int, owned: int, batches: int} $counts what there is at all
     */
    private function __construct(
        public array $tallies,
        public Collection $underWay,
        public Collection $planned,
        public Collection $finished,
        public int $finishedInAll,
        public array $low,
        public array $counts,
    ) {}

    public static function asItIs(): self
    {
        $batches = Batch::query()->orderBy('starts_on')->orderBy('id')->get();
        $tallies = Tallies::of($batches);
        $latest = DB::table('log_entries')
            ->whereNull('deleted_at')
            ->groupBy('batch_id')
            ->selectRaw('batch_id, max(done_at) as at')
            ->pluck('at', 'batch_id');
        $lastPainted = static fn(Batch $one): string => (string) ($latest[$one->id] ?? '');
        $finished = $batches->filter(static fn(Batch $one): bool => $tallies[$one->id]->isFinished());
        $open = $batches->diff($finished);
        $underWay = $open->filter(static fn(Batch $one): bool => $tallies[$one->id]->isBegun())
            ->sortByDesc($lastPainted)->values();
        $owned = Product::query()->with('pot')->whereHas('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0))->orderBy('name')->get();

        return new self(
            $tallies,
            $underWay,
            $open->reject(static fn(Batch $one): bool => $tallies[$one->id]->isBegun())->values(),
            $finished->sortByDesc($lastPainted)->take(self::FINISHED)->values(),
            $finished->count(),
            array_values($owned->filter(static fn(Product $one): bool => PotLevel::of(
                $one->pot->pots ?? 0,
                $one->pot->remaining_ml ?? 0.0,
                $one->volume_ml,
            ) === PotLevel::Low)->all()),
            ['plans' => Plan::query()->count(), 'owned' => $owned->count(), 'batches' => $batches->count()],
        );
    }
}
