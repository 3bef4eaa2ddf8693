/** A mesh as GLB with quantised positions (KHR_mesh_quantization): 16 bits a coordinate are a thousandth of a millimetre on a small figure. */
export function glb(properties, triangles, perVertex) {
    const count = properties.length / perVertex;
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    for (let at = 0; at < count; at++)
        for (let axis = 0; axis < 3; axis++) {
            const value = properties[at * perVertex + axis];
            low[axis] = Math.min(low[axis], value);
            high[axis] = Math.max(high[axis], value);
        }
    const centre = low.map((one, axis) => (one + high[axis]) / 2);
    const half = Math.max(...low.map((one, axis) => (high[axis] - one) / 2));
    // Each vertex begins at a multiple of four bytes.
    const positions = new Int16Array(count * 4);
    for (let at = 0; at < count; at++)
        for (let axis = 0; axis < 3; axis++) positions[at * 4 + axis] = Math.round(((properties[at * perVertex + axis] - centre[axis]) / half) * 32767);
    const indices = new Uint32Array(triangles);
    const [places, corners] = [Buffer.from(positions.buffer), Buffer.from(indices.buffer)];
    const quantised = (values) => values.map((one, axis) => Math.round(((one - centre[axis]) / half) * 32767));
    const json = Buffer.from(
        JSON.stringify({
            asset: { version: '2.0', generator: 'Kalokroma' },
            extensionsUsed: ['KHR_mesh_quantization'],
            extensionsRequired: ['KHR_mesh_quantization'],
            scene: 0,
            scenes: [{ nodes: [0] }],
            nodes: [{ mesh: 0, translation: centre, scale: [half, half, half] }],
            meshes: [{ primitives: [{ attributes: { POSITION: 0 }, indices: 1 }] }],
            accessors: [
                { bufferView: 0, componentType: 5122, normalized: true, count, type: 'VEC3', min: quantised(low), max: quantised(high) },
                { bufferView: 1, componentType: 5125, count: indices.length, type: 'SCALAR' },
            ],
            bufferViews: [
                { buffer: 0, byteOffset: 0, byteLength: places.length, byteStride: 8, target: 34962 },
                { buffer: 0, byteOffset: places.length, byteLength: corners.length, target: 34963 },
            ],
            buffers: [{ byteLength: places.length + corners.length }],
        }),
    );
    const padded = Buffer.concat([json, Buffer.alloc((4 - (json.length % 4)) % 4, ' ')]);
    const head = Buffer.alloc(12);
    head.write('glTF', 0);
    head.writeUInt32LE(2, 4);
    const chunk = (type, bytes) => {
        const start = Buffer.alloc(8);
        start.writeUInt32LE(bytes.length, 0);
        start.write(type, 4);
        return Buffer.concat([start, bytes]);
    };
    const body = Buffer.concat([chunk('JSON', padded), chunk('BIN\0', Buffer.concat([places, corners]))]);
    head.writeUInt32LE(12 + body.length, 8);
    return Buffer.concat([head, body]);
}
