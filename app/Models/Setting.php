<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the painter has set for the whole application.
 *
 * @property string $name
 * @property mixed $value
 */
final class Setting extends Model
{
    public const USUAL_CURRENCY = 'EUR';

    public $incrementing = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $casts = ['value' => 'array'];

    /** ISO 4217 */
    public static function currency(): string
    {
        $kept = self::query()->find('currency')?->value;

        return is_string($kept) ? $kept : self::USUAL_CURRENCY;
    }
}
