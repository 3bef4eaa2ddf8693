<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\OrderStyle;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Stop;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\Look;
use Kalokroma\Simulation\Stage;
use Kalokroma\Simulation\Strip;
use Kalokroma\Simulation\Surface;

/** A plan gone through once in its running order: what each area looks like after everything that is done to it, and how long it has to wait. */
final class Rehearsal
{
    private ?Order $order = null;

    /** @var array<string, array{strip: Strip, area: Area, steps: list<array{Step, bool}>}> by area id, with what it came of */
    private array $strips = [];

    /** @var array<string, array{strip: Strip, area: Area, steps: list<array{Step, bool}>}> as it was when the plan was another */
    private array $before = [];

    /** @var array<string, list<Pass>> by area id */
    private array $runs = [];

    private function __construct(
        public readonly Plan $plan,
        private readonly ?OrderStyle $style,
    ) {}

    /** @param OrderStyle|null $style another way through than the plan's own */
    public static function of(Plan $plan, ?OrderStyle $style = null): self
    {
        return new self($plan, $style);
    }

    /** Along an order that is known already. */
    public static function along(Plan $plan, Order $order): self
    {
        $self = new self($plan, null);
        $self->order = $order;

        return $self;
    }

    /** The same of the plan as it would be: an area that the same steps get at in the same order looks as it did. */
    public function ofChanged(Plan $changed): self
    {
        $self = new self($changed, $this->style);
        $self->before = $changed->model->finishLevel === $this->plan->model->finishLevel ? $this->strips : [];

        return $self;
    }

    public function order(): Order
    {
        return $this->order ??= Order::of($this->plan, $this->style);
    }

    /** @return list<Pass> all that is done to an area: the undercoat, its recipe, and the whole model's steps between */
    public function run(Area $area): array
    {
        return $this->runs[$area->id] ??= array_values(array_filter($this->order()->passes, static fn(Pass $pass): bool => $pass->touches($area)));
    }

    /** What the area looks like after each stage; steps only thought of leave no stage. */
    public function strip(Area $area): Strip
    {
        if (! isset($this->strips[$area->id])) {
            $steps = $this->steps($area);
            $strip = $this->asBefore($area, $steps) ?? $this->through($area, $steps);
            $this->strips[$area->id] = ['strip' => $strip, 'area' => $area, 'steps' => $steps];
        }

        return $this->strips[$area->id]['strip'];
    }

    /**
     * Steps are never changed, only others put in their place: the very same ones leave the same.
     *
     * @param list<array{Step, bool}> $steps
     */
    private function asBefore(Area $area, array $steps): ?Strip
    {
        $known = $this->before[$area->id] ?? null;
        $isSame = $known !== null && $known['steps'] === $steps
            && $known['area']->texture === $area->texture && $known['area']->ground === $area->ground;

        return $isSame ? $known['strip'] : null;
    }

    /** What the area looks like in the end; without its stages that is known sooner. */
    public function final(Area $area): Look
    {
        if (isset($this->strips[$area->id])) {
            return $this->strips[$area->id]['strip']->final();
        }
        $steps = $this->steps($area);
        $known = $this->asBefore($area, $steps);
        if ($known !== null) {
            return $known->final();
        }
        $surface = Surface::bare($area->texture);
        foreach (self::reaching($area, $steps) as $application) {
            $surface = $surface->after($application);
        }

        return $surface->look();
    }

    /** @return list<Application> all that gets at an area, in the order in which it does */
    public function applications(Area $area): array
    {
        return self::reaching($area, $this->steps($area));
    }

    /** @return list<array{Step, bool}> all that is done to an area, with whether it is its own */
    private function steps(Area $area): array
    {
        return array_map(static fn(Pass $pass): array => [$pass->step, $pass->area !== null], $this->run($area));
    }

    /** What the area would look like if its recipe were this one: in the same order, a new step right after the one its recipe has before it. */
    public function stripAs(Area $changed): Strip
    {
        $own = $placed = [];
        foreach ($changed->steps as $at => $step) {
            $own[$step->id] = [$step, $changed->steps[$at - 1]->id ?? null];
        }
        foreach ($this->run($changed) as $pass) {
            $step = $pass->area === null ? $pass->step : $own[$pass->step->id][0] ?? null;
            if ($step !== null) {
                $placed[] = [$step, $pass->area !== null];
                unset($own[$step->id]);
            }
        }
        foreach ($own as [$step, $after]) {
            $ids = array_map(static fn(array $one): string => $one[0]->id, $placed);
            $at = array_search($after ?? (array_slice($this->plan->undercoatOf($changed)->steps(), -1)[0]->id ?? ''), $ids, true);
            array_splice($placed, $at === false ? count($placed) : $at + 1, 0, [[$step, true]]);
        }

        return $this->through($changed, $placed);
    }

    /** What the area looks like in the end if the model were primed otherwise and painted the same. */
    public function finalOver(Area $area, Undercoat $undercoat): Look
    {
        $surface = $undercoat->surface($area->texture);
        $own = array_filter($this->run($area), fn(Pass $pass): bool => ! $this->plan->isOfUndercoat($pass->step->id));
        foreach (self::reaching($area, array_map(static fn(Pass $pass): array => [$pass->step, $pass->area !== null], $own)) as $application) {
            $surface = $surface->after($application);
        }

        return $surface->look();
    }

    /** @param list<array{Step, bool}> $steps with whether they are the area's own */
    private function through(Area $area, array $steps): Strip
    {
        return Strip::of($area->texture, self::reaching($area, $steps), $this->plan->model->finishLevel);
    }

    /**
     * What gets at an area: under a mask nothing does, and the rim of a base is on the base.
     *
     * @param array<array{Step, bool}> $steps with whether they are the area's own
     *
     * @return list<Application>
     */
    private static function reaching(Area $area, array $steps): array
    {
        $applications = [];
        $isMasked = false;
        foreach ($steps as [$step, $isOwn]) {
            $technique = $step->technique;
            if ($isOwn) {
                $isMasked = $technique->does(Nature::Masks) || ($isMasked && ! $technique->does(Nature::Unmasks));
            }
            // Under a mask nothing gets at it; but taking the mask off is a stage like others.
            $isKeptOff = ! $isOwn
                && (($isMasked && $technique->family !== Family::Handling) || ($technique->does(Nature::Rims) && ! $area->ground));
            $application = $isKeptOff ? null : $step->application();
            if ($application !== null) {
                $applications[] = $application;
            }
        }

        return $applications;
    }

    /** The stage a step leaves. What is done to the whole model is shown on the first area. */
    public function stage(string $stepId): ?Stage
    {
        $area = $this->plan->find($stepId)[0] ?? $this->plan->areas[0] ?? null;

        return $area === null ? null : $this->strip($area)->stage($stepId);
    }

    /** Minutes until the next step of that surface may begin: of a step on the whole model, of the area that has to wait longest. */
    public function dryMinutes(Pass $pass): int
    {
        $areas = $pass->area !== null || $this->plan->areas === [] ? [$pass->area] : $this->plan->areas;

        return max(array_map(
            fn(?Area $area): int => DryTimes::between($pass->step, $area === null ? null : $this->next($pass, $area)?->step),
            $areas,
        ));
    }

    /** Minutes that nothing fills before a pass: what the pass right before it leaves on the same surface has to dry first. */
    public function restBefore(Pass $pass): int
    {
        $before = $this->order()->passes[($this->order()->place($pass->step->id) ?? 0) - 1] ?? null;
        if ($before === null || ($before->area !== null && $pass->area !== null && $before->area !== $pass->area)) {
            return 0;
        }

        return $before->step->more->waitMinutes ?? DryTimes::between($before->step, $pass->step);
    }

    /**
     * Hands-on minutes for one model alone, up to a stop.
     *
     * @param Paces|null $own of the painter; as the tables have it when left out
     */
    public function minutesUntil(Stop $stop, ?Paces $own = null): float
    {
        $last = $this->order()->afterPass($stop);
        $pace = Pace::of($this->plan, $own);

        return array_sum(array_map(
            static fn(Pass $pass): float => $pass->number <= $last ? $pace->pass($pass->step, $pass->area, 1) : 0.0,
            $this->order()->passes,
        ));
    }

    /** The next that is done to the area after this. */
    public function next(Pass $pass, Area $area): ?Pass
    {
        return array_find(
            $this->run($area),
            static fn(Pass $later): bool => $later->number > $pass->number && $later->step->technique->family !== Family::Handling,
        );
    }
}
