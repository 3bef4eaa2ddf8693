<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture pinned to what it shows: a step, an area, one model or a test piece of a batch.
 *
 * @property string $id
 * @property string $photo_id
 * @property string $batch_id
 * @property string|null $step_id
 * @property string|null $area_id
 * @property string|null $variant_id
 * @property int|null $model
 * @property string $note
 * @property Carbon $taken_at
 */
final class PinnedPhoto extends Model
{
    use BroughtBack;
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['model' => 'integer', 'taken_at' => 'datetime'];

    protected $attributes = ['note' => ''];
}
