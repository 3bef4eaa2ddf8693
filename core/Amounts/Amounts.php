<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** How much paint, medium and thinner a batch takes. */
final class Amounts
{
    public const MOST_MODELS = 10000;

    /** Where a whole model is dealt with, its zones count alike. */
    private const ZONE_OF_WHOLE = 0.2;

    /** Each colour of a wet blend covers half of the place. */
    private const HALF = 0.5;

    /** @var list<PassAmount>|null */
    private ?array $passes = null;

    private readonly Plan $plan;

    private readonly int $models;

    /** @param list<Pass>|null $passesInOrder when they are known already */
    private function __construct(
        private readonly SquadPlan $squad,
        private readonly Measures $measures,
        private readonly ?array $passesInOrder = null,
        private readonly ?Progress $progress = null,
    ) {
        $this->plan = $squad->plan;
        $this->models = $squad->count();
    }

    /** What is still to be poured for a batch that is under way. */
    public static function left(Progress $progress, Measures $measures): self
    {
        return new self($progress->squad, $measures, $progress->passes, $progress);
    }

    /**
     * For so many models of whom nothing is said.
     *
     * @param Order|null $order of that plan, when it is known already
     *
     * @throws IllegalAmount when there are no models, or more than anybody paints
     */
    public static function of(Plan $plan, int $models, ?Measures $measures = null, ?Order $order = null): self
    {
        if ($models < 1 || $models > self::MOST_MODELS) {
            throw IllegalAmount::models(self::MOST_MODELS);
        }
        $squad = SquadPlan::alike($plan, $models);

        return new self($squad, $measures ?? Measures::usual(), $squad->plan === $plan ? $order?->passes : null);
    }

    public static function for(SquadPlan $squad, ?Measures $measures = null): self
    {
        return new self($squad, $measures ?? Measures::usual());
    }

    /**
     * @return array<string, float> ml that each pot has less in the end, by paint id: film, palette, cup and what goes past; not rounded to
     *     drops
     */
    public function totals(): array
    {
        $totals = [];
        foreach ($this->passes() as $pass) {
            foreach ($pass->pours() as $pour) {
                if ($pour->sprayed !== null && $pour->paint !== null) {
                    $totals[$pour->paint->id] = ($totals[$pour->paint->id] ?? 0.0) + $pour->ml;
                }
            }
            foreach ($pass->mixtures as $mixture) {
                $parts = $mixture->mix->parts();
                foreach ($mixture->mix->ingredients as $ingredient) {
                    $totals[$ingredient->paint->id] = ($totals[$ingredient->paint->id] ?? 0.0) + $mixture->neededMl
                        * $mixture->dilution->strength() * $ingredient->parts / $parts;
                }
                if ($mixture->dilution->pot !== null) {
                    $pot = $mixture->dilution->pot->id;
                    $totals[$pot] = ($totals[$pot] ?? 0.0) + $mixture->neededMl * (1.0 - $mixture->dilution->strength());
                }
            }
        }

        return $totals;
    }

    /** @return list<PassAmount> every pass in the order it is painted */
    public function passes(): array
    {
        return $this->passes ??= array_map(
            fn(Pass $pass): PassAmount => $this->pass($pass, $this->modelsLeft($pass)),
            $this->passesInOrder ?? $this->squad->passes(),
        );
    }

    /** @return array<string, Pour> what is poured in all, pot by pot, in the order of first need */
    public function poured(): array
    {
        return Pour::together(array_merge(...array_map(static fn(PassAmount $one): array => $one->pours(), $this->passes())));
    }

    /** @param float $models on which all its coats are laid: half of the coats on ten are five */
    public function pass(Pass $pass, float $models): PassAmount
    {
        return new PassAmount(
            $pass,
            $this->mixtures($pass->step, $pass->area, $models),
            $this->sprayed($pass->step, $pass->area, $models),
            $this->cans($pass->step, $pass->area, $models),
        );
    }

    /** A pass as it is poured for all the models it is done to, whatever of it is done. */
    public function whole(Pass $pass): PassAmount
    {
        return $this->pass($pass, (float) count($this->squad->modelsOf($pass->step->id)));
    }

    /**
     * Whole drops of a mix that lie on the palette when all its models are done: what the brush left there, and what rounding to drops had
     * too much.
     */
    public function leftOnPalette(PassAmount $pass, Mixture $mixture): int
    {
        return $pass->pass->step->brush === Brush::Airbrush
            ? 0
            : (int) floor($mixture->drops() - $mixture->neededMl * (1.0 - $this->measures->loss) / $this->measures->dropMl + 1e-9);
    }

    /** What leaves can or cup for so many models; null when it is not sprayed. */
    private function sprayed(Step $step, ?Area $area, float $models): ?Sprayed
    {
        return Sprayed::with($step->brush, $this->wetMl($step, $area, $models) * (1.0 - $this->measures->loss), $this->plan->model->heightMm);
    }

    /** @return list<Pour> out of a can */
    private function cans(Step $step, ?Area $area, float $models): array
    {
        $sprayed = $step->brush === Brush::SprayCan && $models > 0.0 ? $this->sprayed($step, $area, $models) : null;

        return $sprayed === null || $step->mix === null ? [] : [Pour::fromCan($step->mix->ingredients[0]->paint, $sprayed)];
    }

    /**
     * What is mixed for so many models: what the brush leaves on the palette comes on top, or what goes past from a cup that is never quite
     * empty.
     */
    private function mixedMl(Step $step, ?Area $area, float $models): float
    {
        $wet = $this->wetMl($step, $area, $models);

        return $step->brush === Brush::Airbrush && $wet > 0.0
            ? max(Sprayed::LEAST_CUP_DROPS * $this->measures->dropMl, $this->sprayed($step, $area, $models)->ml ?? $wet)
            : $wet;
    }

    /** Models on which all coats of a pass are still to be laid; one of two coats on four are two. */
    private function modelsLeft(Pass $pass): float
    {
        if ($this->progress === null) {
            return (float) count($this->squad->modelsOf($pass->step->id));
        }
        $coats = 0;
        for ($coat = 1; $coat <= $pass->step->coats && ! $this->progress->isSkipped($pass); $coat++) {
            $coats += count($this->progress->modelsLeft($pass->step->id, $coat));
        }

        return $coats / $pass->step->coats;
    }

    /**
     * What painting takes from the pots: film and palette, not rounded to drops.
     *
     * @param list<array{paint: string, parts: int}> $mix as it was really mixed
     *
     * @return array<string, float> ml by paint id
     */
    public function spent(Step $step, ?Area $area, array $mix, Dilution $dilution, int $coats, int $models): array
    {
        $parts = array_sum(array_column($mix, 'parts'));
        $done = $step->inCoats(max(1, min(Step::MOST_COATS, $coats)));
        $can = $mix === [] ? null : $this->cans($done, $area, $models)[0] ?? null;
        if ($can !== null) {
            return [$mix[0]['paint'] => $can->ml];
        }
        $wet = $mix === [] ? 0.0 : $this->mixedMl($done, $area, $models);
        $second = $step->more->second;
        $share = $second === null ? 1.0 : self::HALF;
        $spent = [];
        foreach ($mix as ['paint' => $paint, 'parts' => $of]) {
            $spent[$paint] = ($spent[$paint] ?? 0.0) + $share * $wet * $dilution->strength() * $of / $parts;
        }
        if ($second !== null) {
            foreach ($second->mix->ingredients as $ingredient) {
                $spent[$ingredient->paint->id] = ($spent[$ingredient->paint->id] ?? 0.0) + self::HALF * $wet
                    * $second->dilution->strength() * $ingredient->parts / $second->mix->parts();
            }
        }
        if ($step->dilution->pot !== null) {
            $spent[$step->dilution->pot->id] = ($spent[$step->dilution->pot->id] ?? 0.0) + $share * $wet * (1.0 - $dilution->strength());
        }

        return $spent;
    }

    /** @return float ml of the thinned mix for so many models, palette loss included */
    public function wetMl(Step $step, ?Area $area, ?float $models = null): float
    {
        $surfaceMm2 = 100.0 * $this->plan->model->surfaceCm2();
        $share = $area === null ? $this->shareOf($step) : $area->shareOf($this->plan->model);
        $place = 0.0;
        foreach (Zone::cases() as $zone) {
            $place += (
                $area === null ? self::ZONE_OF_WHOLE : $area->texture->share($zone)
            ) * $step->place->reach($zone) * $step->place->share($zone);
        }

        return $this->measures->wetFilmMm * $surfaceMm2 * $share
            * $step->coats * ($models ?? $this->models) * $place / (1.0 - $this->measures->loss) / 1000.0;
    }

    /** Of the whole model: all of it, but where loose parts are primed by themselves the areas that are. */
    private function shareOf(Step $step): float
    {
        $primed = $this->plan->isOfUndercoat($step->id) ? $this->plan->primedBy($step->id) : null;
        $all = array_sum(array_map(fn(Area $area): float => $area->shareOf($this->plan->model), $this->plan->areas));
        if ($primed === null || $all <= 0.0) {
            return 1.0;
        }

        return array_sum(array_map(
            fn(Area $area): float => in_array($area->id, $primed, true) ? $area->shareOf($this->plan->model) : 0.0,
            $this->plan->areas,
        )) / $all;
    }

    /** @return list<Mixture> */
    private function mixtures(Step $step, ?Area $area, float $models): array
    {
        $wet = $this->mixedMl($step, $area, $models);
        if ($step->mix === null || $wet <= 0.0 || $step->brush === Brush::SprayCan) {
            return [];
        }
        $second = $step->more->second;

        return $second === null
            ? [Mixture::of($step->mix, $step->dilution, $wet, $this->measures->dropMl)]
            : [
                Mixture::of($step->mix, $step->dilution, self::HALF * $wet, $this->measures->dropMl),
                Mixture::of($second->mix, $second->dilution, self::HALF * $wet, $this->measures->dropMl),
            ];
    }
}
