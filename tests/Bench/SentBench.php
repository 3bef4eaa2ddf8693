<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chromium;

/** What goes over the line until a page is there, in a browser that has nothing of it yet: bytes as they were sent, heads included. */
final class SentBench
{
    /** @return array<string, array{float, float, string}> kB and ms until it is usable by page, and how many kB are wanted */
    public static function run(AppServer $server): array
    {
        $batches = json_decode((string) file_get_contents($server->url('api/batches/names')), true);
        $batch = array_column(is_array($batches) ? $batches : [], 'id', 'name')['Night shift'];
        $sent = [];
        foreach ([
            'the bench, at first' => ['#/', 'article .next', '<= 250 kB'],
            'painting, at first' => ["#/batches/$batch/paint", '.finish .done', '<= 150 kB'],
        ] as $what => [$hash, $ready, $wanted]) {
            $chromium = Chromium::open(listens: true);
            try {
                $start = hrtime(true);
                $chromium->driver->get($server->url($hash));
                $chromium->driver->executeAsyncScript(<<<'JS'
                    const [ready, done] = arguments;
                    const look = () => (document.querySelector(ready) ? document.fonts.ready.then(done) : requestAnimationFrame(look));
                    look();
                    JS, [$ready]);
                $took = (hrtime(true) - $start) / 1e6;
                $bytes = 0.0;
                $ours = [];
                // A browser that has just been opened loads pages of its own, too.
                foreach ($chromium->driver->manage()->getLog('performance') as $entry) {
                    $event = json_decode($entry['message'], true)['message'] ?? [];
                    $id = $event['params']['requestId'] ?? '';
                    if (($event['method'] ?? '') === 'Network.responseReceived') {
                        $ours[$id] = str_starts_with((string) $event['params']['response']['url'], $server->url());
                    } elseif (($event['method'] ?? '') === 'Network.loadingFinished' && ($ours[$id] ?? false)) {
                        $bytes += (float) ($event['params']['encodedDataLength'] ?? 0.0);
                    }
                }
                $sent[$what] = [$bytes / 1000, $took, $wanted];
            } finally {
                $chromium->close();
            }
        }

        return $sent;
    }
}
