<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\Views;

/** Every view in one light: axe finds nothing, nothing spills over the edge. Each light is a class of its own, so that both can be looked at at once. */
abstract class ViewsTestCase extends BrowserTestCase
{
    protected const NAMES = [
        'bench', 'plans', 'plan', 'plan-substitute', 'plan-score', 'plan-findings', 'plan-whole', 'handbook', 'plan-batches', 'plan-recipe', 'plan-figure', 'plan-quilt', 'plan-squint', 'plan-variants', 'muster', 'recipes', 'plan-weather', 'plan-undercoat', 'guide', 'new-plan', 'missing', 'keys', 'painting', 'painting-beside', 'evenings', 'evenings-hours', 'plan-amounts', 'lessons', 'batch-record', 'batch', 'mixing', 'wanted', 'wanted-plan',
        'shelf', 'shelf-list', 'shelf-buy', 'shelf-photo', 'shelf-reader', 'shelf-scanner', 'shelf-opacity', 'shelf-mix', 'shelf-files', 'sheet', 'logbook', 'notice', 'settings', 'find', 'slip-price', 'paint-new',
    ];

    private const SIZES = [[1280, 800], [820, 1180], [390, 844], [320, 700]];

    /** Sizes at which axe looks by day. What a size does to the layout it does in either light: by lamp it is colours that are looked at. */
    private const LOOKED_AT = [[1280, 800], [390, 844]];

    abstract protected static function light(): string;

    protected static function draws(): bool
    {
        return true;
    }

    /** @return iterable<string, array{string}> */
    public static function views(): iterable
    {
        foreach (self::NAMES as $name) {
            yield "$name by ".static::light().' light' => [$name];
        }
    }

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        (new Views(self::$server, self::$chromium))->theme(static::light());
    }

    /** On a laptop and a phone by day, on a laptop by lamp light; nothing spills over the edge there, on a tablet, or on the narrowest phone. */
    #[DataProvider('views')]
    public function testAxeFindsNothingAndNothingSpills(string $name): void
    {
        $theme = static::light();
        $views = new Views(self::$server, self::$chromium);
        $views->all()[$name]();
        $views->settle();
        $this->assertNothingBreaksAndNobodyElseIsAsked($name);
        self::assertSame($theme, self::driver()->executeScript('return document.documentElement.dataset.theme'));
        self::driver()->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        try {
            // A tablet has nothing on it that neither a laptop nor a phone has.
            foreach ($theme === 'day' ? self::SIZES : [self::SIZES[0]] as [$width, $height]) {
                self::$chromium->resize($width, $height);
                $views->settle();
                if (in_array([$width, $height], self::LOOKED_AT, true)) {
                    self::assertSame([], $this->violations(), "$name at $width");
                }
                self::assertLessThanOrEqual($width, self::driver()->executeScript('return Math.max(document.documentElement.scrollWidth, document.querySelector("main").scrollWidth)'), "$name at $width");
            }
        } finally {
            self::$chromium->resize(...self::SIZES[0]);
        }
    }

    /** The policy allows no inline script or style; what it refused, and what broke, stands in the browser's log. No page asks another host for anything. */
    private function assertNothingBreaksAndNobodyElseIsAsked(string $name): void
    {
        self::assertSame([], array_values(array_filter(array_column(self::driver()->manage()->getLog('browser'), 'message'), static fn(string $line): bool => ! str_contains($line, 'favicon'))), $name);
        $asked = [];
        foreach (self::driver()->manage()->getLog('performance') as $line) {
            $event = json_decode((string) $line['message'], true)['message'] ?? [];
            if (($event['method'] ?? '') === 'Network.requestWillBeSent') {
                $asked[] = (string) $event['params']['request']['url'];
            }
        }
        self::assertNotSame([], $asked, $name);
        self::assertSame([], array_values(array_filter($asked, static fn(string $url): bool => ! str_starts_with($url, self::$server->url()) && preg_match('/^(data|blob|about|chrome):/', $url) !== 1)), $name);
    }

    /** @return list<string>|array{type: string, values: list<string>} what axe looks for */
    protected static function rules(): array
    {
        return ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
    }

    /** @return list<string> */
    private function violations(): array
    {
        /** @var list<array{id: string, help: string, nodes: list<array{html: string, failureSummary: string}>}> $violations */
        $violations = self::driver()->executeAsyncScript('const [rules, done] = arguments; axe.run(document, { runOnly: rules }).then((result) => done(result.violations))', [static::rules()]);

        return array_map(static fn(array $one): string => $one['id'].': '.$one['nodes'][0]['html'].' '.$one['nodes'][0]['failureSummary'], $violations);
    }
}
