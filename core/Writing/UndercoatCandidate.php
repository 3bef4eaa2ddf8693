<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Temperature;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\Look;
use Kalokroma\Simulation\Surface;

/** An undercoat and what speaks for it and against it on one plan. */
final readonly class UndercoatCandidate
{
    /** ΔE₀₀ within which the undercoat is an area's base already. */
    private const IS_BASE = 5.0;

    /** Lightness between dark and light from which a sketch of light is one. */
    private const SKETCH = 28.0;

    private const DARK = 30.0;

    private const LIGHT = 62.0;

    /** Share of the model from which something decides. */
    private const MUCH = 0.4;

    private const FROM_DARK = 0.25;

    /** Values of light and shade that are told of. */
    private const TOLD = 1.5;

    /** Points for each coat that all of the model takes, for a pot to buy, for what helps and what hurts. */
    private const COAT = 14.0;

    private const TO_BUY = 8.0;

    /** Points for a minute on each model, and for each ΔE₀₀ that all of the model ends farther off what is meant, or nearer. */
    private const MINUTE = 0.25;

    private const LOOK = 3.5;

    private const UNSEEN = 3.0;

    private const NEARER = 0.8;

    private const MOST_NEARER = 25.0;

    /** ΔE₀₀ from which an area ends as another colour, and up to which two grounds are one. */
    private const OTHER = 8.0;

    private const TWIN = 4.0;

    /** Share of thin paint from which the ground is chosen for it. */
    private const THIN = 0.3;

    /**
     * @param float $score higher is better
     * @param list<string> $reasons
     * @param array<string, int|null> $coats by area, until its first colour covers; null where that is not meant to, or never does
     * @param float $minutes hands-on for one model: spraying, and first colours
     * @param array<string, Look> $finals what is painted looks like in the end, by area id
     */
    private function __construct(
        public Undercoat $undercoat,
        public float $score,
        public array $reasons,
        public array $coats,
        public float $minutes,
        private array $finals,
    ) {}

    /** Lightness between recesses and raised parts in the end, on average of the areas by their shares: what is painted on it comes out so deep. */
    public static function valueRange(Undercoat $undercoat, Plan $plan): float
    {
        return self::range(MeantLooks::of($plan)->over($undercoat), $plan);
    }

    /** @param array<string, Look> $looks by area id */
    private static function range(array $looks, Plan $plan): float
    {
        $sum = $shares = 0.0;
        foreach ($plan->areas as $area) {
            if (isset($looks[$area->id])) {
                $sum += $area->size->share() * $looks[$area->id]->relief();
                $shares += $area->size->share();
            }
        }

        return $shares > 0.0 ? $sum / $shares : 0.0;
    }

    /**
     * What one sees of each area in the end, or of the undercoat where nothing is planned.
     *
     * @return array<string, Look> by area id
     */
    public function looks(Plan $plan): array
    {
        $looks = $this->finals;
        foreach ($plan->areas as $area) {
            $looks[$area->id] ??= $this->undercoat->surface($area->texture)->look();
        }

        return $looks;
    }

    /** The same, telling what it does to light and shade against what the plan has now. */
    public function against(float $present, Plan $plan): self
    {
        $change = self::range($this->finals, $plan) - $present;
        $words = match (true) {
            $change >= self::TOLD => sprintf('Light and shade end %d values farther apart than now.', (int) round($change)),
            $change <= -self::TOLD => sprintf('Light and shade end %d values nearer to each other than now.', (int) round(-$change)),
            default => 'Light and shade end as far apart as now.',
        };

        return new self($this->undercoat, $this->score, [...$this->reasons, $words], $this->coats, $this->minutes, $this->finals);
    }

    /** Sprayed alike, and of grounds that one could take for each other. */
    public function isTwinOf(self $other): bool
    {
        return ($this->undercoat->light === null) === ($other->undercoat->light === null)
            && ($this->undercoat->below === null) === ($other->undercoat->below === null)
            && $this->undercoat
                ->surface(Texture::CloseFolds)
                ->look()
                ->differenceTo($other->undercoat->surface(Texture::CloseFolds)->look()) < self::TWIN;
    }

    /** @param int $toBuy primers of it that are not owned */
    public static function judged(Undercoat $undercoat, Plan $plan, Scheme $scheme, int $toBuy, ?MeantLooks $meant = null): self
    {
        $meant ??= MeantLooks::of($plan);
        $finals = $meant->over($undercoat);
        [$change, $changes] = self::changed($meant, $finals, $plan);
        $coats = [];
        $total = $shares = 0.0;
        $pace = Pace::of($plan);
        $minutes = array_sum(array_map(static fn(Step $step): float => $pace->step($step, null), $undercoat->steps()));
        $bases = [];
        $surfaces = [];
        foreach ($plan->areas as $area) {
            $first = Scheme::first($area);
            $surface = $surfaces[$area->texture->value] ??= $undercoat->surface($area->texture);
            $needed = $coats[$area->id] = $first === null ? null : self::coats($first, $surface, $plan, $undercoat->light === null);
            if ($first === null) {
                continue;
            }
            $counted = $needed ?? ($first->mix?->isTransparent() === true ? $first->coats : Step::MOST_COATS);
            $total += $area->size->share() * $counted;
            $shares += $area->size->share();
            $minutes += $counted * $pace->coat($first, $area);
            if ($needed === 0) {
                $bases[] = $area;
            }
        }
        $mean = $shares > 0.0 ? $total / $shares : 0.0;
        [$points, $reasons] = self::weighed($undercoat, $scheme, $bases, $plan->model->finishLevel === FinishLevel::Display);
        array_unshift($reasons, sprintf('%.1f coats on average until the first colours cover.', $mean));
        if ($toBuy > 0) {
            $reasons[] = $toBuy === 1 ? 'One primer of it is still to be bought.' : 'Primers of it are still to be bought.';
        }

        $score = 100.0 - self::COAT * $mean + $points - self::TO_BUY * $toBuy - self::MINUTE * $minutes + $change;

        return new self($undercoat, round($score, 1), [...$changes, ...$reasons], $coats, round($minutes, 1), $finals);
    }

    /**
     * What becomes of the areas in the end, against what is meant.
     *
     * @param array<string, Look> $finals by area id
     *
     * @return array{float, list<string>} points, and what has to be said
     */
    private static function changed(MeantLooks $meant, array $finals, Plan $plan): array
    {
        $points = 0.0;
        $words = [];
        foreach ($plan->areas as $area) {
            if (! isset($finals[$area->id])) {
                continue;
            }
            $farther = $meant->farther($area, $finals[$area->id]);
            $points += $area->size->share() * (
                $farther > 0.0 ? -self::LOOK * max(0.0, $farther - self::UNSEEN) : self::NEARER * min(self::MOST_NEARER, -$farther)
            );
            $now = $meant->now($area)->at(Zone::Face);
            $then = $finals[$area->id]->at(Zone::Face);
            if (max($farther, Ciede2000::between($now, $then)) >= self::OTHER) {
                $loose = $area->part === null || ! self::hasMoreThan($plan, $area->part) ? null : $plan->part($area->part);
                $words[] = sprintf(
                    '%s would end as %s, not as %s%s.%s',
                    $area->name,
                    ColourName::of($then)->words(),
                    ColourName::of($now)->words(),
                    $farther < 0.0 ? ', which is nearer to what is meant' : '',
                    $loose !== null && $farther > 0.0 ? " Prime the loose $loose->name by itself." : '',
                );
            }
        }

        return [$points, $words];
    }

    private static function hasMoreThan(Plan $plan, string $part): bool
    {
        return array_any($plan->areas, static fn(Area $area): bool => $area->part !== $part);
    }

    /**
     * The table of the craft: what speaks for a ground and what against it.
     *
     * @param list<Area> $bases areas whose first colour it is already
     *
     * @return array{float, list<string>}
     */
    private static function weighed(Undercoat $undercoat, Scheme $scheme, array $bases, bool $isDisplay): array
    {
        $look = $undercoat->surface(Texture::CloseFolds)->look();
        $face = $look->at(Zone::Face);
        $ground = Temperature::of($face);
        $isZenithal = $undercoat->light !== null;
        $isLight = $face->lightness >= self::LIGHT;
        $isDark = ! $isZenithal && $face->lightness < self::DARK;
        $isNeutral = ! $isZenithal && ! $isDark && hypot($face->a, $face->b) < 16.0;
        $gap = $undercoat->light === null || $undercoat->base === null
            ? 0.0
            : $undercoat->light->colour()->lightness - $undercoat->base->colour()->lightness;
        $covered = array_sum(array_map(static fn(Area $area): float => $area->size->share(), $bases));
        $judgements = [
            [
                $covered > 0.0,
                6.0 + 30.0 * $covered,
                sprintf(
                    'It is the base of %s already: the recipe begins at the shade.',
                    implode(' and ', array_column($bases, 'name')),
                ),
            ],
            [$scheme->families >= 4 && $isNeutral, 6.0, 'Many materials: a neutral ground serves all of them.'],
            [
                $scheme->weak >= self::MUCH && $isLight,
                8.0,
                'Yellow, white, red, orange or pink take up much of it: over light they cover and stay clean.',
            ],
            [$scheme->weak >= self::MUCH && $isDark, -10.0, 'Colours that cover badly take up much of it: over dark they read dirty.'],
            [$scheme->transparent >= self::THIN && ($isLight || $isZenithal), 8.0, 'Transparents show what lies below: they need light.'],
            [$scheme->transparent >= self::THIN && $isDark, -16.0, 'Transparents over dark do nothing.'],
            [
                $scheme->metal >= self::MUCH && $scheme->metal > max($scheme->weak, $scheme->pale) && $isDark,
                14.0,
                'Mostly metal: dark below gives it depth.',
            ],
            [$scheme->metal >= self::MUCH && $isZenithal, -6.0, 'Metal paint hides a sketch of light and makes its own.'],
            [$scheme->fromDark >= self::FROM_DARK && $isDark, 12.0 + 20.0 * $scheme->fromDark, 'What is layered up from dark begins here.'],
            [$scheme->isLit && $isDark, 8.0, 'Painted light wants a plain dark to shine in.'],
            [
                $isZenithal && $scheme->transparent < self::THIN && $scheme->metal < self::MUCH,
                $isDisplay ? -2.0 : -6.0,
                'Opaque paint hides a sketch of light: here it is a map and no more.',
            ],
            [
                $isZenithal && $gap >= self::SKETCH && $scheme->metal < self::MUCH,
                4.0,
                'Light from above shows the forms; a photo of it is the map for the highlights.',
            ],
            [$isZenithal && $gap < self::SKETCH, -8.0, 'Light and dark are too near in value to be a map.'],
            [
                $isZenithal && $gap >= self::SKETCH && $isDisplay,
                2.0,
                'Put the light where you want value, hair and cloak before all, rather than only where the sky is.',
            ],
            [
                $undercoat->below !== null && $scheme->transparent >= self::THIN && $scheme->metal < self::MUCH,
                1.0,
                sprintf(
                    'Shadows lean to %s from below: thin paint keeps that, and they look alive.',
                    $undercoat->below === null ? '' : ColourName::of($undercoat->below->colour())->hueWord(),
                ),
            ],
            [
                $undercoat->below !== null
                    && $scheme->transparent >= self::THIN
                    && Temperature::of($undercoat->below->colour()) === $scheme->temperature,
                2.0,
                "That goes with a {$scheme->temperature->value} scheme.",
            ],
            [
                $ground !== Temperature::Neutral && $ground === $scheme->temperature,
                3.0,
                "A $ground->value ground under a {$scheme->temperature->value} scheme.",
            ],
            [
                $ground !== Temperature::Neutral && $scheme->temperature !== Temperature::Neutral && $ground !== $scheme->temperature,
                -3.0,
                "The scheme is {$scheme->temperature->value}, the ground $ground->value.",
            ],
        ];
        $true = array_values(array_filter($judgements, static fn(array $one): bool => $one[0]));

        return [array_sum(array_column($true, 1)), array_column($true, 2)];
    }

    private static function coats(Step $first, Surface $surface, Plan $plan, bool $isPlain): ?int
    {
        $application = $first->application();
        if ($application === null || $first->mix === null || $first->mix->isTransparent()) {
            return null;
        }
        if ($isPlain && ! $application->isMetal && Ciede2000::between($first->mix->colour(), $surface->look()->mean()) <= self::IS_BASE) {
            return 0;
        }

        return $first->coatsOver($surface, $plan->model->finishLevel);
    }
}
