<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Matching\Nearest;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class NearestTest extends TestCase
{
    /** Whatever is passed over by its lightness could not have been it. */
    public function testItIsTheFirstOfAllSortedByDifference(): void
    {
        $shelf = Paints::shelf(60, 8);
        foreach (['#ffffff', '#000000', '#808080', '#ff0000', '#00ff00', '#0000ff', '#c0a070', '#203028', '#f0e010'] as $hex) {
            $colour = Paints::lab($hex);
            self::assertSame(self::sorted($colour, $shelf)[0], Nearest::to($colour, $shelf), $hex);
            $dark = array_values(array_filter($shelf, static fn(Paint $one): bool => $one->colour()->lightness < 40.0));
            self::assertSame(
                self::sorted($colour, $dark)[0],
                Nearest::to($colour, $shelf, static fn(Paint $one): bool => $one->colour()->lightness < 40.0),
                "$hex among the dark ones",
            );
        }
    }

    public function testOfTwoThatAreAsNearItIsTheOneWhoseIdComesFirst(): void
    {
        $grey = Paints::lab('#808080');
        [$later, $sooner] = [Paint::of('b', 'Later', Kind::Opaque, $grey), Paint::of('a', 'Sooner', Kind::Opaque, $grey)];
        self::assertSame($sooner, Nearest::to(Paints::lab('#8a8070'), [$later, $sooner]));
        self::assertSame($sooner, Nearest::to($grey, [$sooner, $later]));
    }

    public function testClearOnesHaveNoColourToBeNearWith(): void
    {
        self::assertNull(Nearest::to(Paints::lab('#808080'), [Paint::of('v', 'Matt Coat', Kind::Varnish, null)]));
        self::assertNull(Nearest::to(Paints::lab('#808080'), []));
    }

    /** By colour the wash would be it; but it does not do an opaque paint's job. */
    public function testAShelfNamesTheNearestThatDoesTheJob(): void
    {
        $brown = Paints::lab('#5a3a22');
        $wanted = Paint::of('wanted', 'Boot Brown', Kind::Opaque, $brown);
        $wash = Paint::of('wash', 'Umber Wash', Kind::Wash, $brown);
        $near = Paint::of('near', 'Dark Leather', Kind::SemiOpaque, Paints::lab('#62402a'));
        $far = Paint::of('far', 'Reed Green', Kind::Opaque, Paints::lab('#5f7a45'));
        $shelf = Shelf::of([$far, $wash, $near]);
        self::assertSame($near, $shelf->nearestAlike($wanted));
        self::assertSame($wash, $shelf->nearestAlike(Paint::of('w', 'Soot Wash', Kind::Wash, Paints::lab('#202020'))));
        self::assertNull(Shelf::of([$wash])->nearestAlike($wanted));
        self::assertNull($shelf->nearestAlike(Paint::of('v', 'Matt Coat', Kind::Varnish, null)));
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<Paint>
     */
    private static function sorted(Lab $colour, array $paints): array
    {
        usort(
            $paints,
            static fn(Paint $one, Paint $other): int => [Ciede2000::between($one->colour(), $colour), $one->id]
                <=> [Ciede2000::between($other->colour(), $colour), $other->id],
        );

        return $paints;
    }
}
