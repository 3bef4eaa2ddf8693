<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** Something that has to come before something else. */
interface Law
{
    /** @return iterable<Precedence> */
    public function among(Tasks $tasks): iterable;
}
