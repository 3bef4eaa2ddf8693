import { BufferAttribute, BufferGeometry, Mesh, Vector3 } from 'three';
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js';

const NONE = 255;

/** The triangles of a sculpt in the order in which the server numbers them. */
export type Sculpt = { positions: Float32Array; triangles: Uint32Array };

export async function readSculpt(bytes: ArrayBuffer): Promise<Sculpt> {
    const { scene } = await new GLTFLoader().parseAsync(bytes, '');
    scene.updateMatrixWorld(true);
    const positions: number[] = [];
    const triangles: number[] = [];
    const place = new Vector3();
    scene.traverse((one) => {
        if (!(one instanceof Mesh)) return;
        const geometry = one.geometry as BufferGeometry;
        const at = geometry.getAttribute('position');
        const first = positions.length / 3;
        for (let vertex = 0; vertex < at.count; vertex++) {
            place.fromBufferAttribute(at, vertex).applyMatrix4(one.matrixWorld);
            positions.push(place.x, place.y, place.z);
        }
        const index = geometry.getIndex();
        for (let corner = 0; corner < (index?.count ?? at.count); corner++) {
            triangles.push(first + (index === null ? corner : index.getX(corner)));
        }
    });
    return { positions: new Float32Array(positions), triangles: new Uint32Array(triangles) };
}

/**
 * What is drawn: vertices on a seam are there once for each area, so that areas meet sharply.
 *
 * @param relief four bytes a vertex, or none while it is not worked out
 * @param labels a byte a triangle
 * @param marks a byte a vertex, or none while nobody asks where marks lie
 */
export function drawn(sculpt: Sculpt, relief: Uint8Array, labels: Uint8Array, marks: Uint8Array): BufferGeometry {
    const known = new Map<number, number>();
    const vertices: number[] = [];
    const areas: number[] = [];
    const index = new Uint32Array(sculpt.triangles.length);
    sculpt.triangles.forEach((vertex, corner) => {
        const label = labels[Math.floor(corner / 3)] ?? NONE;
        const key = vertex * 256 + label;
        let at = known.get(key);
        if (at === undefined) {
            at = vertices.length;
            known.set(key, at);
            vertices.push(vertex);
            areas.push(label);
        }
        index[corner] = at;
    });
    const positions = new Float32Array(vertices.length * 3);
    // Before it is worked out all of it counts as open.
    const reliefs = new Uint8Array(vertices.length * 4).fill(255);
    const out = new Uint8Array(vertices.length).fill(255);
    vertices.forEach((vertex, at) => {
        if (marks.length > 0) out[at] = marks[vertex]!;
        positions.set(sculpt.positions.subarray(3 * vertex, 3 * vertex + 3), 3 * at);
        reliefs.set(relief.subarray(4 * vertex, 4 * vertex + 4), 4 * at);
    });
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(positions, 3));
    geometry.setAttribute('relief', new BufferAttribute(reliefs, 4, true));
    geometry.setAttribute('mark', new BufferAttribute(out, 1, true));
    geometry.setAttribute('label', new BufferAttribute(new Uint8Array(areas), 1));
    geometry.setIndex(new BufferAttribute(index, 1));
    geometry.computeVertexNormals();
    geometry.computeBoundingBox();
    return geometry;
}
