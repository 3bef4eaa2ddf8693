<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Matching\IllegalList;
use Kalokroma\Matching\ListAnswer;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Matching\Standing;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\WantedList;
use Kalokroma\Matching\WantedPaint;
use Kalokroma\Matching\Way;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class WantedListTest extends TestCase
{
    /** @return iterable<array{string, string|null}> */
    public static function spellings(): iterable
    {
        yield from [
            ['Oilskin Yellow', 'Oilskin Yellow'],
            ['oilskin yellow', 'Oilskin Yellow'],
            ['Oilskn Yelow', 'Oilskin Yellow'],
            ['Yellow Oilskin', 'Oilskin Yellow'],
            ['C06', 'Oilskin Yellow'],
            ['heather house c06', 'Oilskin Yellow'],
            ['C06 Oilskin Yellow', 'Oilskin Yellow'],
            ['Heather House Oilskin Yellow', 'Oilskin Yellow'],
            ['- Oilskin Yellow', 'Oilskin Yellow'],
            ['• 2x Oilskin Yellow', 'Oilskin Yellow'],
            ['3. Ögraw Brün', 'Ograw Brun'],
            ['Oilskin', 'Oilskin Yellow'],
            ['Deep Tyde', 'Deep Tide'],
            ['Something else entirely', null],
            ['zz', null],
            ['!!', null],
        ];
    }

    #[DataProvider('spellings')]
    public function testPaintsAreFoundHoweverTheyAreSpelled(string $written, ?string $found): void
    {
        self::assertSame($found, self::read($written)[0]->paint?->name);
    }

    public function testABetterSpellingIsMoreCertain(): void
    {
        [$exact, $near] = self::read("Oilskin Yellow\nOilskn Yelow");

        self::assertSame(1.0, $exact->certainty);
        self::assertGreaterThan(0.74, $near->certainty);
        self::assertLessThan(1.0, $near->certainty);
    }

    public function testWhatElseCouldBeMeantIsTold(): void
    {
        $wanted = self::read('Tide')[0];

        self::assertContains('Tide Teal', array_map(static fn(?Paint $paint): string => $paint->name ?? '', [$wanted->paint, ...$wanted->orElse]));
        self::assertCount(1, $wanted->orElse);
    }

    public function testAColourBehindANameStandsForAnUnknownPaint(): void
    {
        [$named, $bare, $wash, $known] = self::read("Marsh Umber #5b4632\n#2f7f86\nPeat wash: #6a5a40\nOilskin Yellow #000000");

        self::assertSame(['Marsh Umber', '#5b4632', false], [$named->paint?->name, $named->paint?->colour()->toSrgb()->hex(), $named->isKnown]);
        self::assertSame(Srgb::parse('#2f7f86')->hex(), $bare->paint?->colour()->toSrgb()->hex());
        self::assertSame(Kind::Wash, $wash->paint?->kind);
        self::assertTrue($known->isKnown);
        self::assertSame('#e0ac1c', $known->paint?->colour()->toSrgb()->hex());
    }

    public function testBlankLinesAreSkippedButCounted(): void
    {
        self::assertSame([2, 4], array_map(static fn(WantedPaint $one): int => $one->line, self::read("\nC06\r\n\nDeep Tide\n")));
    }

    /** @return iterable<array{string}> */
    public static function nonsense(): iterable
    {
        yield from [[''], ["\n  \n- \n"], [str_repeat("C06\n", 121)], [str_repeat('x', 201)], ["\xff\xfe"]];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsRefused(string $text): void
    {
        $this->expectException(IllegalList::class);
        self::read($text);
    }

    public function testEachStandingIsReached(): void
    {
        $owned = [
            self::paint('Oilskin Yellow', 'C06', '#e0ac1c'), self::paint('Tar', 'C30', '#1c1b1c'), self::paint('Bone', 'C31', '#e6dcc2'),
            self::paint('Teal too', 'C32', '#30808a'), self::paint('Bark ink', 'I01', '#8a6a40', Kind::Ink),
            Paint::of('v', 'Matt coat', Kind::Varnish, null, null, Finish::Matt),
        ];
        $standing = static fn(Paint $wanted): Standing => ListAnswer::to(
            new WantedPaint(1, $wanted->name, $wanted, true, 1.0, []),
            Substitutes::from($owned),
            4.0,
        )->standing;

        self::assertSame(Standing::Owned, $standing($owned[0]));
        self::assertSame(Standing::Substitute, $standing(self::paint('Tide Teal', 'C16', '#2f7f86')));
        self::assertSame(
            Standing::Made,
            $standing(Paint::of('W01', 'Soot Wash', Kind::Wash, $owned[1]->optics()->over(Reflectance::flat(1.0), 1 / 7)->toLab())),
        );
        self::assertSame(Standing::Missing, $standing(self::paint('Scarlet', 'C99', '#e01010')));
        self::assertSame(Standing::Missing, $standing(self::paint('Gold', 'M01', '#c0a050', Kind::Metallic)));
        self::assertSame(Standing::Substitute, $standing(Paint::of('w', 'Flat', Kind::Varnish, null, null, Finish::Matt)));
        self::assertSame(Standing::Missing, $standing(Paint::of('g', 'Shine', Kind::Varnish, null, null, Finish::Gloss)));
        self::assertSame(
            Standing::Unknown,
            ListAnswer::to(new WantedPaint(1, '?', null, false, 0.0, []), Substitutes::from($owned), 4.0)->standing,
        );
        $grey = ListAnswer::to(new WantedPaint(1, 'Grey', self::paint('Grey', 'C77', '#8d8a7e'), true, 1.0, []), Substitutes::from($owned), 4.0);
        self::assertSame(Standing::Mix, $grey->standing);
        self::assertLessThanOrEqual(4.0, $grey->advised?->difference->number);
    }

    public function testAOneCoatPaintCanBeMadeOfInkAndMedium(): void
    {
        $ink = self::paint('Bark ink', 'I01', '#8a6a40', Kind::Ink);
        $thinned = $ink->optics()->over(Reflectance::flat(1.0), 1 / 3)->toLab();
        $wanted = Paint::of('o', 'Bark in one', Kind::OneCoat, $thinned);
        $answer = ListAnswer::to(new WantedPaint(1, 'x', $wanted, true, 1.0, []), Substitutes::from([$ink]), 1.0);

        self::assertSame(Way::Weaker, $answer->advised?->way);
        self::assertSame('1 : 2 medium', $answer->advised->dilutionFor(Dilution::none())->words());
        self::assertEqualsWithDelta(0.0, $answer->advised->difference->number, 1e-2);
    }

    /** Of a large catalogue only what somebody means is fetched, and each once. */
    public function testOnlyThePaintsThatAreMeantAreFetched(): void
    {
        $fetched = [];
        $labels = array_map(static fn(int $i): array => ["id$i", 'Maker', "B$i", "Bench paint $i"], range(1, 400));
        $labels[] = ['tide', 'Heather House', 'C17', 'Deep Tide'];
        $names = PaintNames::labelled($labels, static function (string $id) use (&$fetched): Paint {
            $fetched[] = $id;

            return self::paint($id, $id, '#1f4f55');
        });
        $wanted = WantedList::read("Deep Tyde\nB17\nmaker b17\nBench paint 20\nnothing like it", $names);

        self::assertSame(['tide', 'id17', 'id17', 'id20', null], array_map(static fn(WantedPaint $one): ?string => $one->paint?->id, $wanted));
        self::assertSame(['tide', 'id17', 'id20'], $fetched);
    }

    /** @return list<WantedPaint> */
    private static function read(string $text): array
    {
        return WantedList::read($text, PaintNames::of([
            self::paint('Oilskin Yellow', 'C06', '#e0ac1c'), self::paint('Deep Tide', 'C17', '#1f4f55'), self::paint('Tide Teal', 'C16', '#2f7f86'),
            self::paint('Ograw Brun', 'X1', '#604020'),
        ]));
    }

    private static function paint(string $name, string $code, string $hex, Kind $kind = Kind::Opaque): Paint
    {
        return Paint::of($code, $name, $kind, Paints::lab($hex), null, Finish::Matt, 'Heather House', $code);
    }
}
