<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;
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
    public function testTheBestPairEqualsExhaustiveSearch(int $seed, string $target): void
    {
        $shelf = Paints::shelf(40, $seed);
        $wanted = Paints::lab($target);
        $best = INF;
        foreach ($shelf as $i => $one) {
            foreach (array_slice($shelf, $i + 1) as $other) {
                for ($parts = 2; $parts <= Mix::MOST_PARTS; $parts++) {
                    for ($first = 1; $first < $parts; $first++) {
                        $colour = Optics::mixed([[$one->optics(), $first], [$other->optics(), $parts - $first]])->masstone()->toLab();
                        $best = min($best, Ciede2000::between($wanted, $colour));
                    }
                }
            }
        }

        $answer = MixSolver::pairs(MixTarget::masstone($wanted), $shelf, 1)[0];

        self::assertEqualsWithDelta($best, $answer->difference->number, 0.01);
        self::assertEqualsWithDelta(0.0, Ciede2000::between($answer->colour, $answer->mix->colour()), 1e-6);
    }

    public function testAWashIsMatchedAsOneCoatOverWhite(): void
    {
        $shelf = array_map(
            static fn(string $hex, int $i): Paint => Paints::of($hex, 0.06, Kind::Wash, "wash $i"),
            ['#a29c94', '#b88c60', '#8d96ba', '#a7ae7c'],
            range(0, 3),
        );
        $answer = MixSolver::pairs(MixTarget::coatOverWhite(Paints::lab('#a8a080')), $shelf, 1)[0];
        $seen = $answer->mix->optics()->over(Reflectance::flat(1.0), 1.0)->toLab();

        self::assertEqualsWithDelta(0.0, Ciede2000::between($answer->colour, $seen), 0.01);
        self::assertTrue($answer->mix->isTransparent());
    }

    public function testEqualQuestionsGetEqualAnswersAndRatiosInLowestTerms(): void
    {
        $shelf = Paints::shelf(25, 9);
        $ask = static fn(): array => array_map(
            static fn($answer): string => $answer->mix->words(),
            MixSolver::pairs(MixTarget::masstone(Paints::lab('#5f7a45')), $shelf, 10),
        );
        $answers = $ask();

        self::assertSame($answers, $ask());
        self::assertCount(10, array_unique($answers));
        foreach ($answers as $words) {
            self::assertDoesNotMatchRegularExpression('/^(2|4|6) .* : (2|4|6) /', $words);
        }
    }

    public function testAnEmptyShelfHasNoAnswer(): void
    {
        self::assertSame([], MixSolver::pairs(MixTarget::masstone(Paints::lab('#5f7a45')), [], 3));
        self::assertSame([], MixSolver::singles(MixTarget::masstone(Paints::lab('#5f7a45')), [], 3));
    }
}
