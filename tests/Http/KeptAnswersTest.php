<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Models\Figure;
use App\Support\Changes;
use App\Support\EngineMark;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Str;

/** Answers that are kept are those that would be given anew, whatever is written between. */
final class KeptAnswersTest extends HttpTestCase
{
    /** Each route that has its answers kept says every table it reads, so that no change of any can leave an old answer standing. */
    public function testEveryTableAnAnswerFollowsFromIsSaid(): void
    {
        config(['cache.default' => 'array']);
        $unsaid = [];
        $kept = self::routes();
        self::assertGreaterThan(12, count($kept));
        foreach ($kept as $uri => $tables) {
            $path = $this->path($uri);
            DB::enableQueryLog();
            DB::flushQueryLog();
            $this->getJson("/api$path")->assertOk();
            preg_match_all('/\b(?:from|join)\s+"?(\w+)"?/i', implode("\n", array_column(DB::getQueryLog(), 'query')), $read);
            $unsaid[$uri] = array_values(array_diff(array_unique($read[1]), $tables, ['changes', 'json_each']));
        }
        self::assertSame([], array_filter($unsaid));
    }

    public function testWhatIsWrittenIsSeenAtOnce(): void
    {
        $batch = Batch::query()->where('name', 'Night shift')->firstOrFail();
        $next = $this->ask('GET', "/batches/$batch->id")['next'];
        foreach (['/bench', '/evenings', '/log', '/batches', "/plans/$batch->plan_id"] as $path) {
            $before[$path] = $this->ask('GET', $path);
        }
        $this->ask('POST', "/batches/$batch->id/log", ['id' => (string) Str::ulid(), 'stepId' => $next, 'models' => 1], 201);
        foreach ($before as $path => $was) {
            self::assertNotSame($was, $this->ask('GET', $path), $path);
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

    /** What a figure would look like is drawn once, however a plan came to look so: an edit and its undoing bring nothing to draw. */
    public function testAPictureThatLooksTheSameIsNotDrawnAgain(): void
    {
        config(['cache.default' => 'array']);
        $drawn = 0;
        Event::listen(KeyWritten::class, static function (KeyWritten $written) use (&$drawn): void {
            $drawn += str_contains($written->key, 'kept.still.') ? 1 : 0;
        });
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $figure = $plan['figure']['id'];
        $undercoat = ['do' => 'set', 'at' => [], 'fields' => ['undercoat' => ['base' => $this->paint('Mid Grey Primer')->id, 'light' => null]]];
        $shown = fn(): string => (string) $this->postJson("/api/figures/$figure/still", [
            'version' => $this->ask('GET', "/plans/$plan[id]")['version'], 'edit' => $undercoat, 'width' => 120, 'height' => 160,
        ])->assertOk()->getContent();
        $first = $shown();
        self::assertSame(1, $drawn);
        $this->edit($plan, $undercoat);
        self::assertSame($first, $shown(), 'On it already.');
        $this->edit($this->ask('GET', "/plans/$plan[id]"), ['do' => 'set', 'at' => [], 'fields' => ['name' => 'Ferry warden, late']]);
        self::assertSame($first, $shown(), 'Called otherwise.');
        self::assertSame(1, $drawn);

        $coat = $plan['document']['areas'][0];
        $this->edit($this->ask('GET', "/plans/$plan[id]"), ['do' => 'repaint-area', 'area' => $coat['id'], 'steps' => [
            [...$coat['steps'][0], 'id' => 'grey', 'mix' => [['paint' => $this->paint('Tar')->id, 'parts' => 1]]],
        ]]);
        self::assertNotSame($first, $shown(), 'Painted otherwise.');
        self::assertSame(2, $drawn);
    }

    /** A copy of the database that is put back comes to the same versions once more, otherwise. */
    public function testNothingKeptIsSaidOfWhatACopyPutBackCameToOtherwise(): void
    {
        config(['cache.default' => 'array']);
        $id = $this->plan()->id;
        $copy = (array) DB::table('plans')->where('id', $id)->first();
        $darkened = function (int $parts) use ($id): array {
            $plan = $this->ask('GET', "/plans/$id");
            $area = $plan['document']['areas'][0];
            $yellow = ['paint' => $this->paint('Oilskin Yellow')->id, 'parts' => 4];
            $after = $this->edit($plan, [
                'do' => 'set',
                'at' => ['areas', $area['id'], 'steps', $area['steps'][0]['id']],
                'fields' => ['mix' => [$yellow, ['paint' => $this->paint('Tar')->id, 'parts' => $parts]]],
            ]);
            $brief = array_column($this->ask('GET', '/plans')['plans'], null, 'id')[$id];

            return [$after['version'], $brief['areas']];
        };
        [$version, $lost] = $darkened(1);
        DB::table('plans')->where('id', $id)->update($copy);
        Changes::beginAnew();
        $this->travel(1)->minutes();
        [$again, $looks] = $darkened(3);

        self::assertSame($version, $again);
        self::assertNotSame($lost, $looks);
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

    /** @return array<string, list<string>> tables by address, of every route whose answers are kept */
    private static function routes(): array
    {
        $kept = [];
        foreach (app('router')->getRoutes() as $route) {
            assert($route instanceof Route);
            foreach ($route->gatherMiddleware() as $one) {
                if (is_string($one) && str_starts_with($one, 'kept:')) {
                    $kept[substr($route->uri(), strlen('api'))] = explode(',', substr($one, strlen('kept:')));
                }
            }
        }

        return $kept;
    }

    private function path(string $uri): string
    {
        $plan = $this->plan();
        $batch = Batch::query()->where('name', 'Night shift')->firstOrFail();

        $id = match (true) {
            str_starts_with($uri, '/batches') => $batch->id,
            str_starts_with($uri, '/figures') => (string) Figure::query()->where('plan_id', $plan->id)->value('id'),
            default => $plan->id,
        };

        $area = $plan->document['areas'][0];

        return strtr($uri, ['{id}' => $id, '{area}' => $area['id'], '{step}' => $area['steps'][0]['id']]).match (true) {
            preg_match('~plans/\{id\}/(amounts|round-trip|budget)~', $uri) === 1 => '?models=5',
            str_ends_with($uri, '/practice') => '?technique=layer',
            default => '',
        };
    }
}
