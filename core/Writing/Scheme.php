<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Temperature;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Nature;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** What a plan is made of, by shares of the model: what an undercoat has to carry. */
final readonly class Scheme
{
    private const PALE = 65.0;

    /**
     * @param float $weak share in colours that cover badly: yellow, white, red, orange, pink
     * @param float $pale share that begins light, whatever its colour
     * @param float $transparent share that begins with a transparent
     * @param float $metal share that begins with metal paint
     * @param float $fromDark share that is begun dark and layered up
     * @param int $families different colour families
     * @param Temperature $temperature of all bases by their shares
     * @param bool $isLit light of a lamp is painted on
     */
    private function __construct(
        public float $weak,
        public float $pale,
        public float $transparent,
        public float $metal,
        public float $fromDark,
        public int $families,
        public Temperature $temperature,
        public bool $isLit,
    ) {}

    public static function of(Plan $plan): self
    {
        $sums = ['weak' => 0.0, 'pale' => 0.0, 'transparent' => 0.0, 'metal' => 0.0, 'dark' => 0.0, 'a' => 0.0, 'b' => 0.0, 'all' => 0.0];
        $families = [];
        $isLit = false;
        foreach ($plan->areas as $area) {
            $first = self::first($area);
            $isLit = $isLit || array_any($area->steps, static fn(Step $step): bool => $step->technique->does(Nature::LightsFromOneSide));
            if ($first?->mix === null) {
                continue;
            }
            $share = $area->size->share();
            $colour = $first->mix->colour();
            $lean = Lean::of($colour, $area->material);
            $families[$lean->name] = true;
            $sums['all'] += $share;
            $sums['a'] += $share * $colour->a;
            $sums['b'] += $share * $colour->b;
            $sums['transparent'] += $first->mix->isTransparent() ? $share : 0.0;
            $sums['metal'] += $first->application()?->isMetal === true ? $share : 0.0;
            $sums['weak'] += in_array($lean, [Lean::Yellow, Lean::White, Lean::Red, Lean::Orange, Lean::Pink], true) ? $share : 0.0;
            $sums['pale'] += $colour->lightness >= self::PALE && ! $first->mix->isTransparent() && ! $first->mix->isMetal() ? $share : 0.0;
            // What ends pale begins at a light grey, in any school: it speaks against a dark ground as the other speaks for it.
            $sums['dark'] += match (true) {
                self::isFromDark($area, $first) => $share,
                (self::meant($area)->lightness ?? 0.0) >= self::PALE => -$share,
                default => 0.0,
            };
        }
        $all = max(1e-9, $sums['all']);

        return new self(
            $sums['weak'] / $all,
            $sums['pale'] / $all,
            $sums['transparent'] / $all,
            $sums['metal'] / $all,
            max(0.0, $sums['dark'] / $all),
            count($families),
            Temperature::of(Lab::of(50.0, $sums['a'] / $all, $sums['b'] / $all)),
            $isLit,
        );
    }

    /** The step that lays the first colour on an area. */
    public static function first(Area $area): ?Step
    {
        return array_find(
            $area->steps,
            static fn(Step $step): bool => $step->isReady() && $step->mix !== null
                && ! $step->mix->isClear() && ($step->technique->family === Family::Base || $step->technique->does(Nature::Primes, Nature::Sprays)),
        );
    }

    /** The colour an area is meant to have: of the ladder's base where it was written, of its last coat that covers all, or else of its first. */
    public static function meant(Area $area): ?Lab
    {
        $covers = null;
        foreach ($area->steps as $step) {
            if ($step->mix === null || $step->mix->isClear()) {
                continue;
            }
            if ($step->more->written?->rung === 'base') {
                return $step->mix->colour();
            }
            $covers = $step->technique->family === Family::Base || $covers === null ? $step->mix->colour() : $covers;
        }

        return $covers;
    }

    private static function isFromDark(Area $area, Step $first): bool
    {
        $layers = array_filter($area->steps, static fn(Step $step): bool => $step->technique->family === Family::Light && $step->mix !== null);
        $washes = array_filter($area->steps, static fn(Step $step): bool => $step->technique->does(Nature::Washes));

        return $area->material !== Material::Metal
            && $washes === []
            && count($layers) >= 2
            && $first->mix !== null
            && $first->mix->colour()->lightness < 35.0;
    }
}
