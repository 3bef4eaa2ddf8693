<?php

declare(strict_types=1);

namespace Tests\Core\Amounts;

use Kalokroma\Amounts\IllegalAmount;
use Kalokroma\Amounts\PrimingWay;
use Kalokroma\Amounts\PrimingWish;
use Kalokroma\Craft\SprayMethod;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class PrimingWayTest extends TestCase
{
    /** A pot of 60 ml for 9.80, of whatever primer. */
    private const POT = [980, 60.0];

    /** @return iterable<string, array{list<PrimingWish>, bool, SprayMethod, SprayMethod}> */
    public static function questions(): iterable
    {
        yield 'nothing matters more than else' => [[], true, SprayMethod::Airbrush, SprayMethod::Brush];
        yield 'no airbrush' => [[], false, SprayMethod::SprayCan, SprayMethod::Airbrush];
        yield 'fine detail' => [[PrimingWish::FineDetail], true, SprayMethod::Airbrush, SprayMethod::Brush];
        yield 'little time' => [[PrimingWish::Quick], false, SprayMethod::SprayCan, SprayMethod::Airbrush];
    }

    /** @param list<PrimingWish> $wishes */
    #[DataProvider('questions')]
    public function testWhatMattersDecides(array $wishes, bool $hasAirbrush, SprayMethod $best, SprayMethod $worst): void
    {
        $ways = self::ways(10, $wishes, $hasAirbrush);

        self::assertSame([$best, $worst], [$ways[0]->method, $ways[2]->method]);
    }

    public function testACanCostsMoreAModelThanABottleAndTheCleaningIsSharedByAll(): void
    {
        foreach ([1, 5, 10, 40] as $models) {
            [$can, $airbrush, $brush] = self::byMethod(self::ways($models));

            self::assertGreaterThan(2.0 * $airbrush->cents, $can->cents, "$models models");
            // A can of 400 ml primes about fifty figures on foot.
            self::assertEqualsWithDelta(1.33 * 980 / 50, $can->cents, 12.0);
            self::assertGreaterThan(0.0, $brush->cents);
        }
        [, $alone] = self::byMethod(self::ways(1));
        [, $ofMany] = self::byMethod(self::ways(20));
        self::assertGreaterThan(10.0, $alone->minutes - $ofMany->minutes);
    }

    public function testDustIsDreadedOnlyWhereSomebodySaysSo(): void
    {
        foreach ([[], [PrimingWish::NoDust]] as $wishes) {
            [$can] = self::byMethod(self::ways(10, $wishes));

            self::assertSame($wishes !== [], str_contains(implode(' ', $can->reasons), 'dust'));
        }
        [$before] = self::byMethod(self::ways(10));
        [$after] = self::byMethod(self::ways(10, [PrimingWish::NoDust]));
        self::assertLessThan($before->score, $after->score);
    }

    public function testWhatIsNotPricedCostsNothingOneCouldSay(): void
    {
        self::assertSame(
            [null, null, null],
            array_map(static fn(PrimingWay $way): ?float => $way->cents, PrimingWay::all(Plans::of([]), 10, [], [], true)),
        );
    }

    public function testThereAreModelsToPrime(): void
    {
        $this->expectException(IllegalAmount::class);
        PrimingWay::all(Plans::of([]), 0, [], [], true);
    }

    /**
     * @param list<PrimingWish> $wishes
     *
     * @return list<PrimingWay>
     */
    private static function ways(int $models, array $wishes = [], bool $hasAirbrush = true): array
    {
        $plan = Plans::of([]);
        $pots = [];
        foreach ($plan->undercoat->paints() as $paint) {
            $pots[$paint->id] = self::POT;
        }

        return PrimingWay::all($plan, $models, $wishes, $pots, $hasAirbrush);
    }

    /**
     * @param list<PrimingWay> $ways
     *
     * @return array{PrimingWay, PrimingWay, PrimingWay} can, airbrush, brush
     */
    private static function byMethod(array $ways): array
    {
        $found = [];
        foreach ($ways as $way) {
            $found[$way->method->value] = $way;
        }

        return [$found['spray-can'], $found['airbrush'], $found['brush']];
    }
}
