<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Otherwise;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/**
 * What a painter allows in a mix: how many paints and parts, which kinds, what to keep out, what must be in, and how much is left of each.
 */
final readonly class MixLimits
{
    use Otherwise;

    /** The solver goes up to three: nobody repeats a mix of four. */
    public const MOST_PAINTS = 3;

    /** Of a drop: what arithmetic may be off by. */
    private const EPSILON = 1e-9;

    /**
     * @param list<Kind>|null $kinds null: what the target's film usually takes
     * @param list<string> $avoid ids
     * @param list<string> $insist ids
     * @param array<string, int> $dropsLeft id => whole drops that are left of it
     * @param int $dropsWanted of paint, in all; 0 when no amount is asked for
     */
    private function __construct(
        public int $mostPaints,
        public int $mostParts,
        public ?array $kinds,
        public array $avoid,
        public array $insist,
        public array $dropsLeft,
        public int $dropsWanted,
    ) {}

    public static function none(): self
    {
        return new self(self::MOST_PAINTS, Mix::MOST_PARTS, null, [], [], [], 0);
    }

    /** @throws IllegalMix when outside 1…3 */
    public function paints(int $most): self
    {
        if ($most < 1 || $most > self::MOST_PAINTS) {
            throw IllegalMix::limit('paints', $most, 1, self::MOST_PAINTS);
        }

        return $this->but(mostPaints: $most);
    }

    /** @throws IllegalMix when outside 1…9 */
    public function parts(int $most): self
    {
        if ($most < 1 || $most > Mix::MOST_PARTS) {
            throw IllegalMix::limit('parts', $most, 1, Mix::MOST_PARTS);
        }

        return $this->but(mostParts: $most);
    }

    /**
     * @param list<Kind> $kinds
     *
     * @throws IllegalMix when one of them cannot be mixed at all
     */
    public function kinds(array $kinds): self
    {
        foreach ($kinds as $kind) {
            if (! $kind->isMixable()) {
                throw IllegalMix::kind($kind);
            }
        }

        return $this->but(kinds: $kinds);
    }

    /** @param list<string> $ids */
    public function without(array $ids): self
    {
        return $this->but(avoid: $ids);
    }

    /**
     * @param list<string> $ids
     *
     * @throws IllegalMix when more than fit in one mix
     */
    public function with(array $ids): self
    {
        $ids = array_values(array_unique($ids));
        if (count($ids) > self::MOST_PAINTS) {
            throw IllegalMix::insisted(count($ids), self::MOST_PAINTS);
        }

        return $this->but(insist: $ids);
    }

    /**
     * Enough for so much of the mix, in whole drops.
     *
     * @param array<string, float> $leftMl id => what is left; a paint that is not named has plenty
     * @param float $wantedMl of paint, before thinning
     *
     * @throws IllegalMix when nothing or a negative amount is wanted
     */
    public function enoughFor(float $wantedMl, array $leftMl): self
    {
        if (is_nan($wantedMl) || $wantedMl <= 0.0) {
            throw IllegalMix::amount($wantedMl);
        }
        $drops = array_map(static fn(float $left): int => (int) floor(max(0.0, $left) / Drops::DROP_ML + self::EPSILON), $leftMl);

        return $this->but(dropsLeft: $drops, dropsWanted: (int) ceil($wantedMl / Drops::DROP_ML - self::EPSILON));
    }

    public function allows(Paint $paint, Film $film): bool
    {
        return ! $paint->isClear()
            && $film->takes($paint->kind)
            && (in_array($paint->kind, $this->kinds ?? $film->usualKinds(), true) || in_array($paint->id, $this->insist, true))
            && ! in_array($paint->id, $this->avoid, true)
            && ($this->dropsLeft[$paint->id] ?? 1) > 0;
    }
}
