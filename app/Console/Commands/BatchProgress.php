<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\BatchCommand;
use Closure;
use Kalokroma\Batch\Batch;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;

final class BatchProgress extends BatchCommand
{
    protected $signature = 'kalokroma:progress
        {batch : Batch file}
        {--json : Answer as JSON}';

    protected $description = 'Says how far a batch is: step by step and model by model, what comes next, and what is still to be poured';

    protected function answer(): array
    {
        $batch = $this->batches()[0];
        $progress = $batch->progress();
        $tally = $progress->tally;

        return [
            'models' => $progress->models,
            'passesInAll' => $tally->passes(),
            'passesDone' => $tally->passesDone(),
            'share' => round($tally->share(), 4),
            'isFinished' => $tally->isFinished(),
            'next' => $progress->next()?->step->id,
            'passes' => array_map(static fn(Pass $pass): array => [
                'number' => $pass->number,
                'area' => $pass->area?->id,
                'step' => $pass->step->id,
                'technique' => $pass->step->technique->id,
                'coats' => $pass->step->coats,
                'models' => $progress->squad->modelsOf($pass->step->id),
                'done' => $progress->doneOn($pass->step->id),
                'left' => $progress->left($pass->step->id),
                'coat' => $progress->coat($pass),
                'modelsLeft' => $progress->modelsLeft($pass->step->id, $progress->coat($pass)),
                'isSkipped' => $progress->isSkipped($pass),
            ], $progress->passes),
            'toPour' => array_map(self::poured(...), array_values($batch->left()->poured())),
            'differences' => $batch->differences(self::paints($batch)),
        ];
    }

    protected function tell(array $answer): void
    {
        $this->line(sprintf('%d of %d steps done, %.0f %% of the coats.', $answer['passesDone'], $answer['passesInAll'], 100 * $answer['share']));
        foreach ($answer['passes'] as $pass) {
            $this->line(sprintf(
                '%3d  %-20s %-16s coat %d of %d, %d of %d models',
                $pass['number'],
                $pass['step'],
                $pass['technique'],
                $pass['coat'],
                $pass['coats'],
                $pass['done'],
                count($pass['models']),
            ));
        }
    }

    /** @return Closure(string): (Paint|null) those the plan names */
    private static function paints(Batch $batch): Closure
    {
        $known = $batch->squad->written->paints();

        return static fn(string $id): ?Paint => $known[$id] ?? null;
    }
}
