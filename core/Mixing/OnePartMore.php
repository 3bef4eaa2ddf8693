<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Difference;
use Kalokroma\Paint\Paint;

/**
 * What one part more of a paint would do to a mix: which way the colour goes, and whether that is nearer to the target.
 */
final readonly class OnePartMore
{
    private function __construct(
        public Paint $paint,
        public Mix $mix,
        /** From the mix as it is to the mix with the part more. */
        public Difference $change,
        /** From the target to the mix with the part more. */
        public Difference $toTarget,
    ) {}

    /** @return list<self> in the mix's order; none when the mix has as many parts as anyone counts, or is a single paint */
    public static function ofEach(Mix $mix, MixTarget $target): array
    {
        if (count($mix->ingredients) < 2 || $mix->parts() >= Mix::MOST_PARTS) {
            return [];
        }

        return array_map(static function (Ingredient $one) use ($mix, $target): self {
            $more = Mix::of(array_map(
                static fn(Ingredient $each): Ingredient => $each === $one ? Ingredient::of($each->paint, $each->parts + 1) : $each,
                $mix->ingredients,
            ));

            return new self($one->paint, $more, Difference::from($mix->colour(), $more->colour()), Difference::from($target->colour, $more->colour()));
        }, $mix->ingredients);
    }

    /** "lighter, duller", or "no difference to the eye". */
    public function words(): string
    {
        return $this->change->turns() === [] ? 'no difference to the eye' : implode(', ', $this->change->turns());
    }
}
