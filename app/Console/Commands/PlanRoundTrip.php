<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use App\Console\WrongWords;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Schedule\RoundTrip;

final class PlanRoundTrip extends PlanCommand
{
    /** Batches are seldom larger; one that nobody waits with is always told. */
    private const TOLD = 20;

    protected $signature = 'kalokroma:round-trip
        {plan : Plan file}
        {--step= : Id of a step}
        {--json : Answer as JSON}';

    protected $description = 'Says how long one waits for a coat to dry, by the number of models, and with how many nobody waits';

    protected function answer(): array
    {
        $id = $this->option('step');
        if (! is_string($id) || $id === '') {
            throw new WrongWords('Name the step with --step=ID.');
        }
        $rehearsal = Rehearsal::of($this->plan());
        $pass = $rehearsal->order()->pass($id) ?? throw Faulty::field('step', "The plan has no step \"$id\".");
        $trip = RoundTrip::of($rehearsal, $pass);
        $smallest = $trip->smallest();

        return [
            'step' => $id,
            'minutesPerModel' => round($trip->minutesPerModel, 2),
            'dryMinutes' => $trip->dryMinutes,
            'waits' => array_map(
                static fn(int $models): array => ['models' => $models, 'waitMinutes' => round($trip->wait($models), 2)],
                range(1, max(self::TOLD, min($smallest, 1000))),
            ),
            'smallestWithoutWaiting' => $smallest,
        ];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['waits'] as $wait) {
            $this->line(sprintf('%3d models  %6.1f minutes', $wait['models'], $wait['waitMinutes']));
        }
        $this->line("Nobody waits from {$answer['smallestWithoutWaiting']} models on.");
    }
}
