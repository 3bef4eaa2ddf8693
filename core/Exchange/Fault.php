<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** One thing wrong with what was brought in: where, and how to mend it. */
final readonly class Fault
{
    /**
     * @param string $field column of a table, or dotted path in a document
     * @param int|null $row line of a table as a spreadsheet numbers it: the header is row 1
     */
    public function __construct(
        public string $field,
        public string $message,
        public ?int $row = null,
    ) {}
}
