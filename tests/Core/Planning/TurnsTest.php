<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Mixing\Mix;
use Kalokroma\Planning\Turns;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

/** Lenses coloured one by one: every model has its turn, and every turn its own steps. */
final class TurnsTest extends TestCase
{
    public function testEveryModelHasOneTurn(): void
    {
        for ($models = 1; $models <= 20; $models++) {
            $turns = Turns::of(self::lens(true), $models)->turns;
            $numbers = array_merge(...array_column($turns, 'models'));
            sort($numbers);
            self::assertSame(range(1, $models), $numbers);
            self::assertLessThanOrEqual(1, max(array_map(count(...), array_column($turns, 'models'))) - min(array_map(count(...), array_column($turns, 'models'))));
        }
        self::assertSame([[1, 4, 7, 10], [2, 5, 8], [3, 6, 9]], array_column(Turns::of(self::lens(true), 10)->turns, 'models'));
    }

    public function testAStepStandsForTheSamePlaceAndTheLastForAllThatIsLeft(): void
    {
        $area = self::lens(true);
        $words = static fn(int $at): array => array_map(static fn(array $turn): array => array_map(static fn(Step $one): string => $one->words(), $turn['steps']), Turns::of($area, 9)->at($area, $area->steps[$at]));

        self::assertSame([['red'], ['blue'], ['green']], $words(0));
        self::assertSame([['pink'], ['sky'], ['lime', 'white']], $words(1));
    }

    /** The recipe itself stands among the variants, and is no turn of its own; alone, or not meant to, nothing is done by turns. */
    public function testWithoutVariantsOrWithoutMeaningItAllArePaintedAlike(): void
    {
        $area = self::lens(true);

        self::assertSame([], Turns::of(self::lens(false), 9)->turns);
        self::assertSame([], Turns::of($area->withVariants([$area->variants[0]]), 9)->turns);
        self::assertSame([], Turns::of($area, 1)->at($area, $area->steps[0]), 'One model is painted one way.');
        self::assertSame('as it is', Turns::of($area, 9)->turns[0]['name']);
    }

    private static function lens(bool $byTurns): Area
    {
        $steps = static fn(string $id, string ...$names): array => array_map(static fn(string $name, int $at): Step => Step::usual("$id-$at", Technique::of($at === 0 ? 'basecoat' : 'highlight'), mix: Mix::single(Paints::of('#808080', name: $name))), $names, array_keys($names));

        return Area::of('lens', 'Lens', Texture::TinyDetail, AreaSize::Speck, Importance::Normal, steps: $steps('r', 'red', 'pink'), variants: [
            new Variant('a', 'as it is', true, '', '', $steps('a', 'red', 'pink')),
            new Variant('b', 'blue', false, '', '', $steps('b', 'blue', 'sky')),
            new Variant('c', 'green', false, '', '', $steps('c', 'green', 'lime', 'white')),
        ], byTurns: $byTurns);
    }
}
