<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Support\Kept;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;

/**
 * How far batches are, without reading their plans each time: which passes a batch has follows from its document and is kept beside it.
 */
final readonly class Tally
{
    /**
     * @param list<string> $passes step ids in painting order
     * @param array<string, int> $done models by step id
     */
    private function __construct(
        private int $models,
        private array $passes,
        private array $done,
    ) {}

    /**
     * @param Collection<int, Batch> $batches
     *
     * @return array<string, self> by batch id
     */
    public static function ofAll(Collection $batches): array
    {
        $rows = DB::table('log_entries')->whereIn('batch_id', $batches->modelKeys())->whereNull('deleted_at')->groupBy('batch_id', 'step_id', 'coat')->selectRaw('batch_id, step_id, coat, sum(models) as models')->get()->groupBy('batch_id');
        $tallies = [];
        foreach ($batches as $batch) {
            /** @var array<string, int> $coats by step, in painting order */
            $coats = self::coats($batch);
            $done = [];
            foreach ($rows[$batch->id] ?? [] as $row) {
                // Only the last coat makes a step done.
                $counts = $row->coat === null || (int) $row->coat >= ($coats[$row->step_id] ?? 1);
                $done[$row->step_id] = ($done[$row->step_id] ?? 0) + ($counts ? (int) $row->models : 0);
            }
            $left = array_diff(array_map(strval(...), array_keys($coats)), $batch->skipped ?? []);
            $tallies[$batch->id] = new self($batch->models, array_values($left), $done);
        }

        return $tallies;
    }

    /** @return array<string, int> by step, in painting order; none when the plan of the batch cannot be read any more */
    private static function coats(Batch $batch): array
    {
        try {
            return Kept::now()->of('coats', [$batch->id, $batch->version], static fn(): array => array_column(array_map(
                static fn(Pass $pass): array => [$pass->step->id, $pass->step->coats],
                Order::of($batch->toCore())->passes,
            ), 1, 0));
        } catch (Faulty) {
            return [];
        }
    }

    public function passes(): int
    {
        return count($this->passes);
    }

    public function passesDone(): int
    {
        return count(array_filter($this->passes, fn(string $step): bool => ($this->done[$step] ?? 0) >= $this->models));
    }

    public function isBegun(): bool
    {
        return $this->done !== [];
    }

    public function isFinished(): bool
    {
        return $this->passes !== [] && $this->passesDone() === count($this->passes);
    }

    /** Work done, model by model and pass by pass, 0…1. */
    public function share(): float
    {
        $done = array_sum(array_map(fn(string $step): int => min($this->models, $this->done[$step] ?? 0), $this->passes));

        return $this->passes === [] ? 0.0 : $done / ($this->models * count($this->passes));
    }
}
