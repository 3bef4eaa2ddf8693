<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chromium;

/** What goes over the line until a page is there, in a browser that has nothing of it yet: bytes as they were sent, heads included. */
final class SentBench
{
    private const ROUNDS = 3;

    /**
     * @return array<string, array{float, float, string}> kB and ms until it is usable, the median of three browsers, by page, and how many
     *     kB are wanted
     */
    public static function run(AppServer $server): array
    {
        $batches = json_decode((string) file_get_contents($server->url('api/batches/names')), true);
        $batch = array_column(is_array($batches) ? $batches : [], 'id', 'name')['Night shift'];
        $sent = [];
        foreach ([
            'the bench, at first' => ['#/', 'article .next', '<= 250 kB'],
            'painting, at first' => ["#/batches/$batch/paint", '.finish .done', '<= 150 kB'],
        ] as $what => [$hash, $ready, $wanted]) {
            $took = [];
            for ($round = 0; $round < self::ROUNDS; $round++) {
                [$bytes, $took[]] = self::once($server, $hash, $ready);
            }
            $sent[$what] = [$bytes / 1000, Clock::percentile($took, 0.5), $wanted];
        }

        return $sent;
    }

    /** @return array{float, float} bytes, and ms until it is usable */
    private static function once(AppServer $server, string $hash, string $ready): array
    {
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

            return [$bytes, $took];
        } finally {
            $chromium->close();
        }
    }
}
