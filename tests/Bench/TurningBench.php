<?php

declare(strict_types=1);

namespace Tests\Bench;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chromium;

/** How quickly a figure comes, changes and turns where no graphics card draws it. */
final class TurningBench
{
    private const ROUNDS = 7;

    /** Goes to the plan, waits until it is all there, presses Figure and waits until the first picture is drawn: ms. */
    private const FIRST = <<<'JS'
        const [done] = arguments;
        const frame = (seen) => new Promise((then) => { const look = () => (seen() ? requestAnimationFrame(then) : requestAnimationFrame(look)); look(); });
        (async () => {
            await frame(() => document.querySelector('ol[aria-label=Steps]'));
            const tab = [...document.querySelectorAll('nav[aria-label="Faces of the plan"] a')].find((one) => one.textContent.trim() === 'Figure');
            const start = performance.now();
            tab.click();
            await frame(() => Number(document.querySelector('.figure[data-shown] canvas')?.dataset.drawn ?? 0) > 0);
            done(performance.now() - start);
        })();
        JS;

    /** Takes the last edit back and makes it again, each until the figure is drawn anew in other colours: ms. */
    private const EDITED = <<<'JS'
        const [rounds, done] = arguments;
        const frame = (seen) => new Promise((then) => { const look = () => (seen() ? then() : requestAnimationFrame(look)); look(); });
        const canvas = document.querySelector('.figure canvas');
        const flat = document.createElement('canvas');
        [flat.width, flat.height] = [90, 110];
        const pen = flat.getContext('2d', { willReadFrequently: true });
        const colours = () => { pen.drawImage(canvas, 0, 0, 90, 110); return pen.getImageData(0, 0, 90, 110).data.join(); };
        (async () => {
            const times = [];
            for (let round = 0; round < rounds; round++) {
                const name = round % 2 === 0 ? 'Undo' : 'Redo';
                const button = [...document.querySelectorAll('header button')].find((one) => one.textContent.trim().startsWith(name) || one.getAttribute('aria-label')?.startsWith(name));
                const [before, drawn] = [colours(), canvas.dataset.drawn];
                const start = performance.now();
                button.click();
                await frame(() => canvas.dataset.drawn !== drawn);
                const time = performance.now() - start;
                // A picture that shows nothing new was not the one.
                times.push(colours() === before ? 1e9 : time);
                await frame(() => document.querySelector('.saved').textContent.trim() === 'all saved');
                await new Promise((then) => setTimeout(then, 400));
            }
            done(times);
        })();
        JS;

    /** Turns it by the arrow key, a picture each time, in a frame of 640 × 800: pictures a second. */
    private const TURNED = <<<'JS'
        const [done] = arguments;
        const figure = document.querySelector('.figure');
        const canvas = figure.querySelector('canvas');
        Object.assign(figure.style, { position: 'fixed', top: 0, left: 0, width: '640px', height: '800px', zIndex: 9 });
        const frame = (seen) => new Promise((then) => { const look = () => (seen() ? then() : requestAnimationFrame(look)); look(); });
        const pixel = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
        const turned = async () => {
            const drawn = canvas.dataset.drawn;
            figure.querySelector('.hand').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
            await frame(() => canvas.dataset.drawn !== drawn);
            // What is read from it has been drawn.
            pixel.drawImage(canvas, 0, 0, 1, 1);
            pixel.getImageData(0, 0, 1, 1);
        };
        (async () => {
            for (let warm = 0; warm < 3; warm++) await turned();
            const start = performance.now();
            for (let turn = 0; turn < 20; turn++) await turned();
            done([20000 / (performance.now() - start), canvas.width, canvas.height]);
        })();
        JS;

    /** @return array{first: float, edited: float, turned: float, width: int, height: int} ms, ms, pictures a second; points of the picture */
    public static function run(): array
    {
        $server = AppServer::withDemo();
        $chromium = Chromium::open($server->moment, draws: true);
        try {
            $driver = $chromium->driver;
            $driver->manage()->timeouts()->setScriptTimeout(60);
            $id = self::edited($driver, $server);
            $first = [];
            for ($round = 0; $round < 3; $round++) {
                $driver->get('about:blank');
                $driver->get($server->url("#/plans/$id"));
                $first[] = (float) $driver->executeAsyncScript(self::FIRST);
            }
            /** @var list<float> $times */
            $times = $driver->executeAsyncScript(self::EDITED, [self::ROUNDS]);
            [$turned, $width, $height] = $driver->executeAsyncScript(self::TURNED);

            return [
                'first' => Clock::percentile($first, 0.5), 'edited' => Clock::percentile(array_map(floatval(...), $times), 0.5),
                'turned' => (float) $turned, 'width' => (int) $width, 'height' => (int) $height,
            ];
        } finally {
            $chromium->close();
            $server->stop();
        }
    }

    /** The Ferry Warden with a coat more on its coat, to be taken back; the plan's id. */
    private static function edited(RemoteWebDriver $driver, AppServer $server): string
    {
        $driver->get($server->url('#/plans'));

        return (string) $driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            (async () => {
            const send = (method, path, body) => fetch(`/api${path}`, { method, headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'Idempotency-Key': crypto.randomUUID() }, body: body && JSON.stringify(body) }).then((answer) => answer.json());
            const { id } = (await send('GET', '/plans/names')).find((one) => one.name === 'Ferry Warden');
            const { version, document } = await send('GET', `/plans/${id}`);
            const [area] = document.areas;
            await send('POST', `/plans/${id}/edits`, { version, edit: { do: 'set', at: ['areas', area.id, 'steps', area.steps.at(-1).id], fields: { place: 'everywhere', coats: 3 } } });
            done(id);
            })();
            JS);
    }
}
