<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use JsonException;

/**
 * Reads the triangles of a GLB file (glTF 2.0, binary), as far as figures are kept in it: one buffer inside the file, triangles with or
 * without indices, positions as floats or quantised (KHR_mesh_quantization), moved and scaled by their nodes. Units are mm, y is up.
 */
final class GlbFile
{
    public const LARGEST_BYTES = 6_000_000;

    private const MAGIC = 0x46546C67;

    private const JSON = 0x4E4F534A;

    private const BIN = 0x004E4942;

    private const TRIANGLES = 4;

    private const DEEPEST_NODES = 32;

    /** Format for unpack, bytes, and what a normalised value is divided by, by glTF's component type. */
    private const COMPONENTS = [
        5120 => ['c', 1, 127.0],
        5121 => ['C', 1, 255.0],
        5122 => ['s', 2, 32767.0],
        5123 => ['v', 2, 65535.0],
        5125 => ['V', 4, 1.0],
        5126 => ['g', 4, 1.0],
    ];

    /** @var list<float> */
    private array $positions = [];

    /** @var list<int> */
    private array $triangles = [];

    private int $met = 0;

    /** @param array<mixed> $scene */
    private function __construct(
        private readonly array $scene,
        private readonly string $buffer,
    ) {}

    /** @throws IllegalSculpt when it is none, is cut short, or holds what no sculpt does */
    public static function read(string $bytes): Mesh
    {
        [$json, $buffer] = self::chunks($bytes);
        try {
            $scene = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw IllegalSculpt::noGlb('its description is damaged, '.lcfirst($fault->getMessage()));
        }
        if (! is_array($scene)) {
            throw IllegalSculpt::noGlb('its description is empty');
        }
        $file = new self($scene, $buffer);
        foreach ($file->roots() as $root) {
            $file->node($root, [1.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 0.0, 1.0], 0);
        }

        return Mesh::of($file->positions, $file->triangles);
    }

    /** @return array{string, string} */
    private static function chunks(string $bytes): array
    {
        $length = strlen($bytes);
        if ($length > self::LARGEST_BYTES) {
            throw IllegalSculpt::noGlb(sprintf(
                'it has %.1f MB, and %d MB are the most a thinned figure needs',
                $length / 1e6,
                self::LARGEST_BYTES / 1e6,
            ));
        }
        $head = $length < 20 ? false : unpack('Vmagic/Vversion/Vlength', $bytes);
        if ($head === false || $head['magic'] !== self::MAGIC || $head['version'] !== 2) {
            throw IllegalSculpt::noGlb('it does not begin like one');
        }
        $found = [];
        for ($at = 12; $at + 8 <= $length;) {
            /** @var array{length: int, type: int}|false $chunk */
            $chunk = unpack('Vlength/Vtype', $bytes, $at);
            if ($chunk === false || $chunk['length'] > $length - $at - 8) {
                throw IllegalSculpt::noGlb('it is cut short');
            }
            $found[$chunk['type']] ??= substr($bytes, $at + 8, $chunk['length']);
            $at += 8 + $chunk['length'];
        }

        return [$found[self::JSON] ?? throw IllegalSculpt::noGlb('its description is missing'), $found[self::BIN] ?? ''];
    }

    /** @return list<int> the nodes a scene begins with */
    private function roots(): array
    {
        $scene = $this->at('scenes', is_int($this->scene['scene'] ?? null) ? $this->scene['scene'] : 0);

        return array_values(array_filter(is_array($scene['nodes'] ?? null) ? $scene['nodes'] : [], is_int(...)));
    }

    /** @param list<float> $matrix of all above it, column by column */
    private function node(int $number, array $matrix, int $deep): void
    {
        if ($deep > self::DEEPEST_NODES || ++$this->met > 10_000) {
            throw IllegalSculpt::holds('parts nested without end');
        }
        $node = $this->at('nodes', $number);
        $matrix = Placement::times($matrix, Placement::ofNode($node));
        if (is_int($node['mesh'] ?? null)) {
            $mesh = $this->at('meshes', $node['mesh']);
            foreach (is_array($mesh['primitives'] ?? null) ? $mesh['primitives'] : [] as $primitive) {
                if (is_array($primitive) && ($primitive['mode'] ?? self::TRIANGLES) === self::TRIANGLES) {
                    $this->primitive($primitive, $matrix);
                }
            }
        }
        foreach (is_array($node['children'] ?? null) ? $node['children'] : [] as $child) {
            if (is_int($child)) {
                $this->node($child, $matrix, $deep + 1);
            }
        }
    }

    /**
     * @param array<mixed> $primitive
     * @param list<float> $matrix
     */
    private function primitive(array $primitive, array $matrix): void
    {
        $place = is_array($primitive['attributes'] ?? null) ? $primitive['attributes']['POSITION'] ?? null : null;
        if (! is_int($place)) {
            return;
        }
        $first = intdiv(count($this->positions), 3);
        $values = $this->accessor($place, 'VEC3', 3);
        for ($at = 0, $end = count($values); $at < $end; $at += 3) {
            [$x, $y, $z] = [$values[$at], $values[$at + 1], $values[$at + 2]];
            $this->positions[] = $matrix[0] * $x + $matrix[4] * $y + $matrix[8] * $z + $matrix[12];
            $this->positions[] = $matrix[1] * $x + $matrix[5] * $y + $matrix[9] * $z + $matrix[13];
            $this->positions[] = $matrix[2] * $x + $matrix[6] * $y + $matrix[10] * $z + $matrix[14];
        }
        $indices = is_int($primitive['indices'] ?? null)
            ? $this->accessor($primitive['indices'], 'SCALAR', 1)
            : range(0, intdiv(count($values), 3) - 1);
        if ($first === 0 && $this->triangles === [] && is_int($indices[0])) {
            /** @var list<int> $indices all of one kind */
            $this->triangles = $indices;
        } else {
            foreach ($indices as $index) {
                $this->triangles[] = $first + (int) $index;
            }
        }
        if (count($this->triangles) > 3 * Mesh::MOST_TRIANGLES) {
            throw IllegalSculpt::tooMany(intdiv(count($this->triangles), 3), Mesh::MOST_TRIANGLES);
        }
    }

    /** @return list<float|int> */
    private function accessor(int $number, string $type, int $each): array
    {
        $accessor = $this->at('accessors', $number);
        $told = $accessor['componentType'] ?? null;
        $component = is_int($told) ? self::COMPONENTS[$told] ?? null : null;
        $count = $accessor['count'] ?? 0;
        if (
            $component === null
            || ($accessor['type'] ?? '') !== $type
            || ! is_int($count)
            || $count < 1
            || ! is_int($accessor['bufferView'] ?? null)
            || isset($accessor['sparse'])
        ) {
            throw IllegalSculpt::noGlb('it lists its corners in a way that is not read here');
        }
        [$format, $bytes, $whole] = $component;
        $view = $this->at('bufferViews', $accessor['bufferView']);
        $stride = is_int($view['byteStride'] ?? null) && $view['byteStride'] > 0 ? $view['byteStride'] : $each * $bytes;
        $from = self::offset($view) + self::offset($accessor);
        if ($from + ($count - 1) * $stride + $each * $bytes > strlen($this->buffer) || $count > 3 * Mesh::MOST_TRIANGLES) {
            throw IllegalSculpt::noGlb('it says that it has more corners than it holds');
        }
        $factor = ($accessor['normalized'] ?? false) === true ? 1.0 / $whole : null;
        // In one go, with what fills it up between, where that is whole values too.
        [$rows, $row, $step] = $stride % $bytes === 0
            ? [1, ($count - 1) * intdiv($stride, $bytes) + $each, intdiv($stride, $bytes)]
            : [$count, $each, $each];
        if ($factor === null && $step === $each && $rows === 1) {
            /** @var list<float|int> */
            return array_values(unpack("$format$row", $this->buffer, $from) ?: []);
        }
        $values = [];
        for ($at = 0; $at < $rows; $at++) {
            /** @var array<int, int|float> $place */
            $place = unpack("$format$row", $this->buffer, $from + $at * $stride) ?: [];
            $number = 0;
            foreach ($place as $value) {
                if ($number < $each) {
                    $values[] = $factor === null ? $value : ($value < -$whole ? -1.0 : $value * $factor);
                }
                $number = $number === $step - 1 ? 0 : $number + 1;
            }
        }

        return $values;
    }

    /** @param array<mixed> $of */
    private static function offset(array $of): int
    {
        $offset = $of['byteOffset'] ?? 0;

        return is_int($offset) && $offset >= 0 ? $offset : throw IllegalSculpt::noGlb('it points before its beginning');
    }

    /** @return array<mixed> */
    private function at(string $list, int $number): array
    {
        $all = $this->scene[$list] ?? null;
        $one = is_array($all) ? $all[$number] ?? null : null;

        return is_array($one) ? $one : throw IllegalSculpt::noGlb("its $list do not hold what they should");
    }
}
