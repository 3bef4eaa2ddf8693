<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Colour\Srgb;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\Gpl;
use Kalokroma\Exchange\GplEntry;
use Kalokroma\Exchange\GplPalette;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GplTest extends TestCase
{
    public function testWhatIsWrittenIsReadAndWrittenAlike(): void
    {
        $text = Gpl::write(new GplPalette('My shelf', [
            GplEntry::ofPaint(Srgb::parse('#e0ac1c'), 'Oilskin Yellow', 'Heather House', 'C06'),
            GplEntry::ofPaint(Srgb::parse('#000000'), 'Tar [thick] 🖌', 'Tarn / Tallow', 'X / 1'),
            new GplEntry(Srgb::parse('#ffffff'), ''),
        ]));
        $palette = Gpl::read($text);

        self::assertSame($text, Gpl::write($palette));
        self::assertSame('My shelf', $palette->name);
        self::assertSame(['Oilskin Yellow', 'Heather House', 'C06'], $palette->entries[0]->paint());
        self::assertSame('#e0ac1c', $palette->entries[0]->colour->hex());
        self::assertSame('Tar [thick] 🖌', $palette->entries[1]->paint()[0] ?? null);
        self::assertSame(['Tarn / Tallow', 'X / 1'], array_slice($palette->entries[1]->paint() ?? [], 1));
        self::assertNull($palette->entries[2]->paint());
    }

    /** @return iterable<array{string, string, string}> */
    public static function oddNames(): iterable
    {
        yield from [
            ['two  spaces', 'House', 'C 1'], [' leading', 'House', 'C1'], ["a\tb", 'House', 'C1'], ['50 % grey', 'A / B [old]', '1/2'],
            ['[x]', '[m]', '[c]'],
            [str_repeat('n', 120), str_repeat('m', 60), str_repeat('c', 40)], ['100%25', 'm%2F', 'c'], ['يلو', 'דואר', '№ 7'],
        ];
    }

    #[DataProvider('oddNames')]
    public function testOddNamesMakersAndCodesFindTheirPaintAgain(string $name, string $maker, string $code): void
    {
        $palette = Gpl::read(Gpl::write(new GplPalette('x', [GplEntry::ofPaint(Srgb::parse('#e0ac1c'), $name, $maker, $code)])));

        self::assertSame([$name, $maker, $code], $palette->entries[0]->paint());
    }

    public function testForeignPalettesAreRead(): void
    {
        $palette = Gpl::read("GIMP Palette\r\nName: Dusk\r\n#a remark\r\n\r\n255   0 12 Red\r\n  1   2   3\r\n");

        self::assertSame(
            ['Dusk', '#ff000c', 'Red', '#010203'],
            [$palette->name, $palette->entries[0]->colour->hex(), $palette->entries[0]->name, $palette->entries[1]->colour->hex()],
        );
    }

    /** @return iterable<array{string, string, int}> */
    public static function faults(): iterable
    {
        yield from [
            ['', 'heading', 1],
            ["Palette\n1 2 3 x", 'heading', 1],
            ["GIMP Palette\n", 'file', 1],
            ["GIMP Palette\n1 2 x", 'colour', 2],
            ["GIMP Palette\nName: a\n1 2 256 x", 'colour', 3],
            ["GIMP Palette\n1 2 3 a\x07b", 'name', 2],
            ["GIMP Palette\n1 2 3 \xff", 'encoding', 1],
        ];
    }

    #[DataProvider('faults')]
    public function testAFaultIsToldWithItsPlace(string $text, string $field, int $row): void
    {
        try {
            Gpl::read($text);
            self::fail('taken');
        } catch (Faulty $faulty) {
            self::assertSame([$field, $row], [$faulty->faults[0]->field, $faulty->faults[0]->row]);
        }
    }
}
