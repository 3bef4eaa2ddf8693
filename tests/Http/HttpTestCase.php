<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Plan;
use App\Models\Product;
use App\Support\Changes;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;

/** The application with the demo in a database in memory. Every answer is held against the API's description. */
abstract class HttpTestCase extends TestCase
{
    use RefreshDatabase;

    /** Commands run for real. */
    public $mockConsoleOutput = false;

    protected bool $seed = true;

    /** @var class-string<DemoSeeder> */
    protected string $seeder = DemoSeeder::class;

    /** What one test takes back counts as it did before: no answer kept for one is another's. */
    protected function setUp(): void
    {
        parent::setUp();
        Changes::beginAnew();
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<string, mixed>
     */
    protected function ask(string $method, string $path, ?array $body = null, int $status = 200): array
    {
        $response = $body === null ? $this->json($method, "/api$path") : $this->json($method, "/api$path", $body);

        if ($body !== null && $body !== [] && $status < 400) {
            Contract::checkRequest($method, $path, $body);
        }

        return $this->judged($response, $method, $path, $status);
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $response
     *
     * @return array<string, mixed>
     */
    protected function judged(TestResponse $response, string $method, string $path, int $status): array
    {
        self::assertSame($status, $response->getStatusCode(), "$method $path: ".mb_strimwidth((string) $response->getContent(), 0, 600, '…'));
        Contract::check($method, $path, $response->getStatusCode(), (string) $response->getContent());
        if ($status >= 400) {
            self::assertStringStartsWith('application/problem+json', (string) $response->headers->get('Content-Type'));
        }

        /** @var array<string, mixed> */
        return json_decode((string) $response->getContent(), true) ?? [];
    }

    /**
     * @param array<string, mixed> $plan
     * @param array<string, mixed> $edit
     *
     * @return array<string, mixed>
     */
    protected function edit(array $plan, array $edit, int $status = 200): array
    {
        return $this->ask('POST', "/plans/$plan[id]/edits", ['version' => $plan['version'], 'edit' => $edit], $status);
    }

    /**
     * A plan as it stands on a desk: all its fields are set to what the document says.
     *
     * @param array{id: string, document: array<string, mixed>, version: int} $plan
     *
     * @return array<string, mixed>
     */
    protected function save(array $plan, int $status = 200): array
    {
        return $this->ask(
            'POST',
            "/plans/$plan[id]/edits",
            ['version' => $plan['version'], 'edit' => ['do' => 'set', 'at' => [], 'fields' => $plan['document']]],
            $status,
        );
    }

    protected function plan(string $name = 'Ferry Warden'): Plan
    {
        return Plan::query()->where('name', $name)->firstOrFail();
    }

    protected function paint(string $name): Product
    {
        return Product::query()->where('name', $name)->firstOrFail();
    }

    /**
     * @param array<string, mixed> $problem
     *
     * @return list<string>
     */
    protected static function fields(array $problem): array
    {
        return array_column($problem['faults'] ?? [], 'field');
    }
}
