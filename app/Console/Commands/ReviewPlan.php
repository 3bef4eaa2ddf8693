<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;

final class ReviewPlan extends PlanCommand
{
    protected $signature = 'kalokroma:review
        {plan : Plan file}
        {--paints= : Catalogue file (CSV)}
        {--shelf= : Shelf file (CSV)}
        {--models= : How many models are painted by it}
        {--roles= : How many there are of each role, as leader:1,rank:7,:2; in place of --models}
        {--json : Answer as JSON}';

    protected $description = 'Finds the mistakes of a plan before paint is wet, worst first';

    protected function answer(): array
    {
        $plan = $this->plan();

        return [
            'findings' => array_map(
                self::told(...),
                Review::of(Scene::of(Rehearsal::of($plan), $this->ownedShelf($plan), $this->squad($plan)?->count())),
            ),
        ];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['findings'] as $finding) {
            $this->line(sprintf('%-14s %-22s %s', $finding['severity'], $finding['step'] ?? $finding['area'] ?? '', $finding['words']));
        }
    }

    /** @return array<string, mixed> */
    private static function told(Finding $finding): array
    {
        return [
            'rule' => $finding->rule,
            'severity' => $finding->severity->value,
            'area' => $finding->area,
            'step' => $finding->step,
            'words' => $finding->words,
            'why' => $finding->why,
            'otherSchool' => $finding->otherSchool,
            'silenced' => $finding->isSilenced,
            'mends' => array_map(static fn(Mend $mend): array => ['label' => $mend->label], $finding->mends),
        ];
    }
}
