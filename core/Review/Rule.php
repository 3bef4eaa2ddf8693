<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/** One thing that goes wrong at the desk and can be seen beforehand. */
interface Rule
{
    /** As plan files and answers name it. */
    public function id(): string;

    /** @return iterable<Finding> nothing when all is well */
    public function check(Scene $scene): iterable;
}
