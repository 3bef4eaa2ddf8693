<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A price the painter typed for a pot or a set. It wins over every shop.
 *
 * @property string $id of the product or set
 * @property int $price minor units
 */
final class HandPrice extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['price' => 'integer'];
}
