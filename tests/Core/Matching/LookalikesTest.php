<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Matching\Lookalikes;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

/** Which pots of a shelf are taken for each other. */
final class LookalikesTest extends TestCase
{
    /** A thousand pots of one colour: each is told the nearest few, in bounded memory. */
    public function testAThousandAlikeAreToldAFewEach(): void
    {
        $paints = array_map(static fn(int $at): Paint => Paint::of("p$at", "P $at", Kind::Opaque, Lab::of(40.0, 10.0, 20.0)), range(1, 1000));
        $before = memory_get_usage();
        $near = Lookalikes::among($paints);

        self::assertCount(1000, $near);
        self::assertSame([Lookalikes::MOST], array_values(array_unique(array_map(count(...), $near))));
        self::assertLessThan(8_000_000, memory_get_usage() - $before);
    }

    /** Of many the nearest ones, whatever order they stand in. */
    public function testTheNearestAreKept(): void
    {
        $paints = array_map(
            static fn(int $at): Paint => Paint::of("p$at", "P $at", Kind::Opaque, Lab::of(40.0 + 0.1 * $at, 10.0, 20.0)),
            range(0, 20),
        );
        foreach ([$paints, array_reverse($paints)] as $order) {
            self::assertSame(['p1', 'p2', 'p3', 'p4', 'p5'], array_map(static fn(Paint $one): string => $one->id, Lookalikes::among($order)['p0']));
        }
    }

    public function testTwoDarkBluesAreNamedAndWhatIsForAnotherUseIsNot(): void
    {
        $navy = Paints::of('#1d2a44', name: 'Navy');
        $other = Paints::of('#1c2c49', kind: Kind::SemiOpaque, name: 'Night Ferry');
        $ink = Paints::of('#1d2a44', kind: Kind::Ink, name: 'Blue Ink');
        $steel = Paints::of('#1d2a44', kind: Kind::Metallic, name: 'Blue Steel');
        $blue = Paints::of('#2a4f8a', name: 'Blue');
        $matt = Paint::of('matt', 'Matt', Kind::Varnish, null);

        $alike = Lookalikes::among([$navy, $other, $ink, $steel, $blue, $matt]);

        self::assertSame(['Navy' => ['Night Ferry'], 'Night Ferry' => ['Navy']], self::names($alike, [$navy, $other, $ink, $steel, $blue, $matt]));
        self::assertSame([], Lookalikes::among([]));
    }

    /** Looking only where colours may be near leaves nothing out. */
    public function testEveryPairIsFoundAndTheNearestNamedFirst(): void
    {
        foreach ([1, 2, 3] as $seed) {
            $shelf = Paints::shelf(400, $seed);
            $expected = [];
            foreach ($shelf as $one) {
                $near = [];
                foreach ($shelf as $other) {
                    $apart = Ciede2000::between($one->swatch ?? Lab::of(0.0, 0.0, 0.0), $other->swatch ?? Lab::of(0.0, 0.0, 0.0));
                    if ($one !== $other && $apart <= Lookalikes::ALIKE) {
                        $near[$other->id] = $apart;
                    }
                }
                asort($near);
                if ($near !== []) {
                    $expected[$one->id] = array_slice(array_map(strval(...), array_keys($near)), 0, Lookalikes::MOST);
                }
            }
            $found = array_map(
                static fn(array $paints): array => array_map(static fn(Paint $one): string => $one->id, $paints),
                Lookalikes::among($shelf),
            );
            ksort($expected);
            ksort($found);

            self::assertGreaterThan(50, count($found));
            self::assertSame($expected, $found);
        }
    }

    /**
     * @param array<string, list<Paint>> $alike
     * @param list<Paint> $paints
     *
     * @return array<string, list<string>>
     */
    private static function names(array $alike, array $paints): array
    {
        $names = [];
        foreach ($paints as $paint) {
            if (isset($alike[$paint->id])) {
                $names[$paint->name] = array_map(static fn(Paint $one): string => $one->name, $alike[$paint->id]);
            }
        }

        return $names;
    }
}
