<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** One way to get an undercoat onto a squad: what it costs a model in money and minutes, and what speaks for it and against it. */
final readonly class PrimingWay
{
    /** Starting values, no measurements. A can is taken to cost a third more than its pot, whatever that holds. */
    private const CAN_PER_POT = 1.33;

    /** Minutes, once for all models: a can is shaken for each colour, a cup is rinsed for each and the airbrush cleaned for good in the end. */
    private const SHAKE = 2.0;

    private const RINSE = 3.0;

    private const CLEAN = 10.0;

    /** Rinsed between times, after so many minutes of spraying. */
    private const RINSE_EVERY = 15.0;

    /** A brush goes over what a cone takes at one go. */
    private const BY_BRUSH = 4.0;

    /** Points for a minute and for a cent a model, and how much more they count for whom they matter. */
    private const MINUTE = 1.0;

    private const CENT = 0.1;

    private const MATTERS = 5.0;

    /**
     * @param float|null $cents minor units a model; null when no price is known
     * @param float $minutes a model, cleaning and shaking shared by all
     * @param float $score higher is better
     * @param list<string> $reasons
     */
    private function __construct(
        public SprayMethod $method,
        public ?float $cents,
        public float $minutes,
        public float $score,
        public array $reasons,
    ) {}

    /**
     * @param list<PrimingWish> $wishes
     * @param array<string, array{int, float}> $pots minor units and ml of a pot, by paint; without a price of zero
     *
     * @return list<self> best first; none on bare plastic
     *
     * @throws IllegalAmount when there are no models, or more than anybody paints
     */
    public static function all(Plan $plan, int $models, array $wishes, array $pots, bool $hasAirbrush, ?Measures $measures = null): array
    {
        $amounts = Amounts::of($plan, $models, $measures);
        if ($plan->undercoat->base === null) {
            return [];
        }
        $ways = array_map(
            static fn(SprayMethod $method): self => self::judged(
                $method,
                $plan,
                $models,
                $wishes,
                self::cents($method, $plan, $amounts, $models, $pots, $measures),
                $hasAirbrush,
            ),
            SprayMethod::cases(),
        );
        usort($ways, static fn(self $one, self $other): int => $other->score <=> $one->score);

        return $ways;
    }

    /** @param array<string, array{int, float}> $pots */
    private static function cents(SprayMethod $method, Plan $plan, Amounts $amounts, int $models, array $pots, ?Measures $measures): ?float
    {
        $sum = 0.0;
        foreach ($plan->undercoat->steps() as $step) {
            $wet = $amounts->wetMl($step, null, (float) $models);
            $landed = $wet * (1.0 - ($measures ?? Measures::usual())->loss);
            $taken = Sprayed::with($method->brush(), $landed, $plan->model->heightMm)?->potMl() ?? $wet;
            // A ground is sprayed of one paint alone.
            $pot = $pots[$step->mix->ingredients[0]->paint->id ?? ''] ?? null;
            if ($pot === null) {
                return null;
            }
            [$price, $ml] = $pot;
            $isCanOfIt = $method === SprayMethod::SprayCan && $ml < Sprayed::CAN_PAINT_ML;
            $sum += $taken * ($isCanOfIt ? self::CAN_PER_POT * $price / Sprayed::CAN_ML : $price / $ml);
        }

        return $sum / $models;
    }

    /** @param list<PrimingWish> $wishes */
    private static function judged(SprayMethod $method, Plan $plan, int $models, array $wishes, ?float $cents, bool $hasAirbrush): self
    {
        $minutes = self::minutes($method, $plan, $models);
        $is = static fn(PrimingWish $wish): bool => in_array($wish, $wishes, true);
        $sketches = $plan->undercoat->light !== null || $plan->undercoat->below !== null;
        $judgements = match ($method) {
            SprayMethod::SprayCan => [
                [true, 0.0, 'No cleaning. It wants dry air between 10 and 27 °C, and an hour until one paints.'],
                [$is(PrimingWish::FineDetail), -25.0, 'It lays more than fine or soft detail bears: held still or near, it fills it.'],
                [$is(PrimingWish::NoDust), -15.0, 'From too far, or when it is hot, the mist dries in the air and lands as dust.'],
            ],
            SprayMethod::Airbrush => [
                [! $hasAirbrush, -60.0, 'No airbrush is at hand: say so in the settings when there is one.'],
                [true, 4.0, 'In any weather, in thin coats; ten minutes until one paints.'],
                [$is(PrimingWish::FineDetail), 15.0, 'Thin coats leave fine detail open.'],
                [$is(PrimingWish::NoDust), 5.0, 'Near and wet it lands smooth; a few drops of thinner keep it from drying on the way.'],
                [$sketches, 6.0, 'Light from above and colour from below go where they are aimed.'],
            ],
            SprayMethod::Brush => [
                [true, -20.0, 'Slow and thick: where nothing can be sprayed.'],
                [$is(PrimingWish::FineDetail), -25.0, 'It leaves marks of the brush and fills fine detail.'],
                [$is(PrimingWish::NoDust), 15.0, 'No dust at all.'],
                [$sketches, -25.0, 'Nothing falls from above: a sketch of light has to be patted on.'],
            ],
        };
        $true = array_values(array_filter($judgements, static fn(array $one): bool => $one[0]));
        $score = array_sum(array_column($true, 1))
            - self::MINUTE * ($is(PrimingWish::Quick) ? self::MATTERS : 1.0) * $minutes
            - self::CENT * ($is(PrimingWish::Cheap) ? self::MATTERS : 1.0) * ($cents ?? 0.0);

        return new self($method, $cents === null ? null : round($cents, 1), round($minutes, 1), round($score, 1), array_column($true, 2));
    }

    private static function minutes(SprayMethod $method, Plan $plan, int $models): float
    {
        $pace = Pace::of($plan);
        $steps = $plan->undercoat->steps();
        $spraying = array_sum(array_map(static fn(Step $step): float => $pace->step($step, null), $steps));
        $inAll = match ($method) {
            SprayMethod::SprayCan => self::SHAKE * count($steps),
            SprayMethod::Airbrush => self::CLEAN + self::RINSE * (count($steps) + floor($models * $spraying / self::RINSE_EVERY)),
            SprayMethod::Brush => self::RINSE,
        };

        return ($method === SprayMethod::Brush ? self::BY_BRUSH : 1.0) * $spraying + $inAll / $models;
    }
}
