<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Exchange\CsvTable;
use Kalokroma\Exchange\Faulty;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CsvTableTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function cells(): iterable
    {
        yield from [
            'plain' => ['Rowan'], 'empty' => [''], 'comma' => ['Lamp, oil'], 'quote' => ['the "good" one'], 'only quotes' => ['""'],
            'backslash' => ['a\\"b\\'],
            'line' => ["two\nlines"], 'windows line' => ["two\r\nlines"], 'emoji' => ['🛶'], 'right to left' => ['معطف'],
            'formula' => ['=1+1'], 'guarded formula' => ["'=1+1"], 'guarded twice' => ["''@x"], 'minus' => ['-x'], 'apostrophe' => ["'tis"],
            'tab first' => ["\t=1+1"], 'blank first' => [' =1+1'], 'full-width' => ['＝1+1'], 'full-width at' => ['＠SUM(1)'],
            'guarded blank' => ["' x"], 'zero' => ['0'],
        ];
    }

    #[DataProvider('cells')]
    public function testWhatIsWrittenIsReadAndWrittenAgainTheSame(string $cell): void
    {
        $written = CsvTable::write(['name', 'note'], [[$cell, 'x'], ['y', $cell]]);
        $rows = CsvTable::read($written, ['name', 'note']);

        self::assertSame($cell, array_values($rows)[0]['name']);
        self::assertSame($cell, array_values($rows)[1]['note']);
        self::assertSame($written, CsvTable::write(['name', 'note'], array_map(array_values(...), $rows)));
    }

    public function testABareLineFeedAByteOrderMarkAndEmptyLinesAreTaken(): void
    {
        $rows = CsvTable::read("\xEF\xBB\xBFname,note\n\na, b \n\n", ['name', 'note']);

        self::assertSame([3 => ['name' => 'a', 'note' => 'b']], $rows);
    }

    public function testNothingThatASpreadsheetWouldRunIsWritten(): void
    {
        self::assertSame("a,b,c\r\n'=1+1,-2.5,'@now\r\n", CsvTable::write(['a', 'b', 'c'], [['=1+1', -2.5, '@now']]));
        foreach (["\tx", "\rx", ' x', '＝x', '＋x', '－x', '＠x'] as $text) {
            self::assertMatchesRegularExpression('/^a\r\n"?\'/', CsvTable::write(['a'], [[$text]]), json_encode($text) ?: '');
        }
        // A number comes back as the very same.
        foreach ([51.300000000000004, 0.1, 1234567.8912345, 1e-7, 12.345678901, 1e21, 3 * 17.1] as $number) {
            self::assertSame($number, (float) CsvTable::read(CsvTable::write(['a'], [[$number]]), ['a'])[2]['a']);
        }
        self::assertSame("a\r\n0.00001\r\n", CsvTable::write(['a'], [[1e-5]]));
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function faults(): iterable
    {
        yield 'nothing' => ['', 'header', 1];
        yield 'other columns' => ["note,name\n", 'header', 1];
        yield 'a semicolon for a comma' => ["name;note\na;b\n", 'header', 1];
        yield 'a column too many' => ["name,note\na,b\na,b,c\n", 'name', 3];
        yield 'latin bytes' => ["name,note\na,b\nc,\xE4\n", 'encoding', 3];
        yield 'utf-16' => ["\xFF\xFEn\x00a\x00", 'encoding', 1];
        yield 'a quote never closed' => ["name,note\n\"a,b\nc,d\n", 'name', 2];
        yield 'too many rows' => ["name,note\n".str_repeat("a,b\n", CsvTable::MOST_ROWS + 1), 'file', CsvTable::MOST_ROWS + 2];
    }

    #[DataProvider('faults')]
    public function testAFaultNamesColumnAndRow(string $text, string $field, int $row): void
    {
        try {
            CsvTable::read($text, ['name', 'note']);
            self::fail('It was taken.');
        } catch (Faulty $faulty) {
            self::assertSame([$field, $row], [$faulty->faults[0]->field, $faulty->faults[0]->row]);
        }
    }
}
