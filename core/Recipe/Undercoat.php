<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Simulation\Surface;
use WeakMap;

/**
 * What every area of the model starts from: bare plastic, one colour all over, or dark all over and other colours from above and below.
 */
final readonly class Undercoat
{
    /** Ids of its steps, as answers and records name them. */
    public const BASE_STEP = 'undercoat';

    public const BELOW_STEP = 'undercoat-below';

    public const LIGHT_STEP = 'undercoat-light';

    private function __construct(
        public ?Paint $base,
        public ?Paint $light,
        public ?Paint $below,
        public SprayCone $cone,
        public SprayMethod $method,
        public ?int $waitMinutes,
        private string $of = '',
    ) {}

    /** Bare plastic. */
    public static function bare(): self
    {
        return new self(null, null, null, SprayCone::ofHalfAngle(SprayCone::USUAL_DEGREES), SprayMethod::SprayCan, null);
    }

    /** @throws IllegalPlan when a paint can be no ground: it is clear, a paste or a powder */
    public static function plain(Paint $base): self
    {
        return self::of($base);
    }

    /** @throws IllegalPlan when a paint can be no ground: it is clear, a paste or a powder */
    public static function zenithal(Paint $base, Paint $light, SprayCone $cone): self
    {
        return self::of($base, $light, $cone);
    }

    /** @throws IllegalPlan when a paint can be no ground: it is clear, a paste or a powder */
    public static function of(
        Paint $base,
        ?Paint $light = null,
        ?SprayCone $cone = null,
        ?Paint $below = null,
        SprayMethod $method = SprayMethod::SprayCan,
        ?int $waitMinutes = null,
    ): self {
        foreach (['base' => $base, 'light' => $light, 'below' => $below] as $field => $paint) {
            if ($paint !== null && ! self::takes($paint)) {
                throw IllegalPlan::notPrimer("undercoat.$field", $paint->name, $paint->kind->label());
            }
        }

        return new self($base, $light, $below, $cone ?? SprayCone::ofHalfAngle(SprayCone::USUAL_DEGREES), $method, $waitMinutes);
    }

    /** Primer, or other paint that has colour: no paste, no powder, nothing clear. */
    public static function takes(Paint $paint): bool
    {
        return Technique::of('primer')->takes->accepts($paint->kind);
    }

    /** The same, with another wait before it is painted on. */
    public function waiting(?int $minutes): self
    {
        return new self($this->base, $this->light, $this->below, $this->cone, $this->method, $minutes, $this->of);
    }

    /** The same on a loose part by itself: its steps have ids of their own. */
    public function ofPart(string $partId): self
    {
        return new self($this->base, $this->light, $this->below, $this->cone, $this->method, $this->waitMinutes, '-'.hash('xxh32', $partId));
    }

    /** What it leaves on a relief. */
    public function surface(Texture $texture): Surface
    {
        $surface = Surface::bare($texture);
        foreach ($this->steps() as $step) {
            $surface = $step->over($surface);
        }

        return $surface;
    }

    public function isBare(): bool
    {
        return $this->base === null;
    }

    /** @return list<Step> the passes that prime the model: the dark first, then what comes from below, then the light. Each time the very same. */
    public function steps(): array
    {
        /** @var WeakMap<self, list<Step>>|null $made */
        static $made = null;
        $made ??= new WeakMap;
        /** @var list<Step> $steps */
        $steps = $made[$this] ??= $this->makeSteps();

        return $steps;
    }

    /** @return list<Step> */
    private function makeSteps(): array
    {
        $steps = [];
        if ($this->base !== null) {
            $steps[] = $this->step(self::BASE_STEP, 'primer', $this->base, $this->method->brush(), null);
        }
        if ($this->below !== null) {
            $steps[] = $this->step(self::BELOW_STEP, 'spray-from-above', $this->below, $this->sprayer(), $this->cone->fromBelow());
        }
        if ($this->light !== null) {
            $steps[] = $this->step(self::LIGHT_STEP, 'spray-from-above', $this->light, $this->sprayer(), $this->cone);
        }
        if ($steps !== []) {
            $last = array_pop($steps);
            $steps[] = $last->told(Particulars::none()->waiting($this->waitMinutes));
        }

        return $steps;
    }

    /** @return list<Paint> */
    public function paints(): array
    {
        return array_values(array_filter([$this->base, $this->light, $this->below]));
    }

    /** "Marsh Black, Bone Primer from above within 45°" */
    public function words(): string
    {
        return $this->base === null ? 'bare plastic' : implode(', ', array_filter([
            $this->base->name,
            $this->below === null ? null : $this->below->name.' from below',
            $this->light === null ? null : sprintf('%s from above within %d°', $this->light->name, (int) round($this->cone->halfAngleDegrees)),
        ]));
    }

    public function holds(string $stepId): bool
    {
        return in_array($stepId, [self::BASE_STEP.$this->of, self::BELOW_STEP.$this->of, self::LIGHT_STEP.$this->of], true);
    }

    /** Light and what comes from below are sprayed as the ground is; where that is brushed, from an airbrush. */
    private function sprayer(): Brush
    {
        return $this->method === SprayMethod::SprayCan ? Brush::SprayCan : Brush::Airbrush;
    }

    private function step(string $id, string $technique, Paint $paint, Brush $brush, ?SprayCone $cone): Step
    {
        $technique = Technique::of($technique);

        return Step::of(
            $id.$this->of,
            $technique,
            Mix::single($paint),
            Dilution::none(),
            $technique->usual->coats,
            $brush,
            Place::Everywhere,
            '',
            $cone,
        );
    }
}
