<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What painters wait, and what for. */
final class DryTimesTest extends TestCase
{
    /** @return iterable<string, array{int, string}> minutes between the first and the second step of an area */
    public static function waits(): iterable
    {
        yield 'a base before the next coat' => [20, "basecoat navy\n layer blue"];
        yield 'varnish cures a day before decals' => [1440, "gloss-coat gloss\n decal setting"];
        yield 'and before solvents' => [1440, "gloss-coat gloss\n solvent-wash grime"];
        yield 'but not before paint' => [60, "gloss-coat gloss\n highlight blue"];
        yield 'a spot of gloss is no coat' => [30, "gloss-spot gloss\n solvent-wash grime"];
        yield 'a thin wash' => [30, "wash umber-wash\n layer blue"];
        yield 'a straight wash' => [60, "wash umber-wash 1:0\n layer blue"];
        yield 'a flooded wash' => [240, "wash umber-wash load flooded\n layer blue"];
        yield 'enamel is wiped after about two hours' => [120, "solvent-wash grime\n wipe-back"];
        yield 'and coated after four' => [240, "solvent-wash grime\n layer blue"];
        yield 'oil is wiped at two hours too' => [120, "solvent-wash grime spirit oil\n wipe-back"];
        yield 'and coated after a day' => [1440, "solvent-wash grime spirit oil\n matt-coat matt"];
        yield 'streaks are feathered after ten minutes' => [10, "streaks grime\n feather"];
        yield 'grit goes into wet paste' => [0, "texture-paste mud\n grit"];
        yield 'paste dries the night' => [480, "texture-paste mud\n drybrush tan"];
    }

    #[DataProvider('waits')]
    public function testBetween(int $minutes, string $steps): void
    {
        [$first, $second] = PlanSketch::plan("area a broad-folds main cloth\n $steps")->areas[0]->steps;

        self::assertSame($minutes, DryTimes::between($first, $second));
    }

    /** Between two coats from a can a quarter of an hour; before a brush comes the propellant has to be out. */
    public function testCoatsFromACanFollowEachOtherSoon(): void
    {
        [$can] = PlanSketch::plan('undercoat black')->undercoat->steps();
        [$airbrushed] = PlanSketch::plan('undercoat black method airbrush')->undercoat->steps();

        self::assertSame([15, 60], [DryTimes::betweenCoats($can), DryTimes::between($can, null)]);
        self::assertSame([10, 10], [DryTimes::betweenCoats($airbrushed), DryTimes::between($airbrushed, null)]);
    }

    /** Where the kind of paint says more than the technique. */
    public function testACoatDriesAsItsPaintDoes(): void
    {
        foreach ([
            'basecoat navy' => 20, 'basecoat navy 1:0' => 30, 'basecoat navy 1:3' => 10, 'basecoat steel' => 30, 'layer ruby' => 20,
            'layer navy' => 10, 'drybrush steel' => 2, 'edge-highlight bright-steel' => 5,
        ] as $step => $minutes) {
            [$first] = PlanSketch::plan("area a broad-folds main metal\n $step")->areas[0]->steps;
            self::assertSame($minutes, DryTimes::between($first, null), $step);
        }
    }

    public function testACanGasesOutAnAirbrushedPrimerHardlyHasTo(): void
    {
        $dry = static fn(string $undercoat): array => array_map(
            static fn(Pass $pass): int => Rehearsal::of(PlanSketch::plan(
                "undercoat $undercoat\narea a broad-folds main cloth\n basecoat navy",
            ))->dryMinutes($pass),
            array_slice(
                Rehearsal::of(PlanSketch::plan("undercoat $undercoat\narea a broad-folds main cloth\n basecoat navy"))->order()->passes,
                0,
                -1,
            ),
        );

        self::assertSame([60, 60], $dry('black light bone'), 'Light from above comes out of the same kind of thing as the ground.');
        self::assertSame([10, 10], $dry('black light bone method airbrush'));
        self::assertSame([10], $dry('black method airbrush'));
    }

    /** @return iterable<string, array{int, Habit, Dilution|null, Brush|null}> */
    public static function habits(): iterable
    {
        yield 'a thinned wash' => [45, new Habit('wash', dryMinutes: 45), null, null];
        yield 'a straight one never less than an hour' => [60, new Habit('wash', dryMinutes: 45), Dilution::none(), null];
        yield 'but longer when it usually is' => [90, new Habit('wash', dryMinutes: 90), Dilution::none(), null];
        yield 'primer from a can' => [45, new Habit('primer', dryMinutes: 45), null, null];
        yield 'but airbrushed it is dry sooner' => [10, new Habit('primer', dryMinutes: 45), null, Brush::Airbrush];
        yield 'also when that is how one always primes' => [10, new Habit('primer', brush: Brush::Airbrush), null, null];
        yield 'and one has timed it' => [20, new Habit('primer', brush: Brush::Airbrush, dryMinutes: 20), null, null];
        yield 'light from above' => [15, new Habit('spray-from-above', dryMinutes: 15), null, null];
        yield 'but from a can it gases out' => [60, new Habit('spray-from-above', dryMinutes: 15), null, Brush::SprayCan];
        yield 'a sprayed layer' => [7, new Habit('spray-layer', dryMinutes: 7), null, Brush::SprayCan];
    }

    #[DataProvider('habits')]
    public function testAHabitIsHeard(int $minutes, Habit $habit, ?Dilution $dilution, ?Brush $brush): void
    {
        $technique = CraftBook::standard()->with($habit)->technique($habit->technique);
        self::assertNotNull($technique);
        $usual = Step::usual('one', $technique);
        $step = Step::of('one', $technique, null, $dilution ?? $usual->dilution, 1, $brush ?? $usual->brush, $usual->place);

        self::assertSame($minutes, DryTimes::between($step, Step::usual('next', Technique::of('layer'))));
    }

    public function testARestIsWhatNothingFills(): void
    {
        $rehearsal = Rehearsal::of(PlanSketch::plan(
            "area a broad-folds main cloth\n basecoat navy\n wash blue-wash\narea b close-folds small cloth\n basecoat brown\norder a-1 b-1 a-2",
        ));
        $rests = array_map($rehearsal->restBefore(...), $rehearsal->order()->passes);

        self::assertSame([0, 60, 0, 0], $rests);
    }
}
