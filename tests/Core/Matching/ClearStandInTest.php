<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Matching\ClearStandIn;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;

/** What stands in for fluids without colour. */
final class ClearStandInTest extends TestCase
{
    public function testAMediumIsAMediumWhateverItsFinish(): void
    {
        $owned = [self::fluid('Slow Medium', Kind::Medium, Finish::Satin), self::fluid('Matt Medium', Kind::Medium)];

        self::assertSame('Slow Medium', ClearStandIn::for(self::fluid('Glaze Medium', Kind::Medium, Finish::Gloss), $owned)?->words);
        self::assertSame(
            'Matt Medium',
            ClearStandIn::for(self::fluid('Dull Medium', Kind::Medium), $owned)?->words,
            'One of its own finish goes first.',
        );
        self::assertNull(ClearStandIn::for(self::fluid('Glaze Medium', Kind::Medium, Finish::Gloss), [self::fluid('Brush Thinner', Kind::Medium)]));
    }

    public function testWhatOnlyThinsIsDoneByWaterAndNeverByAMedium(): void
    {
        $water = ClearStandIn::for(self::fluid('Brush Thinner', Kind::Medium), [self::fluid('Matt Medium', Kind::Medium)]);

        self::assertSame('water', $water?->words);
        self::assertSame([], $water->paints);
        self::assertSame(
            'Flow Improver',
            ClearStandIn::for(self::fluid('Brush Thinner', Kind::Medium), [self::fluid('Flow Improver', Kind::Medium)])?->words,
        );
    }

    public function testSatinIsMadeOfMattAndGloss(): void
    {
        [$matt, $gloss] = [self::fluid('Matt Varnish', Kind::Varnish), self::fluid('Gloss Varnish', Kind::Varnish, Finish::Gloss)];
        $satin = self::fluid('Satin Varnish', Kind::Varnish, Finish::Satin);

        self::assertSame('Matt Varnish and Gloss Varnish, 1 : 1', ClearStandIn::for($satin, [$gloss, $matt])?->words);
        self::assertNull(ClearStandIn::for($satin, [$matt]));
        self::assertNull(ClearStandIn::for($matt, [$gloss, $satin]), 'Matt is made of nothing else.');
        self::assertSame(
            'Other Satin',
            ClearStandIn::for($satin, [$matt, $gloss, self::fluid('Other Satin', Kind::Varnish, Finish::Satin)])?->words,
        );
    }

    private static function fluid(string $name, Kind $kind, Finish $finish = Finish::Matt): Paint
    {
        return Paint::of($name, $name, $kind, null, null, $finish);
    }
}
