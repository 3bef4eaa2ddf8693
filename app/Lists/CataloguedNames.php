<?php

declare(strict_types=1);

namespace App\Lists;

use App\Models\Product;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Paint;
use stdClass;

/** What the paints of the catalogue are called; a paint is made when it is meant. */
final class CataloguedNames
{
    public static function all(): PaintNames
    {
        return PaintNames::labelled(
            array_map(
                static fn(stdClass $row): array => [(string) $row->id, (string) $row->maker, (string) $row->code, (string) $row->name],
                Product::query()->toBase()->orderBy('maker')->orderBy('code')->get(['id', 'maker', 'code', 'name'])->all(),
            ),
            static fn(string $id): Paint => Product::query()->findOrFail($id)->toCore(),
        );
    }
}
