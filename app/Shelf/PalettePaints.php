<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Product;
use Kalokroma\Colour\ColourName;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\GplEntry;
use Kalokroma\Exchange\GplPalette;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;

/** The colours of a palette as paints. A palette says nothing of kind or price: what the catalogue knows of a paint stays. */
final class PalettePaints
{
    private const USUAL_POT_ML = 17.0;

    private const LONGEST_NAME = 120;

    /**
     * @return list<CatalogueRow>
     *
     * @throws Faulty when two entries claim to be the same paint
     */
    public static function of(GplPalette $palette): array
    {
        $known = Product::query()->get()->keyBy(static fn(Product $product): string => "$product->maker\n$product->code");
        $rows = [];
        foreach ($palette->entries as $index => $entry) {
            [$name, $maker, $code] = $entry->paint() ?? [self::name($entry), $palette->name === '' ? 'Palette' : $palette->name, sprintf('P%03d', $index + 1)];
            $maker = mb_strimwidth($maker, 0, 60);
            $code = mb_strimwidth($code, 0, 40);
            $product = $known->get("$maker\n$code");
            $like = $product === null ? null : PaintFiles::row($product);
            $row = new CatalogueRow(
                $maker,
                $like->range ?? '',
                $code,
                mb_substr($name, 0, self::LONGEST_NAME),
                $like === null || $like->kind->isClear() ? Kind::Opaque : $like->kind,
                $entry->colour,
                $like?->opacity,
                $like->finish ?? Finish::Matt,
                $like->volumeMl ?? self::USUAL_POT_ML,
                $like->price ?? 0,
                $like->barcode ?? '',
            );
            if (isset($rows[$row->key()])) {
                throw Faulty::table('name', "\"$entry->name\" stands in the palette twice.", $index + 1);
            }
            $rows[$row->key()] = $row;
        }

        return array_values($rows);
    }

    private static function name(GplEntry $entry): string
    {
        return $entry->name === '' ? ucfirst(ColourName::of($entry->colour->toLab())->words()) : $entry->name;
    }
}
