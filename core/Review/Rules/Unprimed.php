<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Family;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\BestUndercoat;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Paint rubs off bare plastic. */
final class Unprimed extends Rule
{
    public function check(Scene $scene): iterable
    {
        if (! $scene->plan->undercoat->isBare()) {
            return;
        }
        foreach ($scene->plan->areas as $area) {
            $first = array_find(
                $scene->run($area),
                static fn(Pass $pass): bool => $pass->step->technique->family !== Family::Handling
                    && $pass->step->technique->family !== Family::Scenery,
            );
            if ($first !== null && ! $first->step->technique->primes()) {
                yield $this->found(
                    Severity::StopsTheJob,
                    $area->id,
                    $first->step->id,
                    'This goes on bare plastic.',
                    sprintf(
                        'The plan has no undercoat, and "%s" of %s is the first that touches the model. Without primer the paint rubs off at the first handling.',
                        $first->step->technique->label,
                        $area->name,
                    ),
                    'Some prime by brush, area by area: then the area begins with a primer step.',
                    $this->mends($scene),
                );

                return;
            }
        }
    }

    /** @return list<Mend> the undercoat that needs fewest coats over it, all areas together */
    private function mends(Scene $scene): array
    {
        $best = BestUndercoat::for($scene);

        return $best === null ? [] : [new Mend("Prime with {$best->name}", new SetGround(Undercoat::plain($best)))];
    }
}
