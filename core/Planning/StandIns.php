<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Matching\Shelf;
use Kalokroma\Matching\Substitute;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Strip;

/** What the shelf offers for one step of a plan, and what the area would look like with each. */
final readonly class StandIns
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

    /** Null when no area has such a step. */
    public static function of(Rehearsal $rehearsal, string $stepId, Shelf $shelf): ?self
    {
        $found = $rehearsal->plan->find($stepId);
        if ($found === null) {
            return null;
        }
        [$area, $step] = $found;
        $offers = $step->mix === null || $step->mix->isClear()
            ? []
            : Substitutes::from(array_values($shelf->owned()))->for($step->mix, $step->dilution->strength());

        return new self($area, $step, $rehearsal->strip($area), array_map(
            static fn(Substitute $one): array => [
                $one,
                $rehearsal->stripAs($area->withStep($step->with($one->mix, $one->dilutionFor($step->dilution)))),
            ],
            array_slice($offers, 0, self::MOST),
        ));
    }
}
