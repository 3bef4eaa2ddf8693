<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Colour\Lch;
use Kalokroma\Matching\Novelty;
use Kalokroma\Matching\ShelfGap;
use Kalokroma\Matching\ShelfMap;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class ShelfMapTest extends TestCase
{
    public function testAHoleIsFoundWhereItWasMadeAndNamed(): void
    {
        $gaps = ShelfMap::of(self::everywhereBut(hue: 145, value: 30))->gaps();

        self::assertCount(1, $gaps);
        self::assertEqualsWithDelta(145.0, $gaps[0]->hue, 15.0);
        self::assertEqualsWithDelta(30.0, $gaps[0]->value, 9.0);
        self::assertStringStartsWith('no dark', $gaps[0]->words);
        self::assertStringEndsWith('green', $gaps[0]->words);
    }

    public function testAHoleIsFilledByThePaintNearestToItsMiddleThatCovers(): void
    {
        $gap = ShelfMap::of(self::everywhereBut(hue: 145, value: 30))->gaps()[0];
        $inside = Paint::of('inside', 'inside', Kind::Opaque, Lch::of($gap->value + 3, 40, $gap->hue)->toLab());
        $middle = Paint::of('middle', 'middle', Kind::SemiOpaque, Lch::of($gap->value, 40, $gap->hue)->toLab());
        $wash = Paint::of('wash', 'wash', Kind::Wash, Lch::of($gap->value, 40, $gap->hue)->toLab());

        self::assertSame('middle', ShelfMap::filler($gap, [$inside, $wash, $middle])?->id);
        self::assertSame('inside', ShelfMap::filler($gap, [$wash, $inside])?->id);
        self::assertNull(ShelfMap::filler($gap, [$wash, ...self::everywhereBut(hue: 145, value: 30)]));
    }

    public function testTheHueCircleCloses(): void
    {
        $gaps = ShelfMap::of(self::everywhereBut(hue: 0, value: 50))->gaps();

        self::assertCount(1, $gaps);
        self::assertLessThanOrEqual(15.0, min($gaps[0]->hue, 360 - $gaps[0]->hue));
    }

    public function testAFullShelfHasNoHoleAndAWashFillsNone(): void
    {
        self::assertSame([], ShelfMap::of(self::everywhereBut(hue: 145, value: -50))->gaps());
        $washes = array_map(
            static fn(Paint $paint): Paint => Paint::of($paint->id, $paint->name, Kind::Wash, $paint->swatch, Opacity::of(0.06)),
            self::everywhereBut(145, -50),
        );
        $gaps = ShelfMap::of([...self::everywhereBut(145, 30), ...$washes])->gaps();
        self::assertCount(1, $gaps);
    }

    public function testHolesAreToldLargestFirstAndDoNotOverlap(): void
    {
        $gaps = ShelfMap::of([Paints::of('#b0242a')])->gaps();
        $sizes = array_map(static fn(ShelfGap $gap): float => $gap->size, $gaps);
        $sorted = $sizes;
        rsort($sorted);

        self::assertSame($sorted, $sizes);
        self::assertGreaterThan(2, count(array_unique(array_map(static fn(ShelfGap $gap): string => $gap->words, $gaps))));
    }

    public function testAnEmptyShelfHasNeitherHolesNorTwins(): void
    {
        self::assertSame([[], []], [ShelfMap::of([])->gaps(), ShelfMap::of([])->twins()]);
    }

    public function testTwinsAreAlikeInKindAndColour(): void
    {
        $twins = ShelfMap::of([
            Paints::of('#7a5230', 0.9, Kind::Opaque, 'one'),
            Paints::of('#7b5331', 0.6, Kind::SemiOpaque, 'other'),
            Paints::of('#7a5230', 0.06, Kind::Wash, 'wash'),
            Paints::of('#5a3230', 0.9, Kind::Opaque, 'far'),
        ])->twins();

        self::assertCount(1, $twins);
        self::assertEqualsCanonicalizing(['one', 'other'], [$twins[0][0]->name, $twins[0][1]->name]);
        self::assertLessThanOrEqual(ShelfMap::TWIN, $twins[0][2]);
    }

    public function testOnlyWhatNothingOwnedLooksLikeIsNew(): void
    {
        $owned = [Paints::of('#7a5230'), Paint::of('m', 'Matt', Kind::Varnish, null)];
        $new = Novelty::among([
            Paints::of('#7c5432'), Paints::of('#2f7f86', null, Kind::Opaque, 'teal'), Paints::of('#2f8086', null, Kind::Opaque, 'teal too'),
            Paint::of('n', 'Another matt', Kind::Varnish, null),
        ], $owned);

        self::assertSame(['teal'], array_map(static fn(Paint $paint): string => $paint->name, $new));
    }

    /** @return list<Paint> one for each 20° and 12 of value, save near one place */
    private static function everywhereBut(int $hue, int $value): array
    {
        $paints = [];
        for ($h = 0; $h < 360; $h += 15) {
            for ($v = 22; $v <= 88; $v += 9) {
                $apart = min(abs($h - $hue), 360 - abs($h - $hue));
                if (hypot($apart / 20, ($v - $value) / 12) > 1.6) {
                    $paints[] = Paint::of("$h/$v", "$h/$v", Kind::Opaque, Lch::of($v, 20, $h)->toLab(), Opacity::of(0.8));
                }
            }
        }

        return $paints;
    }
}
