<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** What it would cost if the brush slipped now: on which neighbour, and what hides it there. */
final readonly class SlipPrice
{
    /**
     * @param Pass|null $with whose colour puts it right; null where a coat that is still to come hides it anyway
     * @param Repair|null $repair with that colour; null where none is needed
     * @param list<Pass> $again what would have to be laid once more over it
     * @param float $minutes of work on one model
     */
    private function __construct(
        public Area $beside,
        public ?Pass $with,
        public ?Repair $repair,
        public array $again,
        public float $minutes,
    ) {}

    /** @return list<self> of the neighbours that are begun, the dearest first; none where the paint of the pass has no colour */
    public static function all(Progress $progress, Pass $pass): array
    {
        $slip = $pass->step->mix;
        if ($slip === null || $slip->isClear() || $pass->area === null) {
            return [];
        }
        $prices = [];
        foreach (Neighbours::of($progress->plan)->touching($pass->area) as $beside) {
            $price = self::on($progress, $slip, $beside);
            if ($price !== null) {
                $prices[] = $price;
            }
        }
        usort($prices, static fn(self $one, self $other): int => $other->minutes <=> $one->minutes);

        return $prices;
    }

    private static function on(Progress $progress, Mix $slip, Area $beside): ?self
    {
        $done = $covers = [];
        foreach ($progress->passes as $other) {
            if ($other->area !== $beside || $other->step->mix === null || $progress->isSkipped($other)) {
                continue;
            }
            $isCover = self::isCover($other->step);
            if ($progress->doneOn($other->step->id) > 0) {
                $done[] = $other;
                $covers = $isCover ? [$other] : $covers;
            } elseif ($isCover && self::hides($progress, $other, $slip)) {
                return $done === [] ? null : new self($beside, null, null, [], 0.0);
            }
        }
        $with = $covers[0] ?? $done[0] ?? null;
        $repair = $with === null ? null : Repair::of($progress->plan, $beside, $with->step, $slip);
        if ($with === null || $repair === null) {
            return null;
        }
        $again = array_values(array_filter($done, static fn(Pass $one): bool => $one->number > $with->number));

        return new self(
            $beside,
            $with,
            $repair,
            $again,
            self::minutes(Pace::of($progress->plan), $beside, $with->step, $repair, array_column($again, 'step')),
        );
    }

    /**
     * Minutes on one model to put right an area that is finished, when the paint of a neighbour gets onto it.
     *
     * @return float|null null where none of its steps could hide anything
     */
    public static function onFinished(Plan $plan, Area $area, Mix $slip): ?float
    {
        $painted = array_values(array_filter($area->steps, static fn(Step $one): bool => $one->mix !== null));
        $at = null;
        foreach ($painted as $number => $step) {
            $at = self::isCover($step) ? $number : $at;
        }
        $with = $painted[$at ?? count($painted) - 1] ?? null;
        $repair = $with === null ? null : Repair::of($plan, $area, $with, $slip);

        return $with === null || $repair === null
            ? null
            : self::minutes(Pace::of($plan), $area, $with, $repair, array_slice($painted, ($at ?? count($painted) - 1) + 1));
    }

    /** @param list<Step> $again */
    private static function minutes(Pace $pace, Area $area, Step $with, Repair $repair, array $again): float
    {
        return Technique::of('touch-up')->minutes + TouchUp::SPOT * $pace->coat($with, $area) * ($repair->all() ?? TouchUp::ANEW)
            + TouchUp::SPOT * array_sum(array_map(static fn(Step $one): float => $pace->step($one, $area), $again));
    }

    private static function isCover(Step $step): bool
    {
        return $step->mix !== null && $step->technique->does(Nature::Covers) && ! $step->place->isFeathered() && ! $step->mix->isTransparent();
    }

    /** In the coats that are planned of it anyway. */
    private static function hides(Progress $progress, Pass $cover, Mix $slip): bool
    {
        $repair = Repair::of($progress->plan, $cover->area, $cover->step, $slip);

        return $repair !== null && $repair->first === null && $repair->coats !== null && $repair->coats <= $cover->step->coats;
    }

    /** What hides it, in words. */
    public function words(): string
    {
        if ($this->with === null || $this->repair === null) {
            return 'nothing: a coat that is still to come hides it';
        }
        $coats = static fn(int $number): string => $number === 1 ? '1 coat' : "$number coats";
        $words = match (true) {
            $this->repair->coats === null => sprintf('no number of coats of %s hides it: down to the undercoat there', $this->with->step->words()),
            $this->repair->first !== null => sprintf(
                '%s of %s, then %s of %s',
                $coats($this->repair->firstCoats),
                $this->repair->first->name,
                $coats($this->repair->coats),
                $this->with->step->words(),
            ),
            default => sprintf('%s of %s', $coats($this->repair->coats), $this->with->step->words()),
        };
        $again = count($this->again);

        return $words.match ($again) {
            0 => '',
            1 => sprintf(', and the %s again', mb_strtolower($this->again[0]->step->technique->label)),
            default => ", and $again steps again",
        };
    }
}
