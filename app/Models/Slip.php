<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that went wrong on some models, to be put right.
 *
 * @property string $id
 * @property string $batch_id
 * @property string $step_id whose paint has to be put back
 * @property string $kind
 * @property list<int> $models by number
 * @property string $note
 * @property Carbon $slipped_at
 * @property Carbon|null $mended_at
 * @property int $version
 */
final class Slip extends Model
{
    use BroughtBack;
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['models' => 'array', 'slipped_at' => 'datetime', 'mended_at' => 'datetime', 'version' => 'integer'];

    protected $attributes = ['version' => 1, 'note' => ''];
}
