<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Mixing\MeasuredMix;
use Kalokroma\Paint\Kind;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class MeasuredMixTest extends TestCase
{
    /** A red that is really stronger or weaker than its colour lets one think, in a white that was measured. */
    public function testTheStrengthOfThePaintThatIsLessKnownComesBack(): void
    {
        foreach ([0.45, 0.7, 0.85] as $really) {
            foreach ([[1, 1], [1, 4], [3, 1]] as [$red, $white]) {
                $known = Paints::of('#f2f0ea', 0.66);
                $seen = Paints::mix($red, Paints::of('#b0242a', $really, Kind::Opaque, 'Real red'), $white, $known)->colour();
                $measured = MeasuredMix::of(Paints::mix($red, Paints::of('#b0242a', null, Kind::Opaque, 'Red'), $white, $known), $seen);

                self::assertSame('Red', $measured->paint->name);
                self::assertEqualsWithDelta($really, $measured->opacity->share, 0.005);
                self::assertFalse($measured->opacity->isEstimate);
                self::assertGreaterThan(1.0, $measured->before);
                self::assertLessThan(0.05, $measured->after);
            }
        }
    }

    public function testAMixOfThreeOrOfATintTellsNothing(): void
    {
        $this->expectException(IllegalMix::class);
        MeasuredMix::of(Paints::mix(1, Paints::of('#b0242a', null, Kind::Ink), 1, Paints::of('#8a5a34', null, Kind::Ink)), Paints::lab('#b0242a'));
    }
}
