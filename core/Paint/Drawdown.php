<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\SwatchSpectrum;

/**
 * One even coat drawn over the black and the white half of a card: what shows through is what the paint does not hide (ISO 6504-3).
 */
final readonly class Drawdown
{
    /** L* of the halves of a usual card: luminance 0.004 and 0.80. */
    private const BLACK_HALF = 3.6;

    private const WHITE_HALF = 91.7;

    /** A dark paint reads this much lighter over black by noise alone. */
    private const NOISE = 1.03;

    private const LEAST_LUMINANCE = 0.003;

    /** L* by which the halves of a card must differ to tell anything. */
    private const LEAST_CARD_CONTRAST = 40.0;

    private function __construct(
        public Lab $overBlack,
        public Lab $overWhite,
        public Lab $black,
        public Lab $white,
    ) {}

    /**
     * @param Lab|null $black the bare halves of the card, as usual when null
     *
     * @throws IllegalPaint when the readings cannot be of one film over such a card
     */
    public static function of(Lab $overBlack, Lab $overWhite, ?Lab $black = null, ?Lab $white = null): self
    {
        $black ??= Lab::of(self::BLACK_HALF, 0.0, 0.0);
        $white ??= Lab::of(self::WHITE_HALF, 0.0, 0.0);
        if ($overWhite->toXyz()->y < self::LEAST_LUMINANCE) {
            throw IllegalPaint::blackDrawdown();
        }
        if ($overBlack->toXyz()->y > self::NOISE * $overWhite->toXyz()->y) {
            throw IllegalPaint::drawdown($overBlack->lightness, $overWhite->lightness);
        }
        if ($white->lightness - $black->lightness < self::LEAST_CARD_CONTRAST) {
            throw IllegalPaint::card();
        }

        return new self($overBlack, $overWhite, $black, $white);
    }

    /** What of the paint is known now: how it absorbs and scatters, band by band. */
    public function optics(): Optics
    {
        return Optics::ofDrawdown(...array_map(
            static fn(Lab $seen) => SwatchSpectrum::of($seen)->reflectance,
            [$this->overBlack, $this->overWhite, $this->black, $this->white],
        ));
    }

    public function opacity(): Opacity
    {
        return Opacity::of(min(1.0, $this->optics()->contrast()));
    }
}
