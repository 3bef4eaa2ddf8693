/** Ways a sculpt may stand in its file, by the axis that points up there. */
export const UPS = ['y', 'z', '-z', 'x', '-x', '-y'] as const;
export type Up = (typeof UPS)[number];

/** Turns places so that the given axis of theirs points up. */
export function turned(positions: Float32Array, up: Up): Float32Array {
    const to = new Float32Array(positions.length);
    for (let at = 0; at < positions.length; at += 3) {
        const [x, y, z] = [positions[at]!, positions[at + 1]!, positions[at + 2]!];
        const place = {
            y: [x, y, z],
            z: [x, z, -y],
            '-z': [x, -z, y],
            x: [-y, x, z],
            '-x': [y, -x, z],
            '-y': [x, -y, -z],
        }[up];
        to.set(place, at);
    }
    return to;
}

/** The way it stands: with the flattest foot, and rather along its longest side. Corners in threes. */
export function guessUp(corners: Float32Array): Up {
    let best: { up: Up; flat: number } = { up: 'y', flat: -1 };
    for (const up of UPS) {
        const axis = 'xyz'.indexOf(up.at(-1)!);
        const sign = up.startsWith('-') ? -1 : 1;
        let low = Infinity;
        let high = -Infinity;
        for (let at = axis; at < corners.length; at += 3) {
            low = Math.min(low, sign * corners[at]!);
            high = Math.max(high, sign * corners[at]!);
        }
        const ground = low + 0.01 * (high - low);
        let flat = 0;
        for (let at = 0; at < corners.length; at += 9) {
            const lies = [0, 3, 6].every((corner) => sign * corners[at + corner + axis]! <= ground);
            if (!lies) continue;
            const [u, v] = [(axis + 1) % 3, (axis + 2) % 3];
            const edge = (from: number, along: number) => corners[at + from + along]! - corners[at + along]!;
            flat += Math.abs(edge(3, u) * edge(6, v) - edge(3, v) * edge(6, u)) / 2;
        }
        // Files mostly have y or z up: another way has to stand much flatter.
        const worth = flat * (up === 'y' || up === 'z' ? 1 : 0.6);
        if (worth > best.flat * 1.02) best = { up, flat: worth };
    }
    return best.up;
}
