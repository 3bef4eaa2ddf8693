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
        return $this->said(
            [['light', 'dark'], ['strong', 'dull'], ['warm', 'cool']],
            static fn(string $word, float $by): string => ($by < self::PLAIN ? 'a touch too ' : 'too ').$word,
        );
    }

    /** @return list<string> which way it went: "a touch lighter, cooler"; strongest first, nothing when the eye could not tell */
    public function turns(): array
    {
        return $this->said(
            [['lighter', 'darker'], ['stronger', 'duller'], ['warmer', 'cooler']],
            static fn(string $word, float $by): string => ($by < self::PLAIN ? 'a touch ' : '').$word,
        );
    }

    /**
     * @param array{array{string, string}, array{string, string}, array{string, string}} $words for more and less of lightness, chroma and warmth
     * @param callable(string, float): string $say
     *
     * @return list<string>
     */
    private function said(array $words, callable $say): array
    {
        if ($this->closeness() === Closeness::Same) {
            return [];
        }
        $offsets = [
            [$this->atHand->lightness - $this->wanted->lightness, ...$words[0]],
            [$this->chroma($this->atHand) - $this->chroma($this->wanted), ...$words[1]],
            [Temperature::warmth($this->atHand) - Temperature::warmth($this->wanted), ...$words[2]],
        ];
        usort($offsets, static fn(array $one, array $other): int => abs($other[0]) <=> abs($one[0]));
        $said = [];
        foreach ($offsets as [$offset, $more, $less]) {
            if (abs($offset) >= self::NOTICEABLE) {
                $said[] = $say($offset > 0 ? $more : $less, abs($offset));
            }
        }

        return array_slice($said, 0, 2);
    }

    private function chroma(Lab $colour): float
    {
        return hypot($colour->a, $colour->b);
    }
}
