<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Plan;

/** Edits that go together: all of them, or none. */
final readonly class Several implements Edit
{
    /** @param list<Edit> $edits one after the other */
    public function __construct(private array $edits) {}

    public function applyTo(Plan $plan): Plan
    {
        foreach ($this->edits as $edit) {
            $plan = $edit->applyTo($plan);
        }

        return $plan;
    }
}
