<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;

/** What is taken away can be brought back. */
trait BroughtBack
{
    use SoftDeletes;

    public static function takeAway(string $id): self
    {
        return DB::transaction(static function () use ($id): self {
            $one = self::query()->findOrFail($id);
            $one->delete();

            return $one;
        });
    }

    public static function bringBack(string $id): self
    {
        return DB::transaction(static function () use ($id): self {
            $one = self::onlyTrashed()->findOrFail($id);
            $one->restore();

            return $one;
        });
    }
}
