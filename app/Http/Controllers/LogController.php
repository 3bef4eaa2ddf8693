<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\Logbook;
use App\Batches\LogSearch;
use App\Http\Requests\LogEntryRequest;
use App\Http\Resources\BatchResource;
use App\Http\Resources\ToldBatches;
use App\Models\Batch;
use App\Models\LogEntry;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class LogController
{
    public const PER_PAGE = 100;

    public function __construct(private readonly Logbook $logbook) {}

    public function index(Request $request): JsonResponse
    {
        $batch = $request->query('batch');
        $wish = $request->validate([
            'find' => ['nullable', 'string', 'max:200'],
            'area' => ['nullable', 'string', 'max:40'],
            'model' => ['nullable', 'integer', 'between:1,'.Batch::MOST_MODELS],
        ]);
        $about = is_string($batch) && (isset($wish['area']) || isset($wish['model']))
            ? LogSearch::about($batch, $wish['area'] ?? null, isset($wish['model']) ? (int) $wish['model'] : null)
            : null;
        $page = ($request->query('undone') === '1' ? LogEntry::onlyTrashed() : LogEntry::query())->with(['batch', 'brush'])
            ->when(is_string($batch), static fn($query) => $query->where('batch_id', $batch))
            ->when(($wish['find'] ?? '') !== '', static fn(Builder $query) => LogSearch::on($query, $wish['find']))
            ->when($about !== null, static fn(Builder $query) => $query->whereIn('id', $about))
            ->orderByDesc('done_at')->orderByDesc('id')->paginate(self::PER_PAGE);
        $told = new ToldBatches;
        $entries = array_map(static fn(LogEntry $entry): array => $told->tell($entry), $page->items());

        return new JsonResponse(['entries' => $entries, 'total' => $page->total(), 'page' => $page->currentPage(), 'pages' => $page->lastPage()]);
    }

    public function store(LogEntryRequest $request, string $id): JsonResponse
    {
        /**
         * @var array{id: string, stepId: string, models?: int|null, on?: list<int>|null, minutes?: int|null, note?: string|null, brush?: string|null,
         *     used?: array<string, mixed>|null} $done
         */
        $done = $request->validated();

        return BatchController::answer($this->logbook->record($id, $done))->response()->setStatusCode(201);
    }

    public function update(LogEntryRequest $request, string $id): BatchResource
    {
        /**
         * @var array{models?: int|null, on?: list<int>|null, minutes?: int|null, note?: string|null, brush?: string|null, used?: array<string, mixed>|null,
         *     version: int} $done
         */
        $done = $request->validated();

        return BatchController::answer($this->logbook->change($id, $done));
    }

    public function destroy(string $id): BatchResource
    {
        return BatchController::answer($this->logbook->undo($id));
    }

    public function restore(string $id): BatchResource
    {
        return BatchController::answer($this->logbook->restore($id));
    }
}
