<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Paint;

/** What stands on the painter's shelf, and how much is left of it. */
final readonly class Shelf
{
    /**
     * @param array<string, Paint> $owned by id
     * @param array<string, float> $mlLeft by id, where it is known
     */
    private function __construct(
        public array $owned,
        private array $mlLeft,
    ) {}

    /**
     * @param list<Paint> $owned
     * @param array<string, float> $mlLeft by id, where it is known
     */
    public static function of(array $owned, array $mlLeft = []): self
    {
        $byId = [];
        foreach ($owned as $paint) {
            $byId[$paint->id] = $paint;
        }

        return new self($byId, $mlLeft);
    }

    public function has(Paint $paint): bool
    {
        return isset($this->owned[$paint->id]);
    }

    /** Null when nobody has said. */
    public function mlLeft(Paint $paint): ?float
    {
        return $this->mlLeft[$paint->id] ?? null;
    }
}
