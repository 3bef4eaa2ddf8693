<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Drops;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\OnePartMore;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class OnePartMoreTest extends TestCase
{
    public function testOnePartMoreOfBlackIsDarkerAndOfWhiteLighter(): void
    {
        $mix = Paints::mix(2, Paints::of('#f2f0ea', 0.65, name: 'White'), 1, Paints::of('#1c1b1c', 0.95, name: 'Black'));
        [$white, $black] = OnePartMore::ofEach($mix, MixTarget::masstone($mix->colour()));

        $made = Paints::mix(3, $mix->ingredients[0]->paint, 1, $mix->ingredients[1]->paint);
        self::assertEqualsWithDelta(0.0, Ciede2000::between($made->colour(), $white->colour), 1e-9);
        self::assertStringContainsString('lighter', $white->words());
        self::assertStringContainsString('darker', $black->words());
        self::assertEqualsWithDelta($white->change->number, $white->toTarget->number, 1e-9);
    }

    public function testAMixOfNinePartsIsCorrectedTooAndASinglePaintIsNot(): void
    {
        [$one, $other] = Paints::shelf(2, 1);

        self::assertCount(2, OnePartMore::ofEach(Paints::mix(8, $one, 1, $other), MixTarget::masstone($one->colour())));
        self::assertSame([], OnePartMore::ofEach(Mix::single($one), MixTarget::masstone($one->colour())));
    }

    public function testDropsForAnAmountKeepTheRatioAndReachIt(): void
    {
        [$one, $other] = Paints::shelf(2, 1);
        $drops = Drops::forAmount(Paints::mix(3, $one, 1, $other), Dilution::of(2, 1, Thinner::Water), 1.0);

        self::assertSame([18, 6], $drops->paints);
        self::assertSame(12, $drops->thinner);
        self::assertGreaterThanOrEqual(1.0, 24 * Drops::DROP_ML);
        self::assertLessThan(1.0, 20 * Drops::DROP_ML);
        self::assertSame([3, 1], Drops::forAmount(Paints::mix(3, $one, 1, $other), Dilution::none(), 0.001)->paints);
        $this->expectException(IllegalMix::class);
        Drops::forAmount(Mix::single($one), Dilution::none(), NAN);
    }
}
