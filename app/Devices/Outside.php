<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Setting;
use DateTimeImmutable;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\SprayDay;
use Kalokroma\Schedule\SprayHours;

/** The weather outside, as far as anybody knows it: what a station that is switched on foretells, or what the painter read off and typed. */
final readonly class Outside
{
    public const STATION = 'station';

    public const TYPED = 'typed';

    /** As far as a forecast can be trusted. */
    private const FORETOLD_HOURS = 48;

    /** What was typed holds for this hour and those to come, so many in all. */
    private const TYPED_HOURS = 3;

    /**
     * @param string|null $source who says so; null when nobody does
     * @param list<array{celsius: float, humidity: float}> $hours one after the other, from the one that is on; none when nothing is known
     */
    private function __construct(
        public ?string $source,
        public array $hours,
        private DateTimeImmutable $from,
    ) {}

    public static function at(DateTimeImmutable $now): self
    {
        $hour = $now->setTime((int) $now->format('G'), 0);
        if (Setting::devices()['station']) {
            return new self(self::STATION, app(WeatherStation::class)->hours($now, self::FORETOLD_HOURS), $hour);
        }
        $typed = Setting::weather();
        $left = $typed === null ? 0 : self::TYPED_HOURS - intdiv(max(0, $hour->getTimestamp() - self::hourOf($typed['at'])), 3600);

        return $typed === null || $left < 1
            ? new self(null, [], $hour)
            : new self(self::TYPED, array_fill(0, $left, ['celsius' => $typed['celsius'], 'humidity' => $typed['humidity']]), $hour);
    }

    /** Null when nothing is known. */
    public function day(SprayMethod $method): ?SprayDay
    {
        return $this->hours === [] ? null : SprayDay::of($this->hours, $method);
    }

    public function sprayHours(): SprayHours
    {
        $day = $this->day(SprayMethod::SprayCan);

        return $day === null ? SprayHours::any() : SprayHours::of($day, $this->from->getTimestamp());
    }

    private static function hourOf(int $time): int
    {
        return $time - $time % 3600;
    }
}
