<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;

/**
 * A mix that was found and kept by name.
 *
 * @property string $id
 * @property string $name
 * @property list<array{paint: string, parts: int}> $parts
 */
final class KeptMix extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $guarded = [];

    protected $casts = ['parts' => 'array'];

    /** Null when one of its paints has lost its colour since. */
    public function toCore(ProductPaints $paints): ?Mix
    {
        $ingredients = [];
        foreach ($this->parts as $part) {
            $paint = $paints->find($part['paint']);
            if ($paint === null || $paint->isClear()) {
                return null;
            }
            $ingredients[] = Ingredient::of($paint, $part['parts']);
        }

        return Mix::coloured($ingredients);
    }
}
