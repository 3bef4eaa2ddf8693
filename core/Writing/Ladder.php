<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Material;

/**
 * The tones from the deepest shade to the last edge of light, about a base colour: spaced by what room there is at both ends and by how far the
 * painter means to go, leaning as the colour's family does.
 */
final readonly class Ladder
{
    /** Steps of lightness down and up from the base, for the table. */
    private const DOWN = [-13.0, -24.0];

    private const UP = [11.0, 22.0, 30.0];

    /** A display piece is taken further. */
    private const DISPLAY = 1.2;

    /** Black goes up in small steps. */
    private const UP_FROM_BLACK = [9.0, 18.0, 27.0];

    /** Of the way to black and to white that a rung may go at most, each. */
    private const ROOM_DOWN = [0.38, 0.62];

    private const ROOM_UP = [0.42, 0.68, 0.85];

    /** The palest base that light is seen on, and how far below a pale target it lies at least. */
    private const PALEST = 81.0;

    private const BELOW_PALE = 6.0;

    /** From so light a target on it is light itself, and not what light is put on. */
    private const PALE = 80.0;

    private const WHITEST = 98.0;

    /** Hue and chroma of the blacks of grown and tanned things, and of what was forged. */
    private const WARM_BLACK = [60.0, 7.0];

    private const COLD_BLACK = [255.0, 6.0];

    /** What white is begun with: a tan below a warm one, a blue-grey below a cool one. Hue and chroma. */
    private const TAN = [80.0, 10.0];

    private const BLUE_GREY = [255.0, 4.5];

    private function __construct(
        public Rung $deepest,
        public Rung $shade,
        public Rung $base,
        public Rung $light,
        public Rung $high,
        public Rung $edge,
    ) {}

    /** @param float $span what the distances from the base are multiplied by */
    public static function about(Lab $target, Material $material, FinishLevel $level, float $span = 1.0): self
    {
        $lean = Lean::of($target, $material);
        $far = $span * ($level === FinishLevel::Display ? self::DISPLAY : 1.0);
        $isPale = $target->lightness >= self::PALE;
        $base = match (true) {
            $lean === Lean::White => self::greyed($target, $span),
            $isPale => self::beneath($target, $lean, $span),
            $lean === Lean::Black => self::blackOf($target, $material),
            default => $target,
        };
        $lit = $lean->lit();
        $shaded = $lean->shaded();
        $up = $lean === Lean::Black ? self::UP_FROM_BLACK : self::UP;
        $rise = static fn(int $at): Lab => self::leaning(
            $base,
            $lit,
            min($up[$at] * $far, (100.0 - $base->lightness) * self::roomy(self::ROOM_UP[$at], $span)),
            ($at + 1) / 3,
        );
        $lights = $isPale ? self::paleLights($base, $target, $lean) : array_map($rise, [0, 1, 2]);
        $fall = static fn(int $at): Lab => self::leaning(
            $base,
            $shaded,
            -min(-self::DOWN[$at] * $far, $base->lightness * self::roomy(self::ROOM_DOWN[$at], $span)),
            ($at + 1) / 2,
        );

        return new self(
            new Rung('deepest shade', PaintGamut::within($fall(1)), $shaded[3], self::toward($shaded)),
            new Rung('shade', PaintGamut::within($fall(0)), $shaded[3], self::toward($shaded)),
            new Rung('base', PaintGamut::within($base), match (true) {
                $lean === Lean::White => 'white is begun grey or tan: pure white is for the last edges',
                $isPale => 'a shade darker than asked for, so that light is seen on it',
                default => 'the colour that was asked for',
            }),
            new Rung(
                'light',
                PaintGamut::within($lights[0]),
                $isPale ? ($lean === Lean::White ? 'white is gone up to in small steps' : 'the colour that was asked for, as light') : $lit[3],
                $isPale ? null : self::toward($lit),
            ),
            new Rung('highlight', PaintGamut::within($lights[1]), $lit[3], self::toward($lit)),
            new Rung('edge', PaintGamut::within($lights[2]), $lit[3], self::toward($lit)),
        );
    }

    /** @param array{float, float, float, string} $lean */
    private static function toward(array $lean): ?float
    {
        return $lean[1] > 0.0 ? $lean[0] : null;
    }

    /** Who wants more contrast goes farther into the corners too, never all the way. */
    private static function roomy(float $share, float $span): float
    {
        return 1.0 - (1.0 - $share) ** $span;
    }

    /** @return list<Rung> dark to light */
    public function rungs(): array
    {
        return [$this->deepest, $this->shade, $this->base, $this->light, $this->high, $this->edge];
    }

    /** @param array{float, float, float, string} $lean */
    private static function leaning(Lab $base, array $lean, float $rise, float $share): Lab
    {
        [$toward, $most, $times] = $lean;
        $polar = $base->toLch();
        $turn = fmod($toward - $polar->hue + 540.0, 360.0) - 180.0;
        $turn = max(-$most, min($most, $turn)) * $share;

        return Lch::of($base->lightness + $rise, $polar->chroma * ($times ** $share), fmod($polar->hue + $turn + 360.0, 360.0))->toLab();
    }

    /** What a pale colour is laid on: darker, the way its shade leans. */
    private static function beneath(Lab $target, Lean $lean, float $span): Lab
    {
        return self::leaning($target, $lean->shaded(), min($target->lightness - self::BELOW_PALE * $span, self::PALEST) - $target->lightness, 0.4);
    }

    /**
     * The pale colour itself, and what is lighter still; white is gone up to in two steps.
     *
     * @return array{Lab, Lab, Lab}
     */
    private static function paleLights(Lab $base, Lab $target, Lean $lean): array
    {
        if ($lean === Lean::White) {
            return [
                $base->midway($target),
                Lab::of(max($target->lightness, self::WHITEST - 1.0), 0.5 * $target->a, 0.5 * $target->b),
                Lab::of(self::WHITEST, 0.3 * $target->a, 0.3 * $target->b),
            ];
        }
        $room = max(0.0, self::WHITEST - $target->lightness);

        return [$target, self::leaning($target, $lean->lit(), 0.5 * $room, 0.5), self::leaning($target, $lean->lit(), $room, 1.0)];
    }

    /** A warm white over tan, a cool one over blue-grey. */
    private static function greyed(Lab $target, float $span): Lab
    {
        [$hue, $chroma] = $target->b > 1.5 ? self::TAN : self::BLUE_GREY;

        return Lch::of(min($target->lightness - self::BELOW_PALE * $span, self::PALEST), $chroma, $hue)->toLab();
    }

    /** Leather, fur, wood and hair are never black as iron is. */
    private static function blackOf(Lab $target, Material $material): Lab
    {
        $black = match ($material) {
            Material::Leather, Material::Fur, Material::Wood, Material::Hair => self::WARM_BLACK,
            Material::Armour => self::COLD_BLACK,
            default => null,
        };

        return $black === null ? $target : Lch::of($target->lightness, $black[1], $black[0])->toLab();
    }
}
