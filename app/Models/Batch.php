<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Record;
use Kalokroma\Recipe\Plan as CorePlan;

/**
 * Models painted together. It keeps the plan, paints included, as it is painted.
 *
 * @property string $id
 * @property string|null $plan_id
 * @property string $name
 * @property int $models
 * @property Carbon $starts_on
 * @property array<string, mixed> $document
 * @property list<array<string, mixed>>|null $habits of the painter when it was begun
 * @property int $plan_version
 * @property bool $rests it has no part in the evenings for now
 * @property list<string>|null $skipped ids of steps that are left out for now
 * @property int $version
 * @property Carbon|null $created_at
 * @property Plan|null $plan
 * @property Collection<int, LogEntry> $entries
 */
final class Batch extends Model
{
    use HasUlids;
    use SoftDeletes;

    public const MOST_MODELS = 60;

    protected $guarded = [];

    protected $casts = [
        'document' => 'array', 'habits' => 'array', 'models' => 'integer', 'starts_on' => 'date', 'plan_version' => 'integer', 'version' => 'integer', 'rests' => 'boolean', 'skipped' => 'array',
    ];

    protected $attributes = ['version' => 1, 'rests' => false];

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    /** @return HasMany<LogEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }

    public function toCore(): CorePlan
    {
        return PlanDocument::of($this->document)->plan(SnapshotPaints::of($this->document), Setting::bookOf($this->habits));
    }

    /** @param list<Done>|null $done what was recorded, where it has been read already */
    public function progress(?array $done = null): Progress
    {
        $plan = $this->toCore();

        return Progress::recorded($plan, $this->models, Record::of($plan, $this->models, $done ?? $this->done()), $this->skipped ?? []);
    }

    /** What was done of it, coat by coat. */
    public function record(CorePlan $plan): Record
    {
        return Record::of($plan, $this->models, $this->done());
    }

    /** @param array<string, int> $coats of each step by its id */
    public function recordOf(array $coats): Record
    {
        return Record::ofCoats($coats, $this->models, $this->done());
    }

    /**
     * What was recorded, from its entries where they are loaded; else from rows as they are: thousands of entries need not become models for it.
     *
     * @return list<Done>
     */
    public function done(): array
    {
        if (! $this->relationLoaded('entries')) {
            return array_values($this->entries()->toBase()->orderBy('done_at')->orderBy('id')->get(['id', 'step_id', 'coat', 'models', 'done_at'])->map(
                static fn(object $row): Done => new Done((string) $row->step_id, $row->coat === null ? null : (int) $row->coat, (int) $row->models, (int) strtotime("$row->done_at UTC"), (string) $row->id),
            )->all());
        }

        return array_values($this->entries->map(static fn(LogEntry $entry): Done => new Done($entry->step_id, $entry->coat, $entry->models, $entry->done_at->getTimestamp(), $entry->id))->all());
    }
}
