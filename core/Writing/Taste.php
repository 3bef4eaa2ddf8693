<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Colour\Temperature;

/** Wishes taken together: what they do to the colour that was asked for, to the room between light and shade, and to the way of working. */
final readonly class Taste
{
    /** L* and share of chroma that one "brighter" adds. */
    private const BRIGHTER = [4.0, 0.10];

    /** The same of one "calmer". */
    private const CALMER = [0.0, -0.30];

    /** Lab units that one "warmer" goes toward orange, and what it may turn the hue of a colour by. */
    private const WARMER = 6.0;

    private const WARMER_TURN = 14.0;

    /** Share by which one "more contrast" widens the ladder. */
    private const CONTRAST = 0.3;

    /** ΔE₀₀ that a mix may be farther off when it saves a pot. */
    private const WORTH_A_POT = 1.5;

    private const WORTH_A_POT_WHEN_FEW = 6.0;

    private const LIGHTEST = 96.0;

    /** @param array<string, int> $times by wish */
    private function __construct(private array $times) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @param list<Wish> $wishes said again: more of it, up to Wish::MOST */
    public static function of(array $wishes): self
    {
        $times = [];
        foreach ($wishes as $wish) {
            $times[$wish->value] = min($wish->grows() ? Wish::MOST : 1, ($times[$wish->value] ?? 0) + 1);
        }

        return new self($times);
    }

    public function has(Wish $wish): bool
    {
        return $this->times($wish) > 0;
    }

    /** The colour that is really meant. */
    public function colour(Lab $asked): Lab
    {
        if ($this->times === []) {
            return $asked;
        }
        [$lift, $vivid] = self::BRIGHTER;
        [$drop, $dull] = self::CALMER;
        [$brighter, $calmer] = [$this->times(Wish::Brighter), $this->times(Wish::Calmer)];
        $polar = $asked->toLch();
        $moved = Lch::of(
            max(0.0, min(max(self::LIGHTEST, $asked->lightness), $asked->lightness + $brighter * $lift + $calmer * $drop)),
            $polar->chroma * (1.0 + $vivid) ** $brighter * (1.0 + $dull) ** $calmer,
            $polar->hue,
        )->toLab();

        $warmer = $this->times(Wish::Warmer) - $this->times(Wish::Cooler);

        return Temperature::leant($moved, self::WARMER * $warmer, self::WARMER_TURN * abs($warmer));
    }

    /** What the distances of the ladder are multiplied by. */
    public function span(): float
    {
        return 1.0 + self::CONTRAST * $this->times(Wish::MoreContrast);
    }

    /** ΔE₀₀ */
    public function worthAPot(): float
    {
        return $this->has(Wish::FewestPots) ? self::WORTH_A_POT_WHEN_FEW : self::WORTH_A_POT;
    }

    /** As few steps as make light and shade. */
    public function isBrief(): bool
    {
        return $this->has(Wish::FewerSteps) || $this->has(Wish::Faster);
    }

    private function times(Wish $wish): int
    {
        return $this->times[$wish->value] ?? 0;
    }
}
