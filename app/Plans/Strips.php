<?php

declare(strict_types=1);

namespace App\Plans;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Simulation\Stage;
use Kalokroma\Simulation\Strip;

/** The strips of a plan, each worked out once and only when somebody looks at it. */
final class Strips
{
    /** @var array<string, Strip> by area id */
    private array $made = [];

    public function __construct(public readonly Plan $plan) {}

    public function of(Area $area): Strip
    {
        return $this->made[$area->id] ??= $this->plan->strip($area);
    }

    /** The stage a step leaves. The undercoat is the same everywhere, and shown on the first area. */
    public function stage(string $stepId): ?Stage
    {
        $area = $this->plan->find($stepId)[0] ?? $this->plan->areas[0] ?? null;

        return $area === null ? null : $this->of($area)->stage($stepId);
    }
}
