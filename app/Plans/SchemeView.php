<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Progress;
use Kalokroma\Quilt\Balance;
use Kalokroma\Quilt\Harmony;
use Kalokroma\Quilt\KeyArea;
use Kalokroma\Quilt\Shift;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Look;

/** A plan looked at as one scheme: how it balances, which areas have to be solved first, what goes with what. */
final readonly class SchemeView
{
    public Balance $balance;

    /** @var array<string, Look> by area id; areas without any colour yet are left out */
    private array $looks;

    private function __construct(
        private PlanView $view,
        private Plan $record,
    ) {
        $looks = [];
        foreach ($view->plan->areas as $area) {
            $looks[$area->id] = $view->seen($area);
        }
        $looks = array_filter($looks);
        $this->looks = $looks;
        $this->balance = Balance::of(
            array_values(array_filter($view->plan->areas, static fn(Area $area): bool => isset($looks[$area->id]))),
            $looks,
        );
    }

    public static function of(KeptPlan $kept): self
    {
        return new self($kept->view, $kept->record);
    }

    /** @return list<KeyArea> */
    public function keyAreas(): array
    {
        return KeyArea::of($this->view->plan, $this->balance, $this->painted());
    }

    /** @return list<Shift> how an area could be told from what it touches, the least change first */
    public function shifts(Area $area): array
    {
        return isset($this->looks[$area->id]) ? Shift::apart($area, Neighbours::of($this->view->plan), $this->looks) : [];
    }

    /** @return list<Harmony> owned paints that go with an area */
    public function harmonies(Area $area): array
    {
        return isset($this->looks[$area->id])
            ? Harmony::with($this->looks[$area->id]->at(Zone::Face), array_values($this->view->shelf()->owned()))
            : [];
    }

    public function area(string $id): ?Area
    {
        return $this->view->plan->area($id);
    }

    /** @return array<string, true> ids of areas that a batch was painted to the end by just this recipe */
    private function painted(): array
    {
        $painted = [];
        foreach ($this->record->batches()->with('entries')->get() as $batch) {
            $progress = $batch->progress();
            foreach ($this->view->plan->areas as $area) {
                if ($area->steps !== [] && self::isDone($progress, $area)) {
                    $painted[$area->id] = true;
                }
            }
        }

        return $painted;
    }

    private static function isDone(Progress $progress, Area $area): bool
    {
        $then = $progress->plan->area($area->id);
        $prints = static fn(?Area $one): array => array_map(static fn(Step $step): string => "$step->id {$step->fingerprint()}", $one->steps ?? []);

        return $prints($then) === $prints($area)
            && ! array_any($area->steps, static fn(Step $step): bool => $progress->doneOn($step->id) < 1);
    }
}
