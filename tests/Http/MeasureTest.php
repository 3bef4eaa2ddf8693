<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Devices\SwatchReader;
use App\Models\Photo;
use App\Models\Product;
use App\Photos\Jpeg;
use GdImage;
use Illuminate\Support\Facades\Date;
use Illuminate\Testing\TestResponse;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

final class MeasureTest extends HttpTestCase
{
    private const GREY = ['what' => 'grey', 'x' => 0.05, 'y' => 0.1, 'width' => 0.35, 'height' => 0.8];

    private const SWATCH = ['what' => 'swatch', 'x' => 0.6, 'y' => 0.1, 'width' => 0.35, 'height' => 0.8];

    /** Under warm, dim light and with noise the swatch still comes out as it is. */
    #[DataProvider('formats')]
    public function testAPaintedSwatchIsReadByTheGreyCardBesideIt(string $format, float $tolerance): void
    {
        $photo = $this->judged($this->upload(self::encoded(self::picture('#7a5230', [1.1, 0.9, 0.55]), $format)), 'POST', '/photos', 201);
        $measured = $this->ask('POST', "/photos/$photo[id]/readings", ['marks' => [self::GREY, self::SWATCH]])[0];

        self::assertLessThan($tolerance, Ciede2000::between(Srgb::parse('#7a5230')->toLab(), Lab::parse($measured['lab'])));
        self::assertGreaterThan(0.0, $measured['spread']);
        self::assertLessThan($measured['spread'], $measured['uncertainty']);
    }

    /** @return iterable<array{string, float}> */
    public static function formats(): iterable
    {
        yield from [['png', 1.0], ['jpeg', 1.5], ['webp', 1.5]];
    }

    public function testAPictureIsTurnedUprightAndForgetsWhereItWasTaken(): void
    {
        $jpeg = self::encoded(self::picture('#2f7f86', [1, 1, 1]), 'jpeg');
        // An Exif block that says: turn by a quarter, taken at 52° north.
        $exif = hex2bin(
            '457869660000'.'4d4d002a00000008'.'0002'.'0112000300000001'.'00060000'.'8825000400000001'.'00000026'.'00000000'.'0001'
                .'0002000500000001'.'00000038'.'00000000'.'0000003400000001',
        );
        $photo = $this->judged(
            $this->upload(substr($jpeg, 0, 2)."\xff\xe1".pack('n', strlen((string) $exif) + 2).$exif.substr($jpeg, 2)),
            'POST',
            '/photos',
            201,
        );

        self::assertSame([200, 400], [$photo['width'], $photo['height']]);
        $kept = Photo::query()->findOrFail($photo['id'])->png;
        self::assertSame("\x89PNG", substr($kept, 0, 4));
        self::assertStringNotContainsString('Exif', $kept);
        self::assertStringNotContainsString('eXIf', $kept);
        $this->get("/api/photos/$photo[id]")->assertOk()->assertHeader('Content-Type', 'image/png');
        $this->ask('DELETE', "/photos/$photo[id]", null, 204);
        $this->ask('GET', "/photos/$photo[id]", null, 404);
    }

    /**
     * @return iterable<string, array{string, int, array{int, int, int, int}}> format, orientation, and where the red corner is then: left
     *     or right, top or bottom
     */
    public static function orientations(): iterable
    {
        // By Exif 2.32: where the stored picture's first row and first column are.
        foreach ([
            1 => [0, 0], 2 => [1, 0], 3 => [1, 1], 4 => [0, 1], 5 => [0, 0], 6 => [1, 0], 7 => [1, 1], 8 => [0, 1],
        ] as $orientation => [$right, $bottom]) {
            foreach (['png', 'webp'] as $format) {
                yield "$format held as $orientation" => [
                    $format,
                    $orientation,
                    $orientation >= 5 ? [40, 60, $right, $bottom] : [60, 40, $right, $bottom],
                ];
            }
        }
    }

    /** @param array{int, int, int, int} $wanted */
    #[DataProvider('orientations')]
    public function testPngAndWebpAreTurnedUprightToo(string $format, int $orientation, array $wanted): void
    {
        $image = imagecreatetruecolor(60, 40) ?: throw new \RuntimeException('No picture.');
        imagefilledrectangle($image, 0, 0, 59, 39, 0x2040C0);
        imagefilledrectangle($image, 0, 0, 19, 13, 0xE02020);
        $tiff = 'II'.pack('vVv', 42, 8, 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0);
        $bytes = self::encoded($image, $format);
        $bytes = $format === 'png'
            ? substr($bytes, 0, 33).pack('N', strlen($tiff)).'eXIf'.$tiff.pack('N', crc32('eXIf'.$tiff)).substr($bytes, 33)
            : 'RIFF'.pack('V', strlen($bytes) + strlen($tiff)).substr($bytes, 8).'EXIF'.pack('V', strlen($tiff)).$tiff;
        $photo = $this->judged($this->upload($bytes), 'POST', '/photos', 201);
        [$width, $height, $right, $bottom] = $wanted;
        self::assertSame([$width, $height], [$photo['width'], $photo['height']]);
        $upright = imagecreatefromstring(Photo::query()->findOrFail($photo['id'])->png) ?: throw new \RuntimeException('No picture.');
        $red = static fn(int $x, int $y): bool => (imagecolorat($upright, $x, $y) >> 16 & 0xFF) > 0x80;
        foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$x, $y]) {
            self::assertSame([$x, $y] === [$right, $bottom], $red($x === 0 ? 4 : $width - 5, $y === 0 ? 4 : $height - 5), "corner $x $y");
        }
    }

    public function testAPictureLeftLyingGoesWhenAnotherIsTakenIn(): void
    {
        $bytes = self::encoded(self::picture('#2f7f86', [1, 1, 1]), 'png');
        $old = $this->judged($this->upload($bytes), 'POST', '/photos', 201);
        $young = $this->judged($this->upload($bytes), 'POST', '/photos', 201);
        Photo::query()->whereKey($old['id'])->update(['created_at' => Date::now()->subDays(3)]);

        $this->judged($this->upload($bytes), 'POST', '/photos', 201);
        $this->get("/api/photos/$young[id]")->assertOk();
        $this->get("/api/photos/$old[id]")->assertNotFound();
    }

    public function testAPictureInWhichAPaintWasMeasuredStays(): void
    {
        $photo = $this->judged($this->upload(self::encoded(self::picture('#2f7f86', [1, 1, 1]), 'png')), 'POST', '/photos', 201);
        $this->keep('Tide Teal', ['colour' => ['lab' => [48.2, -22.1, -9.3], 'source' => 'photo', 'readings' => 1, 'photo' => $photo['id']]]);
        Photo::query()->whereKey($photo['id'])->update(['created_at' => Date::now()->subDays(30)]);

        $this->judged($this->upload(self::encoded(self::picture('#2f7f86', [1, 1, 1]), 'png')), 'POST', '/photos', 201);
        $this->get("/api/photos/$photo[id]")->assertOk();
        self::assertSame(['photo'], self::fields($this->ask('DELETE', "/photos/$photo[id]", null, 409)));
    }

    public function testHalfAPictureIsRefused(): void
    {
        $whole = self::encoded(self::picture('#2f7f86', [1, 1, 1]), 'jpeg');
        self::assertTrue(Jpeg::isWhole($whole));
        self::assertTrue(Jpeg::isWhole($whole.'what a camera appends'));
        foreach ([0.5, 0.9, 0.999] as $share) {
            self::assertSame(
                ['photo'],
                self::fields($this->judged($this->upload(substr($whole, 0, (int) ($share * strlen($whole)))), 'POST', '/photos', 422)),
            );
        }
    }

    /** A colour that no screen can show comes back as it was measured: as a hex it would be 8 off. */
    public function testAMeasuredColourIsKeptAsItWasMeasured(): void
    {
        $kept = $this->keep('Tide Teal', ['colour' => ['lab' => [52.0, -61.5, -20.25], 'source' => 'reader', 'readings' => 5]]);
        self::assertSame('52.00, -61.50, -20.25', $kept['lab']);
        self::assertSame('measured with the reader (5)', $kept['known']['colour']);
        self::assertGreaterThan(5.0, Ciede2000::between(Lab::parse($kept['lab']), Srgb::parse($kept['swatch'])->toLab()));

        // The form sends back what it was shown: that types nothing anew.
        $same = $this->ask('PUT', "/paints/$kept[id]", [...self::input($kept), 'name' => 'Tide Teal II']);
        self::assertSame($kept['measured'], $same['measured']);
        // It is taken out and in again by a file, too.
        $csv = (string) $this->get('/api/paints/export?what=catalogue')->getContent();
        self::assertStringContainsString('lab(52.000 -61.500 -20.250)', $csv);
        $again = $this->call('POST', '/api/paints/import?what=catalogue', [], [], [], ['CONTENT_TYPE' => 'text/csv'], $csv);
        self::assertSame(162, json_decode((string) $again->getContent(), true)['same']);

        $typed = $this->ask('PUT', "/paints/$same[id]", [...self::input($same), 'swatch' => '#2f7f86']);
        self::assertNull($typed['measured']);
        $undone = $this->ask('PUT', "/paints/$typed[id]", [...self::input($typed), 'measured' => $same['measured']]);
        self::assertSame($kept['lab'], $undone['lab']);
    }

    public function testADrawdownTellsColourAndStrengthOfAPaint(): void
    {
        $read = $this->ask('POST', '/drawdowns', ['overBlack' => '38, 4, 12', 'overWhite' => '62, 6, 18']);
        $kept = $this->keep('Tide Teal', ['film' => [...$read['film'], 'source' => 'photo', 'readings' => 2]]);

        self::assertEqualsWithDelta($read['opacity'], $kept['opacity'], 0.001);
        self::assertSame('measured from a photo (2)', $kept['known']['opacity']);
        self::assertSame($read['masstone']['hex'], $kept['swatch']);
        self::assertEqualsCanonicalizing(['film', 'colour', 'strength'], array_keys($kept['measured']));
        self::assertSame(
            ['measured'],
            self::fields($this->ask(
                'PUT',
                "/paints/$kept[id]",
                [...self::input($kept), 'measured' => ['film' => ['overBlack' => [60, 0, 0], 'overWhite' => [40, 0, 0]]]],
                422,
            )),
        );
        self::assertSame(
            ['measured'],
            self::fields($this->ask('PUT', "/paints/$kept[id]", [...self::input($kept), 'measured' => ['colour' => ['lab' => 'red']]], 422)),
        );
    }

    public function testAMeasuredMixCorrectsTheWeakerKnownOfItsPaints(): void
    {
        $this->keep('Heron White', ['strength' => ['opacity' => 0.66, 'source' => 'typed', 'readings' => 3]]);
        $parts = [['paint' => $this->paint('Heron White')->id, 'parts' => 3], ['paint' => $this->paint('Rowan Red')->id, 'parts' => 1]];
        $told = $this->ask('POST', '/measured-mixes', ['parts' => $parts, 'colour' => '60, 48, 18']);

        self::assertSame('Rowan Red', $told['paint']['name']);
        self::assertLessThan($told['before'], $told['after']);
        self::assertNotSame($told['opacityBefore'], $told['opacity']);
        self::assertSame(['parts'], self::fields($this->ask('POST', '/measured-mixes', ['parts' => [$parts[0]], 'colour' => '60, 48, 18'], 422)));
        self::assertSame(['colour'], self::fields($this->ask('POST', '/measured-mixes', ['parts' => $parts, 'colour' => 'pink'], 422)));
    }

    /**
     * @param array<string, mixed> $measured
     *
     * @return array<string, mixed>
     */
    private function keep(string $name, array $measured): array
    {
        $paint = $this->ask('GET', '/paints/'.$this->paint($name)->id)['paint'];

        return $this->ask('PUT', "/paints/$paint[id]", [...self::input($paint), 'measured' => $measured]);
    }

    /**
     * @param array<string, mixed> $paint
     *
     * @return array<string, mixed> as the form sends it
     */
    private static function input(array $paint): array
    {
        $shown = ['swatch' => $paint['swatch'], 'opacity' => $paint['opacityIsEstimate'] ? null : $paint['opacity']];

        return [
            ...array_intersect_key(
                $paint,
                array_flip(['maker', 'range', 'code', 'name', 'kind', 'finish', 'volumeMl', 'price', 'barcode', 'version']),
            ),
            ...$shown,
        ];
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string}> */
    public static function badMarks(): iterable
    {
        yield 'no card' => [[self::SWATCH], 'grey card too'];
        yield 'two cards' => [[self::GREY, self::GREY, self::SWATCH], 'Two grey cards'];
        yield 'no swatch' => [[self::GREY], 'at least one swatch'];
        yield 'coloured card' => [[[...self::SWATCH, 'what' => 'grey'], self::SWATCH], 'coloured'];
        yield 'tiny' => [[self::GREY, [...self::SWATCH, 'width' => 0.001, 'height' => 0.001]], 'too small'];
        yield 'card and swatch' => [[[...self::GREY, 'width' => 0.9], self::SWATCH], 'grey card'];
    }

    /** @param list<array<string, mixed>> $marks */
    #[DataProvider('badMarks')]
    public function testMarksOfNoUseAreTold(array $marks, string $words): void
    {
        $photo = $this->judged($this->upload(self::encoded(self::picture('#a02020', [1, 1, 1]), 'png')), 'POST', '/photos', 201);
        $problem = $this->ask('POST', "/photos/$photo[id]/readings", ['marks' => $marks], 422);

        self::assertSame(['marks'], self::fields($problem));
        self::assertStringContainsString($words, $problem['detail']);
    }

    public function testAnOverexposedCardIsTold(): void
    {
        $photo = $this->judged($this->upload(self::encoded(self::picture('#7a5230', [7, 7, 7]), 'png')), 'POST', '/photos', 201);

        self::assertStringContainsString(
            'overexposed',
            $this->ask('POST', "/photos/$photo[id]/readings", ['marks' => [self::GREY, self::SWATCH]], 422)['detail'],
        );
    }

    public function testMarksOutsideThePictureAreTold(): void
    {
        $photo = $this->judged($this->upload(self::encoded(self::picture('#7a5230', [1, 1, 1]), 'png')), 'POST', '/photos', 201);

        self::assertSame(
            ['marks.0.x'],
            self::fields($this->ask('POST', "/photos/$photo[id]/readings", ['marks' => [[...self::GREY, 'x' => 2], self::SWATCH]], 422)),
        );
        self::assertSame(['marks'], self::fields($this->ask('POST', "/photos/$photo[id]/readings", [], 422)));
        self::assertSame(
            ['marks'],
            self::fields($this->ask('POST', "/photos/$photo[id]/readings", ['marks' => [[...self::GREY, 'x' => 1], self::SWATCH]], 422)),
        );
    }

    /** @return iterable<string, array{string}> */
    public static function noPictures(): iterable
    {
        yield 'nothing' => [''];
        yield 'text' => ['hello'];
        yield 'gif' => [base64_decode('R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7', true)];
        yield 'cut short' => [substr(self::encoded(self::picture('#7a5230', [1, 1, 1]), 'png'), 0, 60)];
        // A picture of 60000 × 60000 pixels in a few bytes.
        yield 'bomb' => [
            "\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 60000, 60000)."\x08\x02\0\0\0"
                .pack('N', crc32('IHDR'.pack('NN', 60000, 60000)."\x08\x02\0\0\0")).str_repeat("\0", 64),
        ];
        yield 'tiny' => [self::encoded(imagecreatetruecolor(2, 2) ?: throw new \RuntimeException, 'png')];
    }

    #[DataProvider('noPictures')]
    public function testWhatIsNoPictureIsRefused(string $bytes): void
    {
        $before = Photo::query()->count();
        self::assertSame(['photo'], self::fields($this->judged($this->upload($bytes), 'POST', '/photos', 422)));
        self::assertSame($before, Photo::query()->count());
    }

    public function testTheSwatchReaderIsAveragedOverNoiseAndSlips(): void
    {
        $this->ask('POST', '/devices/reader/readings', [], 409);
        self::assertTrue($this->ask('PUT', '/devices/reader', ['colour' => '#7a5230'])['isLaid']);
        $earlier = [];
        for ($i = 0; $i < 16; $i++) {
            $answer = $this->ask('POST', '/devices/reader/readings', ['earlier' => $earlier]);
            $earlier = array_column($answer['readings'], 'lab');
        }

        self::assertSame(16, $answer['measured']['kept'] + $answer['measured']['dropped']);
        self::assertGreaterThan(0, $answer['measured']['dropped']);
        self::assertLessThan(0.4, Ciede2000::between(Srgb::parse('#7a5230')->toLab(), Lab::parse($answer['measured']['lab'])));
        self::assertLessThan($answer['measured']['spread'], $answer['measured']['uncertainty']);
        self::assertSame(['earlier'], self::fields($this->ask('POST', '/devices/reader/readings', ['earlier' => [[900, 0, 0]]], 422)));
        self::assertSame(['earlier.0'], self::fields($this->ask('POST', '/devices/reader/readings', ['earlier' => [[1, 2]]], 422)));
        self::assertSame(['colour'], self::fields($this->ask('PUT', '/devices/reader', ['colour' => 'brown'], 422)));
    }

    public function testAReaderThatGivesNoNumberIsTold(): void
    {
        $this->ask('PUT', '/devices/reader', ['paint' => $this->paint('Oilskin Yellow')->id, 'isDirty' => true]);
        $problem = $this->ask('POST', '/devices/reader/readings', [], 422);
        self::assertSame(['reader'], self::fields($problem));
        self::assertStringContainsString('Clean the window', $problem['detail']);

        $this->app->instance(SwatchReader::class, new class implements SwatchReader {
            public function read(): array
            {
                return [50.0, INF, 0.0];
            }
        });
        self::assertSame(['reader'], self::fields($this->ask('POST', '/devices/reader/readings', [], 422)));
    }

    public function testTheScannerFindsThePot(): void
    {
        $this->ask('POST', '/devices/scanner/scans', [], 409);
        $yellow = $this->paint('Oilskin Yellow');
        $this->ask('PUT', '/devices/scanner', ['barcode' => $yellow->barcode], 204);
        self::assertSame($yellow->id, $this->ask('POST', '/devices/scanner/scans')['paint']['id']);
        $this->ask('PUT', '/devices/scanner', ['barcode' => '999'], 204);
        self::assertSame(['barcode' => '999', 'paint' => null], $this->ask('POST', '/devices/scanner/scans'));
        self::assertSame(['barcode'], self::fields($this->ask('PUT', '/devices/scanner', ['barcode' => str_repeat('9', 33)], 422)));
    }

    public function testADrawdownGivesTheOpacity(): void
    {
        $read = $this->ask('POST', '/drawdowns', ['overBlack' => '50, 0, 0', 'overWhite' => '66.4, 0, 0']);
        self::assertEqualsWithDelta(0.512, $read['opacity'], 0.005);
        self::assertSame([50, 66], [$read['overBlack']['value'], $read['overWhite']['value']]);
        self::assertSame(['overBlack'], self::fields($this->ask('POST', '/drawdowns', ['overBlack' => '80,0,0', 'overWhite' => '50,0,0'], 422)));
        self::assertSame(['overWhite'], self::fields($this->ask('POST', '/drawdowns', ['overBlack' => '80,0,0'], 422)));
        self::assertSame(['overWhite'], self::fields($this->ask('POST', '/drawdowns', ['overBlack' => '80,0,0', 'overWhite' => 'x'], 422)));
    }

    public function testTheMapTellsPlacesGapsTwinsAndWhatWasNeverUsed(): void
    {
        $plan = $this->plan();
        $set = $this->ask('GET', '/sets')[0];
        $map = $this->ask('GET', "/shelf/map?plan=$plan->id&set=$set[id]");

        self::assertNotSame([], $map['gaps']);
        self::assertNotSame([], $map['needs']);
        self::assertNotSame([], array_filter($map['points'], static fn(array $point): bool => $point['hue'] === null));
        self::assertNotSame([], array_filter($map['points'], static fn(array $point): bool => $point['neverUsed']));
        self::assertNotSame([], array_filter($map['points'], static fn(array $point): bool => ! $point['neverUsed']));
        self::assertSame(
            Product::query()->whereNotNull('swatch')->whereHas('pot', static fn($pot) => $pot->where('pots', '>', 0))->count(),
            count($map['points']),
        );
        self::assertSame($set['new'], array_column(array_filter($map['laid'], static fn(array $one): bool => $one['isNew']), 'id'));
        $this->ask('GET', '/shelf/map?set=none', null, 404);
        $this->ask('GET', '/shelf/map?plan=none', null, 404);
    }

    public function testAGapNamesAPaintThatWouldFillItAndIsGoneOnceItIsOwned(): void
    {
        $before = $this->ask('GET', '/shelf/map')['gaps'];
        $filled = array_values(array_filter($before, static fn(array $gap): bool => $gap['filler'] !== null))[0];
        self::assertNotContains($filled['filler']['id'], array_column($this->ask('GET', '/shelf/map')['points'], 'id'));

        $this->ask(
            'PUT',
            "/paints/{$filled['filler']['id']}/pot",
            ['pots' => 1, 'remainingMl' => 17, 'note' => '', 'wished' => false, 'version' => 0],
        );
        foreach ($this->ask('GET', '/shelf/map')['gaps'] as $gap) {
            self::assertNotSame($filled['filler']['id'], $gap['filler']['id'] ?? null);
            self::assertNotSame([$filled['hue'], $filled['value'], $filled['hueReach']], [$gap['hue'], $gap['value'], $gap['hueReach']]);
        }
    }

    /** @return TestResponse<Response> */
    private function upload(string $bytes): TestResponse
    {
        return $this->call('POST', '/api/photos', server: ['CONTENT_TYPE' => 'image/png', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
    }

    /** @param array{float|int, float|int, float|int} $light */
    private static function picture(string $hex, array $light): GdImage
    {
        mt_srand(5);
        $image = imagecreatetruecolor(400, 200) ?: throw new \RuntimeException;
        $swatch = Srgb::parse($hex);
        $surfaces = [[0.18, 0.18, 0.18], array_map(Srgb::decode(...), [$swatch->red, $swatch->green, $swatch->blue])];
        for ($x = 0; $x < 400; $x += 2) {
            for ($y = 0; $y < 200; $y += 2) {
                $noise = mt_rand(-5, 5);
                $channels = array_map(
                    static fn(float $surface, float $light): int => max(0, min(255, (int) round(255 * Srgb::encode($surface * $light)) + $noise)),
                    $surfaces[$x < 200 ? 0 : 1],
                    $light,
                );
                imagefilledrectangle($image, $x, $y, $x + 1, $y + 1, $channels[0] << 16 | $channels[1] << 8 | $channels[2]);
            }
        }

        return $image;
    }

    private static function encoded(GdImage $image, string $format): string
    {
        ob_start();
        match ($format) {
            'jpeg' => imagejpeg($image, null, 95),
            'webp' => imagewebp($image, null, 95),
            default => imagepng($image),
        };

        return (string) ob_get_clean();
    }
}
