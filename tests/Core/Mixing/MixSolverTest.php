<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Xyz;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Drops;
use Kalokroma\Mixing\Effort;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixAnswer;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\Palette;
use Kalokroma\Mixing\Ratios;
use Kalokroma\Mixing\Reach;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;
use Kalokroma\Paint\Skin;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class MixSolverTest extends TestCase
{
    /** @return iterable<array{int, string}> */
    public static function questions(): iterable
    {
        yield from [[1, '#7a5230'], [2, '#2f7f86'], [3, '#d9c7a0'], [4, '#40203a'], [5, '#ff00aa']];
    }

    #[DataProvider('questions')]
    public function testOnFortyPaintsTheBestPairEqualsExhaustiveSearch(int $seed, string $target): void
    {
        $wanted = Paints::lab($target);
        $shelf = Paints::shelf(40, $seed);

        $answer = MixSolver::solve(MixTarget::masstone($wanted), $shelf, MixLimits::none()->paints(2), 1)->pairs[0];

        self::assertEqualsWithDelta(self::bestPair($shelf, $wanted), $answer->difference->number, 0.006);
        self::assertEqualsWithDelta(0.0, Ciede2000::between($answer->colour, $answer->mix->colour()), 1e-6);
    }

    public function testOnThreeHundredPaintsTheBestPairEqualsExhaustiveSearch(): void
    {
        $shelf = Paints::shelf(300, 6);
        $wanted = Paints::lab('#808080');

        $answer = MixSolver::solve(MixTarget::masstone($wanted), $shelf, MixLimits::none()->paints(2))->pairs[0];

        self::assertEqualsWithDelta(self::bestPairByPalette($shelf, $wanted), $answer->difference->number, 0.006);
    }

    /** Every triple in every ratio, by the plain film model. */
    #[DataProvider('questions')]
    public function testTheBestTripleEqualsExhaustiveSearch(int $seed, string $target): void
    {
        $shelf = Paints::shelf(14, $seed);
        $wanted = Paints::lab($target);
        $best = INF;
        foreach ($shelf as $i => $one) {
            foreach (array_slice($shelf, $i + 1) as $j => $two) {
                foreach (array_slice($shelf, $i + $j + 2) as $three) {
                    for ($a = 1; $a <= 7; $a++) {
                        for ($b = 1; $a + $b <= 8; $b++) {
                            for ($c = 1; $a + $b + $c <= Mix::MOST_PARTS; $c++) {
                                $colour = Optics::mixed([[$one->optics(), $a], [$two->optics(), $b], [$three->optics(), $c]])->masstone()->toLab();
                                $best = min($best, Ciede2000::between($wanted, $colour));
                            }
                        }
                    }
                }
            }
        }

        $answer = MixSolver::solve(MixTarget::masstone($wanted), $shelf, MixLimits::none(), 1)->triples[0];

        self::assertEqualsWithDelta($best, $answer->difference->number, 0.006);
        self::assertEqualsWithDelta(0.0, Ciede2000::between($answer->colour, $answer->mix->colour()), 1e-6);
    }

    /**
     * Found once by trying all 4.5 million triples of each shelf in all 79 ratios, which takes minutes even in C; the last ones lie at the
     * edge of reach.
     */
    #[DataProvider('exhaustedShelves')]
    public function testOnThreeHundredPaintsTheBestTripleIsNearTheExhaustiveOne(int $seed, string $target, float $exhaustive): void
    {
        $answer = MixSolver::solve(MixTarget::masstone(Paints::lab($target)), Paints::shelf(300, $seed), MixLimits::none(), 6)->triples[0];

        self::assertLessThanOrEqual($exhaustive + 0.2, $answer->difference->number);
        self::assertGreaterThanOrEqual($exhaustive - 0.001, $answer->difference->number);
    }

    /** @return iterable<array{int, string, float}> */
    public static function exhaustedShelves(): iterable
    {
        yield from [
            [3, '#7a5230', 0.0482], [3, '#203028', 0.3824], [3, '#808080', 0.0376], [3, '#40203a', 0.7100], [3, '#2f7f86', 0.0418],
            [3, '#3b6fd6', 0.0670],
            [11, '#808080', 0.0413], [11, '#5f7a45', 0.0173], [11, '#c0a070', 0.0873], [11, '#203028', 1.4766],
            [3, '#e0e0d0', 2.8512], [3, '#ff0000', 4.9373], [3, '#101010', 6.6211], [3, '#fafafa', 9.2404], [11, '#101010', 6.4978],
            [11, '#ffd000', 3.3096],
        ];
    }

    /** `bin/bench` prints how much over more targets and shelves. */
    public function testTheQuickSearchMissesLittle(): void
    {
        foreach ([[150, 7], [300, 5]] as [$count, $seed]) {
            $shelf = Paints::shelf($count, $seed);
            foreach (['#808080', '#5f7a45', '#2f7f86', '#203028', '#ffd000'] as $hex) {
                $target = MixTarget::masstone(Paints::lab($hex));
                $quick = MixSolver::solve($target, $shelf, MixLimits::none()->paints(2), 2, Effort::quick());
                $thorough = MixSolver::solve($target, $shelf, MixLimits::none()->paints(2), 2);

                self::assertLessThanOrEqual($thorough->pairs[0]->difference->number + 0.25, $quick->pairs[0]->difference->number, "$hex of $count");
                self::assertGreaterThanOrEqual($thorough->pairs[0]->difference->number, $quick->pairs[0]->difference->number);
            }
        }
    }

    /** On a very large shelf only the likeliest are looked through; what must be in it is among them however unlikely. */
    public function testOnAVeryLargeShelfTheLimitsHoldToo(): void
    {
        $shelf = Paints::shelf(520, 17);
        $target = MixTarget::masstone(Paints::lab('#f2ead0'));
        usort($shelf, static fn(Paint $one, Paint $other): int => $one->colour()->lightness <=> $other->colour()->lightness);
        $darkest = $shelf[1]->id;
        $free = MixSolver::solve($target, $shelf, MixLimits::none()->paints(2), 4);
        $nearest = $free->pairs[0]->mix->ingredients[0]->paint->id;
        $answers = MixSolver::solve($target, $shelf, MixLimits::none()->paints(2)->with([$darkest])->without([$nearest]), 4);

        self::assertCount(300, $answers->tried);
        self::assertNotSame([], $answers->pairs);
        foreach ($answers->pairs as $answer) {
            $ids = array_map(static fn(Ingredient $one): string => $one->paint->id, $answer->mix->ingredients);
            self::assertContains($darkest, $ids);
            self::assertNotContains($nearest, $ids);
        }
        self::assertLessThan($answers->pairs[0]->difference->number, $free->pairs[0]->difference->number);
    }

    public function testTheBestAnswerIsNeverWorseThanTheBestPair(): void
    {
        foreach ([30, 60] as $seed => $count) {
            foreach (['#ff0000', '#fafafa', '#3b6fd6'] as $target) {
                $answers = MixSolver::solve(MixTarget::masstone(Paints::lab($target)), Paints::shelf($count, $seed), MixLimits::none(), 3);
                self::assertLessThanOrEqual($answers->pairs[0]->difference->number + 0.01, $answers->best()?->difference->number);
                self::assertSame($answers->best(), $answers->ranked()[0]);
            }
        }
    }

    public function testAWashIsMatchedAsOneCoatOverWhite(): void
    {
        $shelf = array_map(
            static fn(string $hex, int $i): Paint => Paints::of($hex, 0.06, Kind::Wash, "wash $i"),
            ['#a29c94', '#b88c60', '#8d96ba', '#a7ae7c'],
            range(0, 3),
        );
        $wanted = Paints::lab('#a8a080');
        $answer = MixSolver::solve(MixTarget::of($wanted, Film::SeeThrough), $shelf, MixLimits::none(), 1)->pairs[0];
        $best = INF;
        foreach ($shelf as $one) {
            foreach ($shelf as $other) {
                for ($parts = 1; $parts < 9 && $one !== $other; $parts++) {
                    for ($more = 1; $more + $parts <= 9; $more++) {
                        $seen = Optics::mixed([[$one->optics(), $parts], [$other->optics(), $more]])->over(Reflectance::flat(1.0), 1.0)->toLab();
                        $best = min($best, Ciede2000::between($wanted, $seen));
                    }
                }
            }
        }

        self::assertEqualsWithDelta($best, $answer->difference->number, 0.006);
        self::assertTrue($answer->mix->isTransparent());
    }

    public function testEqualQuestionsGetEqualAnswersOnceEachAndInLowestTerms(): void
    {
        $shelf = Paints::shelf(50, 9);
        $ask = static fn(): array => array_map(
            static fn(MixAnswer $answer): string => $answer->mix->words(),
            MixSolver::solve(MixTarget::masstone(Paints::lab('#5f7a45')), $shelf, MixLimits::none(), 10)->ranked(),
        );
        $answers = $ask();

        self::assertSame($answers, $ask());
        self::assertCount(30, array_unique($answers));
        foreach ($answers as $words) {
            self::assertDoesNotMatchRegularExpression('/^(2|4|6) [^:]* : (2|4|6) [^:]*$/', $words);
        }
    }

    public function testLimitsAreKept(): void
    {
        $shelf = [...Paints::shelf(30, 2), Paints::of('#7a5230', 0.2, Kind::Ink, 'Tan ink'), Paints::of('#7a5230', 0.96, Kind::Metallic, 'Bronze')];
        $target = MixTarget::masstone(Paints::lab('#7a5230'));
        $names = static fn(MixLimits $limits): array => array_map(
            static fn(MixAnswer $answer): array => array_map(static fn(Ingredient $one): string => $one->paint->id, $answer->mix->ingredients),
            MixSolver::solve($target, $shelf, $limits, 4)->ranked(),
        );

        self::assertNotContains('Bronze', array_merge(...$names(MixLimits::none())));
        self::assertNotContains('Tan ink', array_merge(...$names(MixLimits::none())));
        $used = $names(MixLimits::none())[0][0];
        self::assertNotContains($used, array_merge(...$names(MixLimits::none()->without([$used]))));
        foreach ($names(MixLimits::none()->with(['paint 7', 'paint 9'])) as $mix) {
            self::assertContains('paint 7', $mix);
            self::assertContains('paint 9', $mix);
        }
        foreach (MixSolver::solve($target, $shelf, MixLimits::none()->parts(4), 4)->ranked() as $answer) {
            self::assertLessThanOrEqual(4, $answer->mix->parts());
        }
        self::assertSame([], MixSolver::solve($target, $shelf, MixLimits::none()->paints(2))->triples);
        self::assertSame([], MixSolver::solve($target, $shelf, MixLimits::none()->parts(1))->pairs);
    }

    public function testAnInkMayTintButNotMakeUpMoreThanHalf(): void
    {
        $shelf = [...Paints::shelf(12, 2), Paints::of('#7a2030', 0.2, Kind::Ink, 'Red ink')];
        $limits = MixLimits::none()->kinds([Kind::Opaque, Kind::Ink])->with(['Red ink']);
        $answers = MixSolver::solve(MixTarget::masstone(Paints::lab('#7a3038')), $shelf, $limits, 20)->ranked();

        self::assertNotSame([], $answers);
        foreach ($answers as $answer) {
            self::assertFalse($answer->mix->isTransparent());
            self::assertEqualsWithDelta(0.0, Ciede2000::between($answer->colour, $answer->mix->colour()), 1e-6);
        }
    }

    public function testAPaintThatIsNearlyEmptyIsUsedOnlyAsFarAsItGoes(): void
    {
        $shelf = Paints::shelf(20, 8);
        $target = MixTarget::masstone(Paints::lab('#7a5230'));
        $free = MixSolver::solve($target, $shelf, MixLimits::none(), 1)->pairs[0];
        $scarce = $free->mix->ingredients[0]->paint->id;
        $used = 0;
        foreach ([[3.0, 0.5], [0.4, 0.1], [0.1, 0.05], [0.2, 0.044]] as [$amount, $left]) {
            foreach (MixSolver::solve($target, $shelf, MixLimits::none()->enoughFor($amount, [$scarce => $left]), 20)->ranked() as $answer) {
                $drops = Drops::forAmount($answer->mix, Dilution::none(), $amount);
                foreach ($answer->mix->ingredients as $at => $one) {
                    if ($one->paint->id === $scarce) {
                        self::assertLessThanOrEqual($left + 1e-9, $drops->paints[$at] * Drops::DROP_ML, 'as whole drops come');
                        $used++;
                    }
                }
            }
        }
        self::assertGreaterThan(0, $used);
        $this->expectException(IllegalMix::class);
        MixLimits::none()->enoughFor(NAN, []);
    }

    public function testAnEmptyShelfHasNoAnswerAndSaysSo(): void
    {
        $answers = MixSolver::solve(MixTarget::masstone(Paints::lab('#5f7a45')), [], MixLimits::none());

        self::assertSame([], $answers->ranked());
        self::assertNull($answers->advised());
        self::assertFalse(Reach::of($answers)->isReached);
        self::assertStringContainsString('No paint', Reach::of($answers)->words);
    }

    public function testWhatIsOutOfReachSaysWhy(): void
    {
        $shelf = [Paints::of('#808080', 0.9), Paints::of('#a0a098', 0.9), Paints::of('#7a6050', 0.9), Paints::of('#506070', 0.9)];
        $reach = static fn(string $hex): string => Reach::of(MixSolver::solve(
            MixTarget::masstone(Paints::lab($hex)),
            $shelf,
            MixLimits::none(),
        ))->words;

        self::assertStringContainsString('too dark', $reach('#101010'));
        self::assertStringContainsString('too light', $reach('#fdfdfd'));
        self::assertStringContainsString('too saturated', $reach('#c05010'));
        self::assertStringStartsWith('In reach', $reach('#858480'));
    }

    public function testTheSimplestThatIsAsGoodToTheEyeIsAdvised(): void
    {
        $shelf = [...Paints::shelf(60, 3), Paints::of('#7b5331', 0.9, Kind::Opaque, 'Nearly')];
        $answers = MixSolver::solve(MixTarget::masstone(Paints::lab('#7a5230')), $shelf, MixLimits::none());

        self::assertSame('Nearly', $answers->advised()?->mix->words());
    }

    /** @param list<Paint> $shelf */
    private static function bestPairByPalette(array $shelf, Lab $wanted): float
    {
        // PaletteTest holds the palette's light against the plain film model.
        $palette = new Palette($shelf, false);
        $best = INF;
        foreach ($shelf as $i => $_) {
            for ($j = 0; $j < $i; $j++) {
                foreach (Ratios::of(2, Mix::MOST_PARTS) as [$first, $second]) {
                    [$l, $a, $b] = Palette::lab($palette->lightOfTwo($i, $j, $first / ($first + $second)));
                    if (abs($l - $wanted->lightness) < 2 * $best) {
                        $best = min($best, Ciede2000::ofNumbers($wanted->lightness, $wanted->a, $wanted->b, $l, $a, $b));
                    }
                }
            }
        }

        return $best;
    }

    /** @param list<Paint> $shelf */
    private static function bestPair(array $shelf, Lab $wanted): float
    {
        [$x, $y, $z] = Observer::weights();
        $films = array_map(static fn(Paint $paint): array => [$paint->optics()->absorption, $paint->optics()->scattering], $shelf);
        $best = INF;
        foreach ($films as $i => [$k1, $s1]) {
            foreach (array_slice($films, $i + 1) as [$k2, $s2]) {
                for ($parts = 2; $parts <= Mix::MOST_PARTS; $parts++) {
                    for ($first = 1; $first < $parts; $first++) {
                        if ($parts % 2 === 0 && $first % 2 === 0) {
                            continue;
                        }
                        $light = [0.0, 0.0, 0.0];
                        foreach ($k1 as $band => $k) {
                            $ratio = ($first * $k + ($parts - $first) * $k2[$band]) / ($first * $s1[$band] + ($parts - $first) * $s2[$band]);
                            $seen = Skin::seen(1 + $ratio - sqrt($ratio * $ratio + 2 * $ratio));
                            $light[0] += $x[$band] * $seen;
                            $light[1] += $y[$band] * $seen;
                            $light[2] += $z[$band] * $seen;
                        }
                        $colour = Xyz::of(...$light)->toLab();
                        if (abs($colour->lightness - $wanted->lightness) < 2 * $best) {
                            $best = min($best, Ciede2000::between($wanted, $colour));
                        }
                    }
                }
            }
        }

        return $best;
    }
}
