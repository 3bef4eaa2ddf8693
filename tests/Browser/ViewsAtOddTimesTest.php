<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\Moment;
use Tests\Browser\Support\Views;

/**
 * Views that tell of times hold whatever the time is: an evening on the day with the longest name, midnight at the year's end, the night
 * when clocks change.
 */
final class ViewsAtOddTimesTest extends TestCase
{
    private const VIEWS = ['bench', 'evenings', 'evenings-hours', 'painting', 'logbook'];

    private const WIDTHS = [390, 320];

    /** @return iterable<string, array{string, string}> */
    public static function moments(): iterable
    {
        yield 'within an evening, on the day with the longest name' => ['2026-09-30T20:17:00', 'America/Argentina/Buenos_Aires'];
        yield 'at the end of the year' => ['2026-12-31T23:59:00', 'Pacific/Auckland'];
        yield 'in the night that is an hour longer' => ['2026-10-25T01:40:00', 'Europe/Berlin'];
    }

    #[DataProvider('moments')]
    public function testNothingSpills(string $local, string $zone): void
    {
        $moment = Moment::at($local, $zone);
        $server = AppServer::withDemo($moment);
        $chromium = Chromium::open($moment);
        try {
            $views = new Views($server, $chromium);
            $views->theme('day');
            foreach (self::VIEWS as $name) {
                $views->all()[$name]();
                foreach (self::WIDTHS as $width) {
                    $chromium->resize($width, 844);
                    $views->settle();
                    self::assertSame([], self::spilling($chromium, $width), "$name at $width");
                }
                $chromium->resize(1280, 800);
            }
        } finally {
            $chromium->close();
            $server->stop();
        }
    }

    /** @return list<string> what reaches over the right edge, when the page can be pushed aside by it */
    private static function spilling(Chromium $chromium, int $width): array
    {
        /** @var list<string> */
        return $chromium->driver->executeScript(<<<'JS'
            const [width] = arguments;
            const main = document.querySelector('main');
            if (Math.max(document.documentElement.scrollWidth, main.scrollWidth) <= width) return [];
            const over = [...main.querySelectorAll('*')].filter((one) => one.getBoundingClientRect().right > width);
            return over.filter((one) => !over.some((other) => one !== other && one.contains(other))).slice(0, 8).map((one) => `${one.tagName} ${one.className} “${one.textContent.trim().slice(0, 40)}” to ${one.getBoundingClientRect().right}`);
            JS, [$width]);
    }
}
