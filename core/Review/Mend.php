<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Recipe\Edit\Edit;

/** A change to the plan that settles a finding, ready to be made with one press. */
final readonly class Mend
{
    public function __construct(
        public string $label,
        public Edit $edit,
    ) {}
}
