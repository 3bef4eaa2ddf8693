<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Review\VarnishFirst;

/** What is scratched off takes unsealed paint below along. */
final class ChippingUnsealed extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $fluid) {
            $area = $fluid->area ?? $scene->plan->areas[0] ?? null;
            if ($area !== null && $fluid->step->technique->does(Nature::LaysChippingFluid) && ! $scene->isSealedBefore($area, $fluid)) {
                yield $this->found(
                    Severity::Risk,
                    $fluid->area?->id,
                    $fluid->step->id,
                    'Chips may go through to the plastic.',
                    sprintf('No varnish lies over what is below the fluid of step %d; water and bristles work on that colour too.', $fluid->number),
                    'Many skip the seal on robust paint and scratch gently.',
                    VarnishFirst::mends($scene, $fluid),
                );
            }
        }
    }
}
