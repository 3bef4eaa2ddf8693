<?php

declare(strict_types=1);

namespace Tests\Core\Amounts;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\IllegalAmount;
use Kalokroma\Amounts\Measures;
use Kalokroma\Amounts\PassAmount;
use Kalokroma\Amounts\Pour;
use Kalokroma\Amounts\Sprayed;
use Kalokroma\Amounts\WalkedOn;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** How much to pour: enough for all models and coats at once, in whole drops, with the ratio as it is written. */
final class AmountsTest extends TestCase
{
    public function testTheNeedIsFilmTimesSurfaceAndWhatStaysOnThePalette(): void
    {
        // On foot, 32 mm: 1.8 × 3.2² = 18.432 cm². A medium area is 12 % of it; 0.05 mm on all of it, two coats, ten models, 30 % lost.
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds medium cloth\n basecoat navy x2"), 10);

        $wet = 0.05 * 1843.2 * 0.12 * 2 * 10 / 0.7 / 1000;
        self::assertEqualsWithDelta($wet, self::pass($amounts, 'coat-1')->mixtures[0]->neededMl, 1e-9);
        self::assertEqualsWithDelta($wet * 2 / 3, $amounts->totals()['navy'], 1e-9);
    }

    public function testItIsPouredInWholeDropsAndTheRatioStays(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds medium cloth\n basecoat navy*3 sky*1 2:1 x2"), 10);

        // 0.316 ml are seven drops; three to one, two to one with water, makes rounds of 3 + 1 + 2.
        self::assertSame(['Navy 6', 'Sky 2', 'water 4'], self::told(self::pass($amounts, 'coat-1')));
        self::assertEqualsWithDelta(6 * 0.045, self::pass($amounts, 'coat-1')->pours()[0]->ml, 1e-9);
    }

    /** @return iterable<string, array{int, string}> */
    public static function wild(): iterable
    {
        foreach ([1, 2, 3, 5, 7, 10, 24, 60] as $models) {
            foreach ([
                'navy 2:1',
                'navy*3 sky*1 1:1',
                'red*5 orange*2 snow*1 3:2',
                'ruby 1:9',
                'ruby*1 medium-thin 1:4',
                'umber-wash 1:0',
            ] as $mix) {
                yield "$models, $mix" => [$models, $mix];
            }
        }
    }

    #[DataProvider('wild')]
    public function testThereIsAlwaysEnoughAndNeverARoundTooMuch(int $models, string $mix): void
    {
        $pass = self::pass(Amounts::of(PlanSketch::plan("area coat broad-folds large cloth\n glaze $mix x3"), $models), 'coat-1');
        $mixture = $pass->mixtures[0];
        $drops = array_map(static fn(Pour $one): int => $one->drops, $mixture->pours);
        $parts = array_map(static fn($one): int => $one->parts, $mixture->mix->ingredients);

        foreach ($parts as $at => $part) {
            self::assertSame($part * $drops[0], $parts[0] * $drops[$at]);
        }
        self::assertSame(
            $mixture->dilution->thinner * array_sum(array_slice($drops, 0, count($parts))),
            $mixture->dilution->paint * ($drops[count($parts)] ?? 0),
        );
        $common = array_reduce($drops, static fn(int $one, int $other): int => self::common($one, $other), 0);
        self::assertGreaterThanOrEqual($mixture->neededMl - 1e-9, array_sum($drops) * 0.045);
        self::assertLessThan($mixture->neededMl, array_sum($drops) * 0.045 * ($common - 1) / $common + 1e-9);
    }

    public function testEachColourOfAWetBlendStandsInThePass(): void
    {
        $pass = self::pass(Amounts::of(PlanSketch::plan("area coat broad-folds main cloth\n wet-blend navy over sky all"), 10), 'coat-1');

        self::assertSame(['Navy', 'Sky'], array_map(static fn($mixture): string => $mixture->words(), $pass->mixtures));
        self::assertSame($pass->mixtures[0]->neededMl, $pass->mixtures[1]->neededMl);
        self::assertSame(['Navy 6', 'water 6', 'Sky 6'], self::told($pass));
    }

    public function testWhatTakesNoPaintPoursNothing(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds main cloth\n mask\n basecoat navy\n wipe-back"), 4);

        self::assertSame([], self::pass($amounts, 'coat-1')->pours());
        self::assertSame([], self::pass($amounts, 'coat-3')->pours());
    }

    public function testAModelsShareOfAPass(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds main cloth\n basecoat navy"), 10);
        $pass = self::pass($amounts, 'coat-1')->pass;

        self::assertEqualsWithDelta(
            0.4 * self::pass($amounts, 'coat-1')->mixtures[0]->neededMl,
            $amounts->pass($pass, 4)->mixtures[0]->neededMl,
            1e-9,
        );
    }

    public function testAMotherMixIsWalkedOn(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds main cloth
            basecoat navy*3 sky*1 2:1 x1
            layer navy*3 sky*1 snow*1 1:1 x1
            highlight snow x1"), 10);
        [$base, $layer, $light] = [self::pass($amounts, 'coat-1'), self::pass($amounts, 'coat-2'), self::pass($amounts, 'coat-3')];

        $left = $amounts->leftOnPalette($base, $base->mixtures[0]);
        self::assertLessThan($base->mixtures[0]->drops(), $left);
        [$navy, $sky, $snow, $water] = array_map(static fn(Pour $one): int => $one->drops, $layer->mixtures[0]->pours);

        $walked = WalkedOn::between($base->pass, $base->mixtures[0], $layer->mixtures[0], 13, 0.045);

        // Of thirteen drops twice 3 navy, 1 sky and 2 water are taken; all the rest comes in.
        self::assertNotNull($walked);
        self::assertSame(12, $walked->keepDrops);
        self::assertSame(
            [...$navy > 6 ? ['Navy '.($navy - 6), 'Sky '.($sky - 2)] : [], "Snow $snow", 'water '.($water - 4)],
            array_map(static fn(Pour $one): string => "{$one->name()} $one->drops", $walked->add),
        );
        self::assertNull(WalkedOn::between($base->pass, $base->mixtures[0], $layer->mixtures[0], 5, 0.045), 'no whole round is left');
        self::assertNull(WalkedOn::between($base->pass, $base->mixtures[0], $light->mixtures[0], 60, 0.045));
        self::assertNull(WalkedOn::between($layer->pass, $layer->mixtures[0], $base->mixtures[0], 60, 0.045), 'nothing is taken out of a mix');
    }

    public function testOneToOneIsWalkedOnToThreeToOneWithDropsOfTheOne(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds small cloth\n basecoat red*1 snow*1 1:0 x1\n layer red*3 snow*1 1:0 x1"), 1);
        [$base, $layer] = [self::pass($amounts, 'coat-1'), self::pass($amounts, 'coat-2')];

        $walked = WalkedOn::between($base->pass, $base->mixtures[0], $layer->mixtures[0], 2, 0.045);

        self::assertNotNull($walked);
        self::assertSame(
            [2, ['Red 2']],
            [$walked->keepDrops, array_map(static fn(Pour $one): string => "{$one->name()} $one->drops", $walked->add)],
        );
    }

    /** What is said to lie there was poured, and is more than nothing only by palette and rounding. */
    public function testNoMoreIsLeftOnThePaletteThanWasPoured(): void
    {
        foreach (range(1, 40, 3) as $models) {
            $amounts = Amounts::of(
                PlanSketch::plan("area coat broad-folds main cloth\n basecoat navy*5 sky*2 2:1 x2\n wash umber-wash\n highlight sky x1"),
                $models,
            );
            foreach ($amounts->passes() as $pass) {
                foreach ($pass->mixtures as $mixture) {
                    $left = $amounts->leftOnPalette($pass, $mixture);
                    $film = $mixture->neededMl * 0.7 / 0.045;
                    self::assertLessThanOrEqual($mixture->drops() - $film + 1e-6, $left);
                    self::assertGreaterThan($mixture->drops() - $film - 1.0 - 1e-6, $left);
                }
            }
        }
    }

    public function testASingleDropToManyIsATouchOnTheBrush(): void
    {
        $added = static function (string $thinned): array {
            $amounts = Amounts::of(
                PlanSketch::plan("area coat broad-folds main cloth\n basecoat navy*7 sky*1 $thinned x1\n layer navy*7 sky*1 snow*1 $thinned x1"),
                1,
            );
            [$base, $layer] = [self::pass($amounts, 'coat-1'), self::pass($amounts, 'coat-2')];
            $walked = WalkedOn::between($base->pass, $base->mixtures[0], $layer->mixtures[0], 16, 0.045);

            return array_map(static fn(Pour $one): array => [$one->name(), $one->drops, $walked?->isTrace($one)], $walked->add ?? []);
        };

        self::assertSame([['Snow', 1, false]], $added('1:0'), 'one to eight is counted');
        self::assertSame([['Snow', 1, true], ['water', 1, false]], $added('1:1'));
    }

    public function testALittleThatIsLeftIsNotWorthTheTrouble(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds main cloth\n basecoat red*1 snow*1 1:0 x1\n layer red*3 snow*1 1:0 x2"), 40);
        [$base, $layer] = [self::pass($amounts, 'coat-1'), self::pass($amounts, 'coat-2')];
        $fifth = (int) ceil($layer->mixtures[0]->drops() / 5);

        self::assertGreaterThan(20, $layer->mixtures[0]->drops());
        self::assertNull(WalkedOn::between($base->pass, $base->mixtures[0], $layer->mixtures[0], $fifth - 2, 0.045));
        self::assertNotNull(WalkedOn::between($base->pass, $base->mixtures[0], $layer->mixtures[0], $fifth + 2, 0.045));
    }

    public function testNothingIsLeftOfAnother(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds main cloth\n basecoat navy x1\n layer sky x1"), 10);
        [$base, $layer] = [self::pass($amounts, 'coat-1'), self::pass($amounts, 'coat-2')];

        self::assertNull(WalkedOn::between($base->pass, $base->mixtures[0], $layer->mixtures[0], 60, 0.045));
    }

    public function testAThinMixIsNotMadeThicker(): void
    {
        $amounts = Amounts::of(PlanSketch::plan("area coat broad-folds main cloth\n glaze navy water 1:9 x1\n layer navy*1 snow*1 1:1 x1"), 10);

        self::assertNull(WalkedOn::between(
            self::pass($amounts, 'coat-1')->pass,
            self::pass($amounts, 'coat-1')->mixtures[0],
            self::pass($amounts, 'coat-2')->mixtures[0],
            60,
            0.045,
        ));
    }

    public function testACanLeavesMostOfItInTheAir(): void
    {
        $can = Sprayed::with(Brush::SprayCan, 1.84);

        self::assertNotNull($can);
        self::assertSame('a quarter of a can, about 40 seconds of spraying', $can->words());
        self::assertSame("3 cups", Sprayed::with(Brush::Airbrush, 2.6)?->words());
        self::assertNull(Sprayed::with(Brush::Medium, 1.0));
    }

    /** Nobody counts drops out of a can, nor fills a cup with one; what goes past is gone from the pot too. */
    public function testCansAreToldInSharesAndCupsHaveAMinimum(): void
    {
        $can = Amounts::of(PlanSketch::plan("undercoat black\narea coat broad-folds main cloth\n basecoat navy"), 10);
        $primer = self::pass($can, 'undercoat');
        self::assertSame([], $primer->mixtures);
        [$pour] = $primer->pours();
        self::assertSame(0, $pour->drops);
        self::assertStringContainsString('of a can, about', (string) $pour->sprayed?->words());
        $landed = $can->wetMl($primer->pass->step, null) * 0.7;
        // A twentieth lands, and half of what the can holds is propellant.
        self::assertEqualsWithDelta($landed / 0.05 * 2.0, $can->totals()['black'], 1e-6);

        $airbrush = Amounts::of(PlanSketch::plan("undercoat black method airbrush\narea gem tiny-detail speck glass\n spray-layer navy 1:0 x1"), 1);
        self::assertGreaterThanOrEqual(8, self::pass($airbrush, 'gem-1')->mixtures[0]->drops());
        $many = Amounts::of(PlanSketch::plan("undercoat black method airbrush\narea coat broad-folds main cloth\n basecoat navy"), 60);
        $step = self::pass($many, 'undercoat')->pass->step;
        self::assertEqualsWithDelta($many->wetMl($step, null) * 0.7 / 0.5, $many->totals()['black'], 1e-6);
    }

    public function testAPainterHasOtherDrops(): void
    {
        $plan = PlanSketch::plan("area coat broad-folds main cloth\n basecoat navy 1:0");
        $usual = self::pass(Amounts::of($plan, 10), 'coat-1')->pours()[0];
        $small = self::pass(Amounts::of($plan, 10, Measures::of(dropMl: 0.03)), 'coat-1')->pours()[0];
        $careful = self::pass(Amounts::of($plan, 10, Measures::of(loss: 0.0)), 'coat-1')->mixtures[0];

        self::assertEqualsWithDelta(1.5, $small->drops / $usual->drops, 0.06);
        self::assertEqualsWithDelta(0.7 * self::pass(Amounts::of($plan, 10), 'coat-1')->mixtures[0]->neededMl, $careful->neededMl, 1e-9);
    }

    /** What a record takes from the pots: its own mix and thinning, wet paint shared out by parts; of a blend half each. */
    public function testWhatARecordSpendsIsToldByPot(): void
    {
        $plan = PlanSketch::plan(<<<'PLAN'
            undercoat black
            area coat broad-folds medium cloth
             basecoat navy x2
            area sky broad-folds medium cloth
             wet-blend navy over snow all
            PLAN);
        $amounts = Amounts::of($plan, 10);
        [$coat, $sky] = $plan->areas;
        $mix = [['paint' => 'navy', 'parts' => 3], ['paint' => 'snow', 'parts' => 1]];
        $wet = 0.05 * 1843.2 * 0.12 * 3 * 4 / 0.7 / 1000;

        $spent = $amounts->spent($coat->steps[0], $coat, $mix, Dilution::of(1, 1, Thinner::Water), 3, 4);
        self::assertEqualsWithDelta(['navy' => $wet / 2 * 3 / 4, 'snow' => $wet / 2 / 4], $spent, 1e-9);
        self::assertSame([], $amounts->spent($coat->steps[0], $coat, [], Dilution::of(1, 1, Thinner::Water), 3, 4));

        $whole = 0.05 * 1843.2 * 0.12 * 10 / 0.7 / 1000;
        $blend = $amounts->spent($sky->steps[0], $sky, [['paint' => 'red', 'parts' => 1]], Dilution::of(1, 0, Thinner::Water), 1, 10);
        // The other is thinned as it is planned, two to one.
        self::assertEqualsWithDelta(['red' => $whole / 2, 'snow' => $whole / 2 * 2 / 3], $blend, 1e-9);

        $primer = self::pass($amounts, 'undercoat')->pass->step;
        $can = $amounts->spent($primer, null, [['paint' => 'black', 'parts' => 1]], Dilution::none(), $primer->coats, 10);
        self::assertEqualsWithDelta(['black' => $amounts->totals()['black']], $can, 1e-6);
    }

    public function testThinnersAreToldInDropsAndMl(): void
    {
        $pour = Pour::thinning(Thinner::Water, null, 6, 0.05);

        self::assertEqualsWithDelta([6, 0.3], [$pour->drops, $pour->ml], 1e-12);
    }

    public function testOneCupIsOneUpToItsRim(): void
    {
        self::assertSame(['one cup', 'one cup', '2 cups'], array_map(
            static fn(float $ml): ?string => Sprayed::with(Brush::Airbrush, $ml)?->words(),
            [0.5, 1.0, 1.01],
        ));
    }

    public function testNobodyPaintsNoModels(): void
    {
        $this->expectException(IllegalAmount::class);

        Amounts::of(PlanSketch::plan('area coat broad-folds main cloth'), 0);
    }

    private static function common(int $one, int $other): int
    {
        return $other === 0 ? $one : self::common($other, $one % $other);
    }

    private static function pass(Amounts $amounts, string $step): PassAmount
    {
        foreach ($amounts->passes() as $pass) {
            if ($pass->pass->step->id === $step) {
                return $pass;
            }
        }
        self::fail("There is no pass $step");
    }

    /** @return list<string> */
    private static function told(PassAmount $pass): array
    {
        return array_map(static fn(Pour $one): string => "{$one->name()} $one->drops", $pass->pours());
    }
}
