<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Turns;
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

    private function __construct(
        private readonly Plan $plan,
        private readonly int $models,
        private readonly Measures $measures,
        private readonly ?Order $order,
    ) {}

    /**
     * @param Order|null $order the passes in the order they are painted, when it is known already
     *
     * @throws IllegalAmount when there are no models, or more than anybody paints
     */
    public static function of(Plan $plan, int $models, ?Measures $measures = null, ?Order $order = null): self
    {
        if ($models < 1 || $models > self::MOST_MODELS) {
            throw IllegalAmount::models(self::MOST_MODELS);
        }

        return new self($plan, $models, $measures ?? Measures::usual(), $order);
    }

    /** @return array<string, float> ml of each paint the batch needs, by id; not rounded to drops */
    public function totals(): array
    {
        $totals = [];
        foreach ($this->passes() as $pass) {
            foreach ($pass->mixtures as $mixture) {
                $parts = $mixture->mix->parts();
                foreach ($mixture->mix->ingredients as $ingredient) {
                    $totals[$ingredient->paint->id] = ($totals[$ingredient->paint->id] ?? 0.0) + $mixture->neededMl * $mixture->dilution->strength() * $ingredient->parts / $parts;
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
        return $this->passes ??= array_map(fn(Pass $pass): PassAmount => $this->pass($pass, $this->models), ($this->order ?? Order::of($this->plan))->passes);
    }

    /** @return array<string, Pour> what is poured in all, pot by pot, in the order of first need */
    public function poured(): array
    {
        $poured = [];
        foreach ($this->passes() as $pass) {
            foreach ($pass->pours() as $pour) {
                $poured[$pour->key()] = isset($poured[$pour->key()]) ? $poured[$pour->key()]->and($pour) : $pour;
            }
        }

        return $poured;
    }

    /** What one pass takes when it is painted on only some of the models. */
    public function pass(Pass $pass, int $models): PassAmount
    {
        $mixtures = [];
        $turns = $pass->area === null ? [] : Turns::of($pass->area, $this->models)->at($pass->area, $pass->step);
        $done = $turns === []
            ? [[$pass->step, $models]]
            : $this->byTurns($turns, $models);
        foreach ($done as [$step, $on]) {
            array_push($mixtures, ...$this->mixtures($step, $pass->area, $on));
        }

        return new PassAmount($pass, $mixtures, Sprayed::with($pass->step->brush, $this->wetMl($pass->step, $pass->area, $models) * (1.0 - $this->measures->loss)));
    }

    /**
     * @param list<array{name: string, models: list<int>, steps: list<Step>}> $turns
     *
     * @return list<array{Step, float}> each way it is painted, and its share of the models
     */
    private function byTurns(array $turns, int $models): array
    {
        $done = [];
        foreach ($turns as $turn) {
            foreach ($turn['steps'] as $step) {
                $done[] = [$step, count($turn['models']) * $models / $this->models];
            }
        }

        return $done;
    }

    /** @return float ml of the thinned mix for so many models, palette loss included */
    public function wetMl(Step $step, ?Area $area, ?float $models = null): float
    {
        $surfaceMm2 = 100.0 * $this->plan->model->surfaceCm2();
        $share = $area === null ? 1.0 : $area->size->share();
        $place = 0.0;
        foreach (Zone::cases() as $zone) {
            $place += ($area === null ? self::ZONE_OF_WHOLE : $area->texture->share($zone)) * $step->place->reach($zone) * $step->place->share($zone);
        }

        return $this->measures->wetFilmMm * $surfaceMm2 * $share * $step->coats * ($models ?? $this->models) * $place / (1.0 - $this->measures->loss) / 1000.0;
    }

    /** @return list<Mixture> */
    private function mixtures(Step $step, ?Area $area, float $models): array
    {
        $wet = $this->wetMl($step, $area, $models);
        if ($step->mix === null || $wet <= 0.0) {
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
