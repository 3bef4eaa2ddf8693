<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Review\VarnishFirst;

/** On anything rougher than gloss air stays under a decal and silvers. */
final class DecalWithoutGloss extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $decal) {
            if (! $decal->step->technique->does(Nature::LaysDecal)) {
                continue;
            }
            $area = $decal->area ?? $scene->plan->areas[0] ?? null;
            if ($area === null || array_any($scene->before($area, $decal), static fn(Pass $one): bool => $one->step->technique->glosses())) {
                continue;
            }
            yield $this->found(
                Severity::Risk,
                $decal->area?->id,
                $decal->step->id,
                'This decal may silver.',
                sprintf(
                    'No gloss lies on %s before step %d, and a decal bridges the roughness of matt paint: the air below shines.',
                    $area->name,
                    $decal->number,
                ),
                'The short way lays it straight on, with plenty of setting and softening fluid.',
                array_slice(VarnishFirst::mends($scene, $decal), 0, 1),
            );
        }
    }
}
