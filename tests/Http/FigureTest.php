<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Figure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;

final class FigureTest extends HttpTestCase
{
    public function testTheDemosFiguresAreThereWorkedOutAndNamed(): void
    {
        foreach (['Ferry Warden', 'Provost on the White Heron', 'The Bound Capstan'] as $name) {
            $plan = $this->plan($name);
            [$figure] = $this->ask('GET', "/plans/$plan->id/figures");
            self::assertTrue($figure['isWorkedOut'], $name);
            self::assertEqualsCanonicalizing(array_column($plan->document['areas'], 'id'), $figure['areas'], $name);
            $relief = $this->bytes("/figures/$figure[id]/relief");
            self::assertSame(4 * $figure['vertices'], strlen($relief));
            self::assertSame($figure['triangles'], strlen($this->bytes("/figures/$figure[id]/labels")));
            self::assertStringStartsWith('glTF', $this->bytes("/figures/$figure[id]/sculpt"));
        }
    }

    public function testTheColoursAreThoseOfTheStrip(): void
    {
        $plan = $this->plan('The Bound Capstan');
        $looks = $this->ask('GET', "/plans/$plan->id")['looks'];
        $painted = $this->ask('GET', "/plans/$plan->id/painted");
        self::assertCount(count($looks['order']), $painted['passes']);
        foreach ($painted['areas'] as $area) {
            $stages = array_column($looks['areas'][$area['id']]['strip']['stages'], null, 'stepId');
            self::assertSame([1.0, 1.0], [(float) $area['above'][0], (float) $area['below'][0]], 'nothing is sprayed from one side');
            self::assertNull($area['stages'][0]['step']);
            foreach (array_slice($area['stages'], 1) as $stage) {
                foreach (array_column($stages[$stage['step']]['zones'], 'hex') as $zone => $hex) {
                    $off = Ciede2000::between(self::fromAfar($stage, $zone), Srgb::parse($hex)->toLab());
                    self::assertLessThan(0.7, $off, "$area[name] $stage[step]");
                }
            }
        }
    }

    /**
     * Ground and flecks of a zone together, as light.
     *
     * @param array<string, mixed> $stage
     */
    private static function fromAfar(array $stage, int $zone): Lab
    {
        $share = $stage['flecks']['shares'][$zone] ?? 0.0;
        [$ground, $fleck] = array_map(
            static fn(string $digits): Srgb => Srgb::parse('#'.substr($digits, 6 * $zone, 6)),
            [$stage['left'], $stage['flecks']['left'] ?? $stage['left']],
        );
        $of = static fn(float $one, float $other): float => Srgb::encode((1.0 - $share) * Srgb::decode($one) + $share * Srgb::decode($other));

        return Srgb::of($of($ground->red, $fleck->red), $of($ground->green, $fleck->green), $of($ground->blue, $fleck->blue))->toLab();
    }

    public function testFromAboveShouldersAreLighterThanBellies(): void
    {
        $painted = $this->ask('GET', "/plans/{$this->plan()->id}/painted");
        $primed = count(array_filter($painted['passes'], static fn(array $pass): bool => $pass['isUndercoat']));
        foreach ($painted['areas'] as $area) {
            self::assertSame([0, 0.25, 0.5, 0.75, 1], $area['above']);
            $face = array_map(
                static fn(string $zones): int => (int) hexdec(substr($zones, 12, 2)),
                str_split($area['stages'][$primed]['left'], 30),
            );
            self::assertSame($face, array_values(array_unique($face)), 'each share of the light is another colour');
            self::assertGreaterThan($face[0] + 60, $face[4]);
        }
    }

    public function testASculptIsTakenInWorkedOutNamedTakenOutAndPutBack(): void
    {
        $plan = $this->plan('The Bound Capstan');
        $glb = self::pyramid();
        $figure = $this->send("/plans/$plan->id/figures?name=Pyramid", $glb, 201);
        self::assertSame(
            ['Pyramid', 5, 6, 12, false],
            [$figure['name'], $figure['vertices'], $figure['triangles'], (int) $figure['heightMm'], $figure['isWorkedOut']],
        );
        self::assertSame($glb, $this->bytes("/figures/$figure[id]/sculpt"));
        $this->ask('GET', "/figures/$figure[id]/relief", status: 404);

        for ($slices = 0; ! $figure['isWorkedOut'] && $slices < 20; $slices++) {
            $figure = $this->ask('POST', "/figures/$figure[id]/relief", []);
        }
        self::assertTrue($figure['isWorkedOut']);
        self::assertSame(20, strlen($this->bytes("/figures/$figure[id]/relief")));

        $area = $plan->document['areas'][0]['id'];
        $named = ['version' => 1, 'areas' => [$area], 'triangles' => base64_encode("\0\0\0\0\xFF\xFF")];
        $figure = $this->ask('PUT', "/figures/$figure[id]/labels", $named);
        self::assertSame([2, [$area]], [$figure['version'], $figure['areas']]);
        self::assertSame("\0\0\0\0\xFF\xFF", $this->bytes("/figures/$figure[id]/labels"));
        $this->ask('PUT', "/figures/$figure[id]/labels", $named, 409);
        $this->ask('PUT', "/figures/$figure[id]/labels", ['version' => 2, 'areas' => [], 'triangles' => base64_encode("\0\0\0\0\0\0")], 422);
        $this->ask('PUT', "/figures/$figure[id]/labels", ['version' => 2, 'areas' => [$area], 'triangles' => base64_encode("\0\0")], 422);
        self::assertSame("\0\0\0\0\xFF\xFF", $this->bytes("/figures/$figure[id]/labels"), 'what was refused changed nothing');

        $patches = static fn(string $bytes): array => ['version' => 2, 'areas' => [$area], 'patches' => base64_encode($bytes)] + $named;
        $this->ask('PUT', "/figures/$figure[id]/labels", $patches("\0\0\1\0"), 422);
        $cut = pack('v*', 0, 0, 1, 1, 2, 3);
        $figure = $this->ask('PUT', "/figures/$figure[id]/labels", $patches($cut));
        self::assertSame($cut, $this->bytes("/figures/$figure[id]/patches"), 'a patch that was cut stays cut');
        self::assertSame('Pose B', $this->ask('PUT', "/figures/$figure[id]", ['name' => 'Pose B'])['name']);
        $this->ask('DELETE', "/figures/$figure[id]", status: 204);
        self::assertCount(1, $this->ask('GET', "/plans/$plan->id/figures"));
        self::assertSame(3, $this->ask('POST', "/figures/$figure[id]/restore", [])['version']);
        self::assertCount(2, $this->ask('GET', "/plans/$plan->id/figures"));
    }

    public function testWhatIsMeasuredIsTakenIntoThePlanAndTakenBack(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        [$figure] = $this->ask('GET', "/plans/$plan[id]/figures");
        $measures = $this->ask('GET', "/figures/$figure[id]/measures");
        self::assertEqualsWithDelta(1.0, array_sum(array_column($measures, 'share')), 0.001);
        $byName = [];
        foreach ($plan['document']['areas'] as $area) {
            $byName[$area['name']] = array_column($measures, null, 'area')[$area['id']];
        }
        self::assertSame(['main', 'speck'], [$byName['Oilskin coat']['size'], $byName['Lantern glass']['size']]);
        self::assertContains($byName['Oilskin coat']['area'], $byName['Boots and straps']['touches']);
        self::assertNotContains($byName['Jetty base']['area'], $byName['Lantern glass']['touches']);
        self::assertGreaterThan(40.0, $byName['Ferry pole']['toMm']);
        self::assertLessThan(3.5, $byName['Jetty base']['fromMm'], 'the base stands below');
        self::assertGreaterThan($byName['Oilskin coat']['hidden'], $byName['Breeches']['hidden'], 'what lies under the coat is behind it');

        $edit = [
            'do' => 'measure-areas',
            'areas' => array_map(
                static fn(array $one): array => ['area' => $one['area'], 'size' => $one['size'], 'touches' => $one['touches']],
                array_values($byName),
            ),
        ];
        $taken = $this->edit($plan, $edit);
        foreach ($taken['document']['areas'] as $area) {
            self::assertSame($byName[$area['name']]['size'], $area['size']);
            self::assertEqualsCanonicalizing($byName[$area['name']]['touches'], $area['touches']);
        }
        $back = $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $taken['version']]);
        self::assertSame($plan['document']['areas'], $back['document']['areas']);
        $this->ask(
            'POST',
            "/plans/$plan[id]/edits",
            ['version' => $back['version'], 'edit' => ['do' => 'measure-areas', 'areas' => [['area' => 'nobody', 'size' => 'main']]]],
            422,
        );
        $this->ask(
            'POST',
            "/plans/$plan[id]/edits",
            [
                'version' => $back['version'],
                'edit' => ['do' => 'measure-areas', 'areas' => [['area' => $plan['document']['areas'][0]['id'], 'size' => 'huge']]],
            ],
            422,
        );
    }

    public function testPatchesLieWithinAreasMostly(): void
    {
        [$figure] = $this->ask('GET', "/plans/{$this->plan()->id}/figures");
        $patches = array_values(unpack('v*', $this->bytes("/figures/$figure[id]/patches")) ?: []);
        $labels = array_values(unpack('C*', $this->bytes("/figures/$figure[id]/labels")) ?: []);
        self::assertCount($figure['triangles'], $patches);
        $inside = [];
        foreach ($patches as $triangle => $patch) {
            $inside[$patch][$labels[$triangle]] = ($inside[$patch][$labels[$triangle]] ?? 0) + 1;
        }
        self::assertGreaterThan(40, count($inside));
        self::assertLessThan(400, count($inside), 'few enough to be tapped');
        self::assertGreaterThan(0.93 * count($patches), array_sum(array_map(static fn(array $labels): int => max($labels), $inside)));
    }

    /** Another way is held beside the figure before it is taken: what it would be painted like comes with the preview of the edit. */
    public function testWhatAnEditWouldBePaintedLikeIsTold(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $step = $plan['document']['areas'][0]['steps'][0];
        $edit = [
            'do' => 'set',
            'at' => ['areas', $plan['document']['areas'][0]['id'], 'steps', $step['id']],
            'fields' => ['coats' => $step['coats'] + 1],
        ];
        $body = ['version' => $plan['version'], 'edit' => $edit];
        $shown = $this->ask('POST', "/plans/$plan[id]/edits/preview?painted=1", $body);

        self::assertArrayNotHasKey('painted', $this->ask('POST', "/plans/$plan[id]/edits/preview", $body));
        self::assertNotSame($this->ask('GET', "/plans/$plan[id]/painted"), $shown['painted']);
        $made = $this->ask('POST', "/plans/$plan[id]/edits?painted=1", $body);
        self::assertSame($shown['painted'], $made['painted'], 'made, it is what was shown');
        self::assertSame($shown['painted'], $this->ask('GET', "/plans/$plan[id]/painted"));
    }

    /** A freehand is a shape at its place, chips are flecks: what the figure is drawn from says both, and where the shape lies. */
    public function testMarksAndFlecksAreToldApart(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        [$figure] = $this->ask('GET', "/plans/$plan[id]/figures");
        $areas = array_column($plan['document']['areas'], null, 'name');
        $coat = $areas['Oilskin coat'];
        $still = $this->bytes("/figures/$figure[id]/still?width=120&height=160");
        $step = [...$coat['steps'][0], 'id' => 'added', 'mix' => $areas['Breeches']['steps'][0]['mix']];
        $put = static fn(string $technique, string $place): array => [
            'do' => 'put-steps', 'area' => $coat['id'], 'id' => "mk-$technique",
            'steps' => [[...$step, 'technique' => $technique, 'place' => $place]],
        ];
        $chipped = $this->edit($plan, $put('chip', 'upper-edges'));
        $this->edit($chipped, $put('freehand', 'patch'));

        $painted = array_column($this->ask('GET', "/plans/$plan[id]/painted")['areas'], null, 'id')[$coat['id']];
        $byStep = array_column($painted['stages'], null, 'step');
        $last = $painted['stages'][count($painted['stages']) - 1];
        self::assertArrayNotHasKey('flecks', $byStep[$coat['steps'][0]['id']]);
        self::assertSame('flecks', $last['flecks']['grain']);
        self::assertSame(strlen($last['left']), strlen($last['flecks']['left']));
        self::assertCount(5, $last['flecks']['shares']);
        self::assertCount(1, $last['marks']);
        self::assertEqualsWithDelta(0.3, $last['marks'][0]['share'], 1e-6);
        $marks = $this->bytes("/figures/$figure[id]/marks");
        self::assertSame($figure['vertices'], strlen($marks));
        self::assertGreaterThan(40, count(array_filter(str_split($marks), static fn(string $far): bool => ord($far) < 0.55 * 255)));
        self::assertNotSame($still, $this->bytes("/figures/$figure[id]/still?width=120&height=160"));
        $this->ask('GET', '/figures/nobody/marks', status: 404);
    }

    public function testAtTheDeskTheBatchIsPaintedAsItKeptThePlan(): void
    {
        $batch = $this->ask('GET', '/batches')['batches'][0];
        $before = $this->ask('GET', "/batches/$batch[id]/painted");
        $plan = $this->ask('GET', "/plans/$batch[planId]");
        $this->edit($plan, ['do' => 'remove-area', 'area' => $plan['document']['areas'][0]['id']]);
        self::assertSame($before, $this->ask('GET', "/batches/$batch[id]/painted"));
        self::assertNotSame($before, $this->ask('GET', "/plans/$batch[planId]/painted"));
    }

    public function testAnotherLightIsWorkedOutAnewAndTheReliefIsNot(): void
    {
        $plan = $this->plan();
        [$before] = $this->ask('GET', "/plans/$plan->id/figures");
        $told = $this->ask('GET', "/plans/$plan->id");
        $told['document']['undercoat']['coneDegrees'] = 30;
        $this->save(['id' => $plan->id, 'document' => $told['document'], 'version' => $told['version']]);
        [$after] = $this->ask('GET', "/plans/$plan->id/figures");
        self::assertFalse($after['isWorkedOut']);
        self::assertEqualsWithDelta(96 / 136, $after['workedOut'], 0.001);
        self::assertNotSame($before['reliefKey'], $after['reliefKey']);
        $going = $this->ask('POST', "/figures/$after[id]/relief", []);
        self::assertGreaterThan($after['workedOut'], $going['workedOut']);
        self::assertLessThanOrEqual(1.0, $going['workedOut']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faulty(): iterable
    {
        $whole = self::pyramid();
        yield 'nothing' => ['', 'does not begin like one'];
        yield 'a picture' => ["\x89PNG\r\n".str_repeat('x', 100), 'does not begin like one'];
        yield 'cut short' => [substr($whole, 0, -20), 'cut short'];
        yield 'a million corners told' => [self::pyramid(static function (array $scene): array {
            $scene['accessors'][0]['count'] = 1_000_000;

            return $scene;
        }), 'more corners than it holds'];
        yield 'places that are no numbers' => [self::pyramid(places: pack('g*', NAN, 0, 0, 10, 0, 0, 10, 0, 10, 0, 0, 10, 5, 12, 5)), 'no numbers'];
        yield 'corners that are missing' => [self::pyramid(corners: [0, 1, 9]), 'corners are missing'];
        yield 'a mountain' => [self::pyramid(places: pack('g*', 0, 0, 0, 1e5, 0, 0, 1e5, 0, 1e5, 0, 0, 1e5, 5e4, 1e5, 5e4)), 'mm high'];
        yield 'a part within itself' => [self::pyramid(static function (array $scene): array {
            $scene['nodes'][0]['children'] = [0];

            return $scene;
        }), 'nested without end'];
        yield 'no triangles' => [self::pyramid(static function (array $scene): array {
            $scene['meshes'][0]['primitives'][0]['mode'] = 1;

            return $scene;
        }), 'no triangles'];
        yield 'a damaged description' => [substr_replace($whole, '!!!!', 24, 4), 'description is damaged'];
    }

    #[DataProvider('faulty')]
    public function testWhatIsNoSculptIsRefusedInWordsAndNothingIsKept(string $bytes, string $words): void
    {
        $plan = $this->plan();
        $problem = $this->send("/plans/$plan->id/figures", $bytes, 422);
        self::assertStringContainsString($words, $problem['faults'][0]['message'] ?? '');
        self::assertSame('sculpt', $problem['faults'][0]['field']);
        self::assertCount(1, Figure::query()->where('plan_id', $plan->id)->get(['id']));
    }

    public function testAPlanHasSixFiguresAtMostAndTakesThemAlongWhenItGoes(): void
    {
        $plan = $this->plan();
        for ($at = 1; $at < 6; $at++) {
            $this->send("/plans/$plan->id/figures", self::pyramid(), 201);
        }
        $this->send("/plans/$plan->id/figures", self::pyramid(), 409);
        [$figure] = $this->ask('GET', "/plans/$plan->id/figures");
        $this->ask('DELETE', "/plans/$plan->id", status: 204);
        foreach (['relief', 'measures', 'patches'] as $what) {
            $this->ask('GET', "/figures/$figure[id]/$what", status: 404);
        }
        $this->ask('POST', "/figures/$figure[id]/relief", [], 404);
        $this->ask('POST', "/plans/$plan->id/restore", []);
        self::assertCount(6, $this->ask('GET', "/plans/$plan->id/figures"));
        self::assertSame(0, DB::table('figure_reliefs')->whereNotIn('figure_id', DB::table('figures')->pluck('id'))->count());
    }

    /**
     * A pyramid of 12 mm as GLB.
     *
     * @param (callable(array<string, mixed>): array<string, mixed>)|null $change to the description
     * @param list<int> $corners
     */
    private static function pyramid(
        ?callable $change = null,
        ?string $places = null,
        array $corners = [0, 1, 2, 0, 2, 3, 0, 4, 1, 1, 4, 2, 2, 4, 3, 3, 4, 0],
    ): string {
        $places ??= pack('g*', 0, 0, 0, 10, 0, 0, 10, 0, 10, 0, 0, 10, 5, 12, 5);
        $indices = pack('V*', ...$corners);
        $scene = [
            'asset' => ['version' => '2.0'], 'scene' => 0, 'scenes' => [['nodes' => [0]]], 'nodes' => [['mesh' => 0]],
            'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0], 'indices' => 1]]]],
            'accessors' => [
                ['bufferView' => 0, 'componentType' => 5126, 'count' => intdiv(strlen($places), 12), 'type' => 'VEC3'],
                ['bufferView' => 1, 'componentType' => 5125, 'count' => count($corners), 'type' => 'SCALAR'],
            ],
            'bufferViews' => [
                ['buffer' => 0, 'byteOffset' => 0, 'byteLength' => strlen($places)],
                ['buffer' => 0, 'byteOffset' => strlen($places), 'byteLength' => strlen($indices)],
            ],
            'buffers' => [['byteLength' => strlen($places) + strlen($indices)]],
        ];
        $json = (string) json_encode($change === null ? $scene : $change($scene));
        $json .= str_repeat(' ', (4 - strlen($json) % 4) % 4);
        $body = pack('V', strlen($json)).'JSON'.$json.pack('V', strlen($places.$indices))."BIN\0".$places.$indices;

        return 'glTF'.pack('VV', 2, 12 + strlen($body)).$body;
    }

    private function bytes(string $path): string
    {
        $response = $this->get("/api$path");
        self::assertSame(200, $response->getStatusCode(), $path);

        return (string) $response->getContent();
    }

    /** @return array<string, mixed> */
    private function send(string $path, string $bytes, int $status): array
    {
        return $this->judged(
            $this->call('POST', "/api$path", [], [], [], ['CONTENT_TYPE' => 'model/gltf-binary', 'HTTP_ACCEPT' => 'application/json'], $bytes),
            'POST',
            $path,
            $status,
        );
    }

    /** A photo of the model in place of a sculpt: flat, in patches to be named, and zones by its light and shade once an area is. */
    public function testAPhotoIsTakenAsAFigureNamedAndPainted(): void
    {
        $plan = $this->plan();
        $figure = $this->sendPhoto($plan->id, self::photo(360, 480), 201);
        self::assertSame([true, true, []], [$figure['isPicture'], $figure['isWorkedOut'], $figure['areas']]);
        self::assertLessThanOrEqual(32_000, $figure['vertices']);
        self::assertEqualsWithDelta(32.0, $figure['heightMm'], 0.01);
        self::assertSame([], $figure['cautions']);

        $patches = array_values(unpack('v*', $this->bytes("/figures/$figure[id]/patches")) ?: []);
        self::assertCount($figure['triangles'], $patches);
        self::assertGreaterThan(200, max($patches));
        $before = $this->bytes("/figures/$figure[id]/relief");
        self::assertSame(4 * $figure['vertices'], strlen($before));
        self::assertSame([128], array_values(array_unique(self::every($before, 0))), 'Nothing is named: all is face.');
        self::assertGreaterThan(60, max(self::every($before, 1)) - min(self::every($before, 1)), 'It is seen as it was taken.');

        $coat = $plan->document['areas'][0]['id'];
        $named = $this->ask(
            'PUT',
            "/figures/$figure[id]/labels",
            ['version' => 1, 'areas' => [$coat], 'triangles' => base64_encode(str_repeat("\0", $figure['triangles']))],
        );
        self::assertNotSame($figure['reliefKey'], $named['reliefKey']);
        $zones = self::every($this->bytes("/figures/$figure[id]/relief"), 0);
        self::assertLessThan(20, min($zones));
        self::assertGreaterThan(235, max($zones));
        self::assertSame([], $this->ask('GET', "/figures/$figure[id]/measures"), 'Nothing is measured on a picture.');

        // Another texture of the area is another relief.
        $this->edit($this->ask('GET', "/plans/$plan->id"), ['do' => 'set', 'at' => ['areas', $coat], 'fields' => ['texture' => 'smooth-panel']]);
        self::assertNotSame($named['reliefKey'], array_column($this->ask('GET', "/plans/$plan->id/figures"), 'reliefKey', 'id')[$figure['id']]);

        $this->ask('DELETE', "/figures/$figure[id]", null, 204);
        self::assertSame($figure['id'], $this->ask('POST', "/figures/$figure[id]/restore", [])['id']);
    }

    public function testWhatAPhotoLacksIsToldAndWhatIsNoneIsRefused(): void
    {
        $plan = $this->plan()->id;
        self::assertNotSame([], $this->sendPhoto($plan, self::photo(200, 260, 0.1), 201)['cautions']);
        $count = count($this->ask('GET', "/plans/$plan/figures"));
        foreach (['no picture at all', substr(self::photo(360, 480), 0, 2000), self::photo(12, 400)] as $body) {
            self::assertSame(['photo'], self::fields($this->sendPhoto($plan, $body, 422)));
        }
        self::assertCount($count, $this->ask('GET', "/plans/$plan/figures"));
    }

    /** For lists and for paper a figure is drawn by the server, as it is turned and as after any step; another plan is another address. */
    public function testAFigureIsDrawnAsAStillFromAllSidesAtEveryStep(): void
    {
        $plan = $this->plan();
        $address = fn(): string => (string) array_column($this->ask('GET', '/plans')['plans'], 'still', 'id')[$plan->id];
        $before = $address();
        $still = fn(string $more): string => $this->bytes(str_replace('/api', '', $before)."&width=120&height=160$more");
        $front = $still('');
        $size = getimagesizefromstring($front);
        self::assertSame([120, 160, 'image/png'], [$size[0] ?? 0, $size[1] ?? 0, $size['mime'] ?? '']);
        self::assertSame($front, $still(''));
        self::assertNotSame($front, $still('&turn=180'));
        self::assertLessThan(4.0, self::chroma($still('&pass=1')), 'Primed it is grey.');
        self::assertGreaterThan(15.0, self::chroma($front));
        self::assertSame(['width'], self::fields($this->ask('GET', str_replace('/api', '', $before).'&width=5000&height=160', null, 422)));

        $coat = $plan->document['areas'][0];
        $this->edit(
            $this->ask('GET', "/plans/$plan->id"),
            ['do' => 'paint-step', 'step' => $coat['steps'][0]['id'], 'mix' => [['paint' => $this->paint('Rowan Red')->id, 'parts' => 1]]],
        );
        self::assertNotSame($before, $address());
        self::assertEqualsWithDelta(
            $this->ask('GET', "/plans/$plan->id/figures")[0]['heightMm'],
            array_column($this->ask('GET', '/plans/muster')['plans'], 'figure', 'id')[$plan->id]['heightMm'],
            0.1,
        );
    }

    /** What would become of it is seen before it is made, on the figure: another recipe, another undercoat. */
    public function testAFigureIsDrawnAsItWouldBeAfterAnEditThatIsNotMade(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        [$figure, $coat] = [$plan['figure']['id'], $plan['document']['areas'][0]];
        self::assertContains($coat['id'], $plan['figure']['areas']);
        $after = fn(array $edit, array $more = []): string => (string) $this->postJson("/api/figures/$figure/still", [
            'version' => $plan['version'], 'edit' => $edit, 'width' => 120, 'height' => 160, ...$more,
        ])->assertOk()->getContent();
        $none = $after(['do' => 'set', 'at' => [], 'fields' => ['name' => $plan['document']['name']]]);
        self::assertSame([120, 160], array_slice(getimagesizefromstring($none) ?: [], 0, 2));
        self::assertSame($this->bytes("/figures/$figure/still?width=120&height=160"), $none, 'as it is planned');

        $near = $after(['do' => 'set', 'at' => [], 'fields' => ['name' => 'x']], ['area' => $coat['id']]);
        self::assertSame([120, 160], array_slice(getimagesizefromstring($near) ?: [], 0, 2));
        self::assertNotSame($none, $near, 'nearer');

        $grey = $after(['do' => 'repaint-area', 'area' => $coat['id'], 'steps' => [
            [...$coat['steps'][0], 'id' => 'grey', 'mix' => [['paint' => $this->paint('Tar')->id, 'parts' => 1]]],
        ]]);
        self::assertLessThan(self::chroma($none) - 5.0, self::chroma($grey));
        $unpainted = ['do' => 'set', 'at' => [], 'fields' => ['undercoat' => [
            'base' => $this->paint('Black Primer')->id, 'light' => $this->paint('Bone Primer')->id, 'coneDegrees' => 33,
        ]]];
        self::assertNotSame($none, $after($unpainted), 'Its spray is worked out first.');
        self::assertSame($plan['document'], $this->ask('GET', "/plans/$plan[id]")['document'], 'Only looked at.');

        $asked = ['version' => $plan['version'], 'edit' => ['do' => 'remove-area', 'area' => $coat['id']]];
        self::assertSame(['width'], self::fields($this->ask('POST', "/figures/$figure/still", [...$asked, 'width' => 5000, 'height' => 160], 422)));
        $this->ask('POST', '/figures/nobody/still', [...$asked, 'width' => 120, 'height' => 160], 404);
        $nowhere = ['do' => 'repaint-area', 'area' => 'nowhere', 'steps' => []];
        $this->ask('POST', "/figures/$figure/still", ['version' => $plan['version'], 'edit' => $nowhere, 'width' => 120, 'height' => 160], 422);
    }

    /** In the logbook a model is seen as it stands: what is not painted yet is primed, and what was used otherwise shows. */
    public function testAModelOfABatchIsDrawnAsItStands(): void
    {
        $plan = $this->plan();
        $batch = $this->ask('POST', '/batches', ['planId' => $plan->id, 'name' => 'Stand', 'models' => 2, 'startsOn' => '2026-11-26'], 201);
        $still = fn(int $model): string => $this->bytes("/batches/$batch[id]/still?width=120&height=160&model=$model");
        self::assertLessThan(4.0, self::chroma($still(1)), 'Primed it is grey.');
        $coat = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['originId'] === $plan->document['areas'][0]['id']));
        foreach ($coat as $step) {
            $used = $step === $coat[count($coat) - 1] ? ['used' => ['mix' => [['paint' => $this->paint('Rowan Red')->id, 'parts' => 1]]]] : [];
            $entry = ['id' => (string) Str::ulid(), 'stepId' => $step['step']['id'], 'on' => [1]];
            $this->ask('POST', "/batches/$batch[id]/log", [...$entry, ...$used], 201);
        }
        self::assertGreaterThan(8.0, self::chroma($still(1)));
        self::assertLessThan(4.0, self::chroma($still(2)), 'The other has nothing of it yet.');
        self::assertSame(['model'], self::fields($this->ask('GET', "/batches/$batch[id]/still?width=120&height=160&model=3", null, 422)));
        $this->ask('DELETE', '/figures/'.$this->ask('GET', "/plans/$plan->id/figures")[0]['id'], null, 204);
        $this->ask('GET', "/batches/$batch[id]/still?width=120&height=160", null, 404);
    }

    /** Mean chroma of what is drawn. */
    private static function chroma(string $png): float
    {
        $image = imagecreatefromstring($png);
        assert($image !== false);
        $sum = $count = 0.0;
        for ($y = 0; $y < imagesy($image); $y += 2) {
            for ($x = 0; $x < imagesx($image); $x += 2) {
                $rgba = (int) imagecolorat($image, $x, $y);
                if ($rgba >> 24 < 20) {
                    $sum += \Kalokroma\Colour\Srgb::parse(sprintf('#%06x', $rgba & 0xFFFFFF))->toLab()->toLch()->chroma;
                    $count++;
                }
            }
        }

        return $sum / max(1.0, $count);
    }

    /** With its figures a plan goes out and comes in again the same, a photo among them. */
    public function testAPlanGoesOutWithItsFiguresAndComesInTheSame(): void
    {
        $plan = $this->plan('The Bound Capstan');
        $photo = $this->sendPhoto($plan->id, self::photo(200, 260), 201);
        $this->ask(
            'PUT',
            "/figures/$photo[id]/labels",
            ['version' => 1, 'areas' => [$plan->document['areas'][0]['id']], 'triangles' => base64_encode(str_repeat("\0", $photo['triangles']))],
        );
        $archive = $this->bytes("/plans/$plan->id/archive");
        self::assertStringStartsWith('PK', $archive);
        self::assertSame($archive, $this->bytes("/plans/$plan->id/archive"));

        $brought = $this->sendArchive($archive, 201);
        self::assertNotSame($plan->id, $brought['id']);
        self::assertSame($archive, $this->bytes("/plans/$brought[id]/archive"));
        [$sculpt, $picture] = $this->ask('GET', "/plans/$brought[id]/figures");
        self::assertSame([false, true], [$sculpt['isPicture'], $picture['isPicture']]);
        self::assertGreaterThan(3, count($sculpt['areas']));
        self::assertSame($this->bytes("/figures/$photo[id]/patches"), $this->bytes("/figures/$picture[id]/patches"));
    }

    public function testAnArchiveThatIsNoneOrHoldsWhatItMayNotChangesNothing(): void
    {
        $good = $this->bytes('/plans/'.$this->plan()->id.'/archive');
        $plans = $this->ask('GET', '/plans')['total'];
        $sculpt = static fn(string $content): callable => static function (\ZipArchive $zip) use ($content): void {
            $zip->addFromString('figures/1/sculpt.glb', $content);
        };
        $faulty = [
            substr($good, 0, 3000),
            self::changed($good, static fn(\ZipArchive $zip) => $zip->deleteName('plan.json')),
            self::changed($good, static fn(\ZipArchive $zip) => $zip->deleteName('figures/1/triangles.bin')),
            self::changed($good, $sculpt('no sculpt')),
            self::changed($good, $sculpt(str_repeat("\0", 6_000_001))),
            self::changed($good, static fn(\ZipArchive $zip) => $zip->addFromString('figures/1/figure.json', '[[[')),
            self::changed($good, static function (\ZipArchive $zip): void {
                foreach (range(1, 60) as $number) {
                    $zip->addFromString("more/$number", 'x');
                }
            }),
        ];
        foreach ($faulty as $number => $archive) {
            self::assertNotSame([], self::fields($this->sendArchive($archive, 422)), "archive $number");
        }
        self::assertSame($plans, $this->ask('GET', '/plans')['total']);
    }

    /** @return array<string, mixed> */
    private function sendArchive(string $body, int $status): array
    {
        $response = $this->call(
            'POST',
            '/api/plans/file',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/zip', 'HTTP_ACCEPT' => 'application/json'],
            $body,
        );

        return $this->judged($response, 'POST', '/plans/file', $status);
    }

    /** @param callable(\ZipArchive): mixed $change */
    private static function changed(string $archive, callable $change): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kalokroma');
        file_put_contents($path, $archive);
        $zip = new \ZipArchive;
        $zip->open($path);
        $change($zip);
        $zip->close();
        $changed = (string) file_get_contents($path);
        unlink($path);

        return $changed;
    }

    /** @return array<string, mixed> */
    private function sendPhoto(string $plan, string $body, int $status): array
    {
        $response = $this->call(
            'POST',
            "/api/plans/$plan/figures?name=My%20warden",
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'],
            $body,
        );

        return $this->judged($response, 'POST', "/plans/$plan/figures", $status);
    }

    /** Folds in a light from above, and the grain of a camera. */
    private static function photo(int $width, int $height, float $light = 1.0): string
    {
        mt_srand(7);
        $image = imagecreatetruecolor($width, $height);
        assert($image !== false);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $grey = (int) ($light * max(0, min(255, 150 - 90 * $y / $height + 55 * sin($x / 6) + 25 * cos($y / 9) + mt_rand(-8, 8))));
                imagesetpixel($image, $x, $y, ($grey << 16) | ($grey << 8) | $grey);
            }
        }
        ob_start();
        imagejpeg($image, null, 95);

        return (string) ob_get_clean();
    }

    /** @return list<int> each fourth byte, from one on */
    private static function every(string $bytes, int $from): array
    {
        return array_map(static fn(string $four): int => ord($four[$from]), str_split($bytes, 4));
    }
}
