<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * What is owned of a paint.
 *
 * @property string $product_id
 * @property int $pots
 * @property float $remaining_ml
 * @property string $note
 * @property bool $wished
 * @property int $version
 * @property Product $product
 */
final class Pot extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'product_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['pots' => 'integer', 'remaining_ml' => 'float', 'wished' => 'boolean', 'version' => 'integer'];

    protected $attributes = ['pots' => 0, 'remaining_ml' => 0, 'note' => '', 'wished' => false, 'version' => 1];

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        $product = $this->belongsTo(Product::class);
        $product->withoutGlobalScope(SoftDeletingScope::class);

        return $product;
    }
}
