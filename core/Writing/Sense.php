<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use WeakMap;

/**
 * What arithmetic finds near and no painter would lay: another hue, greys out of opposites, a violet out of red and blue beside a pot of
 * violet.
 */
final class Sense
{
    /** @var WeakMap<Lab, Lch>|null */
    private static ?WeakMap $polars = null;

    /** Chroma from which a colour has a hue that one sees, and degrees between hues that are two colours. */
    private const COLOURED = 12.0;

    private const OTHER_HUE = 25.0;

    /** A shade may lean farther. */
    private const OTHER_SHADE = 40.0;

    /** Chroma up to which the shade of a grey is one. */
    private const GREY_SHADE = 10.0;

    private const TINGE = 4.0;

    /** Of an ingredient: chroma from which it is a colour, and degrees from which two are opposites. */
    private const STRONG = 15.0;

    private const OPPOSITE = 90.0;

    private const SLACK = 5.0;

    /** Tones that opposites make muddy: so pale, or so near to grey; blacks are made livelier by them. */
    private const PALE_FROM = 72.0;

    private const NEARLY_GREY = 15.0;

    private const BLACK_TO = 25.0;

    /** ΔE₀₀ that a mix must be nearer to be worth it: one of opposites, and one without a paint of the family where there are such. */
    private const ODD = 1.5;

    private const STRANGE = 1.5;

    /** Lightness from which a paint that has hardly any colour lightens, and up to which it darkens. */
    private const OFF_WHITE = 80.0;

    private const DARK = 28.0;

    private const OFF_WHITE_CHROMA = 24.0;

    /** Hues of what soils. */
    private const BROWNS = [30.0, 95.0];

    /** @param bool $hasFamily paints of the tone's own hue are at hand */
    private function __construct(
        private readonly Lab $tone,
        private readonly bool $hasFamily,
    ) {}

    /** @param list<Paint> $paints at hand, with colour */
    public static function of(Lab $tone, array $paints): self
    {
        $family = array_filter($paints, static fn(Paint $one): bool => self::isKin($tone, $one->colour()));

        return new self($tone, self::isColoured($tone) && $family !== []);
    }

    /** It would be another colour than what is wanted. */
    public function isNever(Mix $mix, Lab $colour): bool
    {
        return (self::isColoured($this->tone) && self::isColoured($colour) && self::apart($this->tone, $colour) > self::OTHER_HUE)
            || ($this->isDelicate() && $this->hasOpposites($mix));
    }

    /** A shade that is another colour than the tone, or a colour where a grey was meant. */
    public function isStray(Lab $colour): bool
    {
        return self::isColoured($this->tone)
            ? self::isColoured($colour) && self::apart($this->tone, $colour) > self::OTHER_SHADE
            : self::polar($colour)->chroma > max(self::GREY_SHADE, self::polar($this->tone)->chroma + self::TINGE);
    }

    /** Both are colours, and on the two sides of the wheel. */
    public function isOpposite(Lab $colour): bool
    {
        return self::isColoured($this->tone) && self::polar($colour)->chroma > self::STRONG && self::apart($this->tone, $colour) > self::OPPOSITE;
    }

    /** ΔE₀₀ that speaks against it. */
    public function oddness(Mix $mix): float
    {
        $strangers = array_filter(
            $mix->ingredients,
            fn(Ingredient $one): bool => self::isStrong($one->paint) && self::apart($this->tone, $one->paint->colour()) > self::OPPOSITE,
        );
        $isStrange = $this->hasFamily
            && ! array_any($mix->ingredients, fn(Ingredient $one): bool => self::isKin($this->tone, $one->paint->colour()));

        // A deep shade may be mixed of opposites: it is the livelier for it.
        return ($this->tone->lightness > self::BLACK_TO ? self::ODD * count($strangers) : 0.0) + ($isStrange ? self::STRANGE : 0.0);
    }

    /** 0: a pot of the family; 1: the family lightened with an off-white or darkened; 2: anything else. */
    public function strangeness(Mix $mix): int
    {
        $isHomely = ! array_any(
            $mix->ingredients,
            fn(Ingredient $one): bool => ! self::isKin($this->tone, $one->paint->colour()) && ! self::lightens($one->paint)
                && ! self::darkens($one->paint),
        );

        return match (true) {
            ! $isHomely => 2,
            count($mix->ingredients) > 1 => 1,
            default => 0,
        };
    }

    public static function lightens(Paint $paint): bool
    {
        return $paint->colour()->lightness >= self::OFF_WHITE && self::polar($paint->colour())->chroma <= self::OFF_WHITE_CHROMA;
    }

    public static function darkens(Paint $paint): bool
    {
        return $paint->colour()->lightness <= self::DARK && self::polar($paint->colour())->chroma <= self::NEARLY_GREY;
    }

    /** Of the colours of dirt and rust: brown, or without any. */
    public static function soils(Paint $paint): bool
    {
        $polar = self::polar($paint->colour());

        return $polar->chroma <= self::COLOURED || ($polar->hue >= self::BROWNS[0] && $polar->hue <= self::BROWNS[1]);
    }

    /** Of one hue, or both without any. */
    public static function isKin(Lab $tone, Lab $colour): bool
    {
        return self::isColoured($tone) ? self::isColoured($colour) && self::apart($tone, $colour) <= self::OTHER_HUE : ! self::isColoured($colour);
    }

    /** A paint's colour is asked for again and again. */
    private static function polar(Lab $colour): Lch
    {
        self::$polars ??= new WeakMap;

        return self::$polars[$colour] ??= $colour->toLch();
    }

    /** Degrees between two hues. */
    public static function apart(Lab $one, Lab $other): float
    {
        $turn = abs(self::polar($one)->hue - self::polar($other)->hue);

        return min($turn, 360.0 - $turn);
    }

    private static function isColoured(Lab $colour): bool
    {
        return self::polar($colour)->chroma > self::COLOURED;
    }

    private static function isStrong(Paint $paint): bool
    {
        return self::polar($paint->colour())->chroma > self::STRONG;
    }

    private function isDelicate(): bool
    {
        return ($this->tone->lightness >= self::PALE_FROM || self::polar($this->tone)->chroma <= self::NEARLY_GREY)
            && $this->tone->lightness > self::BLACK_TO;
    }

    /** Blue and green on either side of a teal make it, however grey it is. */
    private function liesBetween(Lab $one, Lab $other): bool
    {
        [$left, $right] = [self::apart($this->tone, $one), self::apart($this->tone, $other)];

        return self::isColoured($this->tone) && min($left, $right) >= self::OTHER_HUE && $left + $right <= self::apart($one, $other) + self::SLACK;
    }

    private function hasOpposites(Mix $mix): bool
    {
        foreach ($mix->ingredients as $at => $one) {
            foreach (array_slice($mix->ingredients, $at + 1) as $other) {
                if (
                    self::isStrong($one->paint)
                    && self::isStrong($other->paint)
                    && self::apart($one->paint->colour(), $other->paint->colour()) > self::OPPOSITE
                    && ! $this->liesBetween($one->paint->colour(), $other->paint->colour())
                ) {
                    return true;
                }
            }
        }

        return false;
    }
}
