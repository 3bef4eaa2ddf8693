/**
 * A mesh as GLB with quantised positions (KHR_mesh_quantization): 16 bits a coordinate are a thousandth of a millimetre on a small figure.
 *
 * @param {ArrayLike<number>} positions x, y, z of one vertex after the other, mm
 * @param {ArrayLike<number>} triangles three vertices each
 * @returns {Uint8Array<ArrayBuffer>}
 */
export function glb(positions, triangles) {
    const count = positions.length / 3;
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    for (let at = 0; at < positions.length; at++) {
        low[at % 3] = Math.min(low[at % 3], positions[at]);
        high[at % 3] = Math.max(high[at % 3], positions[at]);
    }
    const centre = low.map((one, axis) => (one + high[axis]) / 2);
    const half = Math.max(...low.map((one, axis) => (high[axis] - one) / 2), 1e-6);
    const quantised = (value, axis) => Math.round(((value - centre[axis]) / half) * 32767);
    // Each vertex begins at a multiple of four bytes.
    const places = new Int16Array(count * 4);
    for (let at = 0; at < positions.length; at++)
        places[Math.floor(at / 3) * 4 + (at % 3)] = quantised(positions[at], at % 3);
    const corners = new Uint32Array(triangles);
    let scene = JSON.stringify({
        asset: { version: '2.0', generator: 'Kalokroma' },
        extensionsUsed: ['KHR_mesh_quantization'],
        extensionsRequired: ['KHR_mesh_quantization'],
        scene: 0,
        scenes: [{ nodes: [0] }],
        nodes: [{ mesh: 0, translation: centre, scale: [half, half, half] }],
        meshes: [{ primitives: [{ attributes: { POSITION: 0 }, indices: 1 }] }],
        accessors: [
            {
                bufferView: 0,
                componentType: 5122,
                normalized: true,
                count,
                type: 'VEC3',
                min: low.map(quantised),
                max: high.map(quantised),
            },
            { bufferView: 1, componentType: 5125, count: corners.length, type: 'SCALAR' },
        ],
        bufferViews: [
            { buffer: 0, byteOffset: 0, byteLength: places.byteLength, byteStride: 8, target: 34962 },
            { buffer: 0, byteOffset: places.byteLength, byteLength: corners.byteLength, target: 34963 },
        ],
        buffers: [{ byteLength: places.byteLength + corners.byteLength }],
    });
    scene += ' '.repeat((4 - (scene.length % 4)) % 4);
    const bytes = new Uint8Array(28 + scene.length + places.byteLength + corners.byteLength);
    const head = new DataView(bytes.buffer);
    const [GLTF, JSON_CHUNK, BIN_CHUNK] = [0x46546c67, 0x4e4f534a, 0x004e4942];
    [GLTF, 2, bytes.length, scene.length, JSON_CHUNK].forEach((word, at) => head.setUint32(4 * at, word, true));
    bytes.set(new TextEncoder().encode(scene), 20);
    head.setUint32(20 + scene.length, places.byteLength + corners.byteLength, true);
    head.setUint32(24 + scene.length, BIN_CHUNK, true);
    bytes.set(new Uint8Array(places.buffer), 28 + scene.length);
    bytes.set(new Uint8Array(corners.buffer), 28 + scene.length + places.byteLength);
    return bytes;
}
