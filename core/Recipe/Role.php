<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** Who a model of a batch is: the leader, the rank and file, a trial piece. What is there for some roles only is painted on their models alone. */
final readonly class Role
{
    public const MOST = 12;

    public function __construct(
        public string $id,
        public string $name,
    ) {}

    /**
     * Something is there for whoever has the role.
     *
     * @param list<string> $roles it is there for; none: everybody
     * @param string|null $role null: of a model that has none
     */
    public static function isAmong(array $roles, ?string $role): bool
    {
        return $roles === [] || in_array($role, $roles, true);
    }
}
