<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use App\Console\ToldLooks;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;

final class SimulatePlan extends PlanCommand
{
    use ToldLooks;

    protected $signature = 'kalokroma:simulate
        {plan : Plan file}
        {--json : Answer as JSON}';

    protected $description = 'Says what every area of a plan will look like after each stage';

    protected function answer(): array
    {
        $plan = $this->plan();
        $rehearsal = Rehearsal::of($plan);

        return ['areas' => array_map(static fn(Area $area): array => self::area($rehearsal, $area), $plan->areas)];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['areas'] as $area) {
            foreach ($area['stages'] as $stage) {
                $this->line(sprintf('%-20s %-24s %s', $area['id'], $stage['step'], implode(' ', array_column($stage['zones'], 'hex'))));
            }
        }
    }

    /** @return array<string, mixed> */
    private static function area(Rehearsal $rehearsal, Area $area): array
    {
        $strip = $rehearsal->strip($area);
        $final = $strip->final();

        return [
            'id' => $area->id,
            'stages' => array_map(self::stage(...), $strip->stages),
            'valueRange' => round($final->at(Zone::Raised)->lightness - $final->at(Zone::Recess)->lightness, 2),
            'readable' => $final->isReadable($area->importance),
        ];
    }
}
