<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Craft\Technique;
use Kalokroma\Paint\Kind;
use Kalokroma\Recipe\Step;

/** Minutes between a step and the next on the same surface. Source: the table of techniques, which speaks of 20 °C and 50 % humidity. */
final class DryTimes
{
    /** Varnish that is to stand decals and solvents. */
    public const CURE_MINUTES = 1440;

    private const STRAIGHT_WASH = 60;

    private const FLOODED_WASH = 240;

    private const FEATHER_FROM = 10;

    private const SPRAY_CAN = 60;

    private const AIRBRUSH = 10;

    /** Between two coats from a can. */
    private const CAN_AGAIN = 15;

    /** What the kind of paint says of a coat that covers, in minutes. */
    private const METALLIC = 30;

    private const SOLVENT_BORNE = 240;

    private const INK = 20;

    private const STRAIGHT = 30;

    /** Share of paint up to which a coat is a thin one, and its minutes. */
    private const THIN = 0.25;

    private const THIN_COAT = 10;

    /**
     * @param Step|null $next null when nothing more comes on that surface
     * @param Climate|null $climate the air it dries in; as the tables have it when left out
     */
    public static function between(Step $step, ?Step $next, ?Climate $climate = null): int
    {
        $minutes = self::asTheTables($step, $next);

        return $climate === null || $climate->isUsual() ? $minutes : (int) round($minutes * self::factor($step, $minutes, $climate));
    }

    /** When it is dry to the touch and many go on: a can, a straight wash; of anything else, when it is dry. */
    public static function quickest(Step $step, ?Step $next): int
    {
        $usual = self::between($step, $next);
        if ($step->brush === Brush::SprayCan && $step->technique->does(Nature::Sprays)) {
            return min(self::CAN_AGAIN, $usual);
        }
        $isWash = $step->technique->family === Family::Shade && $step->technique->does(Nature::Washes) && $step->more->load !== Load::Flooded;

        return $isWash ? min($step->technique->dryMinutes, $usual) : $usual;
    }

    /** Between two coats of the same step. */
    public static function betweenCoats(Step $step, ?Climate $climate = null): int
    {
        if ($step->technique->does(Nature::Primes, Nature::HasCone) && $step->brush === Brush::SprayCan) {
            $minutes = min(self::CAN_AGAIN, self::between($step, $step));

            return $climate === null || $climate->isUsual() ? $minutes : (int) round($minutes * self::factor($step, $minutes, $climate));
        }

        return self::between($step, $step, $climate);
    }

    private static function factor(Step $step, int $minutes, Climate $climate): float
    {
        $technique = $step->technique;

        return match (true) {
            $technique->family === Family::Handling => 1.0,
            $technique->does(Nature::Primes, Nature::HasCone) => $climate->forPrimer(match ($step->brush) {
                Brush::SprayCan => SprayMethod::SprayCan,
                Brush::Airbrush => SprayMethod::Airbrush,
                default => SprayMethod::Brush,
            }),
            $technique->does(Nature::Solvent, Nature::Streaks, Nature::Feathers) => $climate->forSpirit(),
            // A day is what curing takes at best.
            $minutes >= self::CURE_MINUTES => max(1.0, $climate->forWater()),
            default => $climate->forWater(),
        };
    }

    private static function asTheTables(Step $step, ?Step $next): int
    {
        $technique = $step->technique;
        $then = $next?->technique;

        return match (true) {
            $technique->does(Nature::HoldsGrit) && $then?->does(Nature::SitsInWetPaste) === true => 0,
            $technique->does(Nature::Seals)
                && $technique->does(Nature::Sprays)
                && $then?->does(
                    Nature::LaysDecal,
                    Nature::SoftensDecal,
                    Nature::Solvent,
                ) === true => max(self::CURE_MINUTES, $technique->dryMinutes),
            $technique->does(Nature::Streaks) && $then?->does(Nature::Feathers) === true => self::FEATHER_FROM,
            $technique->does(Nature::Solvent, Nature::Streaks)
                && ! $technique->does(Nature::WipesBack) => $then?->does(Nature::Solvent, Nature::Feathers) === true
                ? $step->more->spirit->wipeMinutes()
                : $step->more->spirit->coatMinutes(),
            $technique->family === Family::Shade && $technique->does(Nature::Washes) => self::wash($step),
            $technique->does(Nature::Primes, Nature::HasCone) => self::sprayed($step),
            $technique->does(Nature::Covers) && ! $technique->does(Nature::Sprays) && ! self::isOwn($step) => self::byKind($step),
            default => $technique->dryMinutes,
        };
    }

    /** The next step belongs into what is still wet, or to be done within the hour. */
    public static function isWetWindow(Step $step, Step $next): bool
    {
        return $next->technique->does(Nature::SitsInWetPaste, Nature::Chips)
            || ($step->technique->does(Nature::StaysWet) && $next->technique->does(Nature::StaysWet));
    }

    /** The painter has timed it, and that goes before any table. */
    private static function isOwn(Step $step): bool
    {
        return $step->technique->dryMinutes !== Technique::of($step->technique->id)->dryMinutes;
    }

    /** A coat that covers dries as its paint does, and as thick as it was laid. */
    private static function byKind(Step $step): int
    {
        $usual = $step->technique->dryMinutes;
        $kinds = $step->mix?->kinds() ?? [];

        return match (true) {
            in_array(Kind::Enamel, $kinds, true) => max($usual, self::SOLVENT_BORNE),
            in_array(Kind::Metallic, $kinds, true) => max($usual, self::METALLIC),
            in_array(Kind::Ink, $kinds, true) => max($usual, self::INK),
            $step->dilution->isStraight() => max($usual, self::STRAIGHT),
            $step->dilution->strength() <= self::THIN => min($usual, self::THIN_COAT),
            default => $usual,
        };
    }

    /** The table's time is for the brush the table names, a painter's own for the one they usually take. */
    private static function sprayed(Step $step): int
    {
        $standard = Technique::of($step->technique->id);
        $isOwn = $step->technique->dryMinutes !== $standard->dryMinutes;
        $timed = $isOwn ? $step->technique->usual->brush : $standard->usual->brush;

        return match (true) {
            $step->brush === $timed => $step->technique->dryMinutes,
            $step->brush === Brush::Airbrush => self::AIRBRUSH,
            $step->brush === Brush::SprayCan => self::SPRAY_CAN,
            default => $step->technique->dryMinutes,
        };
    }

    private static function wash(Step $step): int
    {
        return match (true) {
            $step->more->load === Load::Flooded => self::FLOODED_WASH,
            $step->more->load === Load::Thin || ! $step->dilution->isStraight() => $step->technique->dryMinutes,
            default => max(self::STRAIGHT_WASH, $step->technique->dryMinutes),
        };
    }
}
