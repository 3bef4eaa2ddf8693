<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** Sets as a table; the paints of a set are codes separated by spaces. */
final class SetsCsv
{
    public const COLUMNS = ['maker', 'code', 'name', 'price', 'paints'];

    /**
     * @param callable(string, string): bool $isKnown whether the catalogue has this maker and code
     *
     * @return list<SetRow>
     *
     * @throws Faulty with every fault of every row
     */
    public static function read(string $text, callable $isKnown): array
    {
        return CsvTable::each($text, self::COLUMNS, static function (RowReader $reader) use ($isKnown): ?SetRow {
            $maker = $reader->text('maker', 60);
            $codes = preg_split('/\s+/', $reader->text('paints', 4000), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            foreach ($codes as $code) {
                if (! $isKnown($maker, $code)) {
                    $reader->fault('paints', sprintf('The catalogue has no paint "%s" by "%s".', $code, $maker));
                }
            }

            return $codes === [] ? null : new SetRow(
                $maker,
                $reader->text('code', 40),
                $reader->text('name', 120),
                $reader->whole('price', 0, 10_000_000) ?? 0,
                $codes,
            );
        });
    }
}
