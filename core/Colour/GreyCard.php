<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * A grey card in a photo tells what light fell on it: how much each channel must be raised or lowered for the card to be grey,
 * and as light as a grey card is. Applied to linear light, as von Kries proposed for the eye.
 */
final readonly class GreyCard
{
    /** Reflectance of a photographer's grey card. */
    public const REFLECTANCE = 0.18;

    /** Share of pixels that may touch the upper end of the scale. */
    private const MOST_CLIPPED = 0.02;

    private const CLIPPED = 0.985;

    /** Below this linear level noise outweighs the light. */
    private const DARKEST = 0.004;

    /** No lamp makes a grey card's channels differ more than this; a painted surface does. */
    private const MOST_CAST = 2.6;

    /** ΔE₀₀ within the card, beyond which there is glare or a shadow on it, or more than the card was marked. */
    private const MOST_SPREAD = 6.0;

    /**
     * Share of pixels unlike the rest, for the same reason. Of noise alone, spread evenly about the mean as a bell curve, about one in
     * twenty falls out.
     */
    private const MOST_STRAY = 0.08;

    private function __construct(
        private float $red,
        private float $green,
        private float $blue,
    ) {}

    /**
     * @param list<array{float, float, float}> $pixels of the card, gamma-encoded sRGB 0…1
     *
     * @throws IllegalColour when they cannot be of an evenly lit grey card
     */
    public static function of(array $pixels): self
    {
        if ($pixels === []) {
            throw IllegalColour::noReadings();
        }
        $clipped = count(array_filter($pixels, static fn(array $pixel): bool => max($pixel) >= self::CLIPPED));
        if ($clipped > self::MOST_CLIPPED * count($pixels)) {
            throw IllegalColour::card('The grey card is overexposed. Take the picture again with less light, or a shorter exposure.');
        }
        $readings = Readings::of(array_map(static fn(array $pixel): Lab => Srgb::of(...$pixel)->toLab(), $pixels));
        $channels = $readings->colour->toXyz()->toLinearRgb();
        if (max($channels) < self::DARKEST) {
            throw IllegalColour::card('The grey card is too dark to tell its colour. Take the picture again with more light.');
        }
        if (max($channels) > self::MOST_CAST * min($channels)) {
            throw IllegalColour::card('What is marked as grey card is coloured. Mark only the card, and take a neutral grey one.');
        }
        if ($readings->spread > self::MOST_SPREAD || $readings->dropped > self::MOST_STRAY * count($pixels)) {
            throw IllegalColour::card('The grey card is lit unevenly, or more than the card is marked. Mark an even part of it.');
        }

        return new self(...array_map(static fn(float $channel): float => self::REFLECTANCE / $channel, $channels));
    }

    /**
     * What a surface beside the card really looks like.
     *
     * @param array{float, float, float} $pixel gamma-encoded sRGB 0…1
     */
    public function correct(array $pixel): Lab
    {
        return Xyz::fromLinearRgb(
            $this->red * Srgb::decode($pixel[0]),
            $this->green * Srgb::decode($pixel[1]),
            $this->blue * Srgb::decode($pixel[2]),
        )->toLab();
    }

    /** @return array{float, float, float} what red, green and blue are multiplied by */
    public function gains(): array
    {
        return [$this->red, $this->green, $this->blue];
    }
}
