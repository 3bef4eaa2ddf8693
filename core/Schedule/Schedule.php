<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Recipe\Stop;

/** What is painted when. */
final readonly class Schedule
{
    /**
     * @param list<Item> $items one after the other
     * @param list<Wait> $waits
     * @param int $lacking seconds of work that found no session; 0 when all is placed
     */
    private function __construct(
        public Work $work,
        public Sessions $sessions,
        public array $items,
        public array $waits,
        public int $lacking,
    ) {}

    /** @param list<array{int, int}> $sequence coat and number of models */
    public static function of(Desk $desk, array $sequence): self
    {
        $items = new Placing($desk, $sequence);

        return new self($desk->work, $desk->sessions, $items->items(), $items->waits(), $items->lacking());
    }

    /** @return int|null seconds since the epoch; null when nothing of that batch is painted */
    public function finish(int $job = 0): ?int
    {
        $ends = array_column(array_filter($this->items, static fn(Item $one): bool => $one->job === $job), 'end');

        return $ends === [] ? null : max($ends);
    }

    /** @return int|null when the last item of the stop's step ends; null when that is done already, or never */
    public function at(Stop $stop, int $job = 0): ?int
    {
        $ends = array_column(
            array_filter($this->items, static fn(Item $one): bool => $one->job === $job && $one->pass->step->id === $stop->after),
            'end',
        );

        return $ends === [] ? null : max($ends);
    }

    /** What is missing, where sessions do not suffice. */
    public function words(): string
    {
        $longest = max(array_column($this->sessions->all, 'minutes'));
        foreach ($this->work->coats as $coat) {
            if ($coat->models !== [] && $coat->span() > 60 * $longest) {
                $step = $coat->pieces[0]->pass->step;

                return sprintf(
                    'No session is long enough for "%s" on one model: it takes %d minutes.',
                    $step->technique->label,
                    (int) ceil($coat->span() / 60),
                );
            }
        }

        return sprintf(
            'The sessions do not suffice: %d minutes of work, or what has to dry before it, find no place. Add a session or paint fewer models.',
            (int) ceil($this->lacking / 60),
        );
    }

    /** @return int|null when all that comes up to a stop in the running order is done; null when that is so already, or never */
    public function restsAt(Stop $stop, int $job = 0): ?int
    {
        $last = null;
        foreach ($this->work->coats as $coat) {
            foreach ($coat->job === $job ? $coat->pieces : [] as $piece) {
                $last = $piece->pass->step->id === $stop->after ? $piece->pass->number : $last;
            }
        }
        $ends = array_column(
            array_filter($this->items, static fn(Item $one): bool => $one->job === $job && $last !== null && $one->pass->number <= $last),
            'end',
        );

        return $ends === [] ? null : max($ends);
    }

    /** @return int seconds since the epoch at which what an item leaves is dry for whatever comes next on it */
    public function dryAfter(Item $item): int
    {
        $dry = 0;
        foreach ($this->work->coats as $at => $coat) {
            foreach ($coat->job === $item->job && $coat->pieces[0]->pass === $item->pass ? $this->work->after[$at] : [] as $link) {
                $dry = max($dry, $link->lag);
            }
        }

        return $item->end + $dry;
    }

    public function isWhole(): bool
    {
        return $this->lacking === 0;
    }
}
