<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\PassAmount;
use Kalokroma\Amounts\Pour;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;

final class PlanAmounts extends PlanCommand
{
    protected $signature = 'kalokroma:amounts
        {plan : Plan file}
        {--models= : How many models are painted by it}
        {--roles= : How many there are of each role, as leader:1,rank:7,:2; in place of --models}
        {--paints= : Catalogue file (CSV)}
        {--shelf= : Shelf file (CSV)}
        {--json : Answer as JSON}';

    protected $description = 'Counts the drops of every paint, medium and thinner a batch takes, step by step and in all';

    protected function answer(): array
    {
        $plan = $this->plan();
        $amounts = Amounts::for(SquadPlan::of($plan, $this->squad($plan) ?? Squad::alike(1)));
        $shelf = $this->ownedShelf($plan);

        return [
            'passes' => array_map(static fn(PassAmount $one): array => [
                'number' => $one->pass->number,
                'step' => $one->pass->step->id,
                'drops' => array_map(self::poured(...), $one->pours()),
            ], $amounts->passes()),
            'totals' => array_map(
                static fn(Pour $one): array => [...self::poured($one), 'short' => self::short($one, $shelf)],
                array_values($amounts->poured()),
            ),
        ];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['totals'] as $total) {
            $this->line(sprintf(
                '%-32s %5d drops %7.2f ml%s',
                $total['name'],
                $total['drops'],
                $total['ml'],
                $total['short'] > 0.0 ? sprintf(', short by %.2f ml', $total['short']) : '',
            ));
        }
    }

    /** Nothing is said of it where no shelf is named, and water is never short. */
    private static function short(Pour $pour, ?Shelf $shelf): float
    {
        if ($shelf === null || $pour->paint === null) {
            return 0.0;
        }

        return round(max(0.0, $pour->ml - ($shelf->has($pour->paint) ? $shelf->mlLeft($pour->paint) ?? $pour->ml : 0.0)), 3);
    }
}
