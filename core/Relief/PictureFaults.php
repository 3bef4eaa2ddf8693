<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** What a picture of a model lacks to tell light from shade, said before it is painted on. */
final class PictureFaults
{
    /** In 255ths of L*. */
    private const BLOWN = 250;

    private const BLOWN_SHARE = 0.04;

    private const DARK_MEDIAN = 46.0;

    private const FLAT_RANGE = 64.0;

    /** Mean fine difference of a picture that is sharp. */
    private const SHARP = 1.6;

    private const ONE_SIDED = 38.0;

    /** @return list<string> in words, with what to do about it; empty when it will do */
    public static function of(Picture $picture): array
    {
        $sorted = $picture->lightness;
        sort($sorted);
        $at = static fn(float $share): float => (float) $sorted[(int) ($share * (count($sorted) - 1))];
        $blown = count(array_filter($picture->lightness, static fn(int $light): bool => $light >= self::BLOWN)) / $picture->count();
        $fine = $picture->blurred(1);
        $sharp = array_sum(array_map(
            static fn(int $light, float $around): float => abs($light - $around),
            $picture->lightness,
            $fine,
        )) / $picture->count();

        return array_values(array_filter([
            $blown > self::BLOWN_SHARE ? 'Its lightest places are blown out: no edges can be told there. Take it with less light.' : null,
            $at(0.5) < self::DARK_MEDIAN ? 'It is very dark: recesses drown in it. Take it with more light.' : null,
            $at(0.95) - $at(0.05) < self::FLAT_RANGE
                ? 'Light and shade hardly differ in it. Prime the model in one colour, and let the light fall from above.'
                : null,
            $sharp < self::SHARP ? 'It is blurred: fine edges are lost. Rest the camera on something.' : null,
            abs(self::half($picture, false) - self::half($picture, true)) > self::ONE_SIDED
                ? 'The light falls from one side: the other side counts as shade. Let it fall from above.'
                : null,
        ]));
    }

    /** Mean lightness of the left or the right half. */
    private static function half(Picture $picture, bool $isRight): float
    {
        $of = array_filter(
            $picture->lightness,
            static fn(int $point): bool => ($point % $picture->width >= $picture->width / 2) === $isRight,
            ARRAY_FILTER_USE_KEY,
        );

        return array_sum($of) / count($of);
    }
}
