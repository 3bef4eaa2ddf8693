<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Views;

final class ViewsByDayTest extends ViewsTestCase
{
    protected static function light(): string
    {
        return 'day';
    }

    public function testNoPageAsksAnotherHostForAnything(): void
    {
        $views = new Views(self::$server, self::$chromium);
        self::driver()->manage()->getLog('performance');
        foreach (self::NAMES as $name) {
            $views->all()[$name]();
        }
        $asked = [];
        foreach (self::driver()->manage()->getLog('performance') as $line) {
            $event = json_decode((string) $line['message'], true)['message'] ?? [];
            if (($event['method'] ?? '') === 'Network.requestWillBeSent') {
                $asked[] = (string) $event['params']['request']['url'];
            }
        }
        $elsewhere = array_filter($asked, static fn(string $url): bool => ! str_starts_with($url, self::$server->url()) && preg_match('/^(data|blob|about|chrome):/', $url) !== 1);

        self::assertGreaterThan(30, count($asked));
        self::assertSame([], array_values($elsewhere));
    }

    /** The policy allows no inline script or style; what it refused, and what broke, would stand in the browser's log. */
    public function testNothingIsRefusedAndNothingBreaks(): void
    {
        $views = new Views(self::$server, self::$chromium);
        self::driver()->manage()->getLog('browser');
        foreach (self::NAMES as $name) {
            $views->all()[$name]();
        }

        self::assertSame([], array_values(array_filter(array_column(self::driver()->manage()->getLog('browser'), 'message'), static fn(string $line): bool => ! str_contains($line, 'favicon'))));
    }

    public function testTheFirstScreenIsUsableWithinOneAndAHalfSecondsOnAColdCache(): void
    {
        self::driver()->get('about:blank');
        self::driver()->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Network.clearBrowserCache', 'params' => new \stdClass]);
        $start = hrtime(true);
        self::driver()->get(self::$server->url('#/'));
        $this->see('//article//a[normalize-space(.)="Paint on"]');

        self::assertLessThan(1500, (hrtime(true) - $start) / 1e6);
    }
}
