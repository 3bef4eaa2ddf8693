<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** How a recipe was asked for when it was written: writing it anew starts from there. */
final readonly class Asked
{
    public const MOST_WISHES = 12;

    public const LONGEST = 40;

    /**
     * @param string|null $school id of the way of painting; null: those that suit
     * @param list<string> $wishes what was said on seeing it, in that order
     */
    public function __construct(
        public ?string $school = null,
        public array $wishes = [],
    ) {}

    public function saysNothing(): bool
    {
        return $this->school === null && $this->wishes === [];
    }
}
