<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\FinishLevel;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Coverage;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/**
 * What it takes to paint over a slip: the coats of the area's own colour over just that paint, from the film model; a lighter paint of the
 * plan first where that makes fewer; and where the colour is a transparent, its ground again before it.
 */
final readonly class Repair
{
    /** Nothing of a slip is left to dab at in thinner paint. */
    private const LEAST_COAT = 0.3;

    /** Coats from which another tone first is worth a thought. */
    private const MANY = 4;

    /** Coats of that tone. */
    private const FEW = 3;

    /**
     * @param int|null $coats of the colour; null when no number covers
     * @param Paint|null $first a paint that comes before it
     * @param int $firstCoats of that
     */
    private function __construct(
        public ?int $coats,
        public ?Paint $first,
        public int $firstCoats,
    ) {}

    /**
     * @param Step $step whose colour has to be put back
     * @param Mix $slip what lies on it
     */
    public static function of(Plan $plan, ?Area $area, Step $step, Mix $slip): ?self
    {
        if ($step->mix === null || $step->mix->isClear() || $slip->isClear()) {
            return null;
        }
        if ($step->mix->isTransparent()) {
            return self::ofTransparent($plan, $area, $step, $slip);
        }
        $finish = $plan->model->finishLevel;
        $coats = self::over($step->mix, $slip, self::coat($step), $finish);

        return $coats !== null && $coats < self::MANY ? new self($coats, null, 0) : self::stepped($plan, $step, $slip, $coats);
    }

    /** @return int|null all coats of it; null when no number covers */
    public function all(): ?int
    {
        return $this->coats === null ? null : $this->coats + $this->firstCoats;
    }

    /** The ground that it stood on, and then the transparent as it was laid. */
    private static function ofTransparent(Plan $plan, ?Area $area, Step $step, Mix $slip): self
    {
        $ground = $plan->undercoatOf($area)->light ?? $plan->undercoatOf($area)->base;
        foreach ($area === null ? [] : $area->steps as $own) {
            if ($own === $step) {
                break;
            }
            $mix = $own->mix;
            $ground = $mix !== null && ! $mix->isClear() && ! $mix->isTransparent() && count($mix->ingredients) === 1
                ? $mix->ingredients[0]->paint
                : $ground;
        }
        $coats = $ground === null ? null : self::over(Mix::single($ground), $slip, self::LEAST_COAT + 0.2, $plan->model->finishLevel);

        return new self($ground === null || $coats === null ? null : $step->coats, $ground, $coats ?? 0);
    }

    /** A tone of the plan's own paints in between, where that makes fewer coats. */
    private static function stepped(Plan $plan, Step $step, Mix $slip, ?int $straight): self
    {
        $best = new self($straight, null, 0);
        $colour = $step->mix;
        foreach ($plan->paints() as $paint) {
            if ($colour === null || ! in_array($paint->kind, [Kind::Opaque, Kind::SemiOpaque], true) || $colour->holds($paint->id)) {
                continue;
            }
            $first = self::over(Mix::single($paint), $slip, self::coat($step), $plan->model->finishLevel);
            $then = $first === null || $first > self::FEW
                ? null
                : self::over($colour, Mix::single($paint), self::coat($step), $plan->model->finishLevel);
            if ($first !== null && $then !== null && $first + $then < ($best->all() ?? PHP_INT_MAX)) {
                $best = new self($then, $paint, $first);
            }
        }

        return $best;
    }

    private static function over(Mix $paint, Mix $below, float $coat, FinishLevel $finish): ?int
    {
        return Coverage::of($paint->optics(), $below->optics()->masstone(), $coat, $finish->coverTolerance())->coats;
    }

    private static function coat(Step $step): float
    {
        return max(self::LEAST_COAT, $step->dilution->strength());
    }
}
