<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Planning\Done;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\PlanSketch;

/** What was done, coat by coat and model by model. */
final class RecordTest extends TestCase
{
    public function testCoatsAreLaidOnTheModelsInTheirOrder(): void
    {
        $record = Record::of(
            Outline::of(SquadPlan::alike(self::plan(), 10)),
            [new Done('coat-1', 1, 6, 100, 'a'), new Done('coat-1', 2, 4, 300, 'b'), new Done('coat-1', 1, 4, 200, 'c')],
        );

        self::assertSame([10, 4, 0], [$record->on('coat-1', 1), $record->on('coat-1', 2), $record->on('coat-1', 3)]);
        self::assertSame(
            [100, 200, 300, null],
            [$record->at('coat-1', 1, 6), $record->at('coat-1', 1, 7), $record->at('coat-1', 2, 4), $record->at('coat-1', 2, 5)],
        );
        self::assertSame([range(1, 6), range(1, 4), range(7, 10)], [$record->modelsOf('a'), $record->modelsOf('b'), $record->modelsOf('c')]);
    }

    public function testAWholeStepIsAllThatWasLeftOfIt(): void
    {
        $record = Record::of(Outline::of(SquadPlan::alike(self::plan(), 5)), [new Done('coat-1', 1, 5, 100), new Done('coat-1', null, 3, 200)]);

        self::assertSame([5, 3, 3], [$record->on('coat-1', 1), $record->on('coat-1', 2), $record->on('coat-1', 3)]);
        self::assertSame([100, 200], [$record->at('coat-1', 1, 2), $record->at('coat-1', 2, 2)]);
    }

    public function testProgressGoesByTheLastCoatAndSaysWhichIsNext(): void
    {
        $plan = self::plan();
        $progress = Progress::of(SquadPlan::alike($plan, 5), [new Done('coat-1', 1, 5, 100), new Done('coat-1', 2, 2, 200)], ['coat-2']);
        [$base, $layer, $boots] = array_slice($progress->passes, 1);

        self::assertSame([0, 2, [3, 4, 5]], [$progress->doneOn('coat-1'), $progress->coat($base), $progress->modelsLeft('coat-1', 2)]);
        self::assertTrue($progress->isSkipped($layer));
        self::assertSame(['undercoat', 'coat-1', 'boots-1'], array_map(static fn($pass): string => $pass->step->id, $progress->open()));
        self::assertSame(1, $progress->coat($boots));
    }

    public function testWhateverIsRecordedALaterCoatIsNeverOnMoreModels(): void
    {
        $plan = self::plan();
        for ($seed = 0; $seed < 200; $seed++) {
            $dice = new Randomizer(new Mt19937($seed));
            $entries = [];
            for ($i = 0; $i < $dice->getInt(1, 8); $i++) {
                $entries[] = new Done(
                    ['coat-1', 'boots-1', 'gone'][$dice->getInt(0, 2)],
                    [null, 1, 2, 3, 9][$dice->getInt(0, 4)],
                    $dice->getInt(1, 12),
                    $dice->getInt(1, 50),
                    (string) $i,
                );
            }
            $record = Record::of(Outline::of(SquadPlan::alike($plan, 7)), $entries);
            self::assertLessThanOrEqual(7, $record->on('coat-1', 1));
            self::assertLessThanOrEqual($record->on('coat-1', 1), $record->on('coat-1', 2));
            self::assertLessThanOrEqual($record->on('coat-1', 2), $record->on('coat-1', 3));
            self::assertFalse($record->isBegun('gone'));
        }
    }

    private static function plan(): Plan
    {
        return PlanSketch::plan(
            "area coat broad-folds medium cloth\n basecoat navy x3\n layer blue x1\narea boots broad-folds medium leather\n basecoat brown x1\norder coat-1 coat-2 boots-1",
        );
    }
}
