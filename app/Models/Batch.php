<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Kalokroma\Batch\Batch as CoreBatch;
use Kalokroma\Batch\Entry;
use Kalokroma\Exchange\PaintSource;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\SquadFields;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan as CorePlan;
use stdClass;

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
 * @property list<array{name?: string, role?: string|null, ways?: array<string, string|null>, without?: list<string>}>|null $squad what is
 *     said of its models, in their order; null: nothing
 * @property int $version
 * @property Carbon|null $created_at
 * @property Plan|null $plan
 * @property Collection<int, LogEntry> $entries
 */
final class Batch extends Model
{
    use BroughtBack;
    use HasDocument;
    use HasUlids;
    use Versioned;

    public const MOST_MODELS = 60;

    /** Columns of the log that say what was done. */
    public const DONE = ['id', 'step_id', 'coat', 'models', 'on_models', 'done_at'];

    /** @var array{list<mixed>, SquadPlan}|null what was read of it, and from what */
    private ?array $read = null;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'habits' => 'array', 'models' => 'integer', 'starts_on' => 'date', 'plan_version' => 'integer',
        'version' => 'integer', 'rests' => 'boolean', 'skipped' => 'array', 'squad' => 'array',
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

    /** The plan as it is painted by: variants that some models get are areas of their own. */
    public function toCore(): CorePlan
    {
        return $this->painted()->plan;
    }

    /** The plan as the batch has it. */
    public function written(): CorePlan
    {
        return $this->painted()->written;
    }

    /** Who is painted how. Read once, as long as neither plan nor squad changes. */
    public function painted(): SquadPlan
    {
        $facts = array_map(fn(string $one): mixed => $this->attributes[$one] ?? null, ['document', 'habits', 'squad', 'models']);
        if ($this->read === null || $this->read[0] !== $facts) {
            $plan = PlanDocument::of($this->document)->plan(SnapshotPaints::of($this->document), Setting::bookOf($this->habits));
            $this->read = [$facts, SquadPlan::of($plan, $this->squad())];
        }

        return $this->read[1];
    }

    /** Its models: as many as it has, those of whom something is said as it says. */
    public function squad(): Squad
    {
        return Squad::of(SquadFields::members($this->squad ?? [], $this->models));
    }

    /** All there is to know of it: its plan, its models, its log. */
    public function core(): CoreBatch
    {
        return CoreBatch::of(
            $this->painted(),
            array_values($this->entries->map(static fn(LogEntry $entry): Entry => $entry->toCore())->all()),
            $this->skipped ?? [],
        );
    }

    /** Paints it has kept, and of others that were used instead the catalogue's. */
    public function paints(): PaintSource
    {
        return new FirstOf(
            SnapshotPaints::of($this->document),
            ProductPaints::forDocument($this->entries->map(static fn(LogEntry $entry): array => $entry->used()->toArray())->all()),
        );
    }

    /** @param list<Done>|null $done what was recorded, where it has been read already */
    public function progress(?array $done = null): Progress
    {
        return Progress::of($this->painted(), $done ?? $this->done(), $this->skipped ?? []);
    }

    /**
     * What was recorded, from its entries where they are loaded; else from rows as they are: thousands of entries need not become models for it.
     *
     * @return list<Done>
     */
    public function done(): array
    {
        if (! $this->relationLoaded('entries')) {
            return array_values($this->entries()->toBase()->orderBy('done_at')->orderBy('id')->get(self::DONE)->map(self::doneOf(...))->all());
        }

        return array_values($this->entries->map(static fn(LogEntry $entry): Done => $entry->toCore()->done)->all());
    }

    /** @param stdClass $row of the log with the columns `DONE` names */
    public static function doneOf(stdClass $row): Done
    {
        /** @var list<int>|null $on */
        $on = $row->on_models === null ? null : json_decode((string) $row->on_models, true);

        return new Done(
            (string) $row->step_id,
            $row->coat === null ? null : (int) $row->coat,
            (int) $row->models,
            (int) strtotime("$row->done_at UTC"),
            (string) $row->id,
            $on,
        );
    }
}
