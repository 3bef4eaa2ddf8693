<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Matching\Buying;
use Kalokroma\Matching\Compatibility;
use Kalokroma\Matching\ForSale;
use Kalokroma\Matching\Novelty;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Matching\ShelfMap;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

/** What lies just within a threshold and just beyond it: the browns are 1.4, 2.9, 5.5 and 8.7 ΔE₀₀ from the first. */
final class ThresholdTest extends TestCase
{
    private const BROWN = '#7a5230';

    private const TWIN = '#7c5634';

    private const CLOSE = '#825a36';

    private const BEYOND_CLOSE = '#84613c';

    private const OTHER = '#8f6a48';

    public function testWithoutAToleranceGivenWhatIsCloseWillDoAndWhatIsOnlyOfTheFamilyWillNot(): void
    {
        $wanted = Paints::of(self::BROWN);
        $buy = static fn(string $hex): array => Buying::of(
            [$wanted],
            [new ForSale('pot', 'Pot', 300, [Paints::of($hex)], false)],
            [],
        )->cheapest()->items;

        self::assertCount(1, $buy(self::CLOSE));
        self::assertSame([], $buy(self::BEYOND_CLOSE));
    }

    public function testAPaintIsNewWhenNothingOwnedIsClose(): void
    {
        $new = static fn(string $hex): array => Novelty::among([Paints::of($hex)], [Paints::of(self::BROWN)]);

        self::assertSame([], $new(self::CLOSE));
        self::assertCount(1, $new(self::BEYOND_CLOSE));
        self::assertCount(1, $new(self::OTHER));
    }

    public function testTwinsAreSeenOnlySideBySide(): void
    {
        self::assertCount(1, ShelfMap::of([Paints::of(self::BROWN), Paints::of(self::TWIN)])->twins());
        self::assertSame([], ShelfMap::of([Paints::of(self::BROWN), Paints::of(self::CLOSE)])->twins());
    }

    public function testASatinPrimerIsNoMattOne(): void
    {
        $primer = static fn(string $id, Finish $finish): Paint => Paint::of($id, $id, Kind::Primer, Paints::lab('#7f8183'), null, $finish);

        self::assertTrue(Compatibility::mayReplace($primer('a', Finish::Matt), $primer('b', Finish::Matt)));
        self::assertFalse(Compatibility::mayReplace($primer('a', Finish::Matt), $primer('b', Finish::Satin)));
    }

    public function testAMisspeltNameIsKnownAndAnotherNameOfLikeLengthIsNot(): void
    {
        $names = PaintNames::of([
            Paints::of('#1c1b1c', null, Kind::Opaque, 'Harbour Slate'),
            Paints::of('#5f7a45', null, Kind::Opaque, 'Willow Green'),
        ]);

        self::assertSame('Harbour Slate', $names->find('Harbor Slat')[0][0]->name);
        self::assertSame([], $names->find('Hallow Screen'));
        self::assertSame([], $names->find('Barbed State'));
    }
}
