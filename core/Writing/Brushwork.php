<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;

/** How a tone of the ladder gets onto a draft, whatever school asks for it: out of which pots, over what, in how many coats. */
final readonly class Brushwork
{
    /** More coats than these are not painted without something under them. */
    private const PATIENCE = 4;

    /** Mixes that are tried over undertones. */
    private const TRIED = 3;

    /** L* that a tone lies above the one before it at least, where the ladder goes up, and what does where nothing else is at hand. */
    private const RISE = 4.0;

    private const LEAST_RISE = 2.0;

    private const WHITE_FROM = 92.0;

    private const WHITE_CHROMA = 6.0;

    private const NEARLY_WHITE = 3.0;

    /** Near white there is no room for whole steps. */
    private const WHITEST = 98.0;

    private const SHARE_OF_ROOM = 0.4;

    /** ΔE₀₀ from which a light is another colour. */
    private const ANOTHER = 12.0;

    /** L* that a shade lies below what it shades. */
    private const FALL = 5.0;

    public function __construct(
        private PaintBox $box,
        private Draft $draft,
        private Taste $taste,
    ) {}

    /**
     * A base that would take many coats is made of what hides better, or goes over another tone that covers.
     *
     * @return bool false when there is no paint for it at all
     */
    public function covering(string $technique, Rung $rung, ?string $why = null, ?Place $place = null): bool
    {
        $this->draft->keeps('undertone');
        if ($this->draft->keeps($rung->name)) {
            return true;
        }
        $options = $this->box->options($this->wanted($rung, Film::Covering), $this->taste, $this->draft->open);
        // With too few paints for a ladder the area is at least one colour.
        $options = $options === [] ? $this->box->options(Wanted::of($rung->colour), $this->taste, $this->draft->open) : $options;
        $patience = $this->taste->has(Wish::Faster) ? 1 : self::PATIENCE;
        $best = [INF, null, []];
        foreach ($options as $pick) {
            $best = $this->fewer($best, $technique, $pick, []);
            if ($best[0] <= $patience) {
                break;
            }
        }
        $best = $best[0] > self::PATIENCE ? $this->overUndertones($best, $technique, array_slice($options, 0, self::TRIED), $rung->colour) : $best;
        [$coats, $pick, $under] = $best;
        foreach ($under as $paint) {
            $this->draft->put(
                $technique,
                'undertone',
                new Pick(Mix::single($paint), 0.0),
                sprintf('Undertone: it covers in few coats, and so the weak colour over it does too, %d in all.', (int) $coats),
                most: self::PATIENCE,
            );
        }

        return $this->tone($technique, $rung, place: $place, why: $why, pick: $pick ?? $options[0] ?? null);
    }

    /**
     * With one tone under it, or where that is not enough with two.
     *
     * @param array{float, Pick|null, list<Paint>} $best
     * @param list<Pick> $options
     *
     * @return array{float, Pick|null, list<Paint>}
     */
    private function overUndertones(array $best, string $technique, array $options, Lab $tone): array
    {
        $undertones = $this->box->undertones($tone);
        foreach ($options as $pick) {
            foreach ($undertones as $paint) {
                $best = $this->fewer($best, $technique, $pick, [$paint]);
            }
        }
        if ($best[2] === []) {
            foreach ($this->box->groundings($tone) as $first) {
                foreach ($undertones as $paint) {
                    $best = $first === $paint || ! isset($options[0]) ? $best : $this->fewer($best, $technique, $options[0], [$first, $paint]);
                }
            }
        }

        return $best;
    }

    /**
     * @param array{float, Pick|null, list<Paint>} $best
     * @param list<Paint> $under
     *
     * @return array{float, Pick|null, list<Paint>}
     */
    private function fewer(array $best, string $technique, Pick $pick, array $under): array
    {
        $coats = $this->draft->coatsOf($technique, $pick->mix, $under, self::PATIENCE);

        return $coats !== null && $coats < $best[0] ? [(float) $coats, $pick, $under] : $best;
    }

    /**
     * One tone by one technique: what is nearest to it, unless it is kept or would change nothing. Where nothing comes near it is said so.
     *
     * @return bool false when there is no paint for it at all
     */
    public function tone(
        string $technique,
        Rung $rung,
        Film $film = Film::Covering,
        ?Place $place = null,
        ?Dilution $dilution = null,
        ?string $why = null,
        ?Pick $pick = null,
        ?int $coats = null,
        ?Load $load = null,
    ): bool {
        if ($this->draft->keeps($rung->name)) {
            return true;
        }
        $pick ??= ($rung->name === 'base' ? $this->draft->basePick : null) ?? $this->pick($rung, $film);
        if ($pick === null) {
            return $this->without($rung);
        }
        if (
            (in_array($technique, ['layer', 'stipple'], true) && $this->draft->isAll($pick->mix))
            || (Technique::of($technique)->family === Family::Light && $this->draft->isLast($pick->mix))
        ) {
            return true;
        }
        $reason = $why === null ? Reason::of($rung, $pick->colour(), $this->draft->base) : sprintf('%s: %s.', ucfirst($rung->name), $why);
        if (in_array($technique, ['highlight', 'edge-highlight', 'dot'], true)) {
            $place ??= Place::UpperEdges;
            if (! $this->draft->light($technique, $rung->name, $pick, $reason, $place)) {
                return $this->brighter($technique, $rung, $film, $place);
            }
        } else {
            $this->draft->put($technique, $rung->name, $pick, $reason, $place, $dilution, $coats, self::PATIENCE, $load);
            $this->draft->isLit = $this->draft->isLit || self::isLight($rung);
        }
        $this->owe($rung, $pick);

        return true;
    }

    /** A light that would not be seen on what stands up there is made lighter than that; where nothing at hand is, it falls away. */
    private function brighter(string $technique, Rung $rung, Film $film, Place $place): bool
    {
        $seen = $this->draft->seen($place === Place::RaisedParts ? Zone::Raised : Zone::Edge)->lightness;
        $wanted = Wanted::of($rung->colour, $film)->walkingOn($this->draft->lastTone)
            ->above($seen + min(self::RISE, self::SHARE_OF_ROOM * (self::WHITEST - $seen)));
        $pick = $this->box->nearest($wanted, $this->taste, $this->draft->open);
        if (
            $pick !== null && $pick->off <= self::ANOTHER
            && $this->draft->light($technique, $rung->name, $pick, Reason::of($rung, $pick->colour(), $this->draft->base), $place)
        ) {
            $this->owe($rung, $pick);
        }

        return true;
    }

    /** What is nearest and keeps the ladder rising. */
    public function pick(Rung $rung, Film $film): ?Pick
    {
        $strict = $this->box->nearest($this->wanted($rung, $film), $this->taste, $this->draft->open);
        if ($strict === null && $rung->name === 'base') {
            return $this->box->nearest(Wanted::of($rung->colour, $film), $this->taste, $this->draft->open);
        }
        if (! self::isLight($rung) || $this->draft->top === null) {
            // Rather no second shade than one of another colour.
            return $rung->name === 'shade' && $strict !== null && $strict->off > self::ANOTHER && $this->draft->top !== null ? null : $strict;
        }
        $pick = $strict
            ?? $this->box->nearest(
                Wanted::of($rung->colour, $film)->above(
                    $this->draft->top + min(self::LEAST_RISE, self::SHARE_OF_ROOM * (self::WHITEST - $this->draft->top)),
                ),
                $this->taste,
                $this->draft->open,
            );

        // Rather no further light than one of another colour; but an area without any is dead.
        return $pick !== null && $pick->off > self::ANOTHER && $this->draft->isLit ? null : $pick;
    }

    /** Says so where what was taken does not reach its tone. */
    public function owe(Rung $rung, Pick $pick): void
    {
        if (! $pick->isReached()) {
            $this->draft->unreached[] = sprintf('%s: the nearest is %.1f off.', ucfirst($rung->name), $pick->off);
        }
    }

    /** A light that nothing at hand is light enough for falls away; a base does not. */
    private function without(Rung $rung): bool
    {
        if ($rung->name === 'base' || $this->draft->base === null) {
            return false;
        }
        $this->draft->unreached[] = sprintf('%s: nothing at hand is %s enough.', ucfirst($rung->name), self::isLight($rung) ? 'light' : 'dark');

        return true;
    }

    private function wanted(Rung $rung, Film $film): Wanted
    {
        $wanted = Wanted::of($rung->colour, $film)->walkingOn(self::isLight($rung) ? $this->draft->lastTone : null);
        [$top, $base] = [$this->draft->top, $this->draft->base];

        return match (true) {
            self::isLight($rung) && self::isWhite($rung->colour) => $wanted->above($rung->colour->lightness - self::NEARLY_WHITE),
            self::isLight($rung) && $top !== null => $wanted->above($top + min(self::RISE, self::SHARE_OF_ROOM * (self::WHITEST - $top))),
            $rung->name === 'base' && $top !== null && $base === null => $wanted->above($top + self::LEAST_RISE),
            ($rung->name === 'shade' || $rung->name === 'deepest shade') && $base !== null => $wanted->below($base->lightness - self::FALL),
            default => $wanted,
        };
    }

    /** Only white paint makes white. */
    private static function isWhite(Lab $tone): bool
    {
        return $tone->lightness >= self::WHITE_FROM && $tone->toLch()->chroma < self::WHITE_CHROMA;
    }

    private static function isLight(Rung $rung): bool
    {
        return in_array($rung->name, ['light', 'highlight', 'edge', 'glint'], true);
    }
}
