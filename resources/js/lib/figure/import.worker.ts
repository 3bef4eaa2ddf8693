import { MeshoptSimplifier } from 'meshoptimizer';
import { NoSculpt, read } from './files';
import { glb } from './glb';
import { cut, joined, openEdges } from './mesh';
import { guessUp, turned, type Up } from './upright';

/** Triangles a figure is drawn and measured with. */
const WANTED = 62_000;
const MOST = 80_000;
const ERROR_MM = 0.05;
/** Sides of triangles against the height of the figure. */
const LONGEST = 1 / 48;
const UNIT_MM = { mm: 1, cm: 10, inch: 25.4, m: 1000 } as const;

export type Unit = keyof typeof UNIT_MM;
export type Ask = { files: { name: string; bytes: ArrayBuffer }[]; heightMm: number } | { up: Up; unit: Unit };
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
      };

let corners = new Float32Array();
let bounds: [number, number, number] = [0, 0, 0];
let wantedMm = 32;

const tell = (told: Told, move: Transferable[] = []) => postMessage(told, { transfer: move });

onmessage = async ({ data }: MessageEvent<Ask>) => {
    try {
        if ('files' in data) {
            wantedMm = data.heightMm;
            const parts: Float32Array[] = [];
            for (const [at, file] of data.files.entries()) {
                tell({ share: (0.3 * at) / data.files.length, words: `Reading ${file.name}` });
                parts.push(await read(file.name, file.bytes));
            }
            corners = new Float32Array(parts.reduce((sum, part) => sum + part.length, 0));
            parts.reduce((at, part) => (corners.set(part, at), at + part.length), 0);
            const up = guessUp(corners);
            measure(up);
            await make(up, guessUnit());
        } else {
            measure(data.up);
            await make(data.up, data.unit);
        }
    } catch (error) {
        const words = error instanceof Error ? error.message : String(error);
        tell({ fault: error instanceof NoSculpt ? words : `This file cannot be read as a sculpt: ${words}` });
    }
};

function measure(up: Up): void {
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    corners.forEach((value, at) => {
        low[at % 3] = Math.min(low[at % 3]!, value);
        high[at % 3] = Math.max(high[at % 3]!, value);
    });
    const sides = low.map((one, axis) => high[axis]! - one) as [number, number, number];
    const axis = 'xyz'.indexOf(up.at(-1)!);
    bounds = [sides[axis]!, sides[(axis + 1) % 3]!, sides[(axis + 2) % 3]!];
}

/** The unit by which it comes nearest to the height the plan has; millimetres where they come near at all. */
function guessUnit(): Unit {
    const off = (unit: Unit) => Math.abs(Math.log((bounds[0] * UNIT_MM[unit]) / wantedMm));
    if (off('mm') < Math.log(4)) return 'mm';
    return (Object.keys(UNIT_MM) as Unit[]).reduce((best, unit) => (off(unit) < off(best) ? unit : best), 'mm');
}

async function make(up: Up, unit: Unit): Promise<void> {
    const heightMm = bounds[0] * UNIT_MM[unit];
    tell({ share: 0.4, words: 'Joining the triangles' });
    const upright = turned(corners, up).map((value) => value * UNIT_MM[unit]);
    let mesh = joined({ positions: upright });
    const from = mesh.triangles.length / 3;
    if (from === 0) throw new NoSculpt('All triangles of this sculpt are without any width. Is its unit right?');
    const open = openEdges(mesh);
    tell({ share: 0.55, words: `Thinning ${from.toLocaleString('en')} triangles` });
    await MeshoptSimplifier.ready;
    const goal = 3 * Math.min(from, WANTED);
    for (let error = ERROR_MM; mesh.triangles.length > 3 * MOST || error === ERROR_MM; error *= 2) {
        const [thinned] = MeshoptSimplifier.simplify(mesh.triangles, mesh.positions, 3, goal, error, ['ErrorAbsolute']);
        mesh = used({ positions: mesh.positions, triangles: new Uint32Array(thinned) });
    }
    tell({ share: 0.85, words: 'Cutting what is too large' });
    mesh = centred(cut(mesh, Math.max(0.35, heightMm * LONGEST), MOST));
    const bytes = glb(mesh.positions, mesh.triangles).buffer;
    tell({ glb: bytes, up, unit, heightMm, triangles: mesh.triangles.length / 3, from, openEdges: open }, [bytes]);
}

/** Without the vertices that no triangle has any more. */
function used({ positions, triangles }: { positions: Float32Array; triangles: Uint32Array }) {
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

/** In the middle, and with its foot on the ground. */
function centred({ positions, triangles }: { positions: Float32Array; triangles: Uint32Array }) {
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    positions.forEach((value, at) => {
        low[at % 3] = Math.min(low[at % 3]!, value);
        high[at % 3] = Math.max(high[at % 3]!, value);
    });
    const away = [(low[0]! + high[0]!) / 2, low[1]!, (low[2]! + high[2]!) / 2];
    return { positions: positions.map((value, at) => value - away[at % 3]!), triangles };
}
