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
        foreach (['', '-wal', '-shm', '-journal'] as $suffix) {
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
        Patience::until(static fn(): bool => str_contains($start->getOutput(), "http://127.0.0.1:$port"), 'the address to be told: '.$start->getErrorOutput(), 60);
        Patience::until(static fn(): bool => @file_get_contents("http://127.0.0.1:$port/api/craft") !== false, 'an answer', 20);
        self::assertSame('0600', substr(sprintf('%o', fileperms($this->database)), -4));

        // What the build made keeps its name for ever; the rest may change with the next version.
        $asset = (string) basename((string) (glob(self::ROOT.'/public/build/assets/*.js') ?: [''])[0]);
        self::assertStringContainsString('immutable', self::header($port, "build/assets/$asset", 'Cache-Control'));
        self::assertSame('no-cache', self::header($port, 'theme.js', 'Cache-Control'));

        $start->signal(SIGKILL);
        Patience::until(static fn(): bool => ! $start->isRunning() && @stream_socket_client("tcp://127.0.0.1:$port", timeout: 1.0) === false, 'the workers to end', 20);
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
            self::assertSame('7', (string) $pdo->query('select count(*) from migrations')->fetchColumn());
            self::assertSame([], $pdo->query('select * from answers')->fetchAll());
            unset($pdo);
            $this->tearDown();
            touch($this->database);
        }
        self::assertGreaterThan(0, $cuts, 'some were cut off');
    }

    private static function header(string $port, string $path, string $name): string
    {
        $headers = array_change_key_case(get_headers("http://127.0.0.1:$port/$path", true) ?: []);

        return (string) ($headers[strtolower($name)] ?? '');
    }

    private function start(string $port): Process
    {
        return new Process(['bin/start', "--port=$port", '--empty'], self::ROOT, ['DB_DATABASE' => $this->database, 'APP_ENV' => 'production'], null, 60);
    }

    private function artisan(string ...$arguments): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...$arguments], self::ROOT, ['DB_DATABASE' => $this->database, 'APP_ENV' => 'production'], null, 60);
    }
}
