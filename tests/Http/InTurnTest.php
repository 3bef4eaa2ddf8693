<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Http\Middleware\InTurn;
use Illuminate\Support\Facades\DB;

/** Long questions wait their turn; quick ones are answered meanwhile. */
final class InTurnTest extends HttpTestCase
{
    private const OWN = 'in-turn';

    /** Other suites ask long questions beside this one, of databases of the same name. */
    protected function setUp(): void
    {
        parent::setUp();
        config(['database.connections.sqlite.database' => self::OWN.getmypid()]);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob(str_replace('*', '{waits,works}-*', InTurn::path('*')), GLOB_BRACE) ?: []);
        config(['database.connections.sqlite.database' => ':memory:']);
        parent::tearDown();
    }

    public function testWhereAllPlacesAreTakenOneIsAskedToComeAgainAndQuickOnesAreAnswered(): void
    {
        $held = array_map(self::hold(...), array_map(static fn(int $number): string => "waits-$number", range(0, 7)));
        $busy = $this->postJson('/api/mixes', ['target' => ['colour' => '#7a5230']]);
        self::assertSame([503, '3'], [$busy->getStatusCode(), $busy->headers->get('Retry-After')]);
        $this->ask('GET', '/plans');
        array_walk($held, static fn($lock) => fclose($lock));

        $this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230']]);
    }

    /** A question writes nothing: it must not hold the lock for writing while it is worked on, or waits for its turn. */
    public function testAQuestionTakesNoLockAndKeepsNoAnswer(): void
    {
        $before = DB::table('answers')->count();
        $this->postJson('/api/mixes', ['target' => ['colour' => '#7a5230']], ['Idempotency-Key' => 'a-question'])->assertOk();
        $this->postJson('/api/lists', ['text' => 'Tar'], ['Idempotency-Key' => 'another'])->assertOk();

        self::assertSame($before, DB::table('answers')->count());
    }

    public function testOneMayWorkWhileAnotherDoes(): void
    {
        $other = self::hold('works-0');
        $this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230']]);
        fclose($other);
    }

    /** @return resource */
    private static function hold(string $name)
    {
        $lock = fopen(InTurn::path($name), 'c');
        self::assertIsResource($lock);
        self::assertTrue(flock($lock, LOCK_EX | LOCK_NB), "$name is free");

        return $lock;
    }
}
