<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\Plan;
use App\Models\PlanRevision;
use App\Models\Pot;
use App\Models\Product;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Plans as files: out, in again, and what is refused on the way. */
final class PlanFileTest extends HttpTestCase
{
    /** @return iterable<string, array{string}> */
    public static function plans(): iterable
    {
        foreach (['Ferry Warden', 'Provost on the White Heron', 'The Bound Capstan'] as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('plans')]
    public function testWhatGoesOutComesInAndGoesOutTheSameToTheByte(string $name): void
    {
        $file = $this->takeOut($this->plan($name)->id);
        $brought = $this->bringIn($file);

        self::assertSame([$name, []], [$brought['name'], $brought['added']]);
        self::assertNotSame($this->plan($name)->id, $brought['id']);
        self::assertSame($file, $this->takeOut($brought['id']));
    }

    /** On another machine, whose catalogue has none of the paints: they come along, are not owned, and keep their ids. */
    #[DataProvider('plans')]
    public function testItComesInWhereNoneOfItsPaintsIsKnown(string $name): void
    {
        $file = $this->takeOut($this->plan($name)->id);
        $paints = array_column(json_decode($file, true)['paints'], 'name');
        $this->emptyAll();
        $brought = $this->bringIn($file);

        self::assertEqualsCanonicalizing($paints, $brought['added']);
        self::assertSame(count($paints), Product::query()->count());
        self::assertSame(0, Pot::query()->count());
        self::assertSame($file, $this->takeOut($brought['id']));
        self::assertSame([], $this->bringIn($file)['added']);
    }

    public function testItIsToldToOthersAsTextAndAsCaptions(): void
    {
        $id = $this->plan()->id;
        $text = $this
            ->get("/api/plans/$id/guide?as=md")
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="ferry-warden.md"')
            ->getContent();
        self::assertStringContainsString("## Paints needed\n- Mid Grey Primer", (string) $text);
        self::assertStringContainsString('Basecoat Oilskin Yellow, 2:1 water, 4 coats (large base brush)', (string) $text);

        $reckoned = (string) $this->get("/api/plans/$id/guide?as=srt")->assertOk()->getContent();
        self::assertStringStartsWith("1\n00:00:00,000 --> 00:01:00,000\nUndercoat · Primer", $reckoned);
        $batch = Batch::query()
            ->where('plan_id', $id)
            ->whereHas('entries', static fn($entries) => $entries->whereNotNull('minutes'))
            ->firstOrFail();
        $recorded = (string) $this->get("/api/plans/$id/guide?as=vtt&batch=$batch->id")->assertOk()->getContent();
        self::assertStringStartsWith("WEBVTT\n\n00:00:00.000", $recorded);
        self::assertNotSame(
            preg_replace('/[^:\d]/', '', substr($reckoned, 2, 200)),
            preg_replace('/[^:\d]/', '', substr($recorded, 8, 200)),
            'the batch took its own time',
        );
        self::assertSame(['as'], self::fields($this->ask('GET', "/plans/$id/guide?as=pdf", null, 422)));
        $this->ask('GET', "/plans/$id/guide?as=vtt&batch=nobody", null, 404);
    }

    public function testAMeasuredPaintAndOneWithoutACodeComeAlong(): void
    {
        $file = json_decode($this->takeOut($this->plan()->id), true);
        $file['paints'][0] = [
            ...$file['paints'][0],
            'maker' => '',
            'code' => '',
            'name' => 'Found in a tin',
            'measured' => ['strength' => ['opacity' => 0.625, 'source' => 'mix', 'readings' => 2]],
        ];
        $brought = $this->bringIn((string) json_encode($file));
        $paint = Product::query()->where('name', 'Found in a tin')->firstOrFail();

        self::assertSame(['Found in a tin'], $brought['added']);
        self::assertSame(['no maker', 'found-in-a-tin', 0.625], [$paint->maker, $paint->code, $paint->measured()->strength?->share]);
        // A second time it is the same paint.
        self::assertSame([], $this->bringIn((string) json_encode($file))['added']);
        self::assertSame(1, Product::query()->where('name', 'Found in a tin')->count());
    }

    public function testAPaintInTheBinIsTakenOutOfItAgain(): void
    {
        $file = $this->takeOut($this->plan('The Bound Capstan')->id);
        $code = json_decode($file, true)['paints'][2]['code'];
        Product::query()->where('code', $code)->firstOrFail()->delete();
        $this->bringIn($file);

        self::assertSame(1, Product::query()->where('code', $code)->count());
    }

    /** @return iterable<string, array{string|callable(array<string, mixed>): mixed, string}> */
    public static function faulty(): iterable
    {
        yield 'nothing' => ['', 'file'];
        yield 'no JSON' => ['maker,code', 'file'];
        yield 'broken text' => ["\xff\xfe", 'file'];
        yield 'another form' => ['{"format": "other", "version": 1}', 'format'];
        yield 'a list' => ['[1, 2]', 'format'];
        yield 'a number' => ['7', 'file'];
        yield 'four megabytes of lists' => [
            '{"format":"kalokroma-plan","version":2,"x":['.implode(',', array_fill(0, 1_300_000, '[]')).']}',
            'file',
        ];
        yield 'deeper than it could be saved' => [static fn(array $plan): array => [...$plan, 'deep' => self::nested(31)], 'file'];
        yield 'a number that nothing holds' => [
            static fn(array $plan): string => str_replace('"9.75"', '1e999', (string) json_encode([...$plan, 'vast' => '9.75'])),
            'file',
        ];
        yield 'larger than it could be saved' => [
            static fn(array $plan): array => [
                ...array_diff_key($plan, ['order' => 0, 'locked' => 0, 'stops' => 0, 'silenced' => 0, 'parts' => 0, 'wholeModel' => 0]),
                'areas' => self::wordy(),
            ],
            'document',
        ];
        yield 'nested without end' => [str_repeat('[', 20_000), 'file'];
        yield 'from the future' => [static fn(array $plan): array => [...$plan, 'version' => 99], 'version'];
        yield 'of no version' => [static fn(array $plan): array => [...$plan, 'version' => '1'], 'version'];
        yield 'a paint without a name' => [
            static fn(array $plan): array => [...$plan, 'paints' => [['id' => 'x', 'kind' => 'opaque', 'swatch' => '#808080']]],
            'paints.0.name',
        ];
        yield 'a paint of an unknown kind' => [
            static fn(array $plan): array => [...$plan, 'paints' => [['id' => 'x', 'name' => 'X', 'kind' => 'glitter', 'swatch' => '#808080']]],
            'paints.0.kind',
        ];
        yield 'a paint that is not along' => [static fn(array $plan): array => [...$plan, 'undercoat' => ['base' => 'nowhere']], 'undercoat.base'];
        yield 'an unknown technique' => [static function (array $plan): array {
            $plan['areas'][1]['steps'][0]['technique'] = 'sorcery';

            return $plan;
        }, 'areas.1.steps.0.technique'];
        yield 'too many areas' => [static fn(array $plan): array => [...$plan, 'areas' => array_fill(0, 61, $plan['areas'][0])], 'areas'];
        yield 'areas that are none' => [static fn(array $plan): array => [...$plan, 'areas' => 'all'], 'areas'];
    }

    #[DataProvider('faulty')]
    public function testAFaultyFileSaysWhereAndNothingOfItIsTaken(string|callable $file, string $field): void
    {
        $before = [Plan::query()->count(), Product::query()->count()];
        $made = is_string($file) ? $file : $file(json_decode($this->takeOut($this->plan()->id), true));
        $text = is_string($made) ? $made : (string) json_encode($made);
        $problem = $this->judged(
            $this->call('POST', '/api/plans/file', [], [], [], ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'], $text),
            'POST',
            '/plans/file',
            422,
        );

        self::assertContains($field, self::fields($problem));
        self::assertSame($before, [Plan::query()->count(), Product::query()->count()]);
    }

    /** What comes in at the edge of what may be can be saved again as it is. */
    public function testTheDeepestFileThatComesInCanBeSaved(): void
    {
        $file = json_decode($this->takeOut($this->plan()->id), true);
        $id = $this->bringIn((string) json_encode([...$file, 'deep' => self::nested(28)]))['id'];
        $plan = $this->getJson("/api/plans/$id")->assertOk()->json();
        $saved = $this
            ->postJson(
                "/api/plans/$id/edits",
                ['version' => $plan['version'], 'edit' => ['do' => 'set', 'at' => [], 'fields' => ['name' => 'Saved again']]],
            )
            ->assertOk()
            ->json();
        self::assertSame($plan['document']['deep'], $saved['document']['deep']);
        $this->postJson("/api/plans/$id/preview", ['document' => $saved['document']])->assertOk();
    }

    /** @return array<mixed> */
    private static function nested(int $levels): array
    {
        return $levels <= 1 ? [1] : [self::nested($levels - 1)];
    }

    /** @return list<array<string, mixed>> more than a megabyte of notes */
    private static function wordy(): array
    {
        $areas = [];
        for ($area = 0; $area < 60; $area++) {
            $steps = [];
            for ($step = 0; $step < 40; $step++) {
                $steps[] = ['id' => "a$area-$step", 'technique' => 'basecoat', 'note' => str_repeat('n', 480)];
            }
            $areas[] = ['id' => "a$area", 'name' => "Area $area", 'texture' => 'broad-folds', 'size' => 'small', 'steps' => $steps];
        }

        return $areas;
    }

    public function testAFileCutShortAnywhereIsRefused(): void
    {
        $file = $this->takeOut($this->plan()->id);
        foreach ([1, 100, intdiv(strlen($file), 2), strlen($file) - 3] as $length) {
            $answer = $this->call(
                'POST',
                '/api/plans/file',
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'],
                substr($file, 0, $length),
            );
            self::assertSame(['file'], self::fields($this->judged($answer, 'POST', '/plans/file', 422)), "cut at $length");
        }
    }

    private function takeOut(string $id): string
    {
        return (string) $this->get("/api/plans/$id/file")->assertOk()->getContent();
    }

    /** @return array<string, mixed> */
    private function bringIn(string $file): array
    {
        return $this->judged(
            $this->call('POST', '/api/plans/file', [], [], [], ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'], $file),
            'POST',
            '/plans/file',
            201,
        );
    }

    private function emptyAll(): void
    {
        foreach ([LogEntry::class, Batch::class, PlanRevision::class, Plan::class, Pot::class] as $model) {
            $model::query()->forceDelete();
        }
        DB::table('paint_set_product')->delete();
        Product::query()->forceDelete();
    }
}
