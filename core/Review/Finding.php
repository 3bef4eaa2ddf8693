<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/**
 * Something about a plan that the painter should know before doing it: what, why, what the other school would say, and how to mend it.
 */
final readonly class Finding
{
    /**
     * @param string|null $area id; null when it is about the plan or a step on the whole model
     * @param string|null $step id
     * @param list<Mend> $mends
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public ?string $area,
        public ?string $step,
        public string $words,
        public string $why,
        public string $otherSchool,
        public array $mends,
        public bool $isSilenced = false,
    ) {}

    public function silenced(): self
    {
        return new self($this->rule, $this->severity, $this->area, $this->step, $this->words, $this->why, $this->otherSchool, $this->mends, true);
    }
}
