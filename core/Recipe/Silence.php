<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** A finding that the painter does not want to hear of again, and why. */
final readonly class Silence
{
    public const MOST = 400;

    /** @param string|null $area id; with neither area nor step it holds for the whole plan */
    public function __construct(
        public string $rule,
        public ?string $area,
        public ?string $step,
        public string $note,
    ) {}

    public function isAbout(string $rule, ?string $area, ?string $step): bool
    {
        return $this->rule === $rule && $this->area === $area && $this->step === $step;
    }
}
