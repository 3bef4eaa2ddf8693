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

    /** The palest base that light is seen on. */
    private const PALEST = 81.0;

    /** White is never begun white: its face is this dark, and only the edges are what was asked for. */
    private const WHITE_FACE = 0.82;

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
        $base = $lean === Lean::White ? self::greyed($target) : self::leaving($target, $lean);
        [, , , $lit] = $lean->lit();
        [, , , $shaded] = $lean->shaded();
        $up = $lean === Lean::Black ? self::UP_FROM_BLACK : self::UP;
        $rise = static fn(int $at): Lab => $base !== $target && $at < 2
            ? self::between($base, $target, ($at + 1) / 2)
            : self::leaning($base, $lean->lit(), min($up[$at] * $far, (100.0 - $base->lightness) * self::roomy(self::ROOM_UP[$at], $span)), ($at + 1) / 3);
        $fall = static fn(int $at): Lab => self::leaning($base, $lean->shaded(), -min(-self::DOWN[$at] * $far, $base->lightness * self::roomy(self::ROOM_DOWN[$at], $span)), ($at + 1) / 2);

        $isPale = $base !== $target;

        return new self(
            new Rung('deepest shade', $fall(1), $shaded),
            new Rung('shade', $fall(0), $shaded),
            new Rung('base', $base, match (true) {
                $lean === Lean::White => 'white is begun grey or tan: pure white is for the last edges',
                $isPale => 'a shade darker than asked for, so that light is seen on it',
                default => 'the colour that was asked for',
            }),
            new Rung('light', $rise(0), $lit),
            new Rung('highlight', $rise(1), $lit),
            new Rung('edge', $rise(2), $lit),
        );
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

    /** Above so pale a base no light is seen. */
    private static function leaving(Lab $target, Lean $lean): Lab
    {
        return $target->lightness <= self::PALEST ? $target : self::leaning($target, $lean->shaded(), self::PALEST - $target->lightness, 0.4);
    }

    /** A warm white over tan, a cool one over blue-grey. */
    private static function greyed(Lab $target): Lab
    {
        $isWarm = $target->b > 1.5;

        return Lab::of($target->lightness * self::WHITE_FACE, $isWarm ? 1.5 : -1.0, $isWarm ? 8.0 : -4.0);
    }

    private static function between(Lab $from, Lab $to, float $share): Lab
    {
        return Lab::of(
            $from->lightness + $share * ($to->lightness - $from->lightness),
            $from->a + $share * ($to->a - $from->a),
            $from->b + $share * ($to->b - $from->b),
        );
    }
}
