<?php

declare(strict_types=1);

namespace App\Plans;

use App\Shelf\OwnedPaints;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Kalokroma\Matching\Substitute;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Strip;

/** What the shelf offers for one step of a plan, and what the area would look like with each. */
final readonly class StepSubstitutes
{
    /** Offers are plenty at this many. */
    private const MOST = 5;

    /** @param list<array{Substitute, Strip}> $offers best first */
    private function __construct(
        public Area $area,
        public Step $step,
        public Strip $asPlanned,
        public array $offers,
    ) {}

    /** @throws ModelNotFoundException<\App\Models\Plan> when the plan has no such step */
    public static function of(Plan $plan, string $stepId): self
    {
        [$area, $step] = $plan->find($stepId) ?? throw (new ModelNotFoundException)->setModel(\App\Models\Plan::class, [$stepId]);
        $offers = [];
        foreach ($step->mix === null || $step->mix->isClear() ? [] : self::offers($step->mix, $step->dilution->strength()) as $substitute) {
            $offers[] = [$substitute, $plan->strip($area->withStep($step->with($substitute->mix, $substitute->dilutionFor($step->dilution))))];
        }

        return new self($area, $step, $plan->strip($area), $offers);
    }

    /** @return list<Substitute> */
    private static function offers(Mix $wanted, float $planned): array
    {
        return array_slice(Substitutes::from(OwnedPaints::now()->paints())->for($wanted, $planned), 0, self::MOST);
    }
}
