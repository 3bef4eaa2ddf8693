<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Kalokroma\Amounts\Measures;
use Kalokroma\Craft\Technique;
use Kalokroma\Learning\DryLesson;
use Kalokroma\Learning\OpacityLesson;
use Kalokroma\Learning\PaceLesson;
use Kalokroma\Learning\Spread;
use Kalokroma\Learning\StrengthLesson;
use Kalokroma\Learning\UseLesson;
use Kalokroma\Learning\Worked;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What the logbook teaches: medians, bounded, with how many records they are from. */
final class LessonsTest extends TestCase
{
    public function testASpreadIsTheMiddleAndBetweenWhatTheInnerHalfLies(): void
    {
        $spread = Spread::of([5.0, 1.0, 3.0, 2.0, 4.0]);

        self::assertSame([3.0, 2.0, 4.0, 5], [$spread->median, $spread->low, $spread->high, $spread->samples]);
        self::assertSame(2.5, Spread::of([2.0, 3.0])->median);
    }

    public function testThePaceIsTheMedianOfWhatTheClockSaid(): void
    {
        // A basecoat of a medium area takes two and a half minutes a coat, set up in three: two coats on five models are twenty-eight.
        $lessons = PaceLesson::all(
            array_map(fn(float $minutes): Worked => $this->worked('basecoat navy x2', 5, 2, $minutes), [28.0, 42.0, 33.6, 280.0]),
            Technique::of(...),
        );

        self::assertSame('basecoat', $lessons[0]->technique->id);
        self::assertEqualsWithDelta(1.35, $lessons[0]->ratio->median, 1e-9);
        self::assertSame([3.4, 4], [$lessons[0]->minutes(), $lessons[0]->ratio->samples]);
    }

    /** A date allows for the painter's own scatter, within bounds; before anybody has looked at a clock it is guessed. */
    public function testADateAllowsForWhatTheClockScatters(): void
    {
        $of = fn(float ...$minutes): array => PaceLesson::allowance(array_map(
            fn(float $one): Worked => $this->worked('basecoat navy x2', 5, 2, $one),
            $minutes,
        ));

        self::assertSame(['quick' => 0.8, 'slow' => 1.4, 'samples' => 0], $of(28.0, 28.0));
        self::assertEqualsWithDelta(['quick' => 0.75, 'slow' => 1.25, 'samples' => 5], $of(14.0, 21.0, 28.0, 35.0, 42.0), 1e-9);
        self::assertEqualsWithDelta(['quick' => 0.6, 'slow' => 2.0, 'samples' => 5], $of(2.8, 5.6, 28.0, 84.0, 140.0), 1e-9);
        self::assertEqualsWithDelta(['quick' => 1.0, 'slow' => 1.5, 'samples' => 3], $of(42.0, 42.0, 42.0), 1e-9);
        self::assertEqualsWithDelta(['quick' => 0.75, 'slow' => 1.0, 'samples' => 3], $of(21.0, 21.0, 21.0), 1e-9);
        self::assertSame(0, $of(0.0, 0.0, 0.0)['samples'], 'No clock stood at nought.');
    }

    public function testTwoRecordsOrNoneWithAClockTeachNothing(): void
    {
        self::assertSame(
            [],
            PaceLesson::all([$this->worked('basecoat navy x2', 5, 2, 40.0), $this->worked('basecoat navy x2', 5, 2, 40.0)], Technique::of(...)),
        );
        self::assertSame([], PaceLesson::all(array_fill(0, 5, $this->worked('basecoat navy x2', 5, 2, null)), Technique::of(...)));
        self::assertNull(PaceLesson::overall([]));
    }

    /** @return iterable<string, array{int, int, int}> planned, needed, records */
    public static function coats(): iterable
    {
        foreach ([1, 2, 3, 4] as $planned) {
            foreach ([1, 2, 3, 4, 6] as $needed) {
                foreach ([1, 3, 10] as $records) {
                    yield "$planned planned, $needed needed, $records records" => [$planned, $needed, $records];
                }
            }
        }
    }

    #[DataProvider('coats')]
    public function testAPaintThatTookMoreCoatsCoversLessAndNeverBeyondBounds(int $planned, int $needed, int $records): void
    {
        $lesson = OpacityLesson::all(array_fill(0, $records, $this->worked("basecoat yellow x$planned", 5, $needed)))[0] ?? null;

        if ($planned === $needed) {
            self::assertNull($lesson);

            return;
        }
        self::assertNotNull($lesson);
        $needed > $planned ? self::assertLessThan($lesson->before, $lesson->learned) : self::assertGreaterThan($lesson->before, $lesson->learned);
        // No record makes a coat count for less than half of itself, or for more than half as much again.
        self::assertGreaterThanOrEqual(1.0 - (1.0 - $lesson->before) ** 0.5, $lesson->learned);
        self::assertLessThanOrEqual(1.0 - (1.0 - $lesson->before) ** 1.5, $lesson->learned);
        $more = OpacityLesson::all(array_fill(0, 2 * $records, $this->worked("basecoat yellow x$planned", 5, $needed)))[0];
        self::assertGreaterThan(abs($lesson->learned - $lesson->before), abs($more->learned - $more->before));
        self::assertSame($records, $lesson->coats->samples);
    }

    public function testNeededFourPlannedTwoMovesItAThirdOfTheWay(): void
    {
        $lesson = OpacityLesson::all([$this->worked('basecoat yellow x2', 5, 4)])[0];

        // Four coats left as much as two were thought to: half of a coat each. One record against the weight of two goes a third of that way.
        self::assertEqualsWithDelta(1.0 - (1.0 - $lesson->before) ** (1.0 - 0.5 / 3.0), $lesson->learned, 1e-9);
    }

    public function testMixesWashesAndOtherPaintThanPlannedTellNothingOfOnePaint(): void
    {
        self::assertSame([], OpacityLesson::all([
            $this->worked('basecoat yellow*2 snow*1 x2', 5, 4),
            $this->worked('wash umber-wash', 5, 4),
            $this->worked('basecoat yellow x2', 5, 4, null, false),
            $this->worked('edge-highlight snow', 5, 4),
        ]));
    }

    public function testPotsThatFellFasterRaiseWhatStaysOnThePalette(): void
    {
        self::assertNull(UseLesson::of([['reckoned' => 1.0, 'really' => 1.2, 'loss' => 0.3]], Measures::usual()));
        $lesson = UseLesson::of(
            [['reckoned' => 1.0, 'really' => 1.4, 'loss' => 0.3], ['reckoned' => 2.0, 'really' => 2.8, 'loss' => 0.3]],
            Measures::usual(),
        );

        self::assertNotNull($lesson);
        // Seven tenths of what is poured is painted; when half as much again goes, it is half of it.
        self::assertEqualsWithDelta(0.5, $lesson->loss, 1e-9);
        self::assertSame(
            0.0,
            UseLesson::of(
                [['reckoned' => 1.0, 'really' => 0.5, 'loss' => 0.3], ['reckoned' => 1.0, 'really' => 0.4, 'loss' => 0.3]],
                Measures::usual(),
            )?->loss,
        );
        // The same pots teach the same, whatever is reckoned with by now; and what was reckoned rightly teaches what it was reckoned with.
        $readings = [
            ['reckoned' => 1.0, 'really' => 1.4, 'loss' => 0.3],
            ['reckoned' => 2.0, 'really' => 2.8, 'loss' => 0.3],
            ['reckoned' => 1.4, 'really' => 1.4, 'loss' => 0.5],
        ];
        foreach ([0.0, 0.3, 0.5, 0.8] as $now) {
            self::assertEqualsWithDelta(0.5, UseLesson::of($readings, Measures::of(null, $now))?->loss, 1e-9, "with $now in use");
        }
    }

    public function testMixesThatWereMeasuredSayTogetherHowStrongAPaintIs(): void
    {
        $paints = PlanSketch::plan("area coat broad-folds medium cloth\n basecoat yellow*2 navy*1")->paints();
        $lessons = StrengthLesson::all(
            [
                ['paint' => 'yellow', 'opacity' => 0.4],
                ['paint' => 'navy', 'opacity' => 0.9],
                ['paint' => 'yellow', 'opacity' => 0.5],
                ['paint' => 'yellow', 'opacity' => 0.42],
                ['paint' => 'gone', 'opacity' => 0.5],
            ],
            static fn(string $id) => $paints[$id] ?? null,
        );

        self::assertSame(
            [['yellow', 0.42, 3], ['navy', 0.9, 1]],
            array_map(static fn(StrengthLesson $one): array => [$one->paint->id, $one->opacity->median, $one->opacity->samples], $lessons),
        );
    }

    public function testWhatWasFoundDryMovesTheDryingOfItsTechnique(): void
    {
        $readings = [
            ['technique' => 'wash', 'reckoned' => 30.0, 'really' => 45.0],
            ['technique' => 'wash', 'reckoned' => 30.0, 'really' => 36.0],
            ['technique' => 'glaze', 'reckoned' => 10.0, 'really' => 5.0],
        ];
        $lessons = DryLesson::all($readings, Technique::of(...));

        self::assertCount(1, $lessons);
        $late = ['technique' => 'wash', 'reckoned' => 30.0, 'really' => 10080.0];
        self::assertSame([], DryLesson::all([$late, $late], Technique::of(...)), 'Found dry after a week, it had long been dry.');
        self::assertSame(
            [true, false, true, false],
            [DryLesson::teaches(20.0, 80.0), DryLesson::teaches(20.0, 80.1), DryLesson::teaches(20.0, 4.0), DryLesson::teaches(20.0, 3.9)],
        );
        self::assertSame(['wash', (int) round(1.35 * Technique::of('wash')->dryMinutes)], [$lessons[0]->technique->id, $lessons[0]->minutes()]);
    }

    private function worked(string $step, int $models, int $coats, ?float $minutes = null, bool $isAsMixed = true): Worked
    {
        $area = PlanSketch::plan("area coat broad-folds medium cloth\n $step")->areas[0];

        return new Worked($area->steps[0], $area, $models, $coats, $minutes, $isAsMixed);
    }
}
