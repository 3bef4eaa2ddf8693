<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Surface;

/** A recipe while it is being written, with the surface as it is after the last step. */
final class Draft
{
    /** Thin coats of a light until it is seen, up to what anybody lays. */
    private const MOST_LIGHTS = ['highlight' => 3, 'edge-highlight' => 2, 'dot' => 1];

    private const MOST_EDGES = 2;

    /** Coats of a base from a medium area on: one is streaky. */
    private const LEAST_BASE = 2;

    /** Parts of paint and of water where the usual is too thin to be seen. */
    private const STRONGER = [[2, 1, Thinner::Water], [3, 1, Thinner::Water]];

    /** The last white is taken from the pot. */
    private const WHITE = 92.0;

    private const STRAIGHT = [1, 0, Thinner::Water];

    /** By so much a light is lighter than what it lies on. */
    private const LIGHTER = 1.5;

    /** ΔE₀₀ to its own colour within which a light is seen for what it is, and what of the way to it may be left. */
    private const SEEN = 4.0;

    private const SHARE_LEFT = 0.3;

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<string, string> by step id */
    public array $reasons = [];

    /** @var list<Paint> */
    public array $toBuy = [];

    /** @var list<string> tones that nothing comes near, with how far off the nearest is */
    public array $unreached = [];

    /** @var array<string, true> ids of pots */
    public array $open = [];

    /** @var array<string, string> rung of the ladder by step id */
    public array $rungs = [];

    /** What the base was made of, to the eye; null while there is none. */
    public ?Lab $base = null;

    /** What was taken for it: laid again it is the same. */
    public ?Pick $basePick = null;

    /** The covering mix on the palette; null while there is none. */
    public ?Mix $lastTone = null;

    /** Some light is on it. */
    public bool $isLit = false;

    /** Lightness of the lightest tone of the ladder so far. */
    public ?float $top = null;

    /** @var array<string, Step> steps that stay as they are and have no place yet, by id */
    private array $kept;

    /** @var array<string, string> */
    private readonly array $rungsBefore;

    private readonly Plan $ground;

    private Surface $surface;

    private int $number = 0;

    public function __construct(
        private readonly WritingWish $wish,
        private readonly string $idBase,
    ) {
        $this->ground = $wish->plan();
        $this->kept = $wish->kept();
        $this->rungsBefore = $wish->rungs();
        $this->surface = $this->ground->undercoat->surface($this->ground->areas[0]->texture);
    }

    /** What is kept and belongs to no rung goes where it stood: behind what it stood behind. */
    public function plan(): Plan
    {
        $steps = $this->steps;
        foreach ($this->kept as $step) {
            array_splice($steps, $this->placeOf($step, $steps), 0, [$step]);
        }

        return $this->ground->withArea($this->ground->areas[0]->withSteps($steps));
    }

    /** A step that stays as it is stands for this rung: it is taken as the next. */
    public function keeps(string $rung): bool
    {
        foreach ($this->kept as $step) {
            if ($this->rungsBefore[$step->id] === $this->next($rung)) {
                unset($this->kept[$step->id]);
                $this->lay($step, $rung, 'Left as you have it.');

                return true;
            }
        }

        return false;
    }

    /** What lies on a zone now, skin and sheen included. */
    public function seen(Zone $zone): Lab
    {
        return $this->surface->look()->at($zone);
    }

    /** The films on the face now. */
    public function face(): Reflectance
    {
        return $this->surface->at(Zone::Face);
    }

    /**
     * A step as its technique is usually begun; what covers gets the coats it needs.
     *
     * @param int|null $coats null: as many as it needs, or as usual
     * @param int|null $most more are not laid, whatever still glows through
     */
    public function put(
        string $technique,
        string $rung,
        Pick $pick,
        string $reason,
        ?Place $place = null,
        ?Dilution $dilution = null,
        ?int $coats = null,
        ?int $most = null,
        ?Load $load = null,
    ): void {
        $step = $this->begun($technique, $pick->mix, $place, $dilution ?? $pick->dilution);
        $step = $load === null ? $step : $step->told($step->more->loaded($load));
        $coats ??= $this->coatsToCover($step, $this->surface);
        $this->take($coats === null ? $step : $step->inCoats(min($coats, $most ?? $coats)), $rung, $pick, $reason);
    }

    /** A light in as many thin coats as it takes to be seen, up to what anybody lays; none where it would be no lighter than what is there. */
    public function light(string $technique, string $rung, Pick $pick, string $reason, Place $place): bool
    {
        $zone = $place === Place::RaisedParts ? Zone::Raised : Zone::Edge;
        $step = $this->begun($technique, $pick->mix, $place, $pick->dilution);
        $tone = $pick->mix->colour();
        $most = $pick->mix->isMetal() ? 1 : self::MOST_LIGHTS[$technique];
        $most = $zone === Zone::Edge && $this->wish->colour()->lightness < self::WHITE ? min($most, self::MOST_EDGES) : $most;
        $enough = min(self::SEEN, self::SHARE_LEFT * Ciede2000::between($this->seen($zone), $tone));
        foreach ([
            $step,
            ...(
                $pick->dilution === null
                    ? array_map(
                        static fn(array $parts): Step => $step->with($pick->mix, Dilution::of(...$parts)),
                        $tone->lightness >= self::WHITE ? [...self::STRONGER, self::STRAIGHT] : self::STRONGER,
                    )
                    : []
            ),
        ] as $step) {
            $coats = 0;
            do {
                $seen = $step->inCoats(++$coats)->over($this->surface)->look()->at($zone);
            } while ($coats < $most && Ciede2000::between($seen, $tone) > $enough);
            // A weak colour is laid stronger, before it is laid more often.
            if (Ciede2000::between($seen, $tone) <= $enough) {
                break;
            }
        }
        $isSeen = $seen->lightness >= $this->seen($zone)->lightness + self::LIGHTER;
        if ($isSeen) {
            $this->take($step->inCoats($coats), $rung, $pick, $reason);
            $this->isLit = true;
        }

        return $isSeen;
    }

    /**
     * Coats in all until a paint covers what is there, perhaps with another under it.
     *
     * @param list<Paint> $under what lies under it, lowest first
     * @param int $most of each
     *
     * @return int|null null when no number of coats that anybody paints does
     */
    public function coatsOf(string $technique, Mix $mix, array $under, int $most): ?int
    {
        $surface = $this->surface;
        $coats = 0;
        foreach ([...array_map(Mix::single(...), $under), $mix] as $one) {
            $step = $this->begun($technique, $one, null, null);
            $needed = $this->coatsToCover($step, $surface);
            if ($needed === null || ($under !== [] && $needed > $most)) {
                return null;
            }
            $coats += $needed;
            $surface = $step->inCoats($needed)->over($surface);
        }

        return $coats;
    }

    /** One coat of a base is streaky, however well it hides; on a speck nobody sees it, and metal is laid once or twice. */
    private function coatsToCover(Step $step, Surface $surface): ?int
    {
        $needed = $step->coatsOver($surface, $this->ground->model->finishLevel);
        $isPlain = $step->technique->isMeantToCover() && ! $step->technique->does(Nature::Lightens) && $step->mix?->isMetal() === false;

        return $needed === null || ! $isPlain || $this->ground->areas[0]->isSmall() ? $needed : max(self::LEAST_BASE, $needed);
    }

    /** The step before was done with the same: again it would only be more of it. */
    public function isLast(Mix $mix): bool
    {
        return $this->steps !== [] && $this->steps[count($this->steps) - 1]->mix?->words() === $mix->words();
    }

    /** Nothing but this has covered the area so far: the same again would change nothing. */
    public function isAll(Mix $mix): bool
    {
        return $this->steps !== [] && array_all($this->steps, static fn(Step $step): bool => $step->mix?->words() === $mix->words());
    }

    private function begun(string $technique, Mix $mix, ?Place $place, ?Dilution $dilution): Step
    {
        $step = Step::usual(sprintf('%s-%d', $this->idBase, ++$this->number), Technique::of($technique), $place, $mix);

        return $dilution === null ? $step : $step->with($mix, $dilution);
    }

    private function take(Step $step, string $rung, Pick $pick, string $reason): void
    {
        $this->lay($step, $rung, $reason);
        if ($rung === 'base') {
            $this->basePick ??= $pick;
        }
        foreach ($pick->toBuy as $paint) {
            if (! in_array($paint, $this->toBuy, true)) {
                $this->toBuy[] = $paint;
            }
        }
    }

    private function lay(Step $step, string $rung, string $reason): void
    {
        $this->rungs[$step->id] = $this->next($rung);
        $this->steps[] = $step;
        $this->surface = $step->over($this->surface);
        $this->reasons[$step->id] = $reason;
        $this->mark($step, $rung);
        foreach ($step->paints() as $paint) {
            $this->open[$paint->id] = true;
        }
    }

    /** How far up the ladder it is now. */
    private function mark(Step $step, string $rung): void
    {
        if (
            $step->mix === null
            || $step->mix->isClear()
            || in_array($rung, ['undertone', 'sketch'], true)
            || $step->technique->does(Nature::Washes, Nature::Lines)
        ) {
            return;
        }
        $tone = $step->mix->isTransparent() ? $this->seen(Zone::Face) : $step->mix->colour();
        $this->lastTone = $step->mix->isTransparent() ? null : $step->mix;
        if ($rung === 'base') {
            $this->base ??= $tone;
            $this->top = $tone->lightness;
        }
        // A transparent leaves what stands up lighter than the face: light is lighter still.
        $this->top = max($this->top ?? 0.0, $step->mix->isTransparent() ? $this->seen(Zone::Raised)->lightness : $tone->lightness);
    }

    /** A rung that is painted twice is told apart. */
    private function next(string $rung): string
    {
        return in_array($rung, $this->rungs, true) ? "$rung again" : $rung;
    }

    /** @param list<Step> $steps */
    private function placeOf(Step $kept, array $steps): int
    {
        $place = 0;
        foreach ($this->wish->area->steps as $before) {
            if ($before->id === $kept->id) {
                break;
            }
            foreach ($steps as $at => $step) {
                if ($step->id === $before->id || ($this->rungs[$step->id] ?? '') === $this->rungsBefore[$before->id]) {
                    $place = $at + 1;
                }
            }
        }

        return $place;
    }
}
