<?php

declare(strict_types=1);

namespace Kalokroma;

/** Of values that never change, and hold just what their constructor takes: the same but for some of it. */
trait Otherwise
{
    /** @param mixed ...$changes by the names of the constructor's parameters, which looks at them */
    private function but(mixed ...$changes): self
    {
        // @phpstan-ignore argument.type
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
