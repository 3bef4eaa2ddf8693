<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Variant;

/** The models of a batch, by number, and by which way each area of each of them is painted. */
final readonly class Squad
{
    /** The way that is the area's own recipe. */
    public const RECIPE = '';

    /** @param non-empty-array<int, Member> $members by number, from 1 */
    private function __construct(public array $members) {}

    /**
     * So many models of whom nothing is said.
     *
     * @throws IllegalSquad when there are none
     */
    public static function alike(int $models): self
    {
        return self::of(array_map(static fn(int $number): Member => new Member($number), $models < 1 ? [] : range(1, $models)));
    }

    /**
     * So many of each role, in this order.
     *
     * @param array<string, int> $counts by role id; of those without a role under no name
     *
     * @throws IllegalSquad when there are none
     */
    public static function ofRoles(array $counts): self
    {
        $members = [];
        foreach ($counts as $role => $count) {
            for ($i = 0; $i < $count; $i++) {
                $members[] = new Member(count($members) + 1, role: $role === '' ? null : (string) $role);
            }
        }

        return self::of($members);
    }

    /**
     * @param list<Member> $members numbered from 1
     *
     * @throws IllegalSquad when there are none
     */
    public static function of(array $members): self
    {
        $numbered = array_column($members, null, 'number');

        return $numbered === [] ? throw IllegalSquad::models() : new self($numbered);
    }

    /**
     * @param list<Member> $members
     *
     * @throws IllegalSquad naming what the plan does not have
     */
    public static function by(Plan $plan, array $members): self
    {
        foreach ($members as $at => $member) {
            if ($member->role !== null && $plan->role($member->role) === null) {
                throw IllegalSquad::at(
                    "squad.$at.role",
                    sprintf('There is no role "%s" in this plan. Choose one of those it has, or none.', $member->role),
                );
            }
            foreach ($member->ways as $area => $variant) {
                $known = $plan->area((string) $area) ?? throw IllegalSquad::at("squad.$at.ways.$area", 'There is no such area in this plan.');
                $variant === null
                    || $known->variant($variant) !== null
                    || throw IllegalSquad::at("squad.$at.ways.$area", sprintf('"%s" has no such variant.', $known->name));
            }
            foreach ($member->without as $i => $area) {
                $plan->area($area) ?? throw IllegalSquad::at("squad.$at.without.$i", 'There is no such area in this plan.');
            }
        }

        return self::of($members);
    }

    /** The same by a plan that may have lost some of what was said of them. */
    public function knownTo(Plan $plan): self
    {
        return new self(array_map(static fn(Member $one): Member => new Member(
            $one->number,
            $one->name,
            $one->role !== null && $plan->role($one->role) !== null ? $one->role : null,
            array_filter(
                $one->ways,
                static fn(?string $variant, string|int $area): bool => $plan->area((string) $area) !== null
                    && ($variant === null || $plan->area((string) $area)->variant($variant) !== null),
                ARRAY_FILTER_USE_BOTH,
            ),
            array_values(array_filter($one->without, static fn(string $area): bool => $plan->area($area) !== null)),
        ), $this->members));
    }

    public function count(): int
    {
        return count($this->members);
    }

    /** @return list<int> */
    public function numbers(): array
    {
        return array_keys($this->members);
    }

    /** All are alike, as far as is said of them. */
    public function isPlain(): bool
    {
        return array_all($this->members, static fn(Member $member): bool => $member->isPlain());
    }

    /** By what a model's area is painted: `RECIPE`, or the id of a variant; null when the model does not have it. */
    public function way(Area $area, Member $member): ?string
    {
        if (in_array($area->id, $member->without, true)) {
            return null;
        }
        if (array_key_exists($area->id, $member->ways)) {
            $variant = $member->ways[$area->id];

            return $variant !== null && ($area->variant($variant)->steps ?? []) !== [] ? $variant : self::RECIPE;
        }
        if (! Role::isAmong($area->roles, $member->role)) {
            return null;
        }
        foreach ($area->variants as $variant) {
            if ($variant->steps !== [] && $variant->roles !== [] && Role::isAmong($variant->roles, $member->role)) {
                return $variant->id;
            }
        }

        return self::turn($area, $member->number);
    }

    /** Where the models of an area differ by turns, the way of this one. */
    private static function turn(Area $area, int $number): string
    {
        if (! $area->byTurns || $area->steps === []) {
            return self::RECIPE;
        }
        $others = array_values(array_filter(
            $area->variants,
            static fn(Variant $one): bool => $one->steps !== [] && $one->roles === [] && ! $one->isRecipeOf($area),
        ));
        $ways = [self::RECIPE, ...array_column($others, 'id')];

        return $ways[($number - 1) % count($ways)];
    }
}
