<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\GlbWriter;
use Kalokroma\Relief\IllegalSculpt;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Picture;
use Kalokroma\Relief\PictureFaults;
use Kalokroma\Relief\PictureRelief;
use Kalokroma\Relief\Superpixels;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pictures whose light and shade are known. */
final class PictureTest extends TestCase
{
    private const WIDTH = 80;

    private const HEIGHT = 100;

    public function testASkinOfAPictureIsAsHighAsTheModelAndLooksAtTheEye(): void
    {
        $picture = self::picture(static fn(int $x, int $y): float => 50.0);
        $mesh = GlbFile::read(GlbWriter::write($picture->mesh(32.0)));

        self::assertSame([self::WIDTH * self::HEIGHT, 2 * (self::WIDTH - 1) * (self::HEIGHT - 1)], [$mesh->vertexCount(), $mesh->triangleCount()]);
        self::assertEqualsWithDelta(32.0, $mesh->heightMm(), 1e-4);
        self::assertEqualsWithDelta(1.0, $mesh->normals()[2], 1e-6);
        self::assertSame([0, 0, 1], [$picture->pointOf(0), $picture->pointOf(1), $picture->pointOf(2)]);
        self::assertSame(self::WIDTH, $picture->pointOf(2 * (self::WIDTH - 1)), 'The second row begins with its own first point.');
    }

    public function testItIsKeptAsBytesAndComesBack(): void
    {
        $picture = self::picture(static fn(int $x, int $y): float => (float) $x, 20.0);
        $again = Picture::read(self::WIDTH, $picture->bytes());

        self::assertEquals($picture, $again);
        self::assertEqualsWithDelta([40.0, 20.0, -20.0], $again->colour(40), 0.3);
    }

    /** A crease darker than what is round it is a recess, a bright line an edge, though the one lies on the light side and the other in shade. */
    public function testFineDifferencesTellRecessAndEdgeWhereverTheLightFalls(): void
    {
        $picture = self::picture(
            static fn(int $x, int $y): float => 40.0 + 0.3 * $y + ($x === 60 && $y > 70 ? -18.0 : 0.0) + ($x === 20 && $y < 40 ? 18.0 : 0.0),
        );
        $zones = PictureRelief::zones($picture, self::allOne($picture), [Texture::BroadFolds]);

        self::assertLessThan(1.2, $zones[85 * self::WIDTH + 60]);
        self::assertGreaterThan(2.5, $zones[85 * self::WIDTH + 40]);
        self::assertGreaterThan(3.0, $zones[20 * self::WIDTH + 20]);
        self::assertLessThan(2.0, $zones[20 * self::WIDTH + 40]);
    }

    /** @return iterable<string, array{Texture}> */
    public static function textures(): iterable
    {
        foreach (Texture::cases() as $texture) {
            yield $texture->value => [$texture];
        }
    }

    #[DataProvider('textures')]
    public function testAnAreaHasTheZonesOfItsTexture(Texture $texture): void
    {
        $picture = self::picture(static fn(int $x, int $y): float => 50.0 + 20.0 * sin($x / 5) + 10.0 * cos($y / 7));
        $zones = PictureRelief::zones($picture, self::allOne($picture), [$texture]);
        foreach (Zone::cases() as $index => $zone) {
            $share = count(array_filter($zones, static fn(float $one): bool => (int) round($one) === $index)) / count($zones);
            self::assertEqualsWithDelta($texture->share($zone), $share, 0.04, $zone->value);
        }
    }

    public function testWhatIsInNoAreaIsNoRecessAndNoEdge(): void
    {
        $picture = self::picture(static fn(int $x, int $y): float => (float) $x);

        self::assertSame([2.0], array_values(array_unique(PictureRelief::zones($picture, Labels::none($picture->mesh(30.0)), []))));
    }

    public function testALightFromAboveIsWhereThePictureIsLight(): void
    {
        $lit = PictureRelief::lit(self::picture(static fn(int $x, int $y): float => 80.0 - 0.6 * $y));

        self::assertGreaterThan(0.95, $lit[2 * self::WIDTH + 40]);
        self::assertLessThan(0.05, $lit[97 * self::WIDTH + 40]);
        self::assertEqualsWithDelta(0.5, $lit[50 * self::WIDTH + 40], 0.05);
    }

    public function testNoPatchCrossesABorderAndEachIsInOnePiece(): void
    {
        $picture = self::picture(static fn(int $x, int $y): float => $x < 37 ? 30.0 : 70.0);
        $patches = Superpixels::of($picture);
        $sides = $points = [];
        foreach ($patches as $triangle => $patch) {
            $point = $picture->pointOf($triangle);
            $sides[$patch][$point % self::WIDTH < 37 ? 'left' : 'right'] = true;
            $points[$patch][$point] = true;
        }

        self::assertCount(0, array_filter($sides, static fn(array $of): bool => count($of) > 1));
        self::assertGreaterThan(250, count($points));
        self::assertLessThan(700, count($points));
        foreach ($points as $patch => $of) {
            self::assertTrue(self::isWhole(array_keys($of)), "patch $patch");
        }
    }

    /** A fleck that stands alone goes to the patch before it, or above it at a row's beginning. */
    public function testNoPatchIsAFleck(): void
    {
        foreach ([[0, 1], [5, 1], [self::WIDTH - 1, 0], [3, 0]] as [$x, $y]) {
            $picture = self::picture(static fn(int $column, int $row): float => $row > 4 || [$column, $row] === [$x, $y] ? 70.0 : 30.0);
            $points = [];
            foreach (Superpixels::of($picture) as $triangle => $patch) {
                $points[$patch][$picture->pointOf($triangle)] = true;
            }

            self::assertGreaterThan(2, min(array_map(count(...), $points)), "$x, $y");
        }
    }

    /** @return iterable<string, array{callable(int, int): float, string|null}> */
    public static function faults(): iterable
    {
        $model = static fn(int $x, int $y): float => 48.0 + 22.0 * sin($x / 3) + 12.0 * cos($y / 3) + ($x + $y) % 2 * 3.0;
        yield 'one that will do' => [$model, null];
        yield 'blown out' => [static fn(int $x, int $y): float => $y < 10 ? 100.0 : $model($x, $y), 'blown out'];
        yield 'too dark' => [static fn(int $x, int $y): float => $model($x, $y) / 5, 'very dark'];
        yield 'flat' => [static fn(int $x, int $y): float => 50.0 + ($x + $y) % 2 * 4.0, 'hardly differ'];
        yield 'blurred' => [static fn(int $x, int $y): float => 50.0 + 30.0 * sin($x / 40), 'blurred'];
        yield 'lit from one side' => [static fn(int $x, int $y): float => 0.5 * $model($x, $y) + ($x < 40 ? 5.0 : 40.0), 'from one side'];
    }

    /** @param callable(int, int): float $lightness */
    #[DataProvider('faults')]
    public function testWhatAPictureLacksIsTold(callable $lightness, ?string $words): void
    {
        $told = implode(' ', PictureFaults::of(self::picture($lightness)));

        $words === null ? self::assertSame('', $told) : self::assertStringContainsString($words, $told);
    }

    public function testWhatIsNoPictureIsRefused(): void
    {
        foreach ([[10, 100], [self::WIDTH, self::WIDTH * self::HEIGHT - 1], [0, 100]] as [$width, $count]) {
            try {
                Picture::of($width, array_fill(0, $count, [50.0, 0.0, 0.0]));
                self::fail('It was taken.');
            } catch (IllegalSculpt $illegal) {
                self::assertStringContainsString('picture', $illegal->getMessage());
            }
        }
    }

    /** @param callable(int, int): float $lightness */
    private static function picture(callable $lightness, float $a = 0.0): Picture
    {
        $colours = [];
        for ($y = 0; $y < self::HEIGHT; $y++) {
            for ($x = 0; $x < self::WIDTH; $x++) {
                $colours[] = [max(0.0, min(100.0, $lightness($x, $y))), $a, -$a];
            }
        }

        return Picture::of(self::WIDTH, $colours);
    }

    private static function allOne(Picture $picture): Labels
    {
        $mesh = $picture->mesh(32.0);

        return Labels::of(['area'], str_repeat("\0", $mesh->triangleCount()), $mesh);
    }

    /** @param list<int> $points */
    private static function isWhole(array $points): bool
    {
        $left = array_flip($points);
        $next = [array_key_first($left)];
        while ($next !== []) {
            $point = array_pop($next);
            if ($point === null || ! isset($left[$point])) {
                continue;
            }
            unset($left[$point]);
            array_push($next, $point - 1, $point + 1, $point - self::WIDTH, $point + self::WIDTH);
        }

        return $left === [];
    }
}
