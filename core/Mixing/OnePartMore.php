<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;

/**
 * What one part more of a paint would do to a mix: which way the colour goes, and whether that is nearer to the target.
 */
final readonly class OnePartMore
{
    private function __construct(
        public Paint $paint,
        public Lab $colour,
        /** From the mix as it is to the mix with the part more. */
        public Difference $change,
        /** From the target to the mix with the part more. */
        public Difference $toTarget,
    ) {}

    /**
     * Also of a mix that has as many parts as anyone counts: it tells which way to correct one that came out wrong.
     *
     * @return list<self> in the mix's order; none for a single paint
     */
    public static function ofEach(Mix $mix, MixTarget $target): array
    {
        if (count($mix->ingredients) < 2) {
            return [];
        }
        $now = $mix->colour();

        return array_map(static function (Ingredient $one) use ($mix, $target, $now): self {
            $optics = Optics::mixed(array_map(
                static fn(Ingredient $each): array => [$each->paint->optics(), $each->parts + ($each === $one ? 1 : 0)],
                $mix->ingredients,
            ));
            $more = $target->film === Film::SeeThrough ? $optics->over(Reflectance::flat(1.0), 1.0)->toLab() : $optics->masstone()->toLab();

            return new self($one->paint, $more, Difference::from($now, $more), Difference::from($target->colour, $more));
        }, $mix->ingredients);
    }

    /** "lighter, duller", or "no difference to the eye". */
    public function words(): string
    {
        return $this->change->turns() === [] ? 'no difference to the eye' : implode(', ', $this->change->turns());
    }
}
