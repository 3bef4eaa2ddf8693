<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Exchange\PaintSource;
use Kalokroma\Mixing\IllegalMix;
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
    use BroughtBack;
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['parts' => 'array'];

    /** Null when its paints cannot be mixed any more: one is gone, or has become something else. */
    public function toCore(PaintSource $paints): ?Mix
    {
        $ingredients = [];
        foreach ($this->parts as $part) {
            $paint = $paints->find($part['paint']);
            if ($paint === null || ! $paint->kind->isMixable()) {
                return null;
            }
            $ingredients[] = Ingredient::of($paint, $part['parts']);
        }
        try {
            return Mix::coloured($ingredients);
        } catch (IllegalMix) {
            return null;
        }
    }
}
