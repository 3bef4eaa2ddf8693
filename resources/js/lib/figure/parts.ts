import { Euler, Matrix4, Vector3 } from 'three';
import type { Joined } from './mesh';
import type { Placement } from './placement';

/** Lowest and highest x, y, z. */
export function boundsOf(positions: Float32Array): { low: Vector3; high: Vector3 } {
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    positions.forEach((value, at) => {
        low[at % 3] = Math.min(low[at % 3]!, value);
        high[at % 3] = Math.max(high[at % 3]!, value);
    });
    return { low: new Vector3().fromArray(low), high: new Vector3().fromArray(high) };
}

/** A part, in mm and upright, where it was moved to. */
export function placed(part: Joined, at: Placement): Joined {
    const { low, high } = boundsOf(part.positions);
    const middle = low.add(high).multiplyScalar(0.5);
    const radians = Math.PI / 180;
    const move = new Matrix4()
        .makeTranslation(middle.x + at.right, middle.y + at.up, middle.z + at.near)
        .multiply(
            new Matrix4().makeRotationFromEuler(
                new Euler(at.tip * radians, at.turn * radians, at.lean * radians, 'YXZ'),
            ),
        )
        .multiply(new Matrix4().makeTranslation(-middle.x, -middle.y, -middle.z));
    const positions = part.positions.slice();
    const place = new Vector3();
    for (let vertex = 0; vertex < positions.length; vertex += 3) {
        place.fromArray(positions, vertex).applyMatrix4(move).toArray(positions, vertex);
    }
    return { positions, triangles: part.triangles };
}

/** All parts as one skin in their order, in the middle and with its foot on the ground. */
export function together(parts: readonly Joined[]): Joined {
    const positions = new Float32Array(parts.reduce((sum, part) => sum + part.positions.length, 0));
    const triangles = new Uint32Array(parts.reduce((sum, part) => sum + part.triangles.length, 0));
    let [vertices, corners] = [0, 0];
    for (const part of parts) {
        const first = vertices / 3;
        positions.set(part.positions, vertices);
        triangles.set(
            part.triangles.map((vertex) => vertex + first),
            corners,
        );
        vertices += part.positions.length;
        corners += part.triangles.length;
    }
    const { low, high } = boundsOf(positions);
    const away = [(low.x + high.x) / 2, low.y, (low.z + high.z) / 2];
    return { positions: positions.map((value, at) => value - away[at % 3]!), triangles };
}
