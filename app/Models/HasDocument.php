<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;

/** A document in the column of that name: read once, however often it is asked for, and held against what was there as it is written. */
trait HasDocument
{
    /** an array of fields out, and in */
    protected function document(): Attribute
    {
        return Attribute::make(
            get: static fn(mixed $json): array => is_string($json) ? (array) json_decode($json, true, flags: JSON_THROW_ON_ERROR) : [],
            set: static fn(array $document): string => json_encode($document, JSON_THROW_ON_ERROR),
        )->shouldCache();
    }
}
