<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Matching\Buying;
use Kalokroma\Matching\Covered;
use Kalokroma\Matching\ForSale;
use Kalokroma\Matching\IllegalList;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class BuyingTest extends TestCase
{
    public function testASetIsBoughtWhenItCostsLessThanItsPots(): void
    {
        [$red, $blue, $green] = [Paints::of('#b0242a'), Paints::of('#2a48a0'), Paints::of('#3f8a4d')];
        $forSale = [
            self::pot($red, 320), self::pot($blue, 320), self::pot($green, 320),
            new ForSale('set', 'Red and blue', 500, [$red, $blue], true),
        ];
        $purchase = Buying::of([$red, $blue, $green], $forSale, [])->cheapest();

        self::assertSame(820, $purchase->total);
        self::assertSame(['Red and blue', '#3f8a4d'], self::names($purchase->items));
        self::assertSame(['#b0242a', '#2a48a0', '#3f8a4d'], array_map(static fn(Covered $one): string => $one->by->name, $purchase->covers));
        self::assertTrue($purchase->isProven);
    }

    public function testFewestBoxesAndBestValueWeighDifferently(): void
    {
        [$red, $blue, $other, $third] = [Paints::of('#b0242a'), Paints::of('#2a48a0'), Paints::of('#3f8a4d'), Paints::of('#e8c020')];
        $forSale = [
            self::pot($red, 300), self::pot($blue, 300),
            new ForSale('pair', 'The pair', 640, [$red, $blue], true),
            new ForSale('box', 'The box', 700, [$red, $blue, $other, $third], true),
        ];
        $buying = Buying::of([$red, $blue], $forSale, []);

        self::assertSame(600, $buying->cheapest()->total);
        self::assertSame(['The pair'], self::names($buying->fewestBoxes()->items));
        self::assertSame(['The box'], self::names($buying->bestValue()->items));
        self::assertCount(4, $buying->bestValue()->adds);
        // What is owned already is no value.
        self::assertSame(600, Buying::of([$red, $blue], $forSale, [$other, $third])->bestValue()->total);
    }

    public function testATolerancePicksTheCheaperNeighbourAndZeroTheVeryPaint(): void
    {
        $wanted = Paints::of('#7a5230');
        $near = Paints::of('#7c5432');
        $forSale = [self::pot($wanted, 400), self::pot($near, 200)];

        self::assertSame(200, Buying::of([$wanted], $forSale, [], 4.0)->cheapest()->total);
        self::assertSame(400, Buying::of([$wanted], $forSale, [], 0.0)->cheapest()->total);
        self::assertGreaterThan(0.0, Buying::of([$wanted], $forSale, [], 4.0)->cheapest()->covers[0]->difference);
    }

    public function testKindsThatDoNotBehaveAlikeDoNotStandIn(): void
    {
        $wash = Paints::of('#7a5230', 0.06, Kind::Wash);
        $buying = Buying::of(
            [$wash],
            [
                self::pot(Paints::of('#7a5230', 0.9, Kind::Opaque, 'paint'), 100),
                self::pot(Paints::of('#7a5230', 0.9, Kind::Metallic, 'metal'), 100),
            ],
            [],
        );

        self::assertSame([$wash], $buying->unmeetable);
        self::assertSame(0, $buying->cheapest()->total);
        self::assertSame([], $buying->cheapest()->items);
    }

    /** The three browns stand in for one another, so the very same pots meet them: three needs all the same. */
    public function testABudgetCountsNeedsAndNotWhatMeetsThem(): void
    {
        $browns = [
            Paints::of('#7a5230', 1.0, Kind::Opaque, 'one'),
            Paints::of('#7b5331', 1.0, Kind::Opaque, 'two'),
            Paints::of('#7a5431', 1.0, Kind::Opaque, 'three'),
        ];
        [$red, $blue] = [Paints::of('#b0242a'), Paints::of('#2a48a0')];
        $forSale = [
            self::pot($browns[0], 500),
            self::pot($browns[1], 500),
            self::pot($browns[2], 500),
            new ForSale('two', 'Red and blue', 400, [$red, $blue], true),
        ];
        $purchase = Buying::of([...$browns, $red, $blue], $forSale, [], 4.0, 600)->cheapest();

        self::assertSame([$red, $blue], $purchase->open);
        self::assertCount(3, $purchase->covers);
        self::assertTrue($purchase->isProven);
    }

    public function testWhatIsOwnedIsNotBoughtToStandIn(): void
    {
        [$wanted, $near] = [Paints::of('#7a5230'), Paints::of('#7c5432')];
        $forSale = [self::pot($wanted, 400), self::pot($near, 200)];

        self::assertSame(400, Buying::of([$wanted], $forSale, [$near])->cheapest()->total);
        $buying = Buying::of([$wanted], [self::pot($near, 200)], [$near]);
        self::assertSame([], $buying->unmeetable);
        self::assertSame([$wanted, $near], array_slice($buying->onShelf[0], 0, 2));
    }

    public function testAGlossVarnishIsNoMattOneNorAThinnerAMedium(): void
    {
        $fluid = static fn(string $name, Kind $kind, Finish $finish): Paint => Paint::of($name, $name, $kind, null, null, $finish);
        [$gloss, $matt] = [$fluid('Gloss varnish', Kind::Varnish, Finish::Gloss), $fluid('Matt varnish', Kind::Varnish, Finish::Matt)];
        [$glaze, $slow, $thinner] = [
            $fluid('Glaze medium', Kind::Medium, Finish::Gloss),
            $fluid('Slow medium', Kind::Medium, Finish::Satin),
            $fluid('Brush thinner', Kind::Medium, Finish::Matt),
        ];

        self::assertSame([$gloss], Buying::of([$gloss], [self::pot($matt, 300)], [])->unmeetable);
        self::assertSame([], Buying::of([$glaze], [self::pot($slow, 300)], [])->unmeetable);
        self::assertSame([$glaze], Buying::of([$glaze], [self::pot($thinner, 300)], [])->unmeetable);
    }

    public function testABudgetLeavesTheDearestOpen(): void
    {
        [$red, $blue] = [Paints::of('#b0242a'), Paints::of('#2a48a0')];
        $purchase = Buying::of([$red, $blue], [self::pot($red, 300), self::pot($blue, 500)], [], 4.0, 600)->cheapest();

        self::assertSame(300, $purchase->total);
        self::assertSame([$blue], $purchase->open);
        self::assertSame([], Buying::of([$red], [self::pot($red, 300)], [], 4.0, 0)->cheapest()->items);
    }

    public function testSeventyNeedsInOneBoxAreOneQuestion(): void
    {
        $needs = Paints::shelf(70, 5);

        self::assertCount(1, Buying::of($needs, [new ForSale('all', 'All', 9000, $needs, true)], [], 0.0)->cheapest()->items);
    }

    public function testNonsenseIsRefused(): void
    {
        $paint = Paints::of('#7a5230');
        foreach ([
            static fn() => self::pot($paint, -1),
            static fn() => Buying::of([], [], [], NAN),
            static fn() => Buying::of([], [], [], -0.1),
            static fn() => Buying::of([], [], [], 4.0, -5),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('taken');
            } catch (IllegalList $illegal) {
                self::assertNotSame('', $illegal->getMessage());
            }
        }
    }

    private static function pot(Paint $paint, int $price): ForSale
    {
        return new ForSale($paint->id, $paint->name, $price, [$paint], false);
    }

    /**
     * @param list<ForSale> $items
     *
     * @return list<string>
     */
    private static function names(array $items): array
    {
        return array_map(static fn(ForSale $item): string => $item->name, $items);
    }
}
