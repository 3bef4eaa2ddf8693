<?php

declare(strict_types=1);

namespace Tests\Core\Craft;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TechniqueTest extends TestCase
{
    /** @return iterable<string, array{Technique}> */
    public static function techniques(): iterable
    {
        foreach (Technique::cases() as $technique) {
            yield $technique->value => [$technique];
        }
    }

    #[DataProvider('techniques')]
    public function testEveryTechniqueIsSaidInFullAndItsUsualWayIsALawfulStep(Technique $technique): void
    {
        $usual = $technique->usual();
        $step = Step::of('x', $technique, null, Dilution::of($usual['paint'], $usual['thinner'], $usual['with']), $usual['coats'], $usual['brush'], $usual['place']);

        self::assertNotSame('', $technique->label());
        self::assertNotSame('', $technique->hint());
        self::assertSame($usual['coats'], $step->coats);
        self::assertGreaterThan(Technique::SprayFromAbove->rank(), $technique->next()->rank());
    }

    #[DataProvider('techniques')]
    public function testDepositsAreNeverNegativeAndLieBetweenLevelAndCarved(Technique $technique): void
    {
        foreach (Zone::cases() as $zone) {
            $ends = [$technique->deposit($zone, Texture::SmoothPanel), $technique->deposit($zone, Texture::ScalesOrChain)];
            foreach (Texture::cases() as $texture) {
                $deposit = $technique->deposit($zone, $texture);
                self::assertGreaterThanOrEqual(0.0, $deposit);
                self::assertLessThanOrEqual(max($ends) + 1e-9, $deposit);
                self::assertGreaterThanOrEqual(min($ends) - 1e-9, $deposit);
            }
        }
    }

    public function testAWashPoolsAndADrybrushCatchesTheMoreTheDeeperTheRelief(): void
    {
        $pools = $catches = [];
        foreach ([Texture::SmoothPanel, Texture::BroadFolds, Texture::CloseFolds, Texture::ScalesOrChain] as $texture) {
            $pools[] = Technique::Wash->deposit(Zone::Recess, $texture) / Technique::Wash->deposit(Zone::Raised, $texture);
            $catches[] = Technique::Drybrush->deposit(Zone::Edge, $texture) - Technique::Drybrush->deposit(Zone::Face, $texture);
        }
        foreach ([$pools, $catches] as $rising) {
            $sorted = $rising;
            sort($sorted);
            self::assertSame($sorted, $rising);
        }
    }

    public function testPlacesReachWhatTheyAreCalled(): void
    {
        self::assertSame(0.0, Place::AllButRecesses->reach(Zone::Recess));
        self::assertSame([0.0, 1.0], [Place::UpperEdges->reach(Zone::Face), Place::UpperEdges->reach(Zone::Edge)]);
        self::assertSame([1.0, 0.0], [Place::Recesses->reach(Zone::Recess), Place::Recesses->reach(Zone::Raised)]);
        foreach (Zone::cases() as $zone) {
            self::assertSame(1.0, Place::Everywhere->reach($zone));
        }
    }
}
