/** Triangles as they come from a file: three places each, not joined yet. */
export type Soup = { positions: Float32Array };

/** Triangles between joined vertices. */
export type Joined = { positions: Float32Array; triangles: Uint32Array };

/** What lies within a thousandth of a millimetre is one vertex; triangles without any width go. */
export function joined({ positions }: Soup): Joined {
    const corners = positions.length / 3;
    let slots = 1;
    while (slots < corners) slots *= 2;
    const first = new Int32Array(slots * 2).fill(-1);
    const kept = new Float32Array(positions.length);
    const to = new Uint32Array(corners);
    let count = 0;
    for (let corner = 0; corner < corners; corner++) {
        const [x, y, z] = [positions[3 * corner]!, positions[3 * corner + 1]!, positions[3 * corner + 2]!];
        const [i, j, k] = [Math.round(x * 1000), Math.round(y * 1000), Math.round(z * 1000)];
        let slot = (Math.imul(i, 73856093) ^ Math.imul(j, 19349663) ^ Math.imul(k, 83492791)) & (2 * slots - 1);
        for (;;) {
            const there = first[slot]!;
            if (there < 0) {
                first[slot] = to[corner] = count;
                kept.set([x, y, z], 3 * count++);
                break;
            }
            if (
                Math.round(kept[3 * there]! * 1000) === i &&
                Math.round(kept[3 * there + 1]! * 1000) === j &&
                Math.round(kept[3 * there + 2]! * 1000) === k
            ) {
                to[corner] = there;
                break;
            }
            slot = (slot + 1) & (2 * slots - 1);
        }
    }
    const triangles = new Uint32Array(corners);
    let length = 0;
    for (let corner = 0; corner < corners; corner += 3) {
        const [a, b, c] = [to[corner]!, to[corner + 1]!, to[corner + 2]!];
        if (a === b || b === c || c === a) continue;
        triangles[length++] = a;
        triangles[length++] = b;
        triangles[length++] = c;
    }
    return { positions: kept.slice(0, 3 * count), triangles: triangles.slice(0, length) };
}

/** How many edges belong to one triangle only: where a skin is open. */
export function openEdges({ positions, triangles }: Joined): number {
    const count = positions.length / 3;
    const met = new Map<number, number>();
    for (let corner = 0; corner < triangles.length; corner++) {
        const [from, to] = [triangles[corner]!, triangles[corner % 3 === 2 ? corner - 2 : corner + 1]!];
        const edge = Math.min(from, to) * count + Math.max(from, to);
        met.set(edge, (met.get(edge) ?? 0) + 1);
    }
    let open = 0;
    for (const times of met.values()) if (times === 1) open++;
    return open;
}

/**
 * Cuts triangles whose sides are long, so that what is found at their corners does not reach across: thinning leaves flat skin in large pieces.
 *
 * @param longest mm
 * @param most triangles there may be in the end
 */
export function cut(mesh: Joined, longest: number, most: number): Joined {
    let { positions, triangles } = mesh;
    for (let round = 0; round < 8; round++) {
        const next = halved(positions, triangles, longest);
        if (next === null || next.triangles.length / 3 > most) break;
        ({ positions, triangles } = next);
    }
    return { positions, triangles };
}

function halved(positions: Float32Array, triangles: Uint32Array, longest: number): Joined | null {
    const count = positions.length / 3;
    const far = (a: number, b: number) =>
        Math.hypot(
            positions[3 * a]! - positions[3 * b]!,
            positions[3 * a + 1]! - positions[3 * b + 1]!,
            positions[3 * a + 2]! - positions[3 * b + 2]!,
        );
    const key = (a: number, b: number) => Math.min(a, b) * count + Math.max(a, b);
    // Both triangles at an edge have to be cut there: edges are chosen first.
    const middles = new Map<number, number>();
    const added: number[] = [];
    for (let at = 0; at < triangles.length; at += 3) {
        const corners = [triangles[at]!, triangles[at + 1]!, triangles[at + 2]!] as const;
        const sides = [far(corners[0], corners[1]), far(corners[1], corners[2]), far(corners[2], corners[0])];
        const most = Math.max(...sides);
        if (most <= longest) continue;
        const side = sides.indexOf(most);
        const [a, b] = [corners[side]!, corners[(side + 1) % 3]!];
        if (middles.has(key(a, b))) continue;
        middles.set(key(a, b), count + added.length / 3);
        for (let axis = 0; axis < 3; axis++) added.push((positions[3 * a + axis]! + positions[3 * b + axis]!) / 2);
    }
    if (added.length === 0) return null;
    const cut: number[] = [];
    for (let at = 0; at < triangles.length; at += 3) {
        let pieces = [[triangles[at]!, triangles[at + 1]!, triangles[at + 2]!]];
        for (let side = 0; side < 3; side++) {
            const [a, b] = [triangles[at + side]!, triangles[at + ((side + 1) % 3)]!];
            const middle = middles.get(key(a, b));
            if (middle === undefined) continue;
            pieces = pieces.flatMap((piece) => {
                const from = piece.indexOf(a);
                if (from < 0 || piece[(from + 1) % 3] !== b) return [piece];
                const third = piece[(from + 2) % 3]!;
                return [
                    [a, middle, third],
                    [middle, b, third],
                ];
            });
        }
        for (const piece of pieces) cut.push(...piece);
    }
    const all = new Float32Array(positions.length + added.length);
    all.set(positions);
    all.set(added, positions.length);
    return { positions: all, triangles: new Uint32Array(cut) };
}
