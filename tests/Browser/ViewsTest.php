<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\Views;

/** Every view, by day and by lamp: axe finds nothing, nothing spills over the edge. */
class ViewsTest extends BrowserTestCase
{
    private const NAMES = [
        'bench', 'plans', 'plan', 'plan-substitute', 'plan-score', 'plan-whole', 'handbook', 'plan-recipe', 'plan-quilt', 'plan-squint',
        'plan-variants', 'muster', 'recipes', 'plan-weather', 'plan-undercoat', 'guide', 'new-plan', 'missing', 'keys', 'painting',
        'painting-beside', 'evenings', 'evenings-hours', 'plan-paint', 'lessons', 'batch-record', 'batch', 'batch-squad', 'mixing',
        'wanted', 'wanted-plan',
        'shelf', 'shelf-list', 'shelf-names', 'shelf-buy', 'shelf-photo', 'shelf-reader', 'shelf-scanner', 'shelf-opacity', 'shelf-mix',
        'shelf-files', 'sheet', 'logbook', 'notice', 'settings', 'find', 'slip-price', 'paint-new',
    ];

    private const SIZES = [[1280, 800], [820, 1180], [390, 844], [320, 700]];

    /** Sizes at which axe looks. A tablet has nothing on it that neither a laptop nor a phone has. */
    private const LOOKED_AT = [[1280, 800], [390, 844]];

    private const BY_DAY = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

    /** By lamp the same page stands in other colours: it is those that are looked at. */
    private const BY_LAMP = ['type' => 'rule', 'values' => ['color-contrast', 'link-in-text-block']];

    protected static function listens(): bool
    {
        return true;
    }

    /** @return list<string> */
    protected static function names(): array
    {
        return self::NAMES;
    }

    /** @return iterable<string, array{string}> */
    public static function views(): iterable
    {
        foreach (static::names() as $name) {
            yield $name => [$name];
        }
    }

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        (new Views(self::$server, self::$chromium))->theme('day');
    }

    #[DataProvider('views')]
    public function testAxeFindsNothingAndNothingSpills(string $name): void
    {
        $views = new Views(self::$server, self::$chromium);
        $views->all()[$name]();
        $views->settle();
        $this->assertNothingBreaksAndNobodyElseIsAsked($name);
        self::driver()->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        try {
            $this->light('lamp');
            $views->settle();
            self::assertSame([], $this->violations(self::BY_LAMP), "$name by lamp");
            $this->light('day');
            foreach (self::SIZES as [$width, $height]) {
                self::$chromium->resize($width, $height);
                $views->settle();
                if (in_array([$width, $height], self::LOOKED_AT, true)) {
                    self::assertSame([], $this->violations(self::BY_DAY), "$name at $width");
                }
                self::assertLessThanOrEqual(
                    $width,
                    self::driver()->executeScript(
                        'return Math.max(document.documentElement.scrollWidth, document.querySelector("main").scrollWidth)',
                    ),
                    "$name at $width",
                );
            }
        } finally {
            $this->light('day');
            self::$chromium->resize(...self::SIZES[0]);
        }
    }

    private function light(string $light): void
    {
        self::driver()->executeScript('document.documentElement.dataset.theme = arguments[0]', [$light]);
    }

    /**
     * The policy allows no inline script or style; what it refused, and what broke, stands in the browser's log. No page asks another host
     * for anything.
     */
    private function assertNothingBreaksAndNobodyElseIsAsked(string $name): void
    {
        self::assertSame(
            [],
            array_values(array_filter(
                array_column(self::driver()->manage()->getLog('browser'), 'message'),
                static fn(string $line): bool => ! str_contains($line, 'favicon') && ! str_contains($line, 'software WebGL'),
            )),
            $name,
        );
        $asked = [];
        foreach (self::driver()->manage()->getLog('performance') as $line) {
            $event = json_decode((string) $line['message'], true)['message'] ?? [];
            if (($event['method'] ?? '') === 'Network.requestWillBeSent') {
                $asked[] = (string) $event['params']['request']['url'];
            }
        }
        self::assertNotSame([], $asked, $name);
        self::assertSame(
            [],
            array_values(array_filter(
                $asked,
                static fn(string $url): bool => ! str_starts_with($url, self::$server->url())
                    && preg_match('/^(data|blob|about|chrome):/', $url) !== 1,
            )),
            $name,
        );
    }

    /**
     * @param list<string>|array{type: string, values: list<string>} $rules what axe looks for
     *
     * @return list<string>
     */
    private function violations(array $rules): array
    {
        /** @var list<array{id: string, help: string, nodes: list<array{html: string, failureSummary: string}>}> $violations */
        $violations = self::driver()->executeAsyncScript(
            'const [rules, done] = arguments; axe.run(document, { runOnly: rules }).then((result) => done(result.violations))',
            [$rules],
        );

        return array_map(
            static fn(array $one): string => $one['id'].': '.$one['nodes'][0]['html'].' '.$one['nodes'][0]['failureSummary'],
            $violations,
        );
    }
}
