<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Symfony\Component\Process\Process;
use Tests\Core\PlanSketch;

/** How long plans take to simulate, order and review, and the commands on them. */
final class PlanBench
{
    private const RUNS = 7;

    /** @return array<string, float> milliseconds, the median of seven */
    public static function engine(): array
    {
        $plans = array_map(self::read(...), glob('resources/demo/plans/*.json') ?: []);
        $big = self::big();
        $rehearsals = array_map(Rehearsal::of(...), $plans);
        $strips = static function (Rehearsal $one): void {
            array_map($one->strip(...), $one->plan->areas);
        };
        array_map($strips, $rehearsals);

        return [
            'simulate' => self::median(static fn() => array_map(static fn(Plan $plan) => $strips(Rehearsal::of($plan)), $plans)),
            'review' => self::median(static fn() => array_map(static fn(Rehearsal $one) => Review::of(Scene::of($one)), $rehearsals)),
            'order' => self::median(static fn() => array_map(static fn(Plan $plan) => Order::of($plan), $plans)),
            'big' => self::median(static fn() => Order::of($big)),
            'steps' => (float) array_sum(array_map(static fn(Plan $plan): int => count($plan->steps()), $plans)),
        ];
    }

    public static function commands(): void
    {
        $plan = 'resources/demo/plans/heron-provost.json';
        foreach ([
            ['kalokroma:review', $plan, '--paints=resources/demo/catalogue.csv', '--shelf=resources/demo/shelf.csv', '--models=10'],
            ['kalokroma:simulate', $plan],
            ['kalokroma:order', $plan],
            ['kalokroma:amounts', $plan, '--models=10'],
            ['kalokroma:schedule', $plan, '--models=10', '--sessions='.self::sessions()],
            ['kalokroma:mend', $plan, '--finding=blotchy-wash'],
            ['kalokroma:spray-check', '--celsius=20', '--humidity=50'],
            [
                'kalokroma:write-recipe', '--texture=broad-folds', '--material=cloth', '--target=#e2b21f', '--undercoat=#7f8183',
                '--level=table-ready', '--paints=resources/demo/catalogue.csv', '--shelf=resources/demo/shelf.csv',
            ],
            ['kalokroma:undercoat', $plan, '--paints=resources/demo/catalogue.csv', '--shelf=resources/demo/shelf.csv'],
            ['kalokroma:read-guide', self::guide(), '--paints=resources/demo/catalogue.csv', '--shelf=resources/demo/shelf.csv'],
        ] as $command) {
            $wanted = in_array($command[0], ['kalokroma:write-recipe', 'kalokroma:undercoat', 'kalokroma:read-guide', 'kalokroma:schedule'], true)
                ? '<= 800 ms'
                : '<= 600 ms';
            $run = new Process([PHP_BINARY, 'artisan', ...$command, '--json']);
            Clock::row("$command[0], as a command", sprintf('%.0f ms', self::median(static fn() => $run->mustRun())), $wanted);
        }
    }

    private static function guide(): string
    {
        $file = sys_get_temp_dir().'/kalokroma-bench-guide.txt';
        file_put_contents(
            $file,
            "Coat: base Oilskin Yellow, wash Umber Wash 1:1, highlight Oilskin Yellow with a touch of Chalk\nBoots: base Warden Leather, shade with Soot Wash\n",
        );

        return $file;
    }

    private static function sessions(): string
    {
        $file = sys_get_temp_dir().'/kalokroma-bench-sessions.json';
        file_put_contents(
            $file,
            json_encode(
                array_map(static fn(int $day): array => ['start' => sprintf('2026-12-%02dT14:00:00+00:00', $day), 'minutes' => 300], range(1, 30)),
                JSON_THROW_ON_ERROR,
            ),
        );

        return $file;
    }

    private static function read(string $file): Plan
    {
        $fields = json_decode((string) file_get_contents($file), true);

        return PlanDocument::ofFile($fields)->plan(DocumentPaints::of($fields));
    }

    /** Sixty areas of twenty steps. */
    private static function big(): Plan
    {
        $sketch = "undercoat black\n";
        for ($i = 0; $i < 60; $i++) {
            $sketch .= sprintf("area a%d close-folds medium cloth touches a%d,a%d\n", $i, ($i + 1) % 60, ($i + 7) % 60);
            for ($step = 0; $step < 20; $step++) {
                $sketch .= ['basecoat navy', 'wash blue-wash', 'drybrush blue', 'highlight sky', 'layer blue'][$step % 5]."\n";
            }
        }

        return PlanSketch::plan($sketch);
    }

    private static function median(callable $what): float
    {
        return Clock::percentile(array_map(static fn(): float => Clock::milliseconds($what), range(1, self::RUNS)), 0.5);
    }
}
