<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/** Which mixes of a palette the limits allow, asked by place and parts. */
final readonly class MixRules
{
    /** @var list<int> whole drops that are left of each paint; plenty when nobody said */
    private array $dropsLeft;

    /** @var list<bool> */
    private array $tints;

    private bool $isSeeThrough;

    /** Nothing depends on the parts: enough is left of every paint, and all are of one film. */
    private bool $isFree;

    /** @var list<int> */
    private array $insisted;

    /** An insisted paint is not on the palette: nothing can hold it. */
    private bool $isVain;

    public function __construct(
        Palette $palette,
        public MixLimits $limits,
    ) {
        $dropsLeft = $tints = $places = [];
        foreach ($palette->paints as $i => $paint) {
            $dropsLeft[] = $limits->dropsLeft[$paint->id] ?? PHP_INT_MAX;
            $tints[] = $paint->kind->isTransparent();
            $places[$paint->id] = $i;
        }
        $this->dropsLeft = $dropsLeft;
        $this->tints = $tints;
        $this->isSeeThrough = $palette->isSeeThrough;
        $this->isFree = min([PHP_INT_MAX, ...$dropsLeft]) === PHP_INT_MAX && ! in_array(! $palette->isSeeThrough, $tints, true);
        $this->insisted = array_values(array_intersect_key($places, array_flip($limits->insist)));
        $this->isVain = count($this->insisted) < count($limits->insist);
    }

    /** @return list<int> places of the paints that must be in it */
    public function insisted(): array
    {
        return $this->insisted;
    }

    /**
     * All that must be in it is in it.
     *
     * @param list<int> $paints
     */
    public function hold(array $paints): bool
    {
        return $this->limits->insist === [] || (! $this->isVain && array_diff($this->insisted, $paints) === []);
    }

    /**
     * Enough is left of each paint, and the mix is of the film wanted.
     *
     * @param list<int> $paints
     * @param list<int> $parts
     */
    public function allow(array $paints, array $parts): bool
    {
        if ($this->isFree) {
            return true;
        }
        $total = array_sum($parts);
        // As many whole rounds of the ratio as it takes, as Drops::forAmount mixes them.
        $rounds = max(1, intdiv($this->limits->dropsWanted + $total - 1, $total));
        $tinting = 0;
        foreach ($paints as $at => $i) {
            if ($rounds * $parts[$at] > $this->dropsLeft[$i]) {
                return false;
            }
            $tinting += $this->tints[$i] ? $parts[$at] : 0;
        }

        return (2 * $tinting > $total) === $this->isSeeThrough;
    }
}
