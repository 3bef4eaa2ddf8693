<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\Strip;

/** A recipe as one school would write it. */
final readonly class Proposal
{
    /** ΔE₀₀ from what was asked for that a good answer ends within, and one for whites, blacks and metals, which are never the one colour. */
    private const NEAR = 8.0;

    private const NEAR_ENDS = 12.0;

    private const ENDS = [84.0, 20.0];

    /** From so far off on it is another colour. */
    private const STRAYS = 16.0;

    /** What a transparent may leave. */
    private const TINTED = 12.0;

    /** Lightness from which what was asked for is light, and lies on what stands up. */
    private const PALE = 80.0;

    /** Mean ΔE₀₀ of two final looks that one sees side by side, and that nobody does. */
    private const OTHER = 3.0;

    private const ALIKE = 1.0;

    /** A way that takes so much less time is a choice of its own. */
    private const HALF = 0.5;

    /** L* that light lies above the face at least, and on a dark one. */
    private const SEEN = 4.0;

    private const SEEN_ON_DARK = 2.5;

    private const DARK = 24.0;

    public Area $area;

    public Strip $strip;

    /**
     * @param array<string, string> $reasons by step id
     * @param list<Paint> $missing to be bought for it
     * @param list<string> $unreached tones that nothing comes near, in words
     * @param list<string> $remarks what the review still says
     */
    public function __construct(
        public School $school,
        public Plan $plan,
        public array $reasons,
        public array $missing,
        public array $unreached,
        public array $remarks,
    ) {
        $this->area = $plan->areas[0];
        $this->strip = $plan->strip($this->area);
    }

    /**
     * ΔE₀₀ in the end from what was asked for: of the face, of the whole from a step back, or of what stands up where something pale was
     * asked for. Glass runs from dark to light: somewhere it has its colour.
     */
    public function off(Lab $asked): float
    {
        $look = $this->strip->final();
        if ($this->area->material === Material::Glass) {
            return min(array_map(static fn(Lab $one): float => Ciede2000::between($one, $asked), [$look->mean(), ...$look->colours]));
        }
        $off = min(Ciede2000::between($look->at(Zone::Face), $asked), Ciede2000::between($look->mean(), $asked));

        return $asked->lightness >= self::PALE ? min($off, Ciede2000::between($look->at(Zone::Raised), $asked)) : $off;
    }

    /** It ends as what was asked for. */
    public function isNear(Lab $asked): bool
    {
        $isEnd = $asked->lightness > self::ENDS[0]
            || $asked->lightness < self::ENDS[1]
            || in_array($this->area->material, [Material::Metal, Material::Glass], true);

        return $this->off($asked) <= ($isEnd ? self::NEAR_ENDS : self::NEAR);
    }

    /** In the end it is another colour than was asked for: no paint at hand makes it this way. */
    public function strays(Lab $asked): bool
    {
        return $this->off($asked) > self::STRAYS;
    }

    /** A transparent that does not get there is none that anybody would take for a base. */
    public function isMuddy(Lab $asked): bool
    {
        $base = array_find($this->area->steps, static fn(Step $step): bool => $step->more->written?->rung === 'base');

        return $base?->mix?->isTransparent() === true && Ciede2000::between($this->strip->final()->at(Zone::Face), $asked) >= self::TINTED;
    }

    /** One would not see which of the two was painted, nor is one of them done much sooner. */
    public function isTwinOf(self $other): bool
    {
        $apart = $this->strip->final()->differenceTo($other->strip->final());
        $isOtherWay = array_diff($this->techniques(), $other->techniques()) !== [] && array_diff($other->techniques(), $this->techniques()) !== [];
        [$less, $more] = [min($this->minutes(), $other->minutes()), max($this->minutes(), $other->minutes())];

        return $apart < ($isOtherWay ? self::ALIKE : self::OTHER) && $less > self::HALF * $more;
    }

    /** @return list<string> ids, each once */
    private function techniques(): array
    {
        return array_values(array_unique(array_map(static fn(Step $step): string => $step->technique->id, $this->area->steps)));
    }

    /** What stands up is hardly lighter than the face. */
    public function isUnlit(): bool
    {
        $look = $this->strip->final();
        $face = $look->at(Zone::Face)->lightness;
        $gain = max($look->at(Zone::Raised)->lightness, $look->at(Zone::Edge)->lightness) - $face;

        return $this->area->material !== Material::Glass && $gain < ($face < self::DARK ? self::SEEN_ON_DARK : self::SEEN);
    }

    /** What it is called: the school, or what is left of it where so dark a colour shows no shade. */
    public function label(): string
    {
        return $this->shadesNothing() ? 'base and highlights' : $this->school->label();
    }

    /** Why it is done so on such an area. */
    public function reason(): string
    {
        return $this->shadesNothing()
            ? 'So dark a colour shows no shade: a base, and light on what stands up.'
            : $this->school->reason($this->area->texture);
    }

    private function shadesNothing(): bool
    {
        return $this->school === School::WashAndHighlight
            && $this->area->material !== Material::Glass
            && ! array_any(
                $this->area->steps,
                static fn(Step $step): bool => $step->technique->does(Nature::Washes) || $step->technique->id === 'layered-shade',
            );
    }

    /** The same, saying what does not come out of it. */
    public function saying(string $words): self
    {
        return new self($this->school, $this->plan, $this->reasons, $this->missing, [$words, ...$this->unreached], $this->remarks);
    }

    /** Hands-on minutes for one model. */
    public function minutes(): float
    {
        return Pace::of($this->plan)->recipe($this->area);
    }

    /** Different pots it takes. */
    public function pots(): int
    {
        return $this->area->pots();
    }
}
