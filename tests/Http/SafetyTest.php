<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Http\Problem;
use App\Models\Batch;
use App\Models\Plan;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Whoever calls, however often, with whatever. */
final class SafetyTest extends HttpTestCase
{
    /** @return iterable<array{string, int}> */
    public static function hosts(): iterable
    {
        yield from [
            ['127.0.0.1:8310', 200], ['localhost:8310', 200], ['[::1]:8310', 200],
            ['elsewhere.test', 421], ['elsewhere.test:8310', 421], ['127.0.0.1:9999', 421], ['127.0.0.1.elsewhere.test:8310', 421], ['', 421],
        ];
    }

    #[DataProvider('hosts')]
    public function testOnlyNamesOfThisMachineAreAnswered(string $host, int $status): void
    {
        self::assertSame($status, self::answerTo(Request::create('http://127.0.0.1:8310/api/craft'), $host)->getStatusCode());
    }

    public function testAWriteFromAPageOfAnotherNameIsRefusedThoughBothNamesAgree(): void
    {
        $request = Request::create('http://127.0.0.1:8310/api/plans/'.$this->plan()->id.'/duplicate', 'POST');
        $request->headers->set('Origin', 'http://elsewhere.test:8310');

        self::assertSame(421, self::answerTo($request, 'elsewhere.test:8310')->getStatusCode());
        self::assertSame(403, self::answerTo($request, '127.0.0.1:8310')->getStatusCode());
        self::assertSame(3, Plan::query()->count());
    }

    private static function answerTo(Request $request, string $host): Response
    {
        $request->headers->set('Host', $host);

        return app(Kernel::class)->handle($request);
    }

    public function testEveryAnswerIsGuarded(): void
    {
        foreach (['/api/craft', '/api/nothing', '/'] as $path) {
            $answer = $this->get($path);
            $answer->assertHeader('X-Content-Type-Options', 'nosniff')
                ->assertHeader('Referrer-Policy', 'no-referrer')
                ->assertHeader('Cross-Origin-Resource-Policy', 'same-origin');
            self::assertStringNotContainsString('unsafe-inline', (string) $answer->headers->get('Content-Security-Policy'));
            self::assertStringContainsString('default-src', (string) $answer->headers->get('Content-Security-Policy'));
        }
    }

    public function testAWriteSentAgainWithItsKeyIsDoneOnceAndAnsweredAlike(): void
    {
        $body = ['planId' => $this->plan()->id, 'name' => 'Once', 'models' => 2, 'startsOn' => '2026-11-24'];
        $first = $this->postJson('/api/batches', $body, ['Idempotency-Key' => 'abc-1']);
        $again = $this->postJson('/api/batches', $body, ['Idempotency-Key' => 'abc-1']);

        $again->assertStatus(201);
        self::assertSame($first->json('id'), $again->json('id'));
        self::assertSame(4, Batch::query()->count());
        $this->postJson('/api/batches', [...$body, 'name' => 'Other'], ['Idempotency-Key' => 'abc-1'])->assertStatus(422);
        $this->postJson('/api/batches', $body, ['Idempotency-Key' => "no\nkey"])->assertStatus(400);
        $this->postJson('/api/batches', $body, ['Idempotency-Key' => 'abc-2'])->assertStatus(201);
        self::assertSame(5, Batch::query()->count());
    }

    public function testWhatWasRefusedIsNotKeptUnderItsKey(): void
    {
        $body = ['planId' => $this->plan()->id, 'name' => 'Once', 'models' => 0, 'startsOn' => '2026-11-24'];
        $this->postJson('/api/batches', $body, ['Idempotency-Key' => 'abc-1'])->assertStatus(422);
        $this->postJson('/api/batches', [...$body, 'models' => 1], ['Idempotency-Key' => 'abc-1'])->assertStatus(201);
    }

    public function testOldAnswersAreForgotten(): void
    {
        for ($i = 0; $i < 305; $i++) {
            DB::table('answers')->insert(['key' => "old-$i", 'request' => 'x', 'status' => 200, 'body' => gzencode('{}'), 'created_at' => now()]);
        }
        $this->putJson('/api/devices/scanner', ['barcode' => '1'], ['Idempotency-Key' => 'newest'])->assertSuccessful();

        self::assertSame(300, DB::table('answers')->count());
        self::assertTrue(DB::table('answers')->where('key', 'newest')->exists());
    }

    public function testNumbersBeyondAllNumbersAreRefused(): void
    {
        foreach ([
            '/api/mixes' => '{"target":{"colour":"#7a5230"},"amountMl":1e309}',
            '/api/lists' => '{"text":"x","tolerance":-1e400}',
        ] as $path => $json) {
            $this->call(
                'POST',
                $path,
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                $json,
            )->assertStatus(400);
        }
    }

    /** Rules for each item of a list are only made for as many as it may have. */
    public function testEndlessListsAreRefusedAtOnce(): void
    {
        foreach (['kinds', 'avoid', 'insist'] as $list) {
            self::assertContains(
                $list,
                self::fields($this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230'], $list => array_fill(0, 10_000, 'opaque')], 422)),
            );
        }
        self::assertContains(
            'marks',
            self::fields($this->ask('POST', '/photos/x/readings', ['marks' => array_fill(0, 10_000, ['what' => 'grey'])], 422)),
        );
    }

    /** @return iterable<array{int, string, int, string}> */
    public static function storageFaults(): iterable
    {
        yield from [
            [5, 'database is locked', 503, 'Busy'],
            [13, 'database or disk is full', 507, 'Disk full'],
            [11, 'database disk image is malformed', 503, 'Damaged'],
            [26, 'file is not a database', 503, 'Damaged'],
            [14, 'unable to open database file', 503, 'Missing'],
            [8, 'attempt to write a readonly database', 507, 'Not writable'],
            [1, 'no such table: plans', 503, 'Missing'],
            [1, 'syntax error', 500, 'Our fault'],
        ];
    }

    #[DataProvider('storageFaults')]
    public function testFaultsOfStorageAreToldApart(int $code, string $message, int $status, string $title): void
    {
        $error = new PDOException($message);
        $error->errorInfo = ['HY000', $code, $message];
        $answer = Problem::of($error)->toResponse();

        self::assertSame([$status, $title], [$answer->getStatusCode(), json_decode((string) $answer->getContent(), true)['title']]);
    }
}
