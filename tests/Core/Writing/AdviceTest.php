<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Bench\AdviceBench;

/** Some of the questions that bin/bench --only=advice asks: what no painter would sign is never written. */
final class AdviceTest extends TestCase
{
    private const EVERY = 12;

    /** @return iterable<string, array{int}> */
    public static function parts(): iterable
    {
        foreach ([1, 5, 9] as $from) {
            yield "every twelfth from $from" => [$from];
        }
    }

    #[DataProvider('parts')]
    public function testNothingIsWrittenThatAPainterWouldShakeTheHeadAt(int $from): void
    {
        $found = AdviceBench::run(self::EVERY, $from);

        self::assertGreaterThan(25, $found['questions']);
        self::assertGreaterThan(2 * $found['questions'], $found['proposals']);
        foreach ($found['faults'] as $fault => $number) {
            self::assertSame(0, $number, $fault.': '.implode("\n", $found['examples'][$fault] ?? []));
        }
    }
}
