<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Kalokroma\Batch\Entry;
use Kalokroma\Batch\Used;
use Kalokroma\Planning\Done;

/**
 * What was really done: a step, on so many models, with what.
 *
 * @property string $id
 * @property string $batch_id
 * @property string $step_id
 * @property int $models
 * @property mixed $used as Used stores it
 * @property int|null $coat from 1; null when all that was left of the step was done
 * @property list<int>|null $on_models numbers of the models it was done to; null: the next that had it still before them
 * @property list<array{paint: string, ml: float}>|null $spent what was taken from the pots
 * @property int|null $minutes
 * @property string $note
 * @property string|null $brush_id with which of the brushes that are owned
 * @property OwnedBrush|null $brush
 * @property Carbon $done_at
 * @property int $version
 * @property Batch|null $batch
 */
final class LogEntry extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'used' => 'array', 'models' => 'integer', 'minutes' => 'integer', 'done_at' => 'datetime', 'version' => 'integer',
        'coat' => 'integer', 'spent' => 'array', 'on_models' => 'array',
    ];

    protected $attributes = ['version' => 1];

    public function used(): Used
    {
        return Used::stored($this->used);
    }

    public function toCore(): Entry
    {
        return new Entry(
            new Done($this->step_id, $this->coat, $this->models, $this->done_at->getTimestamp(), $this->id, $this->on_models),
            $this->used(),
            $this->minutes,
            $this->note,
            $this->relationLoaded('brush') ? $this->brush?->toCore() : null,
        );
    }

    /** @return BelongsTo<OwnedBrush, $this> also one that was thrown away since */
    public function brush(): BelongsTo
    {
        $brush = $this->belongsTo(OwnedBrush::class);
        $brush->withoutGlobalScope(SoftDeletingScope::class);

        return $brush;
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        $batch = $this->belongsTo(Batch::class);
        $batch->withoutGlobalScope(SoftDeletingScope::class);

        return $batch;
    }
}
