<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\Views;

final class ViewsTest extends BrowserTestCase
{
    private const NAMES = [
        'bench', 'plans', 'plan', 'plan-substitute', 'plan-score', 'plan-findings', 'plan-whole', 'handbook', 'plan-batches', 'plan-recipe', 'plan-quilt', 'plan-squint', 'plan-variants', 'muster', 'recipes', 'plan-weather', 'plan-undercoat', 'guide', 'new-plan', 'missing', 'keys', 'painting', 'mixing', 'wanted', 'wanted-plan',
        'shelf', 'shelf-list', 'shelf-buy', 'shelf-photo', 'shelf-reader', 'shelf-scanner', 'shelf-opacity', 'shelf-mix', 'shelf-files', 'sheet', 'logbook', 'notice',
    ];

    private const SIZES = [[1280, 800], [820, 1180], [390, 844], [320, 700]];

    /** @return iterable<string, array{string, string}> */
    public static function views(): iterable
    {
        foreach (['day', 'lamp'] as $theme) {
            foreach (self::NAMES as $name) {
                yield "$name by $theme light" => [$name, $theme];
            }
        }
    }

    /** On a laptop, a tablet and two phones, by lamp light on a laptop and a phone; where it does not fit it must not spill over the edge either. */
    #[DataProvider('views')]
    public function testAxeFindsNothingAndNothingSpills(string $name, string $theme): void
    {
        $views = new Views(self::$server, self::$chromium);
        $views->theme($theme);
        $views->all()[$name]();
        $views->settle();
        self::assertSame($theme, self::driver()->executeScript('return document.documentElement.dataset.theme'));
        self::driver()->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        try {
            // What a size does to the layout it does in either light.
            foreach ($theme === 'day' ? self::SIZES : [self::SIZES[0], self::SIZES[2]] as [$width, $height]) {
                self::$chromium->resize($width, $height);
                $views->settle();
                self::assertSame([], $this->violations(), "$name at $width");
                self::assertLessThanOrEqual($width, self::driver()->executeScript('return Math.max(document.documentElement.scrollWidth, document.querySelector("main").scrollWidth)'), "$name at $width");
            }
        } finally {
            self::$chromium->resize(...self::SIZES[0]);
        }
    }

    /** @return list<string> */
    private function violations(): array
    {
        /** @var list<array{id: string, help: string, nodes: list<array{html: string, failureSummary: string}>}> $violations */
        $violations = self::driver()->executeAsyncScript('const done = arguments[0]; axe.run(document, { runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"] }).then((result) => done(result.violations))');

        return array_map(static fn(array $one): string => $one['id'].': '.$one['nodes'][0]['html'].' '.$one['nodes'][0]['failureSummary'], $violations);
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
