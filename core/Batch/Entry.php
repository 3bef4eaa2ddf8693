<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Planning\Done;

/** A line of a batch's logbook: what was done on which models, and with what it really was. */
final readonly class Entry
{
    /**
     * @param int|null $minutes really spent on it, on all these models; null when nobody looked at the clock
     * @param OwnBrush|null $brush it was done with; null when none was taken
     */
    public function __construct(
        public Done $done,
        public Used $used,
        public ?int $minutes = null,
        public string $note = '',
        public ?OwnBrush $brush = null,
    ) {}
}
