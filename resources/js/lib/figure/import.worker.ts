import { MeshoptSimplifier } from 'meshoptimizer';
import { NoSculpt, read } from './files';
import { glb } from './glb';
import { cut, joined, openEdges, type Joined } from './mesh';
import { boundsOf, placed, together } from './parts';
import { AS_FILED, type Placement } from './placement';
import { guessUp, turned, type Up } from './upright';

/** Triangles a figure is drawn and measured with. */
const WANTED = 62_000;
const MOST = 80_000;
const ERROR_MM = 0.05;
/** Sides of triangles against the height of the figure. */
const LONGEST = 1 / 48;
const UNIT_MM = { mm: 1, cm: 10, inch: 25.4, m: 1000 } as const;

export type Unit = keyof typeof UNIT_MM;
export type Ask =
    { files: { name: string; bytes: ArrayBuffer }[]; heightMm: number } | { up: Up; unit: Unit; places: Placement[] };
export type Told =
    | { share: number; words: string }
    | { fault: string }
    | {
          glb: ArrayBuffer;
          up: Up;
          unit: Unit;
          heightMm: number;
          triangles: number;
          from: number;
          openEdges: number;
          /** How many triangles each has, in the order in which they stand in the sculpt. */
          parts: { name: string; triangles: number; at: Placement }[];
      };

/** As the files have them. */
let parts: { name: string; corners: Float32Array }[] = [];
/** The same upright, in mm and thinned: moved against each other they need not be thinned anew. */
let thinned: { up: Up; unit: Unit; meshes: Joined[]; from: number; openEdges: number } | null = null;

const tell = (told: Told, move: Transferable[] = []) => postMessage(told, { transfer: move });

onmessage = async ({ data }: MessageEvent<Ask>) => {
    try {
        if ('files' in data) {
            parts = [];
            thinned = null;
            for (const [at, file] of data.files.entries()) {
                tell({ share: (0.3 * at) / data.files.length, words: `Reading ${file.name}` });
                parts.push({ name: file.name, corners: await read(file.name, file.bytes) });
            }
            const corners = allCorners();
            const up = guessUp(corners);
            await make(
                up,
                guessUnit(corners, up, data.heightMm),
                parts.map(() => AS_FILED),
            );
        } else await make(data.up, data.unit, data.places);
    } catch (error) {
        const words = error instanceof Error ? error.message : String(error);
        tell({ fault: error instanceof NoSculpt ? words : `This file cannot be read as a sculpt: ${words}` });
    }
};

function allCorners(): Float32Array {
    if (parts.length === 1) return parts[0]!.corners;
    const corners = new Float32Array(parts.reduce((sum, part) => sum + part.corners.length, 0));
    parts.reduce((at, part) => (corners.set(part.corners, at), at + part.corners.length), 0);
    return corners;
}

function heightOf(corners: Float32Array, up: Up): number {
    const { low, high } = boundsOf(corners);
    return high.sub(low).getComponent('xyz'.indexOf(up.at(-1)!));
}

/** The unit by which it comes nearest to the height the plan has; millimetres where they come near at all. */
function guessUnit(corners: Float32Array, up: Up, wantedMm: number): Unit {
    const high = heightOf(corners, up);
    const off = (unit: Unit) => Math.abs(Math.log((high * UNIT_MM[unit]) / wantedMm));
    if (off('mm') < Math.log(4)) return 'mm';
    return (Object.keys(UNIT_MM) as Unit[]).reduce((best, unit) => (off(unit) < off(best) ? unit : best), 'mm');
}

async function make(up: Up, unit: Unit, places: readonly Placement[]): Promise<void> {
    if (thinned?.up !== up || thinned.unit !== unit) await thin(up, unit);
    const { meshes, from, openEdges } = thinned!;
    const mesh = together(meshes.map((one, at) => placed(one, places[at] ?? AS_FILED)));
    const bytes = glb(mesh.positions, mesh.triangles).buffer;
    const { low, high } = boundsOf(mesh.positions);
    tell(
        {
            glb: bytes,
            up,
            unit,
            heightMm: high.y - low.y,
            triangles: mesh.triangles.length / 3,
            from,
            openEdges,
            parts: parts.map(({ name }, at) => ({
                name,
                triangles: meshes[at]!.triangles.length / 3,
                at: places[at] ?? AS_FILED,
            })),
        },
        [bytes],
    );
}

/** Joins what each part is made of, thins it to its share of what a figure may have, and cuts what is too large. */
async function thin(up: Up, unit: Unit): Promise<void> {
    const corners = parts.reduce((sum, part) => sum + part.corners.length, 0);
    const heightMm = heightOf(allCorners(), up) * UNIT_MM[unit];
    const next = { up, unit, meshes: [] as Joined[], from: 0, openEdges: 0 };
    await MeshoptSimplifier.ready;
    let done = 0;
    for (const part of parts) {
        const share = part.corners.length / corners;
        const told = (at: number, words: string) => tell({ share: 0.4 + 0.55 * (done + at * share), words });
        told(0, 'Joining the triangles');
        const upright = turned(part.corners, up).map((value) => value * UNIT_MM[unit]);
        let mesh = joined({ positions: upright });
        const from = mesh.triangles.length / 3;
        if (from > 0) {
            next.from += from;
            next.openEdges += openEdges(mesh);
            told(0.4, `Thinning ${from.toLocaleString('en')} triangles`);
            const goal = 3 * Math.min(from, Math.ceil(WANTED * share));
            const most = Math.max(4, MOST * share);
            for (let error = ERROR_MM; mesh.triangles.length > 3 * most || error === ERROR_MM; error *= 2) {
                const [index] = MeshoptSimplifier.simplify(mesh.triangles, mesh.positions, 3, goal, error, [
                    'ErrorAbsolute',
                ]);
                mesh = used({ positions: mesh.positions, triangles: new Uint32Array(index) });
                if (error > heightMm) break;
            }
            told(0.9, 'Cutting what is too large');
            mesh = cut(mesh, Math.max(0.35, heightMm * LONGEST), most);
        }
        next.meshes.push(mesh);
        done += share;
    }
    if (next.from === 0) throw new NoSculpt('All triangles of this sculpt are without any width. Is its unit right?');
    thinned = next;
}

/** Without the vertices that no triangle has any more. */
function used({ positions, triangles }: Joined): Joined {
    const to = new Int32Array(positions.length / 3).fill(-1);
    const kept: number[] = [];
    const index = triangles.map((vertex) => {
        if (to[vertex]! < 0) {
            to[vertex] = kept.length / 3;
            kept.push(positions[3 * vertex]!, positions[3 * vertex + 1]!, positions[3 * vertex + 2]!);
        }
        return to[vertex]!;
    });
    return { positions: new Float32Array(kept), triangles: index };
}
