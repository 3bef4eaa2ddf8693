<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** One line of a batch's record: a step was done on some of its models, at a time. */
final readonly class Done
{
    /**
     * @param int|null $coat from 1; null when all that was left of the step was done
     * @param int $models one or more
     * @param int $at seconds since the epoch
     * @param string $id of the line, where it has one
     * @param list<int>|null $on numbers of the models; null: the next that had it still before them
     */
    public function __construct(
        public string $stepId,
        public ?int $coat,
        public int $models,
        public int $at,
        public string $id = '',
        public ?array $on = null,
    ) {}
}
