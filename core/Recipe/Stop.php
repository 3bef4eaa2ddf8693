<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** A point at which the model may rest. One of them is usually called "table-ready". */
final readonly class Stop
{
    public const TABLE_READY = 'table-ready';

    /** @param string $after id of a step */
    public function __construct(
        public string $name,
        public string $after,
    ) {}
}
