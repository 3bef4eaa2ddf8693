<?php

declare(strict_types=1);

namespace Tests\Siege;

use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\Support\AppServer;

/**
 * Eight write at once while the server is killed again and again. Whatever was answered must be there, once; whatever got no answer is sent
 * again with its key until it has one.
 */
final class Kills
{
    private const WRITERS = 8;

    /** Milliseconds of writing before the next kill. */
    private const LEAST_WAIT = 800;

    private const MOST_WAIT = 2_500;

    /** @var array<string, Asked> sent and not answered yet, by key */
    private array $open = [];

    /** @var array<string, string> key => log, plan or paint; answered that it was done */
    private array $done = [];

    /** @var list<string> */
    private array $faults = [];

    private int $refused = 0;

    private int $made = 0;

    private readonly Randomizer $random;

    /**
     * @param list<string> $batches ids
     * @param list<string> $steps ids, of each batch
     */
    private function __construct(
        private readonly AppServer $server,
        private readonly array $batches,
        private readonly array $steps,
        private readonly string $document,
    ) {
        $this->random = new Randomizer(new Mt19937(11));
    }

    /** @return array{done: int, refused: int, faults: list<string>} writes that were answered, those refused with reason, and what went wrong */
    public static function run(int $rounds): array
    {
        $server = AppServer::withDemo();
        try {
            $plan = json_decode((string) file_get_contents($server->url('api/plans/names')), true)[0]['id'];
            $document = json_decode((string) file_get_contents($server->url("api/plans/$plan")), true)['document'];
            $batches = $steps = [];
            for ($i = 0; $i < 16; $i++) {
                $batch = json_decode(
                    (string) file_get_contents(
                        $server->url('api/batches'),
                        false,
                        stream_context_create([
                            'http' => [
                                'method' => 'POST',
                                'header' => 'Content-Type: application/json',
                                'content' => json_encode(['planId' => $plan, 'name' => "Siege $i", 'models' => 60, 'startsOn' => '2026-11-01']),
                            ],
                        ]),
                    ),
                    true,
                );
                $batches[] = $batch['id'];
                $steps[] = $batch['steps'][0]['step']['id'];
            }
            $siege = new self($server, $batches, $steps, json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
            for ($round = 0; $round < $rounds; $round++) {
                $siege->round();
            }
            $siege->finish();
            $siege->look();

            return ['done' => count($siege->done), 'refused' => $siege->refused, 'faults' => $siege->faults];
        } finally {
            $server->stop();
        }
    }

    private function round(): void
    {
        $until = hrtime(true) + 1_000_000 * $this->random->getInt(self::LEAST_WAIT, self::MOST_WAIT);
        $isKilled = false;
        $again = array_keys($this->open);
        Crowd::ask(
            self::WRITERS,
            function () use (&$again): Asked {
                $key = array_shift($again);

                return $key === null ? $this->write() : $this->open[$key];
            },
            $this->answered(...),
            function () use ($until, &$isKilled): bool {
                if (! $isKilled && hrtime(true) > $until) {
                    $this->server->kill();
                    $isKilled = true;
                }

                return $isKilled;
            },
        );
        $this->server->start();
    }

    /** What got no answer is sent until it has one. */
    private function finish(): void
    {
        for ($try = 0; $try < 20 && $this->open !== []; $try++) {
            $again = array_values($this->open);
            Crowd::ask(self::WRITERS, static function () use (&$again): ?Asked {
                return array_shift($again);
            }, $this->answered(...));
        }
        foreach ($this->open as $request) {
            $this->faults[] = "$request->method $request->url got no answer";
        }
    }

    private function write(): Asked
    {
        $number = $this->made++;
        $key = sprintf('siege-%d', $number);
        $at = $number % count($this->batches);
        [$path, $body] = match ($number % 3) {
            0 => [
                "batches/{$this->batches[$at]}/log",
                json_encode(['id' => (string) Str::ulid(), 'stepId' => $this->steps[$at], 'models' => 1, 'note' => $key]),
            ],
            1 => ['plans', json_encode(['document' => ['name' => $key] + (array) json_decode($this->document, true)])],
            default => [
                'paints',
                json_encode(
                    [
                        'maker' => 'Siege', 'range' => '', 'code' => $key, 'name' => $key, 'kind' => 'opaque', 'swatch' => '#7a5230',
                        'opacity' => null, 'finish' => 'matt', 'volumeMl' => 17.5, 'price' => 300, 'barcode' => '',
                    ],
                    JSON_PRESERVE_ZERO_FRACTION,
                ),
            ],
        };

        return $this->open[$key] = new Asked(
            'POST',
            $this->server->url("api/$path"),
            ['Content-Type: application/json', 'Accept: application/json', "Idempotency-Key: $key"],
            (string) $body,
        );
    }

    private function answered(Asked $request, int $status, string $body, float $seconds): void
    {
        $key = substr($request->headers[2], strlen('Idempotency-Key: '));
        if ($status === 0) {
            return;
        }
        unset($this->open[$key]);
        if ($status >= 500) {
            $this->faults[] = "$key: $status ".substr($body, 0, 200);
        } elseif ($status >= 400) {
            $this->refused++;
        } else {
            $this->done[$key] = basename((string) parse_url($request->url, PHP_URL_PATH));
        }
    }

    /** Each that was answered is there, and none twice. */
    private function look(): void
    {
        $pdo = new \PDO('sqlite:'.$this->server->database);
        foreach (['log' => ['log_entries', 'note'], 'plans' => ['plans', 'name'], 'paints' => ['products', 'code']] as $what => [$table, $column]) {
            $there = array_count_values($pdo->query("select $column from $table where $column like 'siege-%'")->fetchAll(\PDO::FETCH_COLUMN));
            foreach (array_keys($this->done, $what, true) as $key) {
                if (($there[$key] ?? 0) !== 1) {
                    $this->faults[] = sprintf('%s %s is there %d times', $what, $key, $there[$key] ?? 0);
                }
            }
            foreach ($there as $key => $times) {
                if ($times > 1) {
                    $this->faults[] = "$what $key is there $times times";
                }
            }
        }
        if ($pdo->query('pragma integrity_check')->fetchColumn() !== 'ok') {
            $this->faults[] = 'the database is damaged';
        }
    }
}
