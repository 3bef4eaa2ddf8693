<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/**
 * A recipe a touch warmer, cooler, lighter or darker: one part of another paint in each of its mixes, so that models of a batch differ as
 * uniforms do and still belong together. What it comes to is looked at on the finished area, through the film model.
 */
final readonly class Touch
{
    /** Between neighbours that belong together, CIEDE2000. */
    public const USUAL = 3.0;

    /** Less than this nobody sees on two models side by side. */
    private const LEAST = 0.8;

    /** So much of the difference has to go the way that is wanted. */
    private const STRAIGHT = 0.5;

    /**
     * @param Paint $paint of which a part goes into each mix
     * @param list<Step> $steps the recipe with it
     * @param float $difference of the finished face, CIEDE2000
     */
    private function __construct(
        public Paint $paint,
        public array $steps,
        public float $difference,
    ) {}

    /**
     * @param Area $area of the plan that is rehearsed
     * @param float $within the most its face may differ, CIEDE2000
     * @param list<Paint> $owned
     *
     * @return self|null null when no pot on the shelf does it
     */
    public static function of(Rehearsal $rehearsal, Area $area, Toward $toward, float $within, array $owned): ?self
    {
        $face = $rehearsal->strip($area)->final()->at(Zone::Face);
        $best = null;
        $bestScore = -INF;
        foreach ($owned as $paint) {
            if (! self::tints($paint) || $paint->swatch === null || $toward->far($face, $paint->swatch) <= 0.0) {
                continue;
            }
            foreach ([1, 2, 3, 4, 6, 8] as $times) {
                $steps = self::tinted($area->steps, $paint, $times);
                if ($steps === null) {
                    continue;
                }
                $changed = $rehearsal->stripAs($area->withSteps($steps))->final()->at(Zone::Face);
                $difference = Ciede2000::between($face, $changed);
                $far = $toward->far($face, $changed);
                if ($difference < self::LEAST || $difference > $within || $far < self::STRAIGHT * self::length($face, $changed)) {
                    continue;
                }
                // The further the wanted way, the better; what goes aside counts against it.
                $score = 2.0 * $far - self::length($face, $changed);
                if ($score > $bestScore) {
                    [$best, $bestScore] = [new self($paint, $steps, $difference), $score];
                }
            }
        }

        return $best;
    }

    private static function tints(Paint $paint): bool
    {
        return in_array($paint->kind, [Kind::Opaque, Kind::Ink], true);
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step>|null null when none of them takes it
     */
    private static function tinted(array $steps, Paint $paint, int $times): ?array
    {
        $tinted = [];
        $isTinted = false;
        foreach ($steps as $step) {
            $mix = self::takes($step) ? self::with($step->mix, $paint, $times) : null;
            $tinted[] = $mix === null ? $step : $step->with($mix);
            $isTinted = $isTinted || $mix !== null;
        }

        return $isTinted ? $tinted : null;
    }

    /** Paint that covers; what only tints or shines stays as it is, and so ties the models together. */
    private static function takes(Step $step): bool
    {
        return $step->mix !== null && ! $step->mix->isClear() && ! $step->mix->isMetal() && ! $step->mix->isTransparent();
    }

    private static function with(?Mix $mix, Paint $paint, int $times): ?Mix
    {
        if ($mix === null || $mix->holds($paint->id)) {
            return null;
        }
        try {
            return Mix::of([
                ...array_map(static fn(Ingredient $one): Ingredient => Ingredient::of($one->paint, $one->parts * $times), $mix->ingredients),
                Ingredient::of($paint, 1),
            ]);
        } catch (IllegalMix) {
            return null;
        }
    }

    private static function length(Lab $one, Lab $other): float
    {
        return sqrt(($one->lightness - $other->lightness) ** 2 + ($one->a - $other->a) ** 2 + ($one->b - $other->b) ** 2);
    }
}
