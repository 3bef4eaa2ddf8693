<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** The shelf as a table: how many pots of which paint, and what is left in them. */
final class ShelfCsv
{
    public const COLUMNS = ['maker', 'code', 'pots', 'remaining_ml', 'note'];

    /**
     * @param callable(string, string): bool $isKnown whether the catalogue has this maker and code
     *
     * @return list<ShelfRow>
     *
     * @throws Faulty with every fault of every row
     */
    public static function read(string $text, callable $isKnown): array
    {
        return CsvTable::each($text, self::COLUMNS, static function (RowReader $reader) use ($isKnown): ?ShelfRow {
            $row = new ShelfRow(
                $reader->text('maker', 60),
                $reader->text('code', 40),
                $reader->whole('pots', 0, 999) ?? 1,
                $reader->number('remaining_ml', 0, 50_000),
                $reader->text('note', 500, false),
            );
            if ($reader->faults !== [] || $isKnown($row->maker, $row->code)) {
                return $row;
            }
            $reader->fault(
                'code',
                sprintf('The catalogue has no paint "%s" by "%s". Bring in the catalogue first, or mend the code.', $row->code, $row->maker),
            );

            return null;
        }, static fn(ShelfRow $row): string => $row->key());
    }

    /** @param iterable<ShelfRow> $rows */
    public static function write(iterable $rows): string
    {
        return CsvTable::write(self::COLUMNS, (static function () use ($rows) {
            foreach ($rows as $row) {
                yield [$row->maker, $row->code, $row->pots, $row->remainingMl, $row->note];
            }
        })());
    }
}
