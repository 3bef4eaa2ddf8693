<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Bench\AdviceBench;
use Tests\Core\AgreedTestCase;

/**
 * Some of the questions that bin/bench --only=advice asks: what no painter would sign is never written, and what is
 * written was agreed on (bin/bench --aloud=N reads the answers to one).
 *
 * @phpstan-type Found array{questions: int, proposals: int, faults: array<string, int>, examples: array<string, list<string>>,
 *     told: array<int, string>}
 */
final class AdviceTest extends AgreedTestCase
{
    protected const AGREED = 'advice.json';

    private const EVERY = 12;

    private const FROM = [1, 5, 9];

    /** @var array<int, Found> */
    private static array $found = [];

    /** @return iterable<string, array{int}> */
    public static function parts(): iterable
    {
        foreach (self::FROM as $from) {
            yield "every twelfth from $from" => [$from];
        }
    }

    #[DataProvider('parts')]
    public function testNothingIsWrittenThatAPainterWouldShakeTheHeadAt(int $from): void
    {
        $found = self::found($from);

        self::assertGreaterThan(25, $found['questions']);
        self::assertGreaterThan(2 * $found['questions'], $found['proposals']);
        foreach ($found['faults'] as $fault => $number) {
            self::assertSame(0, $number, $fault.': '.implode("\n", $found['examples'][$fault] ?? []));
        }
    }

    protected function said(): iterable
    {
        foreach (self::FROM as $from) {
            foreach (self::found($from)['told'] as $question => $told) {
                yield "question $question" => $told;
            }
        }
    }

    /** @return Found */
    private static function found(int $from): array
    {
        return self::$found[$from] ??= AdviceBench::run(self::EVERY, $from, anew: false);
    }
}
