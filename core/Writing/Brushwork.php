<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Craft\Place;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Step;

/** How a tone of the ladder gets onto a draft, whatever school asks for it: out of which pots, over what, in how many coats. */
final readonly class Brushwork
{
    /** More coats than these are not painted without something under them. */
    private const PATIENCE = 4;

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
        $options = $this->box->options($rung->colour, Film::Covering, $this->taste, $this->draft->open);
        $patience = $this->taste->has(Wish::Faster) ? 1 : self::PATIENCE;
        $best = [Step::MOST_COATS + 1, null, null];
        foreach ($options as $pick) {
            $best = $this->fewer($best, $technique, $pick, null);
            if ($best[0] <= $patience) {
                break;
            }
        }
        foreach ($best[0] > self::PATIENCE && isset($options[0]) ? $this->box->undertones($rung->colour) : [] as $paint) {
            $best = $this->fewer($best, $technique, $options[0], $paint);
        }
        [$coats, $pick, $under] = $best;
        if ($under !== null) {
            $this->draft->put($technique, 'undertone', new Pick(Mix::single($under), 0.0), sprintf('Undertone: it covers in few coats, and so the weak colour over it does too, %d in all.', $coats));
        }

        return $this->tone($technique, $rung, place: $place, why: $why, pick: $pick);
    }

    /**
     * @param array{int, Pick|null, Paint|null} $best
     *
     * @return array{int, Pick|null, Paint|null}
     */
    private function fewer(array $best, string $technique, Pick $pick, ?Paint $under): array
    {
        $coats = $this->draft->coatsOf($technique, $pick->mix, $under === null ? null : Mix::single($under));

        return $coats !== null && $coats < $best[0] ? [$coats, $pick, $under] : $best;
    }

    /**
     * One tone by one technique: what is nearest to it, unless it is kept or would change nothing. Where nothing comes near it is said so.
     *
     * @return bool false when there is no paint for it at all
     */
    public function tone(string $technique, Rung $rung, Film $film = Film::Covering, ?Place $place = null, ?Dilution $dilution = null, ?string $why = null, ?Pick $pick = null): bool
    {
        if ($this->draft->keeps($rung->name)) {
            return true;
        }
        $pick ??= $this->box->nearest($rung->colour, $film, $this->taste, $this->draft->open);
        if ($pick === null) {
            return false;
        }
        if (in_array($technique, ['layer', 'stipple'], true) && $this->draft->isAll($pick->mix)) {
            return true;
        }
        $reason = ucfirst($rung->name).': '.($why ?? $rung->reason).'.';
        if (in_array($technique, ['highlight', 'edge-highlight', 'dot'], true)) {
            if (! $this->draft->light($technique, $rung->name, $pick, $reason, $place ?? Place::UpperEdges)) {
                return true;
            }
        } else {
            $this->draft->put($technique, $rung->name, $pick, $reason, $place, $dilution);
        }
        $this->owe($rung, $pick);

        return true;
    }

    /** Says so where what was taken does not reach its tone. */
    public function owe(Rung $rung, Pick $pick): void
    {
        if (! $pick->isReached()) {
            $this->draft->unreached[] = sprintf('%s: the nearest is %.1f off.', ucfirst($rung->name), $pick->off);
        }
    }
}
