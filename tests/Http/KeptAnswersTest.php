<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Support\Changes;
use App\Support\EngineMark;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Answers that are kept are those that would be given anew, whatever is written between. */
final class KeptAnswersTest extends HttpTestCase
{
    public function testWhateverIsWrittenNoAnswerIsOld(): void
    {
        $this->freezeTime();
        $paths = $this->paths();
        self::assertGreaterThan(12, count($paths));
        $this->assertNoneIsOld($paths, 'at first');
        foreach ($this->writes() as $what => $write) {
            $write();
            $this->assertNoneIsOld($paths, $what);
        }
    }

    public function testAnAnswerIsKeptWhileNothingChangesAndNoLonger(): void
    {
        $count = static function (callable $ask): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            $ask();

            return count(DB::getQueryLog());
        };
        $first = $count(fn() => $this->ask('GET', '/plans/muster'));
        self::assertSame(2, $count(fn() => $this->ask('GET', '/plans/muster')), 'Only the changes are asked for.');
        self::assertGreaterThan(2, $first);
        $this->ask('PUT', '/settings', ['currency' => 'DKK']);
        self::assertGreaterThan(2, $count(fn() => $this->ask('GET', '/plans/muster')));
        // What is another address is another answer.
        self::assertGreaterThan(2, $count(fn() => $this->ask('GET', '/plans/muster?without[]=x')));
    }

    public function testEveryChangeOfAWatchedTableCounts(): void
    {
        $before = Changes::of('kept_mixes');
        DB::table('kept_mixes')->insert(['id' => 'x', 'name' => 'X', 'parts' => '[]']);
        $inserted = Changes::of('kept_mixes');
        DB::table('kept_mixes')->where('id', 'x')->update(['name' => 'Y']);
        $updated = Changes::of('kept_mixes');
        DB::table('kept_mixes')->where('id', 'x')->delete();
        $all = [$before, $inserted, $updated, Changes::of('kept_mixes')];

        self::assertCount(4, array_unique($all));
        $this->expectException(\LogicException::class);
        Changes::of('nobody_watches_this');
    }

    public function testAnotherEngineHasAnotherMark(): void
    {
        $root = sys_get_temp_dir().'/kalokroma-mark-'.bin2hex(random_bytes(4));
        mkdir("$root/core", 0o777, true);
        file_put_contents("$root/core/A.php", '<?php // one');
        $one = EngineMark::of($root);
        self::assertSame($one, EngineMark::of($root));
        file_put_contents("$root/core/A.php", '<?php // two');
        self::assertNotSame($one, EngineMark::of($root));
        unlink("$root/core/A.php");
        rmdir("$root/core");
        rmdir($root);
    }

    /** @param list<string> $paths */
    private function assertNoneIsOld(array $paths, string $after): void
    {
        $answers = fn(): array => array_combine($paths, array_map(fn(string $path): string => (string) $this->getJson("/api$path")->assertOk()->getContent(), $paths));
        $kept = $answers();
        // From here on nothing that was kept counts; what is answered now is kept for the next time.
        Changes::beginAnew();
        foreach ($answers() as $path => $fresh) {
            self::assertSame($fresh, $kept[$path], "$path, after: $after");
        }
    }

    /** @return list<string> every route whose answers are kept, on the demo */
    private function paths(): array
    {
        $plan = $this->plan();
        $batch = Batch::query()->where('name', 'Night shift')->firstOrFail();
        $step = $plan->document['areas'][0]['steps'][0]['id'];
        $routes = array_filter(iterator_to_array(app('router')->getRoutes()), static fn(Route $route): bool => array_filter($route->gatherMiddleware(), static fn(mixed $one): bool => is_string($one) && str_starts_with($one, 'kept:')) !== []);
        $paths = [];
        foreach ($routes as $route) {
            $uri = substr($route->uri(), strlen('api'));
            $paths[] = strtr($uri, ['{id}' => str_starts_with($uri, '/batches') ? $batch->id : $plan->id, '{step}' => $step]).(preg_match('~plans/\{id\}/(amounts|round-trip)~', $uri) === 1 ? '?models=5' : '');
        }

        return $paths;
    }

    /** @return iterable<string, callable(): mixed> */
    private function writes(): iterable
    {
        $batch = Batch::query()->where('name', 'Night shift')->firstOrFail();
        $paint = $this->ask('GET', '/paints/'.$this->paint('Oilskin Yellow')->id)['paint'];
        yield 'a pot that was looked into' => fn() => $this->ask('PUT', "/paints/$paint[id]/pot", ['pots' => 1, 'remainingMl' => 1.0, 'note' => 'nearly empty', 'wished' => false, 'version' => $paint['pot']['version']]);
        yield 'a paint of another colour' => fn() => $this->ask('PUT', "/paints/$paint[id]", [...array_intersect_key($paint, array_flip(['maker', 'range', 'code', 'name', 'kind', 'finish', 'volumeMl', 'price', 'barcode', 'version'])), 'swatch' => '#c0a020']);
        yield 'a plan changed' => fn() => $this->edit($this->ask('GET', '/plans/'.$this->plan()->id), ['do' => 'remove-step', 'step' => $this->plan()->document['areas'][1]['steps'][1]['id']]);
        yield 'work recorded' => fn() => $this->ask('POST', "/batches/$batch->id/log", ['id' => (string) Str::ulid(), 'stepId' => $this->ask('GET', "/batches/$batch->id")['next'], 'models' => 1], 201);
        yield 'a slip' => fn() => $this->ask('POST', "/batches/$batch->id/slips", ['id' => (string) Str::ulid(), 'stepId' => $batch->document['areas'][0]['steps'][0]['id'], 'kind' => 'gap', 'models' => [1]], 201);
        yield 'hours of the week' => fn() => $this->ask('PUT', '/evenings/week', ['hours' => [['weekday' => 1, 'from' => '18:00', 'minutes' => 60]]]);
        yield 'a day that is otherwise' => fn() => $this->ask('PUT', '/evenings/days/'.now()->addDay()->toDateString(), ['sittings' => [['from' => '10:00', 'minutes' => 90]], 'version' => 0]);
        yield 'a lesson used' => fn() => $this->ask('PUT', '/lessons/pace:basecoat', ['use' => true]);
        yield 'a batch that rests' => fn() => $this->ask('PUT', "/batches/$batch->id/desk", ['rests' => true, 'skipped' => [], 'version' => $batch->version]);
        yield 'a price by hand' => fn() => $this->ask('PUT', "/paints/$paint[id]/price", ['price' => 999]);
    }
}
