<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\BestMixes;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Drops;
use Kalokroma\Mixing\Effort;
use Kalokroma\Mixing\FacingSide;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\HueField;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\MeasuredMix;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixRules;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTangent;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\OnePartMore;
use Kalokroma\Mixing\Palette;
use Kalokroma\Mixing\Ratios;
use Kalokroma\Mixing\Reach;
use Kalokroma\Mixing\SharesOfThree;
use Kalokroma\Mixing\Spans;
use Kalokroma\Mixing\TripleHunt;
use Kalokroma\Mixing\Vicinity;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Tests\Core\AgreedTestCase;
use Tests\Core\Paints;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    protected function said(): iterable
    {
        yield from $this->solved();
        yield from $this->mixed();
        yield from $this->searched();
        foreach ([[1, 0], [2, 1], [1, 3], [1, 20], [0, 1], [1, 99], [-1, 2]] as [$paint, $thinner]) {
            foreach ([Thinner::Water, Thinner::Medium] as $with) {
                yield "thinned $paint : $thinner $with->value" => Told::answer(static fn(): Dilution => Dilution::of($paint, $thinner, $with));
            }
        }
        foreach ([0.02, 0.0477, 0.0526, 0.06, 0.2, 0.33, 0.5, 0.71, 1.0] as $strength) {
            yield "as strong as $strength" => Dilution::near($strength, Thinner::Water);
        }
        yield 'ratios' => [
            Ratios::of(2, 6),
            count(Ratios::of(3, 8)),
            Ratios::ofTwoByShare(6),
            Ratios::isLowest([2, 4]),
            Ratios::isLowest([2, 3]),
            Ratios::isLowest([0, 3]),
        ];
        yield 'shares' => SharesOfThree::upTo(5);
        yield 'effort' => [Effort::thorough(), Effort::quick()];
    }

    /** @return iterable<string, mixed> */
    private function solved(): iterable
    {
        $shelf = [
            ...Paints::shelf(46, 5),
            Paints::of('#8b8f93', 0.95, Kind::Metallic),
            Paints::of('#a01c2a', 0.05, Kind::Ink),
            Paints::of('#3d2f28', 0.04, Kind::Wash),
        ];
        $targets = [
            '#6b4a2f', '#c8321e', '#2f62ad', '#f0e6cc', '#101114', '#7fae3a', '#d9a0b0', '#ffff00', '#808285', '#a67f35', '#3f2a5c',
            '#1f9a8e', '#e08a4a',
            '#5c6b3a', '#b0c4d8', '#ff00ff', '#402018', '#c9b79a',
        ];
        foreach ($targets as $at => $hex) {
            foreach (Film::cases() as $film) {
                $limits = match ($at % 4) {
                    0 => MixLimits::none(),
                    1 => MixLimits::none()->paints(2)->parts(6),
                    2 => MixLimits::none()->without([$shelf[$at]->id, $shelf[$at + 1]->id]),
                    default => MixLimits::none()->with([$shelf[$at * 2]->id])->parts(5),
                };
                yield "mix of $hex, $film->value" => Told::answer(static function () use ($hex, $film, $shelf, $limits): array {
                    $target = MixTarget::of(Paints::lab($hex), $film);
                    $answers = MixSolver::solve($target, $shelf, $limits, 3, $hex[1] < '8' ? Effort::quick() : Effort::thorough());
                    $told = array_map(
                        static fn($one): array => [$one->mix->words(), $one->mix->ratio(), $one->difference, $one->rank()],
                        $answers->ranked(),
                    );

                    return [$told, $answers->best()?->mix->words(), $answers->advised()?->mix->words(), Reach::of($answers)];
                });
            }
        }
        // With few parts the hunt passes by what the proof then finds.
        foreach ([
            [11, 4, '#e9c1c8'],
            [11, 4, '#9b7d26'],
            [11, 4, '#ce75fd'],
            [13, 3, '#77afbe'],
            [13, 3, '#834efc'],
            [14, 4, '#7086f9'],
        ] as [$seed, $parts, $hex]) {
            $target = MixTarget::of(Paints::lab($hex), Film::Covering);
            yield "$hex in $parts parts" => array_map(
                static fn($one): array => [$one->mix->words(), $one->mix->ratio(), $one->difference],
                MixSolver::solve($target, Paints::shelf(40, $seed), MixLimits::none()->parts($parts), 1, Effort::thorough())->ranked(),
            );
        }
        foreach ([[1, '#6b7a50'], [2, '#4f6f73'], [3, '#c9b090'], [4, '#7a5230'], [5, '#ff5000'], [6, '#203010']] as [$seed, $hex]) {
            $palette = new Palette(Paints::shelf(30, $seed), false);
            $best = new BestMixes(Paints::lab($hex), 4);
            $tangent = new MixTangent($palette, Paints::lab($hex), $seed, $seed + 9, 0.4);
            (new TripleHunt($palette, new MixRules($palette, MixLimits::none()), $tangent))->triples($best, range(0, 29));
            yield "hunted for $hex" => [$best->all(), $tangent->goal];
        }
        // More than are all tried: those that pull farthest and those that are nearest are.
        $large = Paints::shelf(260, 8);
        foreach (['#ffff00', '#1f9a8e', '#d9a0b0', '#f4f4f0', '#101114'] as $hex) {
            $answers = MixSolver::solve(MixTarget::of(Paints::lab($hex), Film::Covering), $large, MixLimits::none(), 3, Effort::quick());
            yield "large shelf, $hex" => array_map(
                static fn($one): array => [$one->mix->words(), $one->mix->ratio(), $one->difference],
                $answers->ranked(),
            );
        }
        $larger = Paints::shelf(420, 8);
        foreach ([...$targets, '#00ff00', '#0000ff', '#ff0000', '#ffffff', '#000000'] as $at => $hex) {
            $limits = MixLimits::none()->paints(1)->with($at % 3 === 0 ? [$larger[400]->id] : []);
            $tried = MixSolver::solve(MixTarget::of(Paints::lab($hex), Film::Covering), $larger, $limits, 1, Effort::quick())->tried;
            yield "likeliest for $hex" => [count($tried), crc32(implode(' ', array_map(static fn(Paint $one): string => $one->name, $tried)))];
        }
        foreach (Film::cases() as $film) {
            yield "film $film->value" => [$film->label(), $film->usualKinds(), array_map($film->takes(...), Kind::cases())];
        }
        foreach (Kind::cases() as $kind) {
            yield "film of $kind->value" => Told::answer(static fn(): Film => Film::ofKind($kind));
        }
        foreach ([[0], [4], [99]] as [$most]) {
            yield "limits $most" => [
                Told::answer(static fn(): mixed => MixLimits::none()->paints($most)),
                Told::answer(static fn(): mixed => MixLimits::none()->parts($most)),
            ];
        }
        yield 'enough' => MixLimits::none()->enoughFor(1.2, ['a' => 0.1, 'b' => 3.0]);
    }

    /** @return iterable<string, mixed> */
    private function mixed(): iterable
    {
        $paints = Paints::shelf(14, 9);
        $special = [
            Paints::of('#8b8f93', 0.95, Kind::Metallic, 'Steel'),
            Paints::of('#3d2f28', 0.04, Kind::Wash, 'Shade'),
            Paints::of('#d2682a', 0.04, Kind::Ink, 'Ink'),
        ];
        $made = [
            [[0, 1], [1, 1]], [[2, 3], [3, 1]], [[4, 1], [5, 2], [6, 1]], [[7, 1]], [[8, 5], [9, 3]], [[0, 0]], [[1, 1], [1, 2]],
            [[2, 40], [3, 1]], [[0, 1], [1, 1], [2, 1], [3, 1]], [],
        ];
        foreach ($made as $at => $parts) {
            $mix = static fn(): Mix => Mix::of(array_map(static fn(array $one): Ingredient => Ingredient::of($paints[$one[0]], $one[1]), $parts));
            yield "mixed $at" => Told::answer(static fn(): array => self::about($mix()));
        }
        foreach ([[[$special[0], 1], [$paints[2], 3]], [[$paints[2], 3], [$special[0], 1]], [[$special[0], 2], [$paints[2], 2]]] as $at => $parts) {
            yield "metal and what covers it, $at" => Told::answer(static fn(): array => self::about(
                Mix::of(array_map(static fn(array $one): Ingredient => Ingredient::of(...$one), $parts)),
            ));
        }
        foreach ($special as $one) {
            foreach ([$special[0], $paints[2]] as $other) {
                yield "$one->name and $other->name" => Told::answer(static fn(): array => self::about(Mix::of([
                    Ingredient::of($one, 2),
                    Ingredient::of($other, 1),
                ])));
            }
            foreach ([[1, 2], [2, 3], [3, 4], [1, 1]] as [$first, $second]) {
                yield "$first $one->name to $second" => Told::answer(static fn(): bool => Mix::of([
                    Ingredient::of($one, $first),
                    Ingredient::of($special[2], $second),
                ])->isMetal());
            }
            yield "$one->name alone" => Told::answer(static fn(): array => self::about(Mix::single($one)));
        }
        foreach (['#9a9a9a', '#404040', '#7a2020'] as $seen) {
            yield "seen $seen" => Told::answer(static fn(): MeasuredMix => MeasuredMix::of(
                Mix::of([Ingredient::of($paints[2], 2), Ingredient::of($paints[3], 1)]),
                Paints::lab($seen),
            ));
        }
    }

    /** @return array<mixed> */
    private static function about(Mix $mix): array
    {
        $drops = array_map(static fn(Dilution $one): mixed => Told::answer(static fn(): array => [
            Drops::of($mix, $one), Drops::forAmount($mix, $one, 0.31), Drops::forWet($mix, $one, 0.9), Drops::forWet($mix, $one, 0.02, 0.04),
        ]), [Dilution::none(), Dilution::of(1, 2, Thinner::Water), Dilution::of(3, 2, Thinner::Medium)]);
        $target = MixTarget::like($mix->ingredients[0]->paint);

        return [
            $mix, $mix->colour(), $mix->optics()->contrast(), $mix->film(), $mix->holds($mix->ingredients[0]->paint->id), $drops,
            array_map(static fn(OnePartMore $one): array => [$one->words(), Told::of($one, 1)], OnePartMore::ofEach($mix, $target)),
        ];
    }

    /** @return iterable<string, mixed> what the search for mixes is narrowed by */
    private function searched(): iterable
    {
        $paints = Paints::shelf(9, 3);
        foreach ([false, true] as $isSeeThrough) {
            $palette = new Palette(array_values(array_filter($paints, static fn(Paint $one): bool => ! $one->isClear())), $isSeeThrough);
            $spans = new Spans($palette);
            yield 'palette '.json_encode($isSeeThrough) => [
                array_map($palette->strength(...), range(0, 5)), $palette
                    ->spectra(), $palette
                    ->spectrumOfTwo(0, 1, 0.3), $palette
                    ->spanOfTwo(1, 2, 0.6),
                $palette->spectrumOfThree(0, 1, 2, 0.2, 0.3, 0.5), $palette
                    ->lightOfTwo(2, 3, 0.5), $palette
                    ->lightOfThree(1, 2, 3, 0.25, 0.25, 0.5),
                Palette::lab($palette->lightOfTwo(0, 4, 0.2)), $spans->ofThree(0, 1, 2, 1, 2, 1), $spans->ofThree(3, 4, 5, 2, 1, 1),
            ];
        }
        yield 'weights' => [Spans::weights(), Spans::opponentWeights()];
        foreach ([[30, 40, 20], [60, 5, 200], [85, 60, 95], [12, 2, 300]] as $at => [$l, $c, $h]) {
            $target = Lch::of($l, $c, $h)->toLab();
            $vicinity = Vicinity::around($target, 4.0, 1.5);
            yield from self::facing($at, $target);
            $near = static fn(float $by): array => (static function (Lab $lab) use ($by): array {
                $xyz = Lab::of(max(0.0, $lab->lightness + $by), $lab->a + $by, $lab->b - $by)->toXyz();

                return [$xyz->x, $xyz->y, $xyz->z];
            })($target);
            foreach ([0.5, 4.0, 30.0] as $difference) {
                yield "within $difference of $at" => self::within($target, $difference);
            }
            yield "vicinity $at" => Told::answer(static fn(): array => [
                Told::of($vicinity, 1),
                array_map(static fn(float $by): bool => $vicinity->holds($near($by)), [0.0, 1.0, 2.5, 4.0, 8.0, -1.0, -3.0, -9.0]),
                HueField::round($target), Vicinity::edge($target, 3.0, 1.0, 0.0, 0.0), Vicinity::edge($target, 3.0, 0.0, 1.0, -1.0),
            ]);
        }
    }

    /** Which of the colours all round it the box holds. */
    private static function within(Lab $target, float $difference): string
    {
        $box = Vicinity::around($target, $difference, 0.0);
        $held = '';
        foreach (range(-12, 12) as $up) {
            foreach ([-1.2, -0.6, 0.0, 0.6, 1.2] as $red) {
                foreach ([-1.2, -0.6, 0.0, 0.6, 1.2] as $yellow) {
                    $xyz = Lab::of(
                        max(0.0, min(100.0, $target->lightness + $difference * $up / 8)),
                        $target->a + $red * $difference,
                        $target->b + $yellow * $difference,
                    )->toXyz();
                    $held .= (int) $box->holds([$xyz->x, $xyz->y, $xyz->z]);
                }
            }
        }

        return substr_count($held, '1').' '.hash('crc32b', $held);
    }

    /** @return iterable<string, mixed> what lies toward a colour that is the nearest known, and which spans of mixes can be nearer */
    private static function facing(int $at, Lab $target): iterable
    {
        $palette = new Palette(array_values(array_filter(Paints::shelf(12, 3), static fn(Paint $one): bool => ! $one->isClear())), false);
        foreach ([
            [1.0, 6.0, 1.0],
            [-4.0, 3.0, 1.0],
            [9.0, 12.0, 1.0],
            [8.0, 6.0, 0.0],
            [-8.0, 6.0, 0.0],
            [0.1, 4.0, 40.0],
        ] as $way => [$off, $difference, $aside]) {
            $nearest = [max(1.0, $target->lightness - $off), $target->a + $aside * $off, $target->b - 2.0 * $aside * $off];
            $vicinity = Vicinity::around($target, $difference, 0.002, $nearest);
            $meets = '';
            for ($i = 0; $i < 9; $i++) {
                for ($j = $i + 1; $j < 10; $j++) {
                    $meets .= $vicinity->meets($palette->spanOfTwo($i, $j, 0.3), $palette->spanOfTwo($i, $j, 0.8)) ? '+' : '-';
                }
            }
            yield "toward $at, $way" => [FacingSide::toward($target, $nearest, $difference, 0.002), $meets];
        }
    }
}
