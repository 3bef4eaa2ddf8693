<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\Panels;
use Tests\Browser\Support\Views;

/**
 * Every view, and by PanelViewsTest every panel that opens in one, at four widths: nothing spills over the edge, nothing is too small for a
 * finger; axe finds nothing on a desk, a tablet and a phone; and wide and narrow, by day and by lamp, nothing is too pale to be read.
 */
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

    /** On the smallest screen stands what stands on a phone, only closer. */
    private const LOOKED_THROUGH_FROM = 390;

    /** Of one address by one view, its steps until it stands there included. */
    private const MOST_READS = 6;

    /** Where colours are looked at: what stands on a tablet stands on one of these too. */
    private const COLOURS_AT = [[1280, 800], [390, 844]];

    /** What is pressed is at least as wide and as high, unless it stands within a sentence. */
    private const LEAST_TARGET_PX = 24;

    private const BY_DAY = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

    /** By lamp the same page stands in other colours: it is those that are looked at, as it lies on a desk and on a phone. */
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
        (Panels::of($views, self::$chromium)[$name] ?? $views->all()[$name])();
        $views->settle();
        $this->assertNothingBreaksAndNobodyElseIsAsked($name);
        self::driver()->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        try {
            $this->stopFading();
            foreach (self::SIZES as [$width, $height]) {
                self::$chromium->resize($width, $height);
                Panels::reopen($name, self::$chromium);
                $views->settle();
                if ($width >= self::LOOKED_THROUGH_FROM) {
                    self::assertSame([], $this->violations(self::BY_DAY, in_array([$width, $height], self::COLOURS_AT, true)), "$name at $width");
                }
                self::assertSame([], $this->tooSmall(), "$name at $width");
                self::assertLessThanOrEqual(
                    $width,
                    self::driver()->executeScript(
                        'return Math.max(document.documentElement.scrollWidth, document.querySelector("main").scrollWidth)',
                    ),
                    "$name at $width",
                );
                if (in_array([$width, $height], self::COLOURS_AT, true)) {
                    $this->light('lamp');
                    $views->settle();
                    self::assertSame([], $this->violations(self::BY_LAMP), "$name by lamp at $width");
                    $this->light('day');
                }
            }
        } finally {
            $this->light('day');
            self::$chromium->resize(...self::SIZES[0]);
        }
    }

    /** Nobody waits for what only fades. */
    private function stopFading(): void
    {
        self::driver()->executeScript(<<<'JS'
            const sheet = new CSSStyleSheet();
            sheet.replaceSync('*, *::before, *::after { transition: none !important; animation-duration: 1ms !important; }');
            document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
            JS);
    }

    private function light(string $light): void
    {
        self::driver()->executeScript('document.documentElement.dataset.theme = arguments[0]', [$light]);
    }

    /**
     * The policy allows no inline script or style; what it refused, and what broke, stands in the browser's log. No page asks another host
     * for anything, nor its own for the same thing over and over.
     */
    private function assertNothingBreaksAndNobodyElseIsAsked(string $name): void
    {
        self::assertSame([], self::complaints(), $name);
        $asked = $reads = [];
        foreach (self::driver()->manage()->getLog('performance') as $line) {
            $event = json_decode((string) $line['message'], true)['message'] ?? [];
            if (($event['method'] ?? '') === 'Network.requestWillBeSent') {
                $request = $event['params']['request'];
                $asked[] = (string) $request['url'];
                $reads[] = $request['method'] === 'GET' ? (string) $request['url'] : '';
            }
        }
        self::assertNotSame([], $asked, $name);
        $often = array_filter(array_count_values(preg_grep('~/api/~', $reads) ?: []), static fn(int $times): bool => $times > self::MOST_READS);
        self::assertSame([], $often, "$name asks for it again and again");
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
    private function violations(array $rules, bool $withColours = true): array
    {
        $found = $this->violationsHere($rules, $withColours);
        if ($found === []) {
            return [];
        }
        // What stands under a bar at the foot of the page can be scrolled out from there.
        self::driver()->executeScript(
            'for (const one of [document.scrollingElement, document.querySelector("main")]) one.scrollTo(0, one.scrollHeight)',
        );
        $below = $this->violationsHere($rules, $withColours);
        self::driver()->executeScript('for (const one of [document.scrollingElement, document.querySelector("main")]) one.scrollTo(0, 0)');

        return array_values(array_intersect($found, $below));
    }

    /**
     * @param list<string>|array{type: string, values: list<string>} $rules
     *
     * @return list<string>
     */
    private function violationsHere(array $rules, bool $withColours): array
    {
        /** @var list<array{id: string, help: string, nodes: list<array{html: string, failureSummary: string}>}> $violations */
        $violations = self::driver()->executeAsyncScript(
            <<<'JS'
                const [runOnly, enabled, done] = arguments;
                const wish = { runOnly, rules: { 'color-contrast': { enabled } }, resultTypes: ['violations'], preload: false };
                axe.run(document, wish).then((result) => done(result.violations));
                JS,
            [$rules, $withColours],
        );

        return array_merge(...array_map(static fn(array $one): array => array_map(
            static fn(array $node): string => "$one[id]: $node[html] $node[failureSummary]",
            $one['nodes'],
        ), $violations));
    }

    /** @return list<string> what a finger would miss */
    private function tooSmall(): array
    {
        /** @var list<string> */
        return self::driver()->executeScript(<<<'JS'
            const [least] = arguments;
            const isSeen = (one) => one.checkVisibility({ visibilityProperty: true, opacityProperty: true });
            const isInWords = (one) => getComputedStyle(one).display === 'inline' && [...one.parentElement.childNodes].some((other) => other.nodeType === Node.TEXT_NODE && other.data.trim() !== '');
            const target = (one) => (one.matches('input[type=checkbox], input[type=radio], input[type=file]') ? (one.labels?.[0] ?? one) : one);
            return [...document.querySelectorAll('a[href], button, input, select, textarea, summary, [role=button], [role=option], [role=menuitem]')]
                .filter((one) => !one.disabled && one.tabIndex >= 0 && isSeen(one) && !isInWords(one))
                .map(target)
                .map((one) => [one, one.getBoundingClientRect()])
                .filter(([, box]) => box.width > 1 && box.height > 1 && (box.width < least - 0.5 || box.height < least - 0.5))
                .map(([one, box]) => `${one.tagName}.${one.className} “${(one.ariaLabel ?? one.textContent).trim().slice(0, 40)}” ${Math.round(box.width)} × ${Math.round(box.height)}`)
                .slice(0, 6);
            JS, [self::LEAST_TARGET_PX]);
    }
}
