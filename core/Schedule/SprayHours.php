<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\SprayDay;

/** When a can may be used outside, as far as the weather is known; beyond that nothing stands against it. */
final readonly class SprayHours
{
    private const HOUR = 3600;

    /**
     * @param list<array{int, int}> $shut seconds since the epoch, from and to, one after the other
     * @param int $until seconds since the epoch up to which the weather is known
     */
    private function __construct(
        public array $shut,
        public int $until,
    ) {}

    public static function any(): self
    {
        return new self([], 0);
    }

    /**
     * Between the windows of a day nothing is sprayed.
     *
     * @param int $from seconds since the epoch at which the first of its hours begins
     */
    public static function of(SprayDay $day, int $from): self
    {
        $shut = [];
        $at = 0;
        foreach ([...$day->windows, ['from' => count($day->hours), 'to' => count($day->hours)]] as $window) {
            if ($window['from'] > $at) {
                $shut[] = [$from + $at * self::HOUR, $from + $window['from'] * self::HOUR];
            }
            $at = $window['to'] + 1;
        }

        return new self($shut, $from + count($day->hours) * self::HOUR);
    }

    /** The first time from here on, in seconds since the epoch, at which so many seconds lie in no shut hour. */
    public function opens(int $start, int $seconds): int
    {
        foreach ($this->shut as [$from, $to]) {
            if ($start < $to && $start + $seconds > $from) {
                $start = $to;
            }
        }

        return $start;
    }

    /** Seconds since the epoch at which it shuts next; never when nothing is known against it. */
    public function shuts(int $start): int
    {
        foreach ($this->shut as [$from, $to]) {
            if ($to > $start) {
                return $from;
            }
        }

        return PHP_INT_MAX;
    }
}
