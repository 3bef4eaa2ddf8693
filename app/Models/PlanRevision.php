<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A plan as it once was, so that it can be so again.
 *
 * @property int $id
 * @property string $plan_id
 * @property int $number
 * @property array<string, mixed> $document
 */
final class PlanRevision extends Model
{
    use HasDocument;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['number' => 'integer'];
}
