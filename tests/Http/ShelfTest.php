<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Product;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

final class ShelfTest extends HttpTestCase
{
    private const HEADER = 'maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode';

    public function testPaintsAreFoundByWhateverIsRemembered(): void
    {
        self::assertSame(162, $this->ask('GET', '/paints')['total']);
        self::assertSame(77, $this->ask('GET', '/paints?owned=owned')['total']);
        self::assertContains('Tide Teal', $this->names('search=tide'));
        self::assertContains('Deep Tide', $this->names('search=deep+teal'));
        self::assertSame(['Canary Buoy'], $this->names('search=S04'));
        self::assertCount(12, $this->names('kind=wash'));
        self::assertSame([], $this->names('search=%25'));
        self::assertSame([], $this->names('search=_____'));
        self::assertSame(['search'], self::fields($this->ask('GET', '/paints?search='.str_repeat('x', 201), null, 422)));
        self::assertSame(['kind'], self::fields($this->ask('GET', '/paints?kind=glitter', null, 422)));
        $values = array_column($this->ask('GET', '/paints?sort=value&perPage=100')['paints'], 'value');
        $sorted = $values;
        sort($sorted);
        self::assertSame($sorted, $values);
    }

    public function testAPaintByHandChangedDeletedAndBroughtBack(): void
    {
        $paint = $this->ask('POST', '/paints', $this->input(), 201);
        self::assertSame('mid vivid orange, warm', $paint['colour']);
        self::assertTrue($paint['opacityIsEstimate']);

        $changed = $this->ask('PUT', '/paints/'.$paint['id'], [...$this->input(), 'opacity' => 0.7, 'version' => 1]);
        self::assertSame([0.7, false, 2], [$changed['opacity'], $changed['opacityIsEstimate'], $changed['version']]);
        $this->ask('PUT', '/paints/'.$paint['id'], [...$this->input(), 'version' => 1], 409);

        $this->ask('DELETE', '/paints/'.$paint['id'], null, 204);
        $this->ask('GET', '/paints/'.$paint['id'], null, 404);
        self::assertSame(0.7, $this->ask('POST', '/paints/'.$paint['id'].'/restore')['opacity']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'unknown kind' => [['kind' => 'glitter'], 'kind'];
        yield 'no colour' => [['swatch' => 'red'], 'swatch'];
        yield 'no swatch' => [['swatch' => null], 'swatch'];
        yield 'opacity above one' => [['opacity' => 1.2], 'opacity'];
        yield 'opacity below nought' => [['opacity' => -0.1], 'opacity'];
        yield 'no name' => [['name' => '   '], 'name'];
        yield 'overlong name' => [['name' => str_repeat('ß', 121)], 'name'];
        yield 'a list for a name' => [['name' => ['x']], 'name'];
        yield 'taken code' => [['maker' => 'Heather House', 'code' => 'C01'], 'code'];
        yield 'empty pot' => [['volumeMl' => 0], 'volumeMl'];
        yield 'negative price' => [['price' => -1], 'price'];
        yield 'unknown finish' => [['finish' => 'sticky'], 'finish'];
    }

    /** @param array<string, mixed> $spoilt */
    #[DataProvider('faults')]
    public function testAFaultyPaintIsRefusedByField(array $spoilt, string $field): void
    {
        $problem = $this->ask('POST', '/paints', [...$this->input(), ...$spoilt], 422);

        self::assertSame([$field], self::fields($problem));
        self::assertSame(162, Product::query()->count());
    }

    public function testAPaintInUseIsNotDeletedAndTheUsesAreTold(): void
    {
        $problem = $this->ask('DELETE', '/paints/'.$this->paint('Oilskin Yellow')->id, null, 409);

        self::assertSame(['the plan "Ferry Warden"'], $problem['uses']);
    }

    /** It would make every plan that uses it unreadable. */
    public function testAPaintInUseDoesNotLoseItsColour(): void
    {
        $paint = $this->ask('GET', '/paints/'.$this->paint('Oilskin Yellow')->id)['paint'];
        $input = array_intersect_key($paint, array_flip(['maker', 'range', 'code', 'name', 'finish', 'volumeMl', 'price', 'barcode', 'version']));
        $problem = $this->ask('PUT', "/paints/$paint[id]", [...$input, 'kind' => 'varnish', 'swatch' => null], 409);
        self::assertSame(['kind'], self::fields($problem));
        self::assertSame(
            ['the plan "Ferry Warden" (Oilskin coat)', 'the batch "Night shift", which is being painted (Oilskin coat)'],
            $problem['uses'],
        );

        $file = $this->import('catalogue', self::HEADER."\n$paint[maker],,$paint[code],$paint[name],varnish,,,matt,17,320,\n", false, 422);
        self::assertSame('kind', $file['faults'][0]['field']);
        self::assertSame(2, $file['faults'][0]['row']);
        $this->ask('GET', '/plans/'.$this->plan()->id);
    }

    public function testWhatIsOwnedIsNotedAndAStaleNoteRefused(): void
    {
        $id = $this->paint('Dusk Rose')->id;
        $pot = ['pots' => 1, 'remainingMl' => 17, 'note' => 'new', 'wished' => false, 'version' => 0];
        self::assertSame('fine', $this->ask('PUT', "/paints/$id/pot", $pot)['pot']['level']);
        $this->ask('PUT', "/paints/$id/pot", $pot, 409);
        self::assertSame('low', $this->ask('PUT', "/paints/$id/pot", [...$pot, 'remainingMl' => 2, 'version' => 1])['pot']['level']);
        self::assertSame(['pots'], self::fields($this->ask('PUT', "/paints/$id/pot", [...$pot, 'pots' => -1, 'version' => 2], 422)));
    }

    public function testTheDetailTellsSetsAndPlans(): void
    {
        $detail = $this->ask('GET', '/paints/'.$this->paint('Oilskin Yellow')->id);

        self::assertSame(['The Ferry Crossing'], array_column($detail['sets'], 'name'));
        self::assertSame(['Ferry Warden'], array_column($detail['plans'], 'name'));
        self::assertCount(8, $this->ask('GET', '/sets'));
    }

    public function testALongFileIsTakenInPortionsWhoseRowsKeepTheirNumbers(): void
    {
        $csv = "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\n";
        for ($i = 1; $i <= 5; $i++) {
            $csv .= "Long,,L$i,Long $i,opaque,#40506$i,,matt,17,300,\n";
        }
        $import = fn(string $text, string $more, int $status = 200): array => $this->judged(
            $this->call(
                'POST',
                "/api/paints/import?what=catalogue&$more",
                server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'],
                content: $text,
            ),
            'POST',
            '/paints/import',
            $status,
        );

        $first = $import($csv, 'from=0&count=2');
        self::assertSame([5, 2, 2], [$first['total'], $first['rows'], $first['added']]);
        self::assertSame(2, Product::query()->where('maker', 'Long')->count());
        self::assertSame([2, 1], [$import($csv, 'from=2&count=2')['added'], $import($csv, 'from=4&count=2')['rows']]);
        self::assertSame([5, 0], [$import($csv, 'preview=1')['same'], $import($csv, 'from=9&count=2')['rows']]);
        // What is at fault anywhere is told before anything is taken.
        $fault = $import(str_replace('#405065', 'green', $csv), 'from=0&count=1', 422)['faults'][0];
        self::assertSame([6, 'swatch'], [$fault['row'], $fault['field']]);
    }

    public function testAnImportIsPreviewedThenTakenAndTheExportComesBackTheSame(): void
    {
        $before = (string) $this->get('/api/paints/export?what=catalogue')->getContent();
        $csv = self::HEADER
            ."\nOwn,,1,\"Lamp, oil\",opaque,#E0A030,,matt,17,320,\nHeather House,Croft,C01,Rowan Red,opaque,#b0242b,,matt,17,320,2000000000000\n";
        $preview = $this->import('catalogue', $csv, true);
        self::assertSame([2, 1, 1, 0], [$preview['rows'], $preview['added'], $preview['changed'], $preview['same']]);
        self::assertSame(['swatch'], $preview['changes'][1]['fields']);
        self::assertSame($before, (string) $this->get('/api/paints/export?what=catalogue')->getContent());

        $this->import('catalogue', $csv, false);
        $out = (string) $this->get('/api/paints/export?what=catalogue')->getContent();
        self::assertStringContainsString('Own,,1,"Lamp, oil",opaque,#e0a030,,matt,17,320,', $out);
        self::assertSame(163, $this->import('catalogue', $out, false)['same']);
        self::assertSame($out, (string) $this->get('/api/paints/export?what=catalogue')->getContent());

        $shelf = (string) $this->get('/api/paints/export?what=shelf')->getContent();
        self::assertSame(77, $this->import('shelf', $shelf, false)['same']);
        self::assertSame($shelf, (string) $this->get('/api/paints/export?what=shelf')->getContent());
    }

    /** @return iterable<string, array{string, string, list<array{string, int}>}> */
    public static function faultyFiles(): iterable
    {
        $row = 'Own,,1,Lamp,opaque,#e0a030,,matt,17,320,';
        yield 'empty' => ['catalogue', '', [['header', 1]]];
        yield 'wrong header' => ['catalogue', "name,colour\nx,y\n", [['header', 1]]];
        yield 'another table' => ['shelf', self::HEADER."\n$row\n", [['header', 1]]];
        yield 'too few columns' => ['catalogue', self::HEADER."\n$row\nOwn,2\n", [['maker', 3]]];
        yield 'many faults at once' => [
            'catalogue',
            self::HEADER."\nOwn,,1,Lamp,glitter,#e0a030,,matt,17,320,\nOwn,,2,,opaque,red,2,matt,-1,x,\n",
            [['kind', 2], ['swatch', 3], ['volume_ml', 3], ['name', 3], ['opacity', 3], ['price', 3]],
        ];
        yield 'twice' => ['catalogue', self::HEADER."\n$row\n$row\n", [['code', 3]]];
        yield 'mixed encodings' => ['catalogue', self::HEADER."\n$row\nOwn,,2,L\xE4mp,opaque,#e0a030,,matt,17,320,\n", [['encoding', 3]]];
        yield 'unknown paint' => ['shelf', "maker,code,pots,remaining_ml,note\nNobody,1,1,3,\n", [['code', 2]]];
        yield 'a picture' => ['catalogue', "\x89PNG\r\n\x1a\n\x00\x00", [['encoding', 1]]];
    }

    /** @param list<array{string, int}> $faults */
    #[DataProvider('faultyFiles')]
    public function testAFaultyFileIsRefusedWithEveryRowAndColumnAndChangesNothing(string $what, string $csv, array $faults): void
    {
        $problem = $this->import($what, $csv, false, 422);

        self::assertSame($faults, array_map(static fn(array $one): array => [$one['field'], $one['row']], $problem['faults']));
        self::assertSame(162, Product::query()->count());
    }

    public function testAFileThatIsTooLargeIsRefused(): void
    {
        $response = $this->call(
            'POST',
            '/api/paints/import?what=catalogue',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'text/csv', 'HTTP_CONTENT_LENGTH' => (string) (50 * 1024 * 1024), 'HTTP_ACCEPT' => 'application/json'],
            'x',
        );

        $this->judged($response, 'POST', '/paints/import?what=catalogue', 413);
    }

    public function testFilesMadeToFillTheMemoryAreRefused(): void
    {
        foreach ([str_repeat(',', 3_000_000), str_repeat("a\n", 1_500_000), self::HEADER."\n".str_repeat('"', 1_000_001)] as $csv) {
            self::assertNotEmpty(self::fields($this->import('catalogue', $csv, false, 422)));
        }
        $bomb = '{"document":{"areas":['.implode(',', array_fill(0, 100_000, '[1]')).']}}';
        $this->call(
            'POST',
            '/api/plans',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            $bomb,
        )->assertStatus(400);
        self::assertSame(162, Product::query()->count());
    }

    public function testTenThousandPaintsAreTakenInAndSearched(): void
    {
        $rows = self::HEADER."\n";
        for ($i = 0; $i < 10_000; $i++) {
            $rows .= sprintf("Mill,Long,%05d,Paint %d,opaque,#%06x,,matt,17,300,\n", $i, $i, ($i * 1677) % 0xFFFFFF);
        }
        self::assertSame(10_000, $this->import('catalogue', $rows, false)['added']);
        $page = $this->ask('GET', '/paints?search=deep+blue&sort=hue');

        self::assertGreaterThan(10, $page['total']);
    }

    /** @return list<string> */
    private function names(string $query): array
    {
        /** @var list<string> */
        return array_column($this->ask('GET', "/paints?perPage=200&$query")['paints'], 'name');
    }

    /** @return array<string, mixed> */
    private function input(): array
    {
        return [
            'maker' => 'Own mixes', 'range' => '', 'code' => 'X1', 'name' => 'Ferry Lamp', 'kind' => 'opaque', 'swatch' => '#e07a1c',
            'opacity' => null, 'finish' => 'matt', 'volumeMl' => 17, 'price' => 320, 'barcode' => '',
        ];
    }

    /** @return array<string, mixed> */
    private function import(string $what, string $csv, bool $preview, int $status = 200): array
    {
        $path = "/paints/import?what=$what".($preview ? '&preview=1' : '');
        /** @var TestResponse<Response> $response */
        $response = $this->call('POST', "/api$path", [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $csv);

        return $this->judged($response, 'POST', $path, $status);
    }

    /** Out, in again and out: the same, as CSV and as palette, of shelf, plan and selection. */
    public function testWhatIsTakenOutComesInAgainUnchanged(): void
    {
        $some = implode(',', array_column($this->ask('GET', '/paints?search=tide')['paints'], 'id'));
        foreach (['what=catalogue', 'what=shelf', 'what=plan&plan='.$this->plan()->id, "what=selection&ids=$some"] as $what) {
            foreach (['csv', 'gpl'] as $format) {
                $export = fn(): string => (string) $this->get("/api/paints/export?$what&format=$format")->assertOk()->getContent();
                $file = $export();
                $as = $format === 'gpl' ? 'palette' : (str_starts_with($what, 'what=shelf') ? 'shelf' : 'catalogue');
                $change = $this->judged(
                    $this->call(
                        'POST',
                        "/api/paints/import?what=$as",
                        server: ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'],
                        content: $file,
                    ),
                    'POST',
                    '/paints/import',
                    200,
                );

                self::assertSame([0, 0], [$change['added'], $change['changed']], "$what $format");
                self::assertSame($file, $export());
            }
        }
    }

    public function testAPaletteComesIntoAnEmptyCatalogueAndOutAlike(): void
    {
        $file = (string) $this->get('/api/paints/export?what=shelf&format=gpl')->getContent();
        DB::table('plan_product')->delete();
        Product::query()->forceDelete();
        $import = fn(string $text, int $status): array => $this->judged(
            $this->call(
                'POST',
                '/api/paints/import?what=palette',
                server: ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'],
                content: $text,
            ),
            'POST',
            '/paints/import',
            $status,
        );
        $import($file, 200);

        self::assertSame(str_replace('shelf', 'catalogue', $file), $this->get('/api/paints/export?what=catalogue&format=gpl')->getContent());
        $change = $import("GIMP Palette\nName: Dusk\n# x\n122 82 48\n200 10 10 Red\n", 200);
        self::assertSame(2, $change['added']);
        self::assertSame(['Mid muted brown'], array_column($this->ask('GET', '/paints?search=P001')['paints'], 'name'));
        self::assertSame(['colour'], self::fields($import("GIMP Palette\n1 2 900 x\n", 422)));
        self::assertSame(['what'], self::fields($this->ask('GET', '/paints/export', null, 422)));
        self::assertSame(['plan'], self::fields($this->ask('GET', '/paints/export?what=plan', null, 422)));
        $this->ask('GET', '/paints/export?what=plan&plan=none', null, 404);
    }
}
