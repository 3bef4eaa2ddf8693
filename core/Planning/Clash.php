<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** A precedence that the painter's own order stands against, and the circle they make together. */
final readonly class Clash
{
    /** @param list<Precedence> $circle from the wanted one round to where it began */
    public function __construct(
        public Precedence $wanted,
        public array $circle,
    ) {}

    /** @return list<Task> that stand in the circle, each once */
    public function tasks(): array
    {
        $tasks = [];
        foreach ($this->circle as $precedence) {
            $tasks[$precedence->first->id()] = $precedence->first;
            $tasks[$precedence->then->id()] = $precedence->then;
        }

        return array_values($tasks);
    }
}
