<?php

declare(strict_types=1);

namespace Kalokroma;

use DomainException;

/** What cannot be, and what to do instead, in a sentence for whoever asked for it. */
abstract class Illegal extends DomainException
{
    /** @param string $field at fault, dotted as in the plan document; empty where only who asks knows what the thing is called there */
    final protected function __construct(
        string $message,
        public readonly string $field = '',
    ) {
        parent::__construct($message);
    }
}
