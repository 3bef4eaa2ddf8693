<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A picture to measure colours in, upright and without anything the camera noted in it.
 *
 * @property string $id
 * @property int $width
 * @property int $height
 * @property string $png
 */
final class Photo extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['width' => 'integer', 'height' => 'integer'];
}
