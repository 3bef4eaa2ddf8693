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

    private const LONGEST_MAKER = 60;

    private const LONGEST_CODE = 40;

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
            [$name, $maker, $code] = $entry->paint()
                ?? [self::name($entry), $palette->name === '' ? 'Palette' : $palette->name, sprintf('P%03d', $index + 1)];
            $maker = mb_substr($maker, 0, self::LONGEST_MAKER);
            $code = mb_substr($code, 0, self::LONGEST_CODE);
            $row = self::row($known->get("$maker\n$code"), $entry, $maker, $code, mb_substr($name, 0, self::LONGEST_NAME));
            if (isset($rows[$row->key()])) {
                throw Faulty::table('name', "\"$entry->name\" stands in the palette twice.", $index + 1);
            }
            $rows[$row->key()] = $row;
        }

        return array_values($rows);
    }

    private static function row(?Product $known, GplEntry $entry, string $maker, string $code, string $name): CatalogueRow
    {
        if ($known === null) {
            return new CatalogueRow($maker, '', $code, $name, Kind::Opaque, $entry->colour, null, Finish::Matt, self::USUAL_POT_ML, 0, '');
        }
        $like = PaintFiles::row($known);
        // A medium has no colour, whatever a palette says; and a colour that is shown as the palette has it is still known more exactly.
        $isKnown = $like->kind->isClear() || $like->colour()?->toSrgb()->hex() === $entry->colour->hex();

        return new CatalogueRow(
            $maker,
            $like->range,
            $code,
            $name,
            $like->kind,
            $isKnown ? $like->swatch : $entry->colour,
            $like->opacity,
            $like->finish,
            $like->volumeMl,
            $like->price,
            $like->barcode,
            $isKnown ? $like->measured : null,
        );
    }

    private static function name(GplEntry $entry): string
    {
        return $entry->name === '' ? ucfirst(ColourName::of($entry->colour->toLab())->words()) : $entry->name;
    }
}
