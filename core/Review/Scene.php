<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Zone;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\Tasks;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Silence;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Stage;

/**
 * All that a rule may look at: the plan in its running order, what each area looks like at every moment, who touches whom, the shelf, the
 * batch.
 */
final class Scene
{
    public readonly Plan $plan;

    public readonly Neighbours $neighbours;

    private ?AtHand $atHand = null;

    private ?Tasks $tasks = null;

    /** @param int|null $models of the batch; null when there is none */
    private function __construct(
        public readonly Rehearsal $rehearsal,
        public readonly ?Shelf $shelf,
        public readonly ?int $models,
    ) {
        $this->plan = $rehearsal->plan;
        $this->neighbours = Neighbours::of($this->plan);
    }

    public static function of(Rehearsal $rehearsal, ?Shelf $shelf = null, ?int $models = null): self
    {
        return new self($rehearsal, $shelf, $models);
    }

    public function atHand(): AtHand
    {
        return $this->atHand ??= new AtHand(array_values($this->shelf === null ? $this->plan->paints() : $this->shelf->owned()));
    }

    public function tasks(): Tasks
    {
        return $this->tasks ??= Tasks::of($this->plan);
    }

    public function order(): Order
    {
        return $this->rehearsal->order();
    }

    /** @return list<Pass> all that is done to an area, in the running order */
    public function run(Area $area): array
    {
        return $this->rehearsal->run($area);
    }

    /** @return list<Pass> the steps of its own recipe, in the running order */
    public function own(Area $area): array
    {
        return array_values(array_filter($this->run($area), static fn(Pass $pass): bool => $pass->area !== null));
    }

    /** @return list<Pass> what was done to the area before */
    public function before(Area $area, Pass $pass): array
    {
        return array_values(array_filter($this->run($area), static fn(Pass $one): bool => $one->number < $pass->number));
    }

    /** @return list<Pass> what is done to the area after it */
    public function after(Area $area, Pass $pass): array
    {
        return array_values(array_filter($this->run($area), static fn(Pass $one): bool => $one->number > $pass->number));
    }

    /** The stage a step leaves on an area; null while it is only thought of. */
    public function stage(Area $area, Step $step): ?Stage
    {
        return $this->rehearsal->strip($area)->stage($step->id);
    }

    /** The area's final colour in a zone. */
    public function final(Area $area, Zone $zone): Lab
    {
        return $this->rehearsal->strip($area)->final()->at($zone);
    }

    /** It shines like metal when all is done. */
    public function endsAsMetal(Area $area): bool
    {
        $stages = $this->rehearsal->strip($area)->stages;

        return $stages !== [] && $stages[count($stages) - 1]->before->after($stages[count($stages) - 1]->application)->isMetal();
    }

    /** A varnish lies on the area before this pass. */
    public function isSealedBefore(Area $area, Pass $pass): bool
    {
        return array_any($this->before($area, $pass), static fn(Pass $one): bool => $one->step->technique->does(Nature::Seals));
    }

    /** A mask lies over the area while this pass is done: its own, or one over the whole model while something else is sprayed. */
    public function isMaskedDuring(Area $area, Pass $pass): bool
    {
        $masked = false;
        foreach ($this->before($area, $pass) as $one) {
            $masked = $one->step->technique->does(Nature::Masks) || ($masked && ! $one->step->technique->does(Nature::Unmasks));
        }

        return $masked && array_any($this->after($area, $pass), static fn(Pass $one): bool => $one->step->technique->does(Nature::Unmasks));
    }

    public function silences(Finding $finding): bool
    {
        return array_any(
            $this->plan->silenced,
            static fn(Silence $silence): bool => $silence->rule === $finding->rule && ($silence->area === null || $silence->area === $finding->area)
                && ($silence->step === null || $silence->step === $finding->step),
        );
    }
}
