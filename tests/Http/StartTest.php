<?php

declare(strict_types=1);

namespace Tests\Http;

use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\FreePort;
use Tests\Browser\Support\Patience;

/** Starting, and being cut off while starting. */
final class StartTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private string $database = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->database = tempnam(sys_get_temp_dir(), 'kalokroma').'.sqlite';
        touch($this->database);
    }

    protected function tearDown(): void
    {
        foreach (['', '-wal', '-shm', '-journal', '.lock'] as $suffix) {
            @unlink($this->database.$suffix);
        }
        parent::tearDown();
    }

    /** @return iterable<string, array{string, string}> */
    public static function ports(): iterable
    {
        yield 'beyond all ports' => ['99999', 'A port lies between 1 and 65535'];
        yield 'far beyond' => ['99999999999999999999', 'A port lies between 1 and 65535'];
        yield 'none' => ['0', 'A port lies between 1 and 65535'];
        yield 'no number' => ['http', '--port takes a number'];
    }

    #[DataProvider('ports')]
    public function testAPortThatIsNoneIsNamedBeforeAnAddressIs(string $port, string $words): void
    {
        $start = $this->start($port);
        $start->run();

        self::assertNotSame(0, $start->getExitCode());
        self::assertStringContainsString($words, $start->getErrorOutput());
        self::assertStringNotContainsString('http://', $start->getOutput());
    }

    public function testAPortInUseIsNamedBeforeAnAddressIs(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($taken);
        $port = (string) parse_url('tcp://'.stream_socket_get_name($taken, false), PHP_URL_PORT);
        $start = $this->start($port);
        $start->run();

        self::assertSame(1, $start->getExitCode());
        self::assertStringContainsString("Port $port is in use", $start->getErrorOutput());
        self::assertStringNotContainsString('http://', $start->getOutput());
    }

    public function testEndingItEndsItsWorkers(): void
    {
        $port = (string) FreePort::find();
        $start = $this->start($port);
        $start->setTimeout(120)->start();
        Patience::until(
            static fn(): bool => str_contains($start->getOutput(), "http://127.0.0.1:$port"),
            'the address to be told: '.$start->getErrorOutput(),
            60,
        );
        Patience::until(static fn(): bool => @file_get_contents("http://127.0.0.1:$port/api/craft") !== false, 'an answer', 20);
        self::assertSame('0600', substr(sprintf('%o', fileperms($this->database)), -4));

        // What the build made keeps its name for ever; the rest may change with the next version.
        $asset = (string) basename((string) (glob(self::ROOT.'/public/build/assets/*.js') ?: [''])[0]);
        self::assertStringContainsString('immutable', self::header($port, "build/assets/$asset", 'Cache-Control'));
        self::assertSame('no-cache', self::header($port, 'theme.js', 'Cache-Control'));

        // Lengths that no server can make room for bring workers down, the parent too; all stand again.
        foreach (range(1, 6) as $bad) {
            $line = @stream_socket_client("tcp://127.0.0.1:$port", timeout: 3.0);
            if ($line !== false) {
                fwrite($line, "POST /api/mixes HTTP/1.1\r\nHost: 127.0.0.1:$port\r\nContent-Length: 100000000000000000000\r\n\r\n{}");
                stream_set_timeout($line, 2);
                fread($line, 100);
                fclose($line);
            }
        }
        $serving = static fn(): int => (int) exec("pgrep -c -f '[-]S 127.0.0.1:$port'");
        Patience::until(
            static fn(): bool => $serving() === 13 && @file_get_contents("http://127.0.0.1:$port/api/craft") !== false,
            'all workers to stand again',
        );

        $start->signal(SIGKILL);
        Patience::until(
            static fn(): bool => ! $start->isRunning() && @stream_socket_client("tcp://127.0.0.1:$port", timeout: 1.0) === false,
            'the workers to end',
            20,
        );
    }

    /** Killed at whatever moment, the next start finishes what was begun. */
    public function testAnInterruptedMigrationIsTakenUpAgain(): void
    {
        $cuts = 0;
        foreach ([60, 120, 160, 200, 240, 280, 330, 400] as $milliseconds) {
            $cut = $this->artisan('migrate', '--force');
            $cut->start();
            usleep(1000 * $milliseconds);
            $cuts += (int) $cut->isRunning();
            $cut->stop(0, SIGKILL);
            $again = $this->artisan('migrate', '--force');
            $again->run();

            self::assertSame(0, $again->getExitCode(), "cut off after $milliseconds ms: ".$again->getOutput());
            $pdo = new PDO("sqlite:$this->database");
            self::assertSame(
                (string) count(glob(self::ROOT.'/database/migrations/*.php') ?: []),
                (string) $pdo->query('select count(*) from migrations')->fetchColumn(),
            );
            self::assertSame([], $pdo->query('select * from answers')->fetchAll());
            unset($pdo);
            $this->tearDown();
            touch($this->database);
        }
        self::assertGreaterThan(0, $cuts, 'some were cut off');
    }

    /** Several who start at once on a new database: it is made once, with one demo, and nobody fails. */
    public function testSeveralWhoStartAtOnceMakeOneDesk(): void
    {
        $starts = array_map(fn(): Process => $this->artisan('kalokroma:set-up'), range(1, 4));
        array_walk($starts, static fn(Process $one) => $one->start());
        foreach ($starts as $one) {
            self::assertSame(0, $one->wait(), $one->getOutput().$one->getErrorOutput());
        }
        self::assertSame(['162', '3', '3'], $this->counts('products', 'plans', 'batches'));
        self::assertSame(1, count(array_filter($starts, static fn(Process $one): bool => str_contains($one->getOutput(), 'The demo is loaded'))));
        // Once more, and after everything was put into the bin, there is still only what there was.
        (new PDO("sqlite:$this->database"))->exec("update plans set deleted_at = '2026-11-30'; update products set deleted_at = '2026-11-30'");
        self::assertSame(0, $this->artisan('kalokroma:set-up')->run());
        self::assertSame(['162', '3', '3'], $this->counts('products', 'plans', 'batches'));
    }

    /** Somebody painted with the first release: whatever is in any table of it, no demo comes on top. */
    public function testAnUpgradeBringsNoDemoOntoADeskThatIsUsed(): void
    {
        self::assertSame(0, $this->artisan('migrate', '--force', '--path=database/migrations/2026_11_01_000000_create_tables.php')->run());
        (new PDO("sqlite:$this->database"))->exec(
            "insert into plans (id, name, document, revision, version, created_at, updated_at) values ('01h00000000000000000000000', 'Mine', '{}', 1, 1, '2026-11-02', '2026-11-02')",
        );
        $set = $this->artisan('kalokroma:set-up');
        self::assertSame(0, $set->run(), $set->getOutput());
        self::assertSame(['0', '1', '0'], $this->counts('products', 'plans', 'batches'));
    }

    /** @return list<string> rows of each table */
    private function counts(string ...$tables): array
    {
        $pdo = new PDO("sqlite:$this->database");

        return array_map(
            static fn(string $table): string => (string) $pdo->query("select count(*) from $table")?->fetchColumn(),
            array_values($tables),
        );
    }

    private static function header(string $port, string $path, string $name): string
    {
        $headers = array_change_key_case(get_headers("http://127.0.0.1:$port/$path", true) ?: []);

        return (string) ($headers[strtolower($name)] ?? '');
    }

    private function start(string $port): Process
    {
        return new Process(
            ['bin/start', "--port=$port", '--empty'],
            self::ROOT,
            ['DB_DATABASE' => $this->database, 'APP_ENV' => 'production'],
            null,
            60,
        );
    }

    private function artisan(string ...$arguments): Process
    {
        return new Process(
            [PHP_BINARY, 'artisan', ...$arguments],
            self::ROOT,
            ['DB_DATABASE' => $this->database, 'APP_ENV' => 'production'],
            null,
            60,
        );
    }
}
