<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\DB;
use Kalokroma\Paint\Kind;
use PHPUnit\Framework\Attributes\DataProvider;

/** A paint that becomes something else takes nothing down: whatever is painted with it is looked at first, and said. */
final class KindsTest extends HttpTestCase
{
    private const READS = [
        '/plans', '/plans/muster', '/bench', '/batches', '/log', '/shared-recipes', '/kept-mixes', '/evenings', '/clocks', '/lessons',
        '/paints',
    ];

    /** @return iterable<string, array{callable(self, string): void, string}> what is painted with the paint, and how the refusal calls it */
    public static function uses(): iterable
    {
        $steps = static fn(string $id, array $step): array => ['id' => $id, 'technique' => 'basecoat', 'coats' => 2, ...$step];
        yield 'undercoat' => [
            static fn(self $test, string $paint) => $test->planned(['undercoat' => ['base' => $paint]]),
            'the plan "Use" (its undercoat)',
        ];
        yield 'light' => [
            static fn(self $test, string $paint) => $test->planned([
                'undercoat' => ['base' => $test->paint('Mid Grey Primer')->id, 'light' => $paint],
            ]),
            'the plan "Use" (its undercoat)',
        ];
        yield 'from below' => [
            static fn(self $test, string $paint) => $test->planned([
                'undercoat' => ['base' => $test->paint('Mid Grey Primer')->id, 'below' => $paint],
            ]),
            'the plan "Use" (its undercoat)',
        ];
        yield 'step' => [
            static fn(self $test, string $paint) => $test->planned([], [$steps('s1', ['mix' => [['paint' => $paint, 'parts' => 1]]])]),
            'the plan "Use" (Coat)',
        ];
        yield 'second colour' => [
            static fn(self $test, string $paint) => $test->planned(
                [],
                [$steps(
                    's1',
                    [
                        'technique' => 'wet-blend',
                        'mix' => [['paint' => $test->paint('Tar')->id, 'parts' => 1]],
                        'second' => ['mix' => [['paint' => $paint, 'parts' => 1]]],
                    ],
                )],
            ),
            'the plan "Use" (Coat)',
        ];
        yield 'variant' => [
            static fn(self $test, string $paint) => $test->planned(
                [],
                [],
                [['id' => 'v1', 'name' => 'Other way', 'steps' => [$steps('v1s1', ['mix' => [['paint' => $paint, 'parts' => 1]]])]]],
            ),
            'the plan "Use" (Coat)',
        ];
        yield 'kept mix' => [
            static fn(self $test, string $paint) => $test->ask(
                'POST',
                '/kept-mixes',
                ['name' => 'Mine', 'mix' => [['paint' => $paint, 'parts' => 2], ['paint' => $test->paint('Tar')->id, 'parts' => 1]]],
                201,
            ),
            'the mix "Mine"',
        ];
        yield 'shared recipe' => [static function (self $test, string $paint) use ($steps): void {
            $plan = $test->planned([], [$steps('s1', ['mix' => [['paint' => $paint, 'parts' => 1]]])]);
            $test->ask('POST', "/plans/$plan[id]/areas/coat/shared", ['name' => 'Shared coat', 'tags' => [], 'version' => $plan['version']], 201);
            $test->ask('DELETE', "/plans/$plan[id]", null, 204);
        }, 'the shared recipe "Shared coat"'];
        yield 'batch' => [static function (self $test, string $paint) use ($steps): void {
            $plan = $test->planned([], [$steps('s1', ['mix' => [['paint' => $paint, 'parts' => 1]]])]);
            $test->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'At work', 'models' => 2, 'startsOn' => '2026-11-25'], 201);
            $test->ask('DELETE', "/plans/$plan[id]", null, 204);
        }, 'the batch "At work", which is being painted (Coat)'];
    }

    /** @param callable(self, string): void $use */
    #[DataProvider('uses')]
    public function testAChangeOfKindLooksAtEveryUseAndSaysWhich(callable $use, string $told): void
    {
        $paint = $this->ask('POST', '/paints', ['name' => 'Turncoat', 'swatch' => '#405060'], 201);
        $use($this, $paint['id']);
        foreach ([Kind::Texture, Kind::Varnish] as $kind) {
            $refused = $this->ask('PUT', "/paints/$paint[id]", $this->become($paint, $kind), 409);
            self::assertSame([$told], $refused['uses'], $kind->value);
            self::assertSame(['kind'], self::fields($refused));
            $csv = "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\n$paint[maker],,$paint[code],Turncoat,$kind->value,"
                .($kind->isClear() ? '' : '#405060').",,matt,17,0,\n";
            $answer = $this->call(
                'POST',
                '/api/paints/import?what=catalogue',
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'],
                $csv,
            );
            self::assertSame(422, $answer->getStatusCode(), (string) $answer->getContent());
            self::assertStringContainsString($told, stripslashes((string) $answer->json('faults.0.message')));
        }
        $this->ask('PUT', "/paints/$paint[id]", $this->become($paint, Kind::SemiOpaque));
    }

    /** Whatever an older release let through: each list tells the fault, and the rest stays. */
    public function testWhatCannotBeReadIsToldAndTakesNothingElseDown(): void
    {
        $paint = $this->ask('POST', '/paints', ['name' => 'Turncoat', 'swatch' => '#405060'], 201);
        foreach (self::uses() as [$use]) {
            $use($this, $paint['id']);
        }
        foreach ([Kind::Texture, Kind::Pigment, Kind::Varnish] as $kind) {
            DB::table('products')->where('id', $paint['id'])->update(['kind' => $kind->value, 'version' => DB::raw('version + 1')]);
            $this->assertAllReads();
            foreach ($this->ask('GET', '/plans')['plans'] as $plan) {
                $status = $plan['fault'] === null ? 200 : 422;
                $this->ask('GET', "/plans/$plan[id]", null, $status);
                $this->ask('GET', "/plans/$plan[id]/needs", null, $status);
            }
        }
    }

    /** While one begins a plan what is chosen may be anything: what can be no ground is left out. */
    public function testASketchLeavesOutWhatCanBeNoGround(): void
    {
        foreach (['Dry Mud Dust', 'Oilskin Yellow'] as $name) {
            $paint = $this->paint($name)->id;
            $this->postJson(
                '/api/plans/sketch',
                ['name' => '', 'undercoat' => ['base' => $paint, 'light' => $paint], 'areas' => ['Coat']],
            )->assertOk();
        }
    }

    private function assertAllReads(): void
    {
        foreach (self::READS as $path) {
            $this->ask('GET', $path);
        }
    }

    /**
     * @param array<string, mixed> $paint
     *
     * @return array<string, mixed>
     */
    private function become(array $paint, Kind $kind): array
    {
        return [
            ...array_intersect_key($paint, array_flip(['name', 'maker', 'code', 'finish', 'volumeMl', 'price', 'version'])),
            'kind' => $kind->value,
            'swatch' => $kind->isClear() ? null : '#405060',
        ];
    }

    /**
     * @param array<string, mixed> $fields
     * @param list<array<string, mixed>> $steps
     * @param list<array<string, mixed>> $variants
     *
     * @return array<string, mixed>
     */
    private function planned(array $fields, array $steps = [], array $variants = []): array
    {
        /** @var array<string, mixed> */
        return $this->postJson('/api/plans', ['document' => [
            'name' => 'Use', 'model' => ['name' => 'Use', 'bodyType' => 'on-foot', 'heightMm' => 32, 'finishLevel' => 'table-ready'],
            'undercoat' => ['base' => $this->paint('Mid Grey Primer')->id],
            'areas' => [[
                'id' => 'coat',
                'name' => 'Coat',
                'texture' => 'broad-folds',
                'size' => 'large',
                'steps' => $steps,
                'variants' => $variants,
            ]],
            ...$fields,
        ]])->assertCreated()->json();
    }
}
