<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\AppServer;

/** Two desks at one address, the demo's and the painter's own, each a database of its own. */
final class DesksTest extends TestCase
{
    private AppServer $server;

    protected function setUp(): void
    {
        parent::setUp();
        $this->server = AppServer::withDemo();
    }

    protected function tearDown(): void
    {
        $this->server->stop();
        parent::tearDown();
    }

    public function testTheDemoIsLeftAndComeBackToAndNothingOfOneIsInTheOther(): void
    {
        // As if somebody had been cut off while making it before.
        file_put_contents($this->server->database.'.beside.new', 'half a database');
        [, $demo] = $this->ask('GET', 'settings');
        [$status] = $this->ask('PUT', 'desk', ['demo' => false]);
        [, $own] = $this->ask('GET', 'settings');

        self::assertSame(
            [204, true, false, false, true],
            [$status, $demo['isDemo'], $demo['isOtherDeskBegun'], $own['isDemo'], $own['isOtherDeskBegun']],
        );
        self::assertNotSame($demo['desk'], $own['desk']);
        self::assertSame([0, 0], [$this->ask('GET', 'plans')[1]['total'], $this->ask('GET', 'bench')[1]['counts']['owned']]);
        self::assertSame('0600', substr(sprintf('%o', fileperms($this->server->database.'.beside')), -4));
        self::assertFileDoesNotExist($this->server->database.'.beside.new');

        self::assertSame(200, $this->ask('POST', 'starters/first-dozen')[0]);
        [, $plan] = $this->ask(
            'POST',
            'plans/begin',
            [
                'name' => 'My own',
                'undercoat' => ['base' => $this->ask('GET', 'paints?kind=primer')[1]['paints'][0]['id'], 'light' => null],
                'areas' => ['Cloak'],
            ],
        );
        // What was done at the demo's desk is not taken here.
        self::assertSame(421, $this->ask('PUT', 'settings', ['currency' => 'CHF'], ['Kalokroma-Desk: '.$demo['desk']])[0]);

        $this->ask('PUT', 'desk', ['demo' => true]);
        self::assertSame([$demo['desk'], 3], [$this->ask('GET', 'settings')[1]['desk'], $this->ask('GET', 'plans')[1]['total']]);
        self::assertSame(404, $this->ask('GET', "plans/$plan[id]")[0]);

        // It stays open through a restart.
        $this->ask('PUT', 'desk', ['demo' => false]);
        $this->server->kill();
        $this->server->start();
        self::assertSame(
            [$own['desk'], 'My own'],
            [$this->ask('GET', 'settings')[1]['desk'], $this->ask('GET', "plans/$plan[id]")[1]['document']['name']],
        );
    }

    public function testWhatIsNoDeskIsRefusedAndTheOpenOneStays(): void
    {
        [$status, $problem] = $this->ask('PUT', 'desk', ['demo' => 'perhaps']);

        self::assertSame([422, 'demo'], [$status, $problem['faults'][0]['field'] ?? null]);
        self::assertTrue($this->ask('GET', 'settings')[1]['isDemo']);
        self::assertFileDoesNotExist($this->server->database.'.beside');
    }

    /**
     * @param array<string, mixed>|null $body
     * @param list<string> $headers
     *
     * @return array{int, array<string, mixed>} status and answer
     */
    private function ask(string $method, string $path, ?array $body = null, array $headers = []): array
    {
        $answer = file_get_contents($this->server->url("api/$path"), false, stream_context_create(['http' => [
            'method' => $method, 'ignore_errors' => true, 'content' => $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR),
            'header' => ['Content-Type: application/json', 'Accept: application/json', ...$headers],
        ]]));
        preg_match('/ (\d{3}) /', $http_response_header[0] ?? '', $status);

        return [(int) ($status[1] ?? 0), (array) json_decode((string) $answer, true)];
    }
}
