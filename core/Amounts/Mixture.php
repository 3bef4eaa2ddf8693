<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Drops;
use Kalokroma\Mixing\Mix;

/** One mix on the palette, thinned, enough for what it is for: whole drops, and the ratio exact. */
final readonly class Mixture
{
    /**
     * @param float $neededMl of the thinned mix, palette loss included
     * @param list<Pour> $pours its paints in the order of the mix, then the thinner
     */
    private function __construct(
        public Mix $mix,
        public Dilution $dilution,
        public float $neededMl,
        public array $pours,
    ) {}

    /** @param float $neededMl of the thinned mix, more than nothing */
    public static function of(Mix $mix, Dilution $dilution, float $neededMl, float $dropMl): self
    {
        $drops = Drops::forWet($mix, $dilution, $neededMl, $dropMl);
        $pours = [];
        foreach ($mix->ingredients as $i => $ingredient) {
            $pours[] = Pour::of($ingredient->paint, $drops->paints[$i], $dropMl);
        }
        if ($drops->thinner > 0) {
            $pours[] = Pour::thinning($dilution->with, $dilution->pot, $drops->thinner, $dropMl);
        }

        return new self($mix, $dilution, $neededMl, $pours);
    }

    /** Whole drops of everything in it. */
    public function drops(): int
    {
        return array_sum(array_column($this->pours, 'drops'));
    }

    /** Name of the mix, "3 Oilskin Yellow : 1 Tallow Pale". */
    public function words(): string
    {
        return $this->mix->words();
    }
}
