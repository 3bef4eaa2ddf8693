<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Planning\Rehearsal;

/**
 * What is sprayed over a model from above and from below. Where it is done several times with other cones, the first, which is the
 * undercoat's, stands for all.
 */
final readonly class Sprays
{
    private function __construct(
        public ?Spray $above,
        public ?Spray $below,
    ) {}

    public static function of(Rehearsal $rehearsal): self
    {
        $found = ['above' => null, 'below' => null];
        foreach ($rehearsal->order()->passes as $pass) {
            $cone = $pass->step->application()?->cone;
            if ($cone !== null) {
                $found[$cone->isFromBelow ? 'below' : 'above'] ??= Spray::of($cone);
            }
        }

        return new self(...$found);
    }

    /** @return list<Spray> */
    public function all(): array
    {
        return array_values(array_filter([$this->above, $this->below]));
    }
}
