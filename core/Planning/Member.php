<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** One model of a batch: who it is, and where it is painted otherwise than its role says. */
final readonly class Member
{
    public const LONGEST_NAME = 60;

    /**
     * @param int $number from 1
     * @param string $name empty where it has none
     * @param string|null $role id of one of the plan's roles
     * @param array<string, string|null> $ways id of the variant it gets, by area; null: the area's recipe
     * @param list<string> $without ids of areas that are left out on it
     */
    public function __construct(
        public int $number,
        public string $name = '',
        public ?string $role = null,
        public array $ways = [],
        public array $without = [],
    ) {}

    /** Nothing is said of it but that it is there. */
    public function isPlain(): bool
    {
        return $this->name === '' && $this->role === null && $this->ways === [] && $this->without === [];
    }
}
