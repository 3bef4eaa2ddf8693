<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * Which way round the circle one colour lies from another, as painters say it: a red goes pinker or more orange, a green yellower or bluer.
 */
final readonly class HueShift
{
    /** CIELAB hue in degrees => adjective and comparative of the hues one names a shift by. */
    private const TOWARD = [
        25 => ['red', 'redder'], 60 => ['orange', 'more orange'], 92 => ['yellow', 'yellower'], 145 => ['green', 'greener'],
        265 => ['blue', 'bluer'], 312 => ['violet', 'more violet'], 355 => ['pink', 'pinker'],
    ];

    /** A hue nearer than this to where a colour stands is no direction: one does not call a red redder. */
    private const ELSEWHERE = 12.0;

    /** Chroma below which a colour has no hue to speak of. */
    private const LEAST_CHROMA = 10.0;

    private function __construct(
        /** Offset in Lab units along the circle. */
        public float $size,
        /** "too pink" is said with this … */
        public string $adjective,
        /** … and "a touch pinker" with this. */
        public string $comparative,
    ) {}

    /** Null when either has no hue to speak of. */
    public static function between(Lab $from, Lab $to): ?self
    {
        [$one, $other] = [$from->toLch(), $to->toLch()];
        if (min($one->chroma, $other->chroma) < self::LEAST_CHROMA) {
            return null;
        }
        $turn = fmod($other->hue - $one->hue + 540, 360) - 180;
        [$adjective, $comparative] = self::toward($one->hue, $turn >= 0 ? 1 : -1);

        return new self(2 * sqrt($one->chroma * $other->chroma) * sin(deg2rad(abs($turn)) / 2), $adjective, $comparative);
    }

    /** @return array{string, string} the first hue that is named in that direction */
    private static function toward(float $hue, int $direction): array
    {
        $nearest = [INF, ['', '']];
        foreach (self::TOWARD as $at => $words) {
            $away = fmod($direction * ($at - $hue) + 720, 360);
            if ($away >= self::ELSEWHERE && $away < $nearest[0]) {
                $nearest = [$away, $words];
            }
        }

        return $nearest[1];
    }
}
