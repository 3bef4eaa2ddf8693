<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\Technique;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Precedences;
use Kalokroma\Planning\Task;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The graph that refuses circles, held against one that looks everywhere. */
final class PrecedencesTest extends TestCase
{
    private const TASKS = 14;

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "graph $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testItTakesWhatClosesNoCircleAndRefusesWhatDoes(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $tasks = self::tasks();
        $graph = new Precedences($tasks);
        $then = array_fill_keys(array_keys($tasks), []);
        for ($i = 0; $i < 80; $i++) {
            [$first, $later] = ["s{$dice->getInt(1, self::TASKS)}", "s{$dice->getInt(1, self::TASKS)}"];
            $isCircle = $first === $later || self::leads($then, $later, $first);
            self::assertSame(! $isCircle, $graph->add(new Precedence($tasks[$first], $tasks[$later], 'said so')), "$first before $later");
            if (! $isCircle) {
                $then[$first][$later] = true;
            }
        }
        foreach (array_keys($tasks) as $id) {
            self::assertEqualsCanonicalizing(array_keys($then[$id]), array_keys($graph->after($id)));
            self::assertEqualsCanonicalizing(
                array_keys(array_filter($then, static fn(array $later): bool => isset($later[$id]))),
                array_keys($graph->before($id)),
            );
        }
    }

    #[DataProvider('seeds')]
    public function testItTellsHowOneLeadsToAnother(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $tasks = self::tasks();
        $graph = new Precedences($tasks);
        $then = array_fill_keys(array_keys($tasks), []);
        for ($i = 0; $i < 25; $i++) {
            [$first, $later] = ["s{$dice->getInt(1, self::TASKS)}", "s{$dice->getInt(1, self::TASKS)}"];
            if ($graph->add(new Precedence($tasks[$first], $tasks[$later], 'said so'))) {
                $then[$first][$later] = true;
            }
        }
        foreach (array_keys($tasks) as $from) {
            foreach (array_diff(array_keys($tasks), [$from]) as $to) {
                $path = $graph->path($from, $to);
                self::assertSame(self::leads($then, $from, $to), $path !== [], "$from to $to");
                foreach ($path as $at => $precedence) {
                    self::assertSame($at === 0 ? $from : $path[$at - 1]->then->id(), $precedence->first->id());
                }
                self::assertSame($path === [] ? null : $to, array_pop($path)?->then->id());
            }
        }
    }

    public function testTheFirstReasonStays(): void
    {
        $tasks = self::tasks();
        $graph = new Precedences($tasks);
        $graph->add(new Precedence($tasks['s1'], $tasks['s2'], 'a law'));

        self::assertTrue($graph->add(new Precedence($tasks['s1'], $tasks['s2'], 'a preference')));
        self::assertSame('a law', $graph->after('s1')['s2']->reason);
    }

    /** @param array<string, array<string, true>> $then */
    private static function leads(array $then, string $from, string $to): bool
    {
        $seen = [];
        for ($queue = [$from]; $queue !== [];) {
            $at = array_pop($queue);
            foreach (array_keys($then[$at]) as $next) {
                if ($next === $to) {
                    return true;
                }
                if (! isset($seen[$next])) {
                    $seen[$next] = true;
                    $queue[] = $next;
                }
            }
        }

        return false;
    }

    /** @return array<string, Task> */
    private static function tasks(): array
    {
        $tasks = [];
        for ($number = 1; $number <= self::TASKS; $number++) {
            $tasks["s$number"] = new Task(Step::usual("s$number", Technique::of('layer')), null, $number - 1, $number);
        }

        return $tasks;
    }
}
