<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** What the painter has said about the running order: where steps stand, which stay there, and where the model may rest. */
final readonly class Running
{
    public const MOST_STOPS = 20;

    /**
     * @param list<string> $order ids of steps, as the painter runs them; others are put where the laws and preferences want them
     * @param list<string> $locked ids of steps that stay where the order puts them
     * @param list<Stop> $stops
     */
    public function __construct(
        public array $order = [],
        public array $locked = [],
        public array $stops = [],
    ) {}

    /** @param list<string> $order */
    public function inOrder(array $order): self
    {
        return new self($order, $this->locked, $this->stops);
    }

    /** @param list<string> $locked */
    public function locking(array $locked): self
    {
        return new self($this->order, array_values(array_unique($locked)), $this->stops);
    }

    /** @param list<Stop> $stops */
    public function stopping(array $stops): self
    {
        return new self($this->order, $this->locked, $stops);
    }

    /** Without the steps that are gone. */
    public function only(callable $exists): self
    {
        return new self(
            array_values(array_filter($this->order, $exists)),
            array_values(array_filter($this->locked, $exists)),
            array_values(array_filter($this->stops, static fn(Stop $stop): bool => (bool) $exists($stop->after))),
        );
    }
}
