<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

/** What is assumed of a paint of which only kind and colour are known. */
final class EstimateTest extends TestCase
{
    public function testPrimersHideAndMetalsHideMore(): void
    {
        foreach (['#d9d9d6', '#1c1b1c', '#8a5a34'] as $hex) {
            self::assertEqualsWithDelta(0.93, Opacity::estimate(Kind::Primer, Paints::lab($hex))->share, 0.005, $hex);
            self::assertEqualsWithDelta(0.96, Opacity::estimate(Kind::Metallic, Paints::lab($hex))->share, 0.005, $hex);
        }
    }

    public function testASemiOpaquePaintHidesAboutTwoThirdsOfWhatAnOpaqueOneDoes(): void
    {
        foreach (['#b8202a', '#e0ac1c', '#24508c', '#f4f4f0'] as $hex) {
            self::assertEqualsWithDelta(
                0.7 * Opacity::estimate(Kind::Opaque, Paints::lab($hex))->share,
                Opacity::estimate(Kind::SemiOpaque, Paints::lab($hex))->share,
                0.005,
                $hex,
            );
        }
    }

    public function testAMattSkinAddsAboutAHundredthOfWhiteASatinOneHalfOfThatAndGlossNone(): void
    {
        self::assertSame([0.010, 0.005, 0.0], [Finish::Matt->white(), Finish::Satin->white(), Finish::Gloss->white()]);
    }
}
