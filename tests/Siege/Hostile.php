<?php

declare(strict_types=1);

namespace Tests\Siege;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Yaml\Yaml;
use Tests\Browser\Support\AppServer;

/**
 * Requests made from the API's description with something wrong in each: another type, a number beyond all bounds, a list without end, text
 * that is no text, an id that is none. None may be answered with a 5xx, take long, or spoil what others ask for afterwards.
 */
final class Hostile
{
    private const ASKERS = 4;

    /** Longer than this nothing may take. */
    private const SECONDS = 10.0;

    private const DEEPEST = 6;

    /** What must be answered before and after. */
    private const READS = [
        'craft', 'bench', 'plans', 'batches', 'log', 'paints', 'sets', 'shelf/map', 'starters', 'settings', 'kept-mixes', 'plans/names',
        'batches/names', 'evenings', 'clocks', 'lessons', 'evenings/calendar', 'evenings/moment?minutes=25', 'shared-recipes',
        'plans/muster', 'log?undone=1', 'log/export?as=csv', 'paints/export?what=catalogue',
    ];

    /** @var array<string, mixed> */
    private readonly array $description;

    /** @var array<string, list<string>> what the first part of a path has for ids */
    private readonly array $ids;

    /** @var list<string> */
    private array $faults = [];

    /** @var array<int, int> status => how often */
    private array $statuses = [];

    private float $slowest = 0.0;

    private function __construct(
        private readonly AppServer $server,
        private readonly Randomizer $random,
    ) {
        $this->description = Yaml::parseFile(dirname(__DIR__, 2).'/docs/api/openapi.yaml');
        $read = fn(string $path): array => json_decode((string) file_get_contents($this->server->url("api/$path")), true);
        $paints = array_column($read('paints')['paints'], 'id');
        $plans = array_column($read('plans/names'), 'id');
        $this->ids = [
            'plans' => $plans,
            'batches' => array_column($read('batches/names'), 'id'),
            'paints' => $paints,
            'sets' => array_column($read('sets'), 'id'),
            'log' => array_column($read('log')['entries'], 'id'),
            'photos' => ['none'],
            'starters' => ['first-dozen', 'metal-and-machine'],
            'kept-mixes' => ['none'],
            'evenings' => ['2027-02-14', '2026-01-01', '2026-02-30'],
            'lessons' => ['pace:basecoat', 'opacity:none', 'palette', 'drying:'],
            'readings' => ['palette', 'strength', 'drying', '1', 'none'],
        ];
    }

    /** @return array{asked: int, statuses: array<int, int>, slowest: float, faults: list<string>} */
    public static function run(int $requests, int $seed = 1): array
    {
        $server = AppServer::withDemo();
        try {
            $siege = new self($server, new Randomizer(new Mt19937($seed)));
            $siege->reads('before');
            $left = $requests;
            Crowd::ask(self::ASKERS, function () use ($siege, &$left): ?Asked {
                return $left-- > 0 ? $siege->request() : null;
            }, $siege->answered(...));
            $siege->reads('after');
            ksort($siege->statuses);

            return ['asked' => $requests, 'statuses' => $siege->statuses, 'slowest' => $siege->slowest, 'faults' => $siege->faults];
        } finally {
            $server->stop();
        }
    }

    private function reads(string $when): void
    {
        foreach (self::READS as $path) {
            if (@file_get_contents($this->server->url("api/$path")) === false) {
                $this->faults[] = "$path is not answered $when";
            }
        }
    }

    private function answered(Asked $request, int $status, string $body, float $seconds): void
    {
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        $this->slowest = max($this->slowest, $seconds);
        $told = "$request->method $request->url ".substr((string) $request->body, 0, 300);
        if ($status === 0 || $status >= 500) {
            $this->faults[] = "$status: $told => ".substr($body, 0, 300);
        } elseif ($seconds > self::SECONDS) {
            $this->faults[] = sprintf('%.1f s: %s', $seconds, $told);
        } elseif ($status >= 400 && $request->method !== 'HEAD' && ! is_int(json_decode($body, true)['status'] ?? null)) {
            $this->faults[] = "$status without a problem: $told => ".substr($body, 0, 200);
        }
    }

    private function request(): Asked
    {
        $path = (string) $this->one(array_keys($this->description['paths']));
        $operations = array_intersect_key($this->description['paths'][$path], ['get' => 1, 'post' => 1, 'put' => 1, 'delete' => 1]);
        $method = (string) $this->one(array_keys($operations));
        $operation = $operations[$method];
        $url = (string) preg_replace_callback(
            '~\{(\w+)\}~',
            fn(): string => $this->odd(5) ? rawurlencode($this->text()) : (string) $this->one(
                $this->ids[explode('/', trim($path, '/'))[0]] ?? ['none'],
            ),
            $path,
        );
        $query = [];
        foreach ($operation['parameters'] ?? [] as $parameter) {
            $parameter = isset($parameter['$ref']) ? $this->description['components']['parameters'][basename($parameter['$ref'])] : $parameter;
            if ($parameter['in'] === 'query' && $this->odd(2)) {
                $value = $this->odd(2) ? $this->text() : $this->sample($parameter['schema'] ?? [], 0);
                $query[] = rawurlencode($parameter['name']).($this->odd(8) ? '[]' : '').'='.rawurlencode(
                    is_scalar($value) ? (string) $value : (string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE),
                );
            }
        }
        $headers = ['Accept: application/json'];
        $body = null;
        $content = $operation['requestBody']['content'] ?? [];
        if ($content !== []) {
            $type = (string) $this->one(array_keys($content));
            $headers[] = 'Content-Type: '.(
                $this->odd(25) ? $this->one(['text/plain', 'application/xml', 'multipart/form-data; boundary=x', '']) : $type
            );
            $body = str_contains($type, 'json')
                ? $this->json($content[$type]['schema'] ?? [])
                : $this->one([
                    $this->text(),
                    "maker,code\nx",
                    str_repeat("a,b,c\n", 500),
                    str_repeat('=', 300)."\n".str_repeat('QUJD', 90),
                    '{"format":"kalokroma-plan","version":2,"vast":1e999}',
                    '{"format":"kalokroma-plan","version":2,"x":'.str_repeat('[', 60).str_repeat(']', 60).'}',
                    '{"format":"kalokroma-plan","version":2,"x":['.implode(',', array_fill(0, 60_000, '[]')).']}',
                    "\xff\xd8\xff\xe0",
                    '',
                ]);
        }
        if ($method !== 'get' && $this->odd(4)) {
            $headers[] = 'Idempotency-Key: '.$this->one(['a', 'b', 'k-'.$this->random->getInt(1, 40), str_repeat('x', 80), 'ü']);
        }

        return new Asked(
            strtoupper($method),
            $this->server->url('api'.$url).($query === [] ? '' : '?'.implode('&', $query)),
            $headers,
            is_string($body) ? $body : null,
        );
    }

    /** @param array<string, mixed> $schema */
    private function json(array $schema): string
    {
        $sample = $this->sample($schema, 0);
        for ($i = $this->random->getInt(0, 2); $i > 0; $i--) {
            $sample = $this->spoilt($sample);
        }
        $json = (string) json_encode($sample, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);

        return match ($this->random->getInt(0, 40)) {
            0 => substr($json, 0, intdiv(strlen($json), 2)),
            1 => str_replace('1', '1e309', $json),
            2 => str_replace('"', "\"\xc3\x28", $json),
            3 => str_repeat('[', 600).str_repeat(']', 600),
            4 => str_replace(':', ':-0.0000000000000000001e-400,"x":', $json),
            default => $json,
        };
    }

    /**
     * Something the description would take, more or less.
     *
     * @param array<string, mixed> $schema
     */
    private function sample(array $schema, int $depth): mixed
    {
        if (isset($schema['$ref'])) {
            return $this->sample($this->description['components']['schemas'][basename((string) $schema['$ref'])], $depth);
        }
        foreach (['oneOf', 'anyOf', 'allOf'] as $of) {
            if (isset($schema[$of])) {
                return $this->sample($this->one($schema[$of]), $depth + 1);
            }
        }
        if (isset($schema['const'])) {
            return $schema['const'];
        }
        if (isset($schema['enum'])) {
            return $this->one($schema['enum']);
        }
        $type = is_array($schema['type'] ?? null) ? $this->one($schema['type']) : $schema['type'] ?? 'object';

        return match (true) {
            $depth > self::DEEPEST => null,
            $type === 'object' => (object) array_map(
                fn(array $property): mixed => $this->sample($property, $depth + 1),
                array_filter($schema['properties'] ?? [], fn(mixed $property): bool => is_array($property) && ! $this->odd(12)),
            ),
            $type === 'array' => array_map(fn(): mixed => $this->sample($schema['items'] ?? [], $depth + 1), range(1, $this->random->getInt(1, 3))),
            $type === 'integer' => $this->random->getInt((int) max(-5, $schema['minimum'] ?? -2), (int) min(60, $schema['maximum'] ?? 12)),
            $type === 'number' => $this->random->getInt(-20, 1000) / 10,
            $type === 'boolean' => $this->odd(2),
            $type === 'null' => null,
            default => $this->one([
                '#7a5230', 'x', $this->one($this->ids['paints']), $this->one($this->ids['plans']), '2026-11-01',
                '01ARZ3NDEKTSV4RRFFQ69G5FAV', '',
            ]),
        };
    }

    /** Somewhere in it something is wrong. */
    private function spoilt(mixed $value): mixed
    {
        $isObject = is_object($value);
        $fields = (array) $value;
        if (($isObject || is_array($value)) && $fields !== [] && ! $this->odd(4)) {
            $at = $this->one(array_keys($fields));
            if ($this->odd(8)) {
                unset($fields[$at]);
            } else {
                $fields[$at] = $this->spoilt($fields[$at]);
            }

            return $isObject ? (object) $fields : array_values($fields);
        }

        return $this->one([
            null, true, 0, -1, 1.5, PHP_INT_MAX, -1e300, '', ' ', $this->text(), [], (object) [], [[]], [null], ['a' => ['b' => ['c' => 1]]],
            array_fill(0, 2000, 1), array_fill(0, 400, ['paint' => 'x', 'parts' => 1]), str_repeat('é', 5000), 'NaN', '1e309',
            "\u{202e}\u{0}\u{7}", '../../etc', '=1+1',
        ]);
    }

    private function text(): string
    {
        return (string) $this->one([
            '', ' ', "\0", "a\r\nX-Evil: 1", '%00', '%ff', "\xc3\x28", '🥶', str_repeat('z', 9000), "'; drop table plans; --", '<script>',
            '../../../etc/passwd', '-1', '1e309', 'null', '[]', '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'Asia/Calcutta', 'US/Nowhere',
            str_repeat('=', 200), str_repeat('_ ', 120),
        ]);
    }

    private function odd(int $oneIn): bool
    {
        return $this->random->getInt(1, $oneIn) === 1;
    }

    /**
     * @template T
     *
     * @param array<array-key, T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of === [] ? '' : array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
