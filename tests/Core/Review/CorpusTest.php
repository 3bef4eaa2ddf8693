<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Bench\ReviewBench;

/** Plans as painters write them: beginners' mistakes, experts who break the rules, and what is painted every evening. */
final class CorpusTest extends TestCase
{
    #[TestWith([false])]
    #[TestWith([true])]
    public function testTheMistakesOfBeginnersAreFound(bool $isGuessed): void
    {
        self::assertSame([], ReviewBench::missed($isGuessed));
    }

    #[TestWith([false])]
    #[TestWith([true])]
    public function testWhatWorksRaisesNoAlarm(bool $isGuessed): void
    {
        self::assertSame([], ReviewBench::falseAlarms($isGuessed));
    }

    public function testNoMendLeavesAsMuchOfAsGrave(): void
    {
        ['harm' => $harm, 'kept' => $kept, 'all' => $mends] = ReviewBench::harmful();

        self::assertGreaterThan(70, $mends);
        self::assertSame([[], 0], [$harm, $kept]);
    }
}
