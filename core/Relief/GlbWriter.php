<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** Writes a mesh as GLB (glTF 2.0, binary), positions as floats, as GlbFile reads it. */
final class GlbWriter
{
    public static function write(Mesh $mesh): string
    {
        $positions = pack('g*', ...$mesh->positions);
        $triangles = pack('V*', ...$mesh->triangles);
        [$low, $high] = $mesh->bounds();
        $scene = (string) json_encode([
            'asset' => ['version' => '2.0', 'generator' => 'Kalokroma'],
            'scene' => 0,
            'scenes' => [['nodes' => [0]]],
            'nodes' => [['mesh' => 0]],
            'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0], 'indices' => 1]]]],
            'accessors' => [
                ['bufferView' => 0, 'componentType' => 5126, 'count' => $mesh->vertexCount(), 'type' => 'VEC3', 'min' => $low, 'max' => $high],
                ['bufferView' => 1, 'componentType' => 5125, 'count' => count($mesh->triangles), 'type' => 'SCALAR'],
            ],
            'bufferViews' => [
                ['buffer' => 0, 'byteOffset' => 0, 'byteLength' => strlen($positions), 'target' => 34962],
                ['buffer' => 0, 'byteOffset' => strlen($positions), 'byteLength' => strlen($triangles), 'target' => 34963],
            ],
            'buffers' => [['byteLength' => strlen($positions) + strlen($triangles)]],
        ], JSON_THROW_ON_ERROR);
        $scene .= str_repeat(' ', (4 - strlen($scene) % 4) % 4);
        $buffer = $positions.$triangles;

        return 'glTF'.pack('VV', 2, 28 + strlen($scene) + strlen($buffer)).pack('V', strlen($scene)).'JSON'.$scene
            .pack('V', strlen($buffer))."BIN\0".$buffer;
    }
}
