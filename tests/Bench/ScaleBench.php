<?php

declare(strict_types=1);

namespace Tests\Bench;

use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;
use Tests\Browser\Support\AppServer;

/** How long a house with very many paints, plans and log entries takes to answer. */
final class ScaleBench
{
    private const BATCHES = 60;

    private const WARM = 6;

    private const ASKED = 5;

    private const ADDED_AT_ONCE = 2_000;

    private function __construct(private readonly AppServer $server) {}

    /**
     * @param int $paints in the catalogue
     * @param int $owned of them
     *
     * @return array<string, array{float, string}> what was asked => ms of the slowest after warming up, what is wanted
     */
    public static function run(int $paints, int $owned, int $plans, int $entries): array
    {
        $server = AppServer::withDemo();
        try {
            $bench = new self($server);

            return [...$bench->fill($paints, $owned, $plans, $entries), ...$bench->times()];
        } finally {
            $server->stop();
        }
    }

    /** @return array<string, array{float, string}> */
    private function fill(int $paints, int $owned, int $plans, int $entries): array
    {
        $random = new Randomizer(new Mt19937(5));
        $kinds = ['opaque', 'opaque', 'opaque', 'semi-opaque', 'one-coat', 'wash', 'ink', 'metallic'];
        $head = "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\n";
        $took = 0.0;
        for ($from = 0; $from < $paints; $from += self::ADDED_AT_ONCE) {
            $catalogue = $head;
            for ($i = $from; $i < min($paints, $from + self::ADDED_AT_ONCE); $i++) {
                $catalogue .= sprintf(
                    "Maker %d,,B%d,Paint %d,%s,#%02x%02x%02x,,matt,17,300,\n",
                    $i % 12,
                    $i,
                    $i,
                    $kinds[$i % 8],
                    $random->getInt(10, 240),
                    $random->getInt(10, 240),
                    $random->getInt(10, 240),
                );
            }
            $took += Clock::milliseconds(fn(): string => $this->send('POST', 'paints/import?what=catalogue', $catalogue, 'text/csv'));
        }
        $shelf = "maker,code,pots,remaining_ml,note\n";
        for ($i = 0; $i < $owned; $i++) {
            $shelf .= sprintf("Maker %d,B%d,1,12,\n", $i % 12, $i);
        }
        $this->send('POST', 'paints/import?what=shelf', $shelf, 'text/csv');
        $this->database($plans, $entries);

        return ['catalogue imported' => [$took, '']];
    }

    /** Copies of the demo's plans and log entries, straight into the database: asking the API so often would take an hour. */
    private function database(int $plans, int $entries): void
    {
        $pdo = new PDO('sqlite:'.$this->server->database);
        $pdo->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
        $pdo->exec('PRAGMA busy_timeout = 20000');
        $pdo->beginTransaction();
        $copies = 0;
        self::copies($pdo, 'plans', $plans, static function (array $row, int $i) use (&$copies): array {
            return [...$row, 'id' => self::ulid($copies++), 'name' => "$row[name] $i"];
        });
        // Batches begun one after the other over the months, each with what was done of the one it copies.
        $of = [];
        self::copies($pdo, 'batches', self::BATCHES, static function (array $row, int $i) use (&$copies, &$of): array {
            $of[$row['id']][] = $id = self::ulid($copies++);

            return [...$row, 'id' => $id, 'name' => "$row[name] $i", 'starts_on' => date('Y-m-d', (int) strtotime("2026-11-20 -$i days"))];
        });
        self::copies($pdo, 'log_entries', $entries, static function (array $row, int $i) use (&$copies, $of): array {
            $batches = $of[$row['batch_id']] ?? [$row['batch_id']];

            return [...$row, 'id' => self::ulid($copies++), 'batch_id' => $batches[$i % count($batches)]];
        });
        $pdo->commit();
    }

    /** @param callable(array<string, mixed>, int): array<string, mixed> $other what a copy has otherwise */
    private static function copies(PDO $pdo, string $table, int $wanted, callable $other): void
    {
        $rows = $pdo->query("select * from $table where deleted_at is null order by id")->fetchAll(PDO::FETCH_ASSOC);
        $insert = null;
        for ($i = count($rows); $i < $wanted; $i++) {
            $row = $other($rows[$i % count($rows)], $i);
            $insert ??= $pdo->prepare(sprintf(
                'insert into %s (%s) values (%s)',
                $table,
                implode(', ', array_map(static fn(string $one): string => "\"$one\"", array_keys($row))),
                implode(', ', array_fill(0, count($row), '?')),
            ));
            $insert->execute(array_values($row));
        }
    }

    /** @return array<string, array{float, string}> */
    private function times(): array
    {
        /** @var list<array{id: string, name: string}> $plans */
        $plans = json_decode($this->get('plans'), true)['plans'];
        $id = $plans[0]['id'];
        /** @var array{version: int, document: array<string, mixed>} $plan */
        $plan = json_decode($this->get("plans/$id"), true);
        /** @var list<array{id: string}> $batches */
        $batches = json_decode($this->get('batches'), true)['batches'];
        /** @var array{paints: list<array{id: string, version: int, pot: array{version: int}|null}>} $shelf */
        $shelf = json_decode($this->get('paints?owned=owned'), true);
        $paint = $shelf['paints'][0];
        $lines = implode("\n", array_map(static fn(int $i): string => 'Paint '.(7 * $i + 1003), range(1, 24)));
        $name = 0;
        $times = [];
        foreach ([
            ['plans, a page', 150, fn(): string => $this->get('plans')],
            ['plans by name', 150, fn(): string => $this->get('plans/names')],
            ['one plan', 150, fn(): string => $this->get("plans/$id")],
            ['bench', 60, fn(): string => $this->get('bench')],
            ['evenings', 60, fn(): string => $this->get('evenings')],
            ['clocks', 150, fn(): string => $this->get('clocks')],
            ['lessons', 150, fn(): string => $this->get('lessons')],
            ['muster', 150, fn(): string => $this->get('plans/muster')],
            ['log, taken out', 1000, fn(): string => $this->get('log/export?as=json')],
            ['batches, a page', 150, fn(): string => $this->get('batches')],
            ['one batch', 150, fn(): string => $this->get("batches/{$batches[0]['id']}")],
            ['log, first page', 150, fn(): string => $this->get('log')],
            ['log, searched', 1000, fn(): string => $this->get('log?find=wash')],
            ['paints, first page', 150, fn(): string => $this->get('paints')],
            ['paints, searched', 150, fn(): string => $this->get('paints?search=green&sort=hue')],
            ['one paint', 150, fn(): string => $this->get("paints/{$paint['id']}")],
            ['sets', 150, fn(): string => $this->get('sets')],
            ['shelf map', 150, fn(): string => $this->get('shelf/map')],
            ['catalogue written out', 1000, fn(): string => $this->get('paints/export?what=catalogue')],
            ['mixes of one colour', 1000, fn(): string => $this->send('POST', 'mixes', ['target' => ['colour' => '#a0522d']])],
            ['a list of 24 lines', 2000, fn(): string => $this->send('POST', 'lists', ['text' => $lines])],
            ['all a plan needs', 2000, fn(): string => $this->get("plans/$id/needs")],
            ['what to buy for a list', 2000, fn(): string => $this->send('POST', 'purchases/advice', ['text' => $lines])],
            ['what to buy for a plan', 1000, fn(): string => $this->send('POST', 'purchases/advice', ['plan' => $id])],
            ['a plan, redrawn by a change', 300, fn(): string => $this->send('POST', "plans/$id/preview", ['document' => $plan['document']])],
            ['a plan, changed', 1000, function () use ($id, &$plan, &$name): string {
                $plan['document']['name'] = 'Changed '.++$name;
                $answer = $this->send(
                    'POST',
                    "plans/$id/edits",
                    ['version' => $plan['version'], 'edit' => ['do' => 'set', 'at' => [], 'fields' => $plan['document']]],
                );
                $plan['version'] = json_decode($answer, true)['version'];

                return $answer;
            }],
            ['plans, after a change', 300, fn(): string => $this->get('plans')],
            ['a pot, changed', 1000, function () use (&$paint): string {
                $answer = $this->send(
                    'PUT',
                    "paints/{$paint['id']}/pot",
                    ['pots' => 1, 'remainingMl' => 5.0, 'note' => '', 'wished' => false, 'version' => $paint['pot']['version'] ?? 0],
                );
                $paint = json_decode($answer, true);

                return $answer;
            }],
        ] as [$what, $wanted, $ask]) {
            for ($i = 0; $i < self::WARM; $i++) {
                $ask();
            }
            $times[$what] = [
                max(array_map(static fn(): float => Clock::milliseconds($ask), range(1, self::ASKED))),
                '<= '.number_format($wanted).' ms',
            ];
        }

        return $times;
    }

    private function get(string $path): string
    {
        return $this->send('GET', $path, null);
    }

    /** @param array<string, mixed>|string|null $body */
    private function send(string $method, string $path, array|string|null $body, string $type = 'application/json'): string
    {
        $answer = file_get_contents($this->server->url("api/$path"), false, stream_context_create(['http' => [
            'method' => $method,
            'header' => "Content-Type: $type\r\nAccept: application/json",
            'content' => is_array($body) ? json_encode($body, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION) : (string) $body,
            'ignore_errors' => true,
            'timeout' => 300,
        ]]));
        $status = (int) (explode(' ', $http_response_header[0] ?? '')[1] ?? 0);

        return $answer !== false && $status < 300
            ? $answer
            : throw new RuntimeException("$method $path: $status ".substr((string) $answer, 0, 300));
    }

    private static function ulid(int $number): string
    {
        return '01BENCH'.str_pad(strtoupper(base_convert((string) $number, 10, 32)), 19, '0', STR_PAD_LEFT);
    }
}
