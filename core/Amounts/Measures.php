<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Mixing\Drops;

/** What amounts are reckoned with. All of it is a starting value that a painter may set otherwise. */
final readonly class Measures
{
    /** Wet film of one coat of the thinned mix, in mm. */
    public const WET_FILM_MM = 0.05;

    /** Share that stays on palette and brush. */
    public const LOSS = 0.3;

    public const LEAST_DROP_ML = 0.01;

    public const MOST_DROP_ML = 0.2;

    public const MOST_LOSS = 0.9;

    private function __construct(
        public float $dropMl,
        public float $loss,
        public float $wetFilmMm,
    ) {}

    public static function usual(): self
    {
        return new self(Drops::DROP_ML, self::LOSS, self::WET_FILM_MM);
    }

    /**
     * @param float|null $dropMl ml of one drop from this painter's bottles
     * @param float|null $loss share that stays on the palette, 0…1
     *
     * @throws IllegalAmount when no bottle drips like that, or all of it stays on the palette
     */
    public static function of(?float $dropMl = null, ?float $loss = null): self
    {
        $usual = self::usual();
        $dropMl ??= $usual->dropMl;
        $loss ??= $usual->loss;
        if (! ($dropMl >= self::LEAST_DROP_ML && $dropMl <= self::MOST_DROP_ML)) {
            throw IllegalAmount::drop();
        }
        if (! ($loss >= 0.0 && $loss <= self::MOST_LOSS)) {
            throw IllegalAmount::loss();
        }

        return new self($dropMl, $loss, $usual->wetFilmMm);
    }
}
