<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * How a colour at hand differs from the one wanted: a number, a spoken scale, and in which direction it leans.
 */
final readonly class Difference
{
    /** Steps of lightness, chroma and hue offset (all in Lab units) below which a lean is not worth a word. */
    private const NOTICEABLE = 1.5;

    private const PLAIN = 5.0;

    /** A shift of hue is named when it is at least this share of the change in warmth. */
    private const HUE_TELLS_MORE = 0.6;

    private function __construct(
        public float $number,
        private Lab $wanted,
        private Lab $atHand,
    ) {}

    public static function from(Lab $wanted, Lab $atHand): self
    {
        return new self(Ciede2000::between($wanted, $atHand), $wanted, $atHand);
    }

    public function closeness(): Closeness
    {
        return Closeness::ofDifference($this->number);
    }

    /** For example "close: a touch too warm, too dark". */
    public function words(): string
    {
        $leans = $this->leans();

        return $this->closeness()->words().($leans === [] ? '' : ': '.implode(', ', $leans));
    }

    /** @return list<string> what is off, strongest first, nothing when the eye could not tell */
    public function leans(): array
    {
        return array_map(
            static fn(array $offset): string => ($offset[0] < self::PLAIN ? 'a touch too ' : 'too ').$offset[1],
            $this->offsets(),
        );
    }

    /** @return list<string> which way it went: "a touch lighter, cooler"; strongest first, nothing when the eye could not tell */
    public function turns(): array
    {
        return array_map(
            static fn(array $offset): string => ($offset[0] < self::PLAIN ? 'a touch ' : '').$offset[2],
            $this->offsets(),
        );
    }

    /** @return list<array{float, string, string}> the two strongest: size in Lab units, adjective, comparative */
    private function offsets(): array
    {
        if ($this->closeness() === Closeness::Same) {
            return [];
        }
        $lighter = $this->atHand->lightness - $this->wanted->lightness;
        $stronger = $this->chroma($this->atHand) - $this->chroma($this->wanted);
        $offsets = [
            [abs($lighter), ...($lighter > 0 ? ['light', 'lighter'] : ['dark', 'darker'])],
            [abs($stronger), ...($stronger > 0 ? ['strong', 'stronger'] : ['dull', 'duller'])],
            $this->turned(),
        ];
        $offsets = array_values(array_filter($offsets, static fn(array $offset): bool => $offset[0] >= self::NOTICEABLE));
        usort($offsets, static fn(array $one, array $other): int => $other[0] <=> $one[0]);

        return array_slice($offsets, 0, 2);
    }

    /**
     * To another hue, or where hue tells less, to the warm or cool side.
     *
     * @return array{float, string, string}
     */
    private function turned(): array
    {
        $warmer = Temperature::warmth($this->atHand) - Temperature::warmth($this->wanted);
        $hue = HueShift::between($this->wanted, $this->atHand);
        if ($hue !== null && $hue->size >= self::HUE_TELLS_MORE * abs($warmer)) {
            return [$hue->size, $hue->adjective, $hue->comparative];
        }

        return [abs($warmer), ...($warmer > 0 ? ['warm', 'warmer'] : ['cool', 'cooler'])];
    }

    private function chroma(Lab $colour): float
    {
        return hypot($colour->a, $colour->b);
    }
}
