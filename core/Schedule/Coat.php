<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Craft\Brush;

/**
 * One coat of a step, to be laid on the models of a batch one after the other; or a few that are carried through on each model while it is
 * wet, as grit into paste.
 */
final readonly class Coat
{
    /**
     * @param int $job which batch, from 0
     * @param non-empty-list<Piece> $pieces in the order they are done
     * @param list<int> $models still to be done, by number from 1, in painting order
     * @param bool $isCarried on one model before the next: nothing of it is done to two models at once
     */
    public function __construct(
        public int $job,
        public array $pieces,
        public array $models,
        public bool $isCarried,
    ) {}

    /** Seconds on one model from first to last, waits within it included. */
    public function span(): int
    {
        return $this->pieces[array_key_last($this->pieces)]->end();
    }

    /** From a can, which wants the air outside. */
    public function isFromCan(): bool
    {
        return array_any($this->pieces, static fn(Piece $piece): bool => $piece->pass->step->brush === Brush::SprayCan);
    }

    /** Seconds of work on one model. */
    public function handsOn(): int
    {
        return array_sum(array_column($this->pieces, 'seconds'));
    }
}
