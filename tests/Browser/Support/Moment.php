<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use DateTimeImmutable;
use DateTimeZone;

/**
 * When a test takes place, whatever time it is outside: the clock of the server and that of the browser start there and go on.
 */
final readonly class Moment
{
    private function __construct(
        public string $zone,
        public int $shiftSeconds,
    ) {}

    /** A Thursday morning on which nothing is special. */
    public static function usual(): self
    {
        return self::at('2026-11-26T10:17:00', 'UTC');
    }

    /** @param string $zone as the painter's device names it */
    public static function at(string $local, string $zone): self
    {
        return new self($zone, (new DateTimeImmutable($local, new DateTimeZone($zone)))->getTimestamp() - time());
    }

    /** The day so many days from then, as Y-m-d. */
    public function day(int $from): string
    {
        return (new DateTimeImmutable('@'.(time() + $this->shiftSeconds)))
            ->setTimezone(new DateTimeZone($this->zone))
            ->modify("+$from days")
            ->format('Y-m-d');
    }

    /** Makes a page's own clock tell that time; run in it before anything else is. */
    public function script(): string
    {
        return sprintf(<<<'JS'
            (() => {
                const Real = Date;
                const shift = %d;
                globalThis.Date = new Proxy(Real, {
                    construct: (real, given, as) => Reflect.construct(real, given.length === 0 ? [Real.now() + shift] : given, as),
                    apply: () => new Real(Real.now() + shift).toString(),
                    get: (real, name) => (name === 'now' ? () => Real.now() + shift : Reflect.get(real, name)),
                });
            })();
            JS, 1000 * $this->shiftSeconds);
    }
}
