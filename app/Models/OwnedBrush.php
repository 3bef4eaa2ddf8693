<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Batch\OwnBrush;
use Kalokroma\Craft\Brush;

/**
 * A brush on the desk.
 *
 * @property string $id
 * @property string $name
 * @property Brush $kind
 * @property bool $keeps_metal
 * @property bool $is_worn
 * @property int $version
 */
final class OwnedBrush extends Model
{
    use BroughtBack;
    use HasUlids;

    protected $table = 'brushes';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['kind' => Brush::class, 'keeps_metal' => 'boolean', 'is_worn' => 'boolean', 'version' => 'integer'];

    protected $attributes = ['version' => 1];

    /** @param bool|null $wasInMetal what it was used for last */
    public function toCore(?bool $wasInMetal = null): OwnBrush
    {
        return new OwnBrush($this->name, $this->kind, $this->keeps_metal, $this->is_worn, $wasInMetal);
    }
}
