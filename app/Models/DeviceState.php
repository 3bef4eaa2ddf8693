<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a simulated device remembers.
 *
 * @property string $device
 * @property array<string, mixed> $state
 */
final class DeviceState extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'device';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['state' => 'array'];
}
