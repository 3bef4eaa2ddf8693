<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Skin;
use PHPUnit\Framework\TestCase;

final class SkinTest extends TestCase
{
    public function testWhatIsSeenAndWhatLiesWithinAreTwoWaysToTellTheSame(): void
    {
        foreach ([0.0, 0.004, 0.05, 0.2, 0.5, 0.9, 1.0] as $seen) {
            self::assertEqualsWithDelta($seen, Skin::seen(Skin::within($seen)), 1e-12);
            self::assertGreaterThanOrEqual($seen, Skin::within($seen), 'light thrown back into the film makes it lighter within');
        }
        // Saunderson with k₂ 0.6 at a reflectance of one half within: 0.4 · 0.5 / (1 − 0.3).
        self::assertEqualsWithDelta(0.2857142857, Skin::seen(0.5), 1e-9);
    }

    public function testGlossDeepensAndMattLiftsTheDarksAndHardlyTheLights(): void
    {
        $gloss = Finish::Gloss->white() - Finish::Matt->white();
        $lightness = static fn(float $share, float $white): float => Skin::under(Reflectance::flat($share), $white)->toLab()->lightness;
        foreach ([0.02, 0.05, 0.1, 0.3] as $share) {
            $bare = $lightness($share, 0.0);
            self::assertLessThan($bare, $lightness($share, $gloss));
            self::assertGreaterThan($bare, $lightness($share, -$gloss));
        }
        self::assertGreaterThan(3.0, $lightness(0.02, 0.0) - $lightness(0.02, $gloss));
        self::assertLessThan(0.5, $lightness(0.6, 0.0) - $lightness(0.6, $gloss));
        self::assertGreaterThanOrEqual(0.0, $lightness(0.0001, $gloss));
    }

    public function testUnderItsOwnFinishAPaintIsItsSwatch(): void
    {
        $film = Reflectance::flat(0.03);

        self::assertSame($film, Skin::under($film, 0.0));
    }
}
