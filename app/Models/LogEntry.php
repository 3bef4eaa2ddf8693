<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * What was really done: a step, on so many models, with what.
 *
 * @property string $id
 * @property string $batch_id
 * @property string $step_id
 * @property int $models
 * @property array{mix: list<array{paint: string, parts: int}>, dilution: array{paint: int, thinner: int, with: string}, coats: int} $used
 * @property int|null $minutes
 * @property string $note
 * @property Carbon $done_at
 * @property Batch|null $batch
 */
final class LogEntry extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $guarded = [];

    protected $casts = ['used' => 'array', 'models' => 'integer', 'minutes' => 'integer', 'done_at' => 'datetime'];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class)->withTrashed();
    }
}
