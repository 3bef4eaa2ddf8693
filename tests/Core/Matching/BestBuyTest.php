<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Matching\BestBuy;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Paint\Kind;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class BestBuyTest extends TestCase
{
    public function testTheNearestThatBehavesAsWantedIsNamed(): void
    {
        $target = MixTarget::masstone(Paints::lab('#20a040'));
        $forSale = [
            Paints::of('#30a850', name: 'far'),
            Paints::of('#22a042', name: 'near'),
            Paints::of('#20a040', 0.06, Kind::Wash, 'wash'),
            Paints::of('#20a040', 0.95, Kind::Metallic, 'metal'),
        ];
        $buy = BestBuy::for($target, $forSale, 12.0);

        self::assertSame('near', $buy?->paint->name);
        self::assertLessThan(1.5, $buy->difference->number);
    }

    public function testNothingIsNamedThatIsNoNearerThanTheShelf(): void
    {
        $target = MixTarget::masstone(Paints::lab('#20a040'));

        self::assertNull(BestBuy::for($target, [Paints::of('#a02040')], 12.0));
        self::assertNull(BestBuy::for($target, [], 12.0));
    }
}
