<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The application with a database of its own, served as bin/start serves it. It can be killed and started again. */
final class AppServer
{
    private const WAIT_SECONDS = 20;

    private const CLOCK = '-dauto_prepend_file='.__DIR__.'/shifted-clock.php';

    /** @var list<self> whose desks are done with: they go on for those that come, since what was compiled is still there */
    private static array $idle = [];

    /** @var array<string, string> databases that were filled once, by what is in them and at what time; each desk begins as a copy */
    private static array $filled = [];

    private function __construct(
        public readonly string $database,
        private readonly int $port,
        public readonly Moment $moment,
        private ?Process $process = null,
    ) {}

    public static function withDemo(?Moment $moment = null): self
    {
        return self::with('kalokroma:demo', $moment);
    }

    /** As it is on the first day, with nothing in it. */
    public static function withNothing(?Moment $moment = null): self
    {
        return self::with(null, $moment);
    }

    private static function with(?string $seed, ?Moment $moment): self
    {
        $moment ??= Moment::usual();
        $key = sprintf('%s %s %s', $seed, $moment->zone, gmdate('Y-m-d H:i', time() + $moment->shiftSeconds));
        if (! isset(self::$filled[$key])) {
            self::$filled[$key] = self::fresh($seed, $moment)->database;
            register_shutdown_function(unlink(...), self::$filled[$key]);
        }
        $database = tempnam(sys_get_temp_dir(), 'kalokroma').'.sqlite';
        copy(self::$filled[$key], $database);
        $idle = array_pop(self::$idle);
        $server = new self($database, $idle->port ?? FreePort::find(), $moment, $idle?->process);
        $server->start();

        return $server;
    }

    /** Filled, and not served yet. */
    private static function fresh(?string $seed, Moment $moment, ?int $port = null): self
    {
        $database = tempnam(sys_get_temp_dir(), 'kalokroma').'.sqlite';
        touch($database);
        $server = new self($database, $port ?? FreePort::find(), $moment);
        $server->artisan('migrate', '--force', '--quiet');
        if ($seed !== null) {
            $server->artisan($seed);
        }

        return $server;
    }

    /** Another desk at the same address, as when somebody starts there with another database. The one that was must have been killed. */
    public function another(): self
    {
        $other = self::fresh('kalokroma:demo', $this->moment, $this->port);
        $other->start();

        return $other;
    }

    public function url(string $path = ''): string
    {
        return "http://127.0.0.1:$this->port/$path";
    }

    public function start(): void
    {
        // Read with each request: what runs already turns to this desk.
        file_put_contents($this->deskFile(), json_encode($this->environment(), JSON_THROW_ON_ERROR));
        $root = dirname(__DIR__, 3);
        $settings = array_map(static fn(string $setting): string => "-d$setting", file("$root/bin/serve-settings", FILE_IGNORE_NEW_LINES) ?: []);
        $command = [PHP_BINARY, ...$settings, '-S', "127.0.0.1:$this->port", '-t', 'public', 'tests/Browser/Support/serve.php'];
        $begin = function () use ($command, $root): void {
            $this->process = new Process($command, $root, [
                'PHP_CLI_SERVER_WORKERS' => '3', 'APP_ENV' => 'production', 'KALOKROMA_TEST_DESK' => $this->deskFile(),
            ]);
            $this->process->setTimeout(null)->disableOutput()->start();
        };
        Patience::until(function () use ($begin): bool {
            // Whoever was killed a moment ago may hold the port still.
            if ($this->process?->isRunning() !== true) {
                $begin();
            }

            return @file_get_contents($this->url('api/craft')) !== false;
        }, 'the server to answer', self::WAIT_SECONDS);
    }

    /** Starts it unless it runs. */
    public function ensure(): void
    {
        if (@file_get_contents($this->url('api/craft')) === false) {
            $this->start();
        }
    }

    /** Without a word of warning, as a power cut would; its workers are found by the port they listen on. */
    public function kill(): void
    {
        $this->process?->stop(0, SIGKILL);
        exec("pkill -9 -f '127.0.0.1:$this->port' 2>/dev/null");
        @unlink($this->deskFile());
    }

    public function stop(): void
    {
        if ($this->process?->isRunning() === true) {
            self::$idle === [] && register_shutdown_function(static fn() => array_map(static fn(self $one) => $one->kill(), self::$idle));
            self::$idle[] = clone $this;
            $this->process = null;
        }
        foreach (['', '-wal', '-shm', '.lock', '.beside', '.beside-wal', '.beside-shm', '.beside-is-open'] as $suffix) {
            @unlink($this->database.$suffix);
            array_map(unlink(...), glob(sprintf('%s/kalokroma-%s-*.lock', sys_get_temp_dir(), hash('xxh64', $this->database.$suffix))) ?: []);
        }
    }

    private function deskFile(): string
    {
        return sys_get_temp_dir()."/kalokroma-desk-$this->port.json";
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['DB_DATABASE' => $this->database, 'KALOKROMA_TEST_SHIFT_SECONDS' => (string) $this->moment->shiftSeconds];
    }

    private function artisan(string ...$arguments): void
    {
        $run = new Process([PHP_BINARY, self::CLOCK, 'artisan', ...$arguments], dirname(__DIR__, 3), $this->environment());
        if ($run->run() !== 0) {
            throw new RuntimeException('artisan '.implode(' ', $arguments).' failed: '.$run->getOutput().$run->getErrorOutput());
        }
    }
}
