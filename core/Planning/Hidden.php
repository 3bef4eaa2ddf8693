<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Area;

/** What can no longer be reached once a loose part is glued on. */
final class Hidden
{
    /** @return list<Area> areas behind those of the part, and areas of the part behind others */
    public static function by(Tasks $tasks, ?string $part): array
    {
        if ($part === null) {
            return [];
        }
        $on = array_column($tasks->plan->areas, 'part', 'id');

        return array_values(array_filter(
            $tasks->plan->areas,
            static fn(Area $area): bool => array_any(
                $area->behind,
                static fn(string $blocker): bool => ($on[$blocker] ?? null) !== $area->part
                    && ($area->part === $part || ($on[$blocker] ?? null) === $part),
            ),
        ));
    }
}
