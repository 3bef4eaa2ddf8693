<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\SprayMethod;

/** The hours to come, judged for priming: whether now, from when, or not at all. */
final readonly class SprayDay
{
    /** Hours in a row that a batch of models takes, outside and gassing out. */
    private const LEAST_WINDOW = 2;

    /**
     * @param list<SprayWeather> $hours one after the other, the first is now
     * @param list<array{from: int, to: int}> $windows hours in a row that are fit for it, long enough for a batch; `to` is the last of them
     */
    private function __construct(
        public SprayMethod $method,
        public array $hours,
        public array $windows,
    ) {}

    /**
     * @param list<array{celsius: float, humidity: float}> $hours one after the other, the first is now
     *
     * @throws IllegalWeather when no weather is like that
     */
    public static function of(array $hours, SprayMethod $method): self
    {
        $judged = array_map(static fn(array $one): SprayWeather => SprayWeather::of($one['celsius'], $one['humidity'], $method), $hours);
        $windows = [];
        $from = null;
        foreach ([...$judged, null] as $hour => $weather) {
            $isFit = $weather?->verdict === SprayVerdict::Go;
            if ($isFit && $from === null) {
                $from = $hour;
            }
            if (! $isFit && $from !== null) {
                if ($hour - $from >= min(self::LEAST_WINDOW, count($judged))) {
                    $windows[] = ['from' => $from, 'to' => $hour - 1];
                }
                $from = null;
            }
        }

        return new self($method, $judged, $windows);
    }

    /** Of the whole: go when now is fit, wait when a window comes, another way when none does. */
    public function verdict(): SprayVerdict
    {
        return match (true) {
            $this->windows === [] => SprayVerdict::AnotherWay,
            $this->windows[0]['from'] === 0 => SprayVerdict::Go,
            default => SprayVerdict::Wait,
        };
    }

    /** Hours until it may begin; null when it may not at all. */
    public function hoursUntil(): ?int
    {
        return $this->windows[0]['from'] ?? null;
    }

    /** Minutes until what is sprayed in the first window may be painted over: the worst of its hours counts. */
    public function waitMinutes(): ?int
    {
        if ($this->windows === []) {
            return null;
        }
        ['from' => $from, 'to' => $to] = $this->windows[0];

        return max([0, ...array_column(array_slice($this->hours, $from, $to - $from + 1), 'waitMinutes')]);
    }

    /** What the first window is held up by, or what stands against now. */
    public function reason(): string
    {
        return $this->hours[0]->findings[0]['words'] ?? '';
    }
}
