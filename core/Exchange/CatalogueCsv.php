<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;

/**
 * The catalogue of paints as a table. Opacity may be empty (then it is estimated), so may the swatch of clear kinds and the barcode.
 * A swatch is a hex colour, or a measured one as "lab(52.1 10 -20)". Prices are in minor units.
 */
final class CatalogueCsv
{
    public const COLUMNS = ['maker', 'range', 'code', 'name', 'kind', 'swatch', 'opacity', 'finish', 'volume_ml', 'price', 'barcode'];

    /**
     * @return list<CatalogueRow>
     *
     * @throws Faulty with every fault of every row
     */
    public static function read(string $text): array
    {
        return CsvTable::each($text, self::COLUMNS, self::row(...), static fn(CatalogueRow $row): string => $row->key());
    }

    /** @param iterable<CatalogueRow> $rows */
    public static function write(iterable $rows): string
    {
        return CsvTable::write(self::COLUMNS, (static function () use ($rows) {
            foreach ($rows as $row) {
                yield [
                    $row->maker, $row->range, $row->code, $row->name, $row->kind->value, self::colour($row), $row->opacity,
                    $row->finish->value, $row->volumeMl, $row->price, $row->barcode,
                ];
            }
        })());
    }

    private static function colour(CatalogueRow $row): string
    {
        return $row->measured === null
            ? $row->swatch?->hex() ?? ''
            : sprintf('lab(%.3F %.3F %.3F)', $row->measured->lightness, $row->measured->a, $row->measured->b);
    }

    private static function row(RowReader $reader): ?CatalogueRow
    {
        $kind = $reader->choice('kind', Kind::class);
        $finish = $reader->choice('finish', Finish::class);
        $before = count($reader->faults);
        $colour = $reader->colour('swatch');
        $swatch = $colour instanceof Lab ? $colour->toSrgb() : $colour;
        if ($swatch === null && $kind !== null && ! $kind->isClear() && count($reader->faults) === $before) {
            $reader->fault('swatch', sprintf('A paint of kind "%s" needs a swatch, for example #7a5230.', $kind->value));
        }
        $volume = $reader->number('volume_ml', 0.1, 5000);
        $row = [
            $reader->text('maker', 60), $reader->text('range', 60, false), $reader->text('code', 40), $reader->text('name', 120),
            $reader->number('opacity', 0, 1), $reader->whole('price', 0, 10_000_000), $reader->text('barcode', 32, false),
        ];
        if ($kind === null || $finish === null) {
            return null;
        }
        [$maker, $range, $code, $name, $opacity, $price, $barcode] = $row;

        return new CatalogueRow(
            $maker,
            $range,
            $code,
            $name,
            $kind,
            $kind->isClear() ? null : $swatch,
            $opacity,
            $finish,
            $volume ?? 17.0,
            $price ?? 0,
            $barcode,
            $colour instanceof Lab && ! $kind->isClear() ? $colour : null,
        );
    }
}
