<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Matching\IllegalList;
use Kalokroma\Matching\NamedPot;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Matching\PotList;
use Kalokroma\Paint\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class PotListTest extends TestCase
{
    /** @return iterable<array{string, int, string}> */
    public static function counts(): iterable
    {
        yield from [
            ['Boot Brown', 1, 'Boot Brown'],
            ['2 x Boot Brown', 2, 'Boot Brown'],
            ['- 3× Boot Brown', 3, 'Boot Brown'],
            ['Boot Brown x2', 2, 'Boot Brown'],
            ['Boot Brown × 12', 12, 'Boot Brown'],
            ['1. Boot Brown', 1, 'Boot Brown'],
            ['0 x Boot Brown', 1, 'Boot Brown'],
            ['Mix 66', 1, 'Mix 66'],
        ];
    }

    #[DataProvider('counts')]
    public function testANumberOfPotsStandsBeforeOrBehind(string $line, int $pots, string $name): void
    {
        $pot = self::read($line)[0];

        self::assertSame([$pots, $name], [$pot->pots, $pot->known->name ?? $pot->name]);
    }

    public function testOnlyWhatIsAllButSpelledOutIsTakenForAKnownPaint(): void
    {
        [$near, $vague, $none] = self::read("boot browm\nBoot\nSky blue");

        self::assertSame(['Boot Brown', []], [$near->known?->name, $near->orElse]);
        self::assertSame([null, 'Boot', ['Boot Brown']], [$vague->known?->name, $vague->name, array_column($vague->orElse, 'name')]);
        self::assertSame([null, 'Sky blue', []], [$none->known?->name, $none->name, $none->orElse]);
    }

    public function testWhatIsNewIsGuessedFromItsName(): void
    {
        [$blue, $wash, $varnish, $plain, $told] = self::read("Sky blue\nBlack wash\nMatt varnish\nGrimble\nGrimble wash #6a5a40");

        self::assertSame([Kind::Opaque, true], [$blue->kind, $blue->knowsColour]);
        self::assertSame([Kind::Wash, true], [$wash->kind, $wash->knowsColour]);
        self::assertNotSame('#000000', $wash->swatch, 'One coat of a wash over white is no black.');
        self::assertSame([Kind::Varnish, null, true], [$varnish->kind, $varnish->swatch, $varnish->knowsColour]);
        self::assertSame([Kind::Opaque, '#808080', false], [$plain->kind, $plain->swatch, $plain->knowsColour]);
        self::assertSame([Kind::Wash, '#6a5a40', true, 'Grimble wash'], [$told->kind, $told->swatch, $told->knowsColour, $told->name]);
    }

    public function testLinesKeepTheirNumbersAndEmptyOnesAreNoPots(): void
    {
        self::assertSame([1, 4], array_column(self::read("Sky blue\n\n  \nBoot Brown"), 'line'));
    }

    /** @return iterable<string, array{string}> */
    public static function illegal(): iterable
    {
        yield 'nothing' => [" \n\n"];
        yield 'no text' => ["\xff\xfe"];
        yield 'more than can be looked through' => [implode(
            "\n",
            array_map(static fn(int $at): string => "Pot $at", range(0, PotList::MOST_LINES)),
        )];
        yield 'a line that is none' => [str_repeat('x', 201)];
    }

    #[DataProvider('illegal')]
    public function testWhatIsNoListIsRefused(string $text): void
    {
        $this->expectException(IllegalList::class);
        self::read($text);
    }

    /** @return list<NamedPot> */
    private static function read(string $text): array
    {
        return PotList::read(
            $text,
            PaintNames::of([Paints::of('#5a3a22', 0.8, Kind::Opaque, 'Boot Brown'), Paints::of('#e2b21f', 0.6, Kind::Opaque, 'Oilskin Yellow')]),
        );
    }
}
