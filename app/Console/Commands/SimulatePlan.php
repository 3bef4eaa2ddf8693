<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Simulation\Look;
use Kalokroma\Simulation\Stage;

final class SimulatePlan extends PlanCommand
{
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
            'stages' => array_map(static fn(Stage $stage): array => [
                'step' => $stage->application->id,
                'zones' => self::zones($stage->look),
                'coatsNeeded' => $stage->forecast?->needed,
            ], $strip->stages),
            'valueRange' => round($final->at(Zone::Raised)->lightness - $final->at(Zone::Recess)->lightness, 2),
            'readable' => $final->isReadable($area->importance),
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function zones(Look $look): array
    {
        $zones = [];
        foreach (Zone::cases() as $at => $zone) {
            $zones[$zone->value] = self::colour($look->at($zone));
            if ($look->left !== null && $look->right !== null && self::colour($look->left[$at]) !== self::colour($look->right[$at])) {
                $zones[$zone->value] += ['left' => self::colour($look->left[$at]), 'right' => self::colour($look->right[$at])];
            }
        }

        return $zones;
    }

    /** @return array{hex: string, L: float, a: float, b: float} */
    private static function colour(Lab $colour): array
    {
        return ['hex' => $colour->toSrgb()->hex(), 'L' => round($colour->lightness, 3), 'a' => round($colour->a, 3), 'b' => round($colour->b, 3)];
    }
}
