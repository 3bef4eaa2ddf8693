<?php

declare(strict_types=1);

namespace App\Shelf;

/** Some rows of a long file, taken in by themselves: others can write between two portions, and one can say how far it is. */
final readonly class Portion
{
    /**
     * @param int $from rows before it
     * @param int $count rows at most
     */
    public function __construct(
        public int $from,
        public int $count,
    ) {}

    /**
     * @template T
     *
     * @param list<T> $rows
     *
     * @return array<int, T> by their place in the file
     */
    public function of(array $rows): array
    {
        return array_slice($rows, $this->from, $this->count, true);
    }
}
