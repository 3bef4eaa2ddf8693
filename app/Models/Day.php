<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A day on which the painter sits down otherwise than the week says; without sittings not at all.
 *
 * @property string $day
 * @property list<array{from: string, minutes: int}> $sittings
 * @property int $version
 */
final class Day extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'day';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['sittings' => 'array', 'version' => 'integer'];

    protected $attributes = ['version' => 1];
}
