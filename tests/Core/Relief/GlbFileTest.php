<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\IllegalSculpt;
use PHPUnit\Framework\TestCase;

final class GlbFileTest extends TestCase
{
    private const CORNERS = [0.0, 0.0, 0.0, 4.0, 0.0, 0.0, 0.0, 4.0, 0.0];

    /** Corners in threes need no list of triangles; each further part goes on counting where the last one ended. */
    public function testCornersWithoutAListAreTrianglesOneAfterTheOther(): void
    {
        $mesh = GlbFile::read(self::glb(['attributes' => ['POSITION' => 0]]));

        self::assertSame([0, 1, 2, 3, 4, 5], $mesh->triangles);
        self::assertSame([...self::CORNERS, 0.0, 0.0, 5.0, 4.0, 0.0, 5.0, 0.0, 4.0, 5.0], $mesh->positions);
    }

    public function testTheCornersOfAListAreThoseOfItsPart(): void
    {
        self::assertSame([0, 2, 1, 3, 5, 4], GlbFile::read(self::glb(['attributes' => ['POSITION' => 0], 'indices' => 1]))->triangles);
    }

    /** Between the places of a vertex may stand what else it has. */
    public function testPlacesAreFoundBetweenOtherValues(): void
    {
        $buffer = pack('g*', 0.0, 0.0, 0.0, 9.0, 4.0, 0.0, 0.0, 9.0, 0.0, 4.0, 0.0, 9.0);
        $mesh = GlbFile::read(self::file($buffer, ['componentType' => 5126], ['byteStride' => 16]));

        self::assertSame(self::CORNERS, $mesh->positions);
    }

    /** Whole numbers may stand for shares of the largest. */
    public function testPlacesAreReadFromSharesOfAWholeNumber(): void
    {
        $buffer = pack('v*', 0, 0, 0, 32767, 0, 0, 0, 32767, 0, 0);
        $mesh = GlbFile::read(self::file($buffer, ['componentType' => 5122, 'normalized' => true], [], ['scale' => [4, 4, 4]]));

        self::assertEqualsWithDelta(self::CORNERS, $mesh->positions, 1e-9);
    }

    /** What stands between need not be a place's size, nor a whole number of its values. */
    public function testPlacesMayStandAnyNumberOfBytesApart(): void
    {
        $places = array_map(static fn(array $place): string => pack('g*', ...$place), array_chunk(self::CORNERS, 3));
        $mesh = GlbFile::read(self::file(implode('x', $places), ['componentType' => 5126], ['byteStride' => 13]));

        self::assertSame(self::CORNERS, $mesh->positions);
    }

    public function testPartsStandThirtyTwoDeepWithinEachOtherAtMost(): void
    {
        $nested = static function (int $deep): string {
            $inner = array_map(static fn(int $at): array => ['children' => [$at]], range(1, $deep));

            return self::packed([
                'asset' => ['version' => '2.0'],
                'scenes' => [['nodes' => [0]]],
                'nodes' => [...$inner, ['mesh' => 0]],
                'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0]]]]],
                'accessors' => [['bufferView' => 0, 'componentType' => 5126, 'count' => 3, 'type' => 'VEC3']],
                'bufferViews' => [['buffer' => 0, 'byteLength' => 36]],
            ], pack('g*', ...self::CORNERS));
        };

        self::assertSame(self::CORNERS, GlbFile::read($nested(32))->positions);
        $this->expectExceptionMessage('without end');
        GlbFile::read($nested(33));
    }

    public function testAFileHasSixMegabytesAtMost(): void
    {
        $file = self::glb(['attributes' => ['POSITION' => 0]]);

        self::assertSame(2, GlbFile::read(str_pad($file, 6_000_000, "\0"))->triangleCount());
        $this->expectExceptionMessage('6.0 MB');
        GlbFile::read(str_pad($file, 6_000_001, "\0"));
    }

    public function testItHoldsAsManyCornersAsItSays(): void
    {
        $places = pack('g*', ...self::CORNERS);
        $refused = 0;
        // One more than it holds; as many as it holds, and more than any sculpt has.
        foreach ([[$places, 5126, 4], [str_repeat("\1", 3 * 360_001), 5120, 360_001]] as [$buffer, $type, $count]) {
            try {
                GlbFile::read(self::file($buffer, ['componentType' => $type, 'count' => $count], []));
            } catch (IllegalSculpt $illegal) {
                self::assertStringContainsString('more corners than it holds', $illegal->getMessage());
                $refused++;
            }
        }

        self::assertSame(2, $refused);
        self::assertSame(3, GlbFile::read(self::file($places, ['componentType' => 5126, 'count' => 3], []))->vertexCount());
    }

    /**
     * @param array<string, mixed> $accessor of three places
     * @param array<string, mixed> $view of them
     * @param array<string, mixed> $node
     */
    private static function file(string $buffer, array $accessor, array $view, array $node = []): string
    {
        return self::packed([
            'asset' => ['version' => '2.0'],
            'scenes' => [['nodes' => [0]]],
            'nodes' => [['mesh' => 0, ...$node]],
            'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0]]]]],
            'accessors' => [['bufferView' => 0, 'count' => 3, 'type' => 'VEC3', ...$accessor]],
            'bufferViews' => [['buffer' => 0, 'byteLength' => strlen($buffer), ...$view]],
        ], $buffer);
    }

    /** @param array<string, mixed> $primitive of both nodes; the second stands 5 mm in front of the first */
    private static function glb(array $primitive): string
    {
        $buffer = pack('g*', ...self::CORNERS).pack('v*', 0, 2, 1, 0);

        return self::packed([
            'asset' => ['version' => '2.0'],
            'scenes' => [['nodes' => [0, 1]]],
            'nodes' => [['mesh' => 0], ['mesh' => 0, 'translation' => [0, 0, 5]]],
            'meshes' => [['primitives' => [$primitive]]],
            'accessors' => [
                ['bufferView' => 0, 'componentType' => 5126, 'count' => 3, 'type' => 'VEC3'],
                ['bufferView' => 1, 'componentType' => 5123, 'count' => 3, 'type' => 'SCALAR'],
            ],
            'bufferViews' => [['buffer' => 0, 'byteLength' => 36], ['buffer' => 0, 'byteOffset' => 36, 'byteLength' => 6]],
        ], $buffer);
    }

    /** @param array<string, mixed> $scene */
    private static function packed(array $scene, string $buffer): string
    {
        $scene = (string) json_encode([...$scene, 'buffers' => [['byteLength' => strlen($buffer)]]]);
        $scene .= str_repeat(' ', -strlen($scene) & 3);
        $chunks = pack('V2', strlen($scene), 0x4E4F534A).$scene.pack('V2', strlen($buffer), 0x004E4942).$buffer;

        return pack('V3', 0x46546C67, 2, 12 + strlen($chunks)).$chunks;
    }
}
