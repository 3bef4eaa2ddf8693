<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Planning\IllegalSquad;
use Kalokroma\Planning\Squad;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Schedule\Job;

/** Reads how many there are of each role: `leader:1,rank:7,:2`, who has no role under none. */
final class RolesReader
{
    /**
     * @param int|null $models there are in all: those that are not told have no role; null: as many as are told
     *
     * @throws IllegalSquad under `roles` when that cannot be
     */
    public static function squad(string $text, Plan $plan, ?int $models = null): Squad
    {
        $counts = [];
        foreach (explode(',', $text) as $one) {
            if (preg_match('/^([^:]*):(\d{1,3})$/D', trim($one), $found) !== 1) {
                throw IllegalSquad::at('roles', 'Say how many there are of each role, as leader:1,rank:7,:2 (who has no role counts under none).');
            }
            if ($found[1] !== '' && $plan->role($found[1]) === null) {
                throw IllegalSquad::at(
                    'roles',
                    sprintf(
                        'This plan has no role "%s"; it has %s.',
                        $found[1],
                        $plan->roles === [] ? 'none' : implode(', ', array_column($plan->roles, 'id')),
                    ),
                );
            }
            $counts[$found[1]] = ($counts[$found[1]] ?? 0) + (int) $found[2];
        }
        if ($models !== null) {
            $counts[''] = ($counts[''] ?? 0) + max(0, $models - array_sum($counts));
        }
        $told = array_sum($counts);
        if ($told < 1 || $told > ($models ?? Job::MOST_MODELS)) {
            throw IllegalSquad::at('roles', sprintf('There are 1 to %d models in all.', $models ?? Job::MOST_MODELS));
        }

        return Squad::ofRoles($counts);
    }
}
