<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/** One thing that goes wrong at the desk and can be seen beforehand. */
abstract class Rule
{
    /** @param string $id as plan files and answers name it */
    public function __construct(public readonly string $id) {}

    /** @return iterable<Finding> nothing when all is well */
    abstract public function check(Scene $scene): iterable;

    /**
     * @param string|null $area id; null when it is about the plan or a step on the whole model
     * @param string|null $step id
     * @param list<Mend> $mends
     */
    final protected function found(
        Severity $severity,
        ?string $area,
        ?string $step,
        string $words,
        string $why,
        string $otherSchool,
        array $mends,
    ): Finding {
        return new Finding($this->id, $severity, $area, $step, $words, $why, $otherSchool, $mends);
    }
}
