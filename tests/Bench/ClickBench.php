<?php

declare(strict_types=1);

namespace Tests\Bench;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chromium;

/** How long a press takes until what it asked for is seen, in a real browser on demo data. */
final class ClickBench
{
    private const ROUNDS = 9;

    /** Presses what the first script finds and waits, frame by frame, until the second says that it is seen: milliseconds to the picture. */
    private const PRESS = <<<'JS'
        const [find, seen, done] = arguments;
        const what = new Function(`return ${find}`)();
        // Everything is wet: nothing is left to press.
        if (what === null) return done(-1);
        const before = new Function('before', `return ${seen}`);
        const state = new Function('return [...document.querySelectorAll("main [style], main h2, main td, main .steps li")].map((one) => one.getAttribute("style") + one.textContent).join()')();
        const start = performance.now();
        what.click();
        const look = () => (before(state) ? requestAnimationFrame(() => done(performance.now() - start)) : performance.now() - start > 8000 ? done(null) : requestAnimationFrame(look));
        look();
        JS;

    /** Records a pass that is open, asks for the evenings, and so on. */
    private const RECORDS = <<<'JS'
        const [id, rounds, done] = arguments;
        (async () => {
        const ulid = () => Array.from({ length: 26 }, (_, at) => (at === 0 ? '7' : '0123456789ABCDEFGHJKMNPQRSTVWXYZ'[Math.floor(32 * Math.random())])).join('');
        const ask = (path, body) => fetch(`/api${path}`, { method: body ? 'POST' : 'GET', headers: { Accept: 'application/json', 'Content-Type': 'application/json' }, body: body && JSON.stringify(body) }).then((answer) => answer.json());
        const times = [];
        await ask('/evenings');
        const open = (await ask(`/batches/${id}`)).steps.filter((one) => one.left > 0);
        for (const step of open.slice(0, rounds)) {
            await ask(`/batches/${id}/log`, { id: ulid(), stepId: step.step.id, models: step.left });
            const start = performance.now();
            await ask('/evenings');
            times.push(performance.now() - start);
        }
        done(times);
        })();
        JS;

    private const NAMED = '[...document.querySelectorAll("main button, main a")].find((one) => one.textContent.trim() === %s)';

    /** @return array<string, float> ms to the picture, the median, by what was pressed */
    public static function run(AppServer $server): array
    {
        $chromium = Chromium::open($server->moment);
        try {
            $driver = $chromium->driver;
            $driver->manage()->timeouts()->setScriptTimeout(30);

            $quilt = self::withAnUnpaintedArea($driver, $server);

            $patch = ["#/plans/$quilt?face=quilt&area=scarf", 'section[aria-label^=Patch] input[type=color]'];

            return [
                'another colour in the quilt' => self::median($driver, $server, $patch, static fn(int $round): array => [
                    sprintf(
                        '(() => { const field = document.querySelector("section[aria-label^=Patch] input[type=color]"); return { click: () => { field.value = "#%1$06x"; field.dispatchEvent(new Event("change", { bubbles: true })); } }; })()',
                        0x203040 + 0x111111 * $round,
                    ),
                    sprintf('document.querySelector(".quilt svg").innerHTML.includes("#%06x")', 0x203040 + 0x111111 * $round),
                ]),
                'another area of a plan' => self::median(
                    $driver,
                    $server,
                    self::plan(),
                    static fn(int $round): array => [
                        sprintf('document.querySelectorAll("nav[aria-label=Areas] li > button")[%d]', 1 + $round % 6),
                        sprintf(
                            'document.querySelector("section[aria-label^=Strip] h2").textContent === document.querySelectorAll("nav[aria-label=Areas] li bdi")[%d].textContent',
                            1 + $round % 6,
                        ),
                    ],
                ),
                'one coat more' => self::median(
                    $driver,
                    $server,
                    self::plan(),
                    static fn(int $round): array => [
                        '[...document.querySelectorAll(".coats button")].find((one) => one.textContent.includes("one more") && !one.disabled) ?? document.querySelector(".coats button")',
                        'document.querySelector(".saved").textContent.trim() === "all saved" && [...document.querySelectorAll("main [style], main h2, main td, main .steps li")].map((one) => one.getAttribute("style") + one.textContent).join() !== before',
                    ],
                ),
                'a step added' => self::median(
                    $driver,
                    $server,
                    self::plan(),
                    static fn(int $round): array => [
                        sprintf(self::NAMED, '"Add a step"'),
                        sprintf('document.querySelectorAll("ol[aria-label=Steps] > li").length === %d', 7 + $round),
                    ],
                ),
                'the score' => self::median(
                    $driver,
                    $server,
                    self::plan(),
                    static fn(int $round): array => [
                        sprintf(
                            '[...document.querySelectorAll("main a")].find((one) => one.textContent.trim().startsWith(%s))',
                            $round % 2 === 0 ? '"Running order"' : '"Areas"',
                        ),
                        $round % 2 === 0
                            ? 'document.querySelectorAll("button[data-step].note").length > 30'
                            : 'document.querySelectorAll("ol[aria-label=Steps] > li").length > 3',
                    ],
                ),
                'another mix looked at' => self::median(
                    $driver,
                    $server,
                    ['#/mixing?colour=%23a0522d', 'section[aria-label="Two"] li:nth-child(2)'],
                    static fn(int $round): array => [
                        sprintf('document.querySelectorAll("section[aria-label=\'One paint\'] li button")[%d]', $round % 3),
                        sprintf(
                            'document.querySelectorAll("section[aria-label=\'One paint\'] li button")[%d].getAttribute("aria-pressed") === "true"',
                            $round % 3,
                        ),
                    ],
                ),
                'a paint of the list' => self::median(
                    $driver,
                    $server,
                    ['#/shelf/list', 'tbody tr:nth-child(12)'],
                    static fn(int $round): array => [
                        sprintf('document.querySelectorAll("tbody tr button")[%d]', 1 + $round),
                        sprintf(
                            'document.querySelector("aside section h2 bdi").textContent === document.querySelectorAll("tbody tr bdi")[%d].textContent',
                            2 * (1 + $round),
                        ),
                    ],
                ),
                'a pass done, twelve batches on the desk' => self::median(
                    $driver,
                    $server,
                    ['#/batches/'.self::twelve($driver, $server).'/paint', 'button.done'],
                    static fn(): array => [
                        'window.before = document.querySelector("section[aria-label=\'Open step\']")?.textContent.replace(/\d+:\d+/, ""), document.querySelector("button.done")',
                        'document.querySelector("section[aria-label=\'Open step\']")?.textContent.replace(/\d+:\d+/, "") !== window.before',
                    ],
                ),
            ];
        } finally {
            $chromium->close();
        }
    }

    /** The Ferry Warden with an area more; the plan's id. */
    private static function withAnUnpaintedArea(RemoteWebDriver $driver, AppServer $server): string
    {
        $driver->get($server->url('#/plans'));

        return (string) $driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            (async () => {
            const send = (method, path, body) => fetch(`/api${path}`, { method, headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'Idempotency-Key': crypto.randomUUID() }, body: body && JSON.stringify(body) }).then((answer) => answer.json());
            const { id } = (await send('GET', '/plans/names')).find((one) => one.name === 'Ferry Warden');
            const { version } = await send('GET', `/plans/${id}`);
            await send('POST', `/plans/${id}/edits`, { version, edit: { do: 'add-area', id: 'scarf', name: 'Scarf' } });
            done(id);
            })();
            JS);
    }

    /** @return float ms that the evenings take after a coat was recorded, twelve batches on the desk: the median */
    public static function evenings(): float
    {
        $server = AppServer::withDemo();
        $chromium = Chromium::open($server->moment);
        try {
            $batch = self::twelve($chromium->driver, $server);
            $times = $chromium->driver->executeAsyncScript(self::RECORDS, [$batch, self::ROUNDS]);
        } finally {
            $chromium->close();
            $server->stop();
        }
        assert(is_array($times));

        return Clock::percentile(array_map(floatval(...), $times), 0.5);
    }

    /** As many batches as share a desk; the id of one that was primed days ago. */
    private static function twelve(RemoteWebDriver $driver, AppServer $server): string
    {
        $driver->get($server->url('#/plans'));

        return (string) $driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            (async () => {
            const ulid = () => Array.from({ length: 26 }, (_, at) => (at === 0 ? '7' : '0123456789ABCDEFGHJKMNPQRSTVWXYZ'[Math.floor(32 * Math.random())])).join('');
            const send = (method, path, body) => fetch(`/api${path}`, { method, headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'Idempotency-Key': crypto.randomUUID() }, body: body && JSON.stringify(body) }).then((answer) => answer.json());
            const { id } = (await send('GET', '/plans/names')).find((one) => one.name === 'Ferry Warden');
            let last;
            for (let one = (await send('GET', '/batches')).batches.length; one < 12; one++) {
                last = await send('POST', '/batches', { planId: id, name: `Batch ${one}`, models: 8, startsOn: '2031-10-04' });
            }
            const now = new Date((await send('GET', '/evenings')).now).getTime();
            for (const step of last.steps.filter((one) => one.step.id.startsWith('undercoat'))) {
                await send('POST', `/batches/${last.id}/log`, { id: ulid(), stepId: step.step.id, models: 8, at: new Date(now - 20 * 3600000).toISOString() });
            }
            done(last.id);
            })();
            JS);
    }

    /** @return array{string, string} */
    private static function plan(): array
    {
        return ['#/plans', 'h2 a'];
    }

    /**
     * @param array{string, string} $start an address, and what must be there
     * @param callable(int): array{string, string} $press what to press in a round, and when it is seen
     */
    private static function median(RemoteWebDriver $driver, AppServer $server, array $start, callable $press): float
    {
        $driver->get('about:blank');
        $driver->get($server->url($start[0]));
        $driver->executeAsyncScript(
            'const [what, done] = arguments; const look = () => (document.querySelector(what) ? done() : requestAnimationFrame(look)); look()',
            [$start[1]],
        );
        if ($start[1] === 'h2 a') {
            $driver->executeAsyncScript(
                'const done = arguments[0]; [...document.querySelectorAll("h2 a")].find((one) => one.textContent.includes("Ferry Warden")).click(); const look = () => (document.querySelector("ol[aria-label=Steps]") ? done() : requestAnimationFrame(look)); look()',
            );
        }
        $times = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $time = $driver->executeAsyncScript(self::PRESS, $press($round));
            if ($time !== -1) {
                $times[] = $time === null ? INF : (float) $time;
            }
        }

        return Clock::percentile($times, 0.5);
    }
}
