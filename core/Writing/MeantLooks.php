<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\Look;

/** What every area of a plan is meant to look like in the end, and how far off another ground would leave it. */
final class MeantLooks
{
    /** @var array<string, Look> as the plan has it now, by area id */
    private array $present = [];

    /** @var array<string, Lab|null> what was asked for, or the colour of the transparent it is painted with; null: as it is now */
    private array $aims = [];

    private function __construct(private readonly Rehearsal $rehearsal) {}

    public static function of(Plan $plan): self
    {
        $meant = new self(Rehearsal::of($plan));
        foreach ($plan->areas as $area) {
            if (! array_any(
                $meant->rehearsal->run($area),
                static fn(Pass $pass): bool => $pass->step->isReady() && ! $plan->isOfUndercoat($pass->step->id),
            )) {
                continue;
            }
            $meant->present[$area->id] = $meant->rehearsal->strip($area)->final();
            $first = Scheme::first($area);
            $meant->aims[$area->id] = $area->aim ?? ($first?->mix?->isTransparent() === true ? Scheme::meant($area) : null);
        }

        return $meant;
    }

    /**
     * Areas as they end over another ground; those that nobody paints are left out.
     *
     * @return array<string, Look> by area id
     */
    public function over(Undercoat $undercoat): array
    {
        $looks = [];
        foreach ($this->rehearsal->plan->areas as $area) {
            if (isset($this->present[$area->id])) {
                $looks[$area->id] = $this->rehearsal->finalOver($area, $undercoat);
            }
        }

        return $looks;
    }

    /** ΔE₀₀ by which such a look is farther off what is meant than the plan's own; negative where it comes nearer. */
    public function farther(Area $area, Look $look): float
    {
        $present = $this->present[$area->id];
        $aim = $this->aims[$area->id];

        return $aim === null
            ? max($look->differenceTo($present), Ciede2000::between($look->at(Zone::Face), $present->at(Zone::Face)))
            : Ciede2000::between($look->at(Zone::Face), $aim) - Ciede2000::between($present->at(Zone::Face), $aim);
    }

    public function now(Area $area): Look
    {
        return $this->present[$area->id];
    }
}
