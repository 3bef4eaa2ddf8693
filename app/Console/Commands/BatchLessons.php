<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\BatchCommand;
use Kalokroma\Batch\Batch;
use Kalokroma\Craft\Technique;
use Kalokroma\Learning\OpacityLesson;
use Kalokroma\Learning\PaceLesson;

final class BatchLessons extends BatchCommand
{
    protected $signature = 'kalokroma:lessons
        {batch* : Batch files}
        {--json : Answer as JSON}';

    protected $description = 'Says what the logs of batches teach: how long techniques take this painter, how well paints cover, how sure a date is';

    protected function answer(): array
    {
        $worked = array_merge(...array_map(static fn(Batch $one): array => $one->worked(), $this->batches()));

        return [
            'paces' => array_map(static fn(PaceLesson $one): array => [
                'technique' => $one->technique->id,
                'minutes' => $one->technique->minutes,
                'learned' => $one->minutes(),
                'samples' => $one->ratio->samples,
                'low' => round($one->ratio->low * $one->technique->minutes, 1),
                'high' => round($one->ratio->high * $one->technique->minutes, 1),
            ], PaceLesson::all($worked, static fn(string $id): Technique => Technique::of($id))),
            'opacities' => array_map(static fn(OpacityLesson $one): array => [
                ...self::name($one->paint),
                'before' => round($one->before, 3),
                'learned' => round($one->learned, 3),
                'samples' => $one->coats->samples,
            ], OpacityLesson::all($worked)),
            'allowance' => PaceLesson::allowance($worked),
        ];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['paces'] as $one) {
            $this->line(sprintf(
                '%-20s %.1f min a coat rather than %.1f (%d records)',
                $one['technique'],
                $one['learned'],
                $one['minutes'],
                $one['samples'],
            ));
        }
        foreach ($answer['opacities'] as $one) {
            $this->line(sprintf('%-32s one coat hides %.0f %% rather than %.0f %%', $one['name'], 100 * $one['learned'], 100 * $one['before']));
        }
    }
}
