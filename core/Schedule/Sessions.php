<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** Times at the desk, one after the other. */
final readonly class Sessions
{
    /** @param non-empty-list<Session> $all by start, none overlapping */
    private function __construct(public array $all) {}

    /**
     * @param list<Session> $sessions in any order
     *
     * @throws IllegalSession when there are none, or two overlap
     */
    public static function of(array $sessions): self
    {
        usort($sessions, static fn(Session $one, Session $other): int => $one->from() <=> $other->from());
        if ($sessions === []) {
            throw IllegalSession::none();
        }
        foreach (array_slice($sessions, 1) as $at => $session) {
            if ($sessions[$at]->overlaps($session)) {
                throw IllegalSession::overlap($sessions[$at]->start, $session->start);
            }
        }

        return new self($sessions);
    }

    /**
     * @param int $from seconds since the epoch
     *
     * @return int seconds since the epoch at which so much work is done at the earliest when it begins then; past the last session without a pause
     */
    public function after(int $seconds, int $from): int
    {
        foreach ($this->all as $session) {
            $start = max($from, $session->from());
            if ($seconds <= $session->to() - $start) {
                return $start + $seconds;
            }
            $seconds -= max(0, $session->to() - $start);
        }

        return max($from, $this->all[array_key_last($this->all)]->to()) + $seconds;
    }

    /** @return int seconds in all */
    public function seconds(): int
    {
        return array_sum(array_map(static fn(Session $one): int => 60 * $one->minutes, $this->all));
    }
}
