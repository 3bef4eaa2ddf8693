import { asProblem, got, type Problem, server } from '../api';
import type { Figure } from '../figures.svelte';
import type { Sculpt } from './sculpt';

const NONE = 255;
const MOST_BACK = 60;
/** Two bytes number them. */
const MOST_PATCHES = 65_535;

type State = { labels: Uint8Array; areas: string[]; patches: Uint16Array };

/** Which side of a cut a place lies on: below nought or above. */
export type Cut = (x: number, y: number, z: number) => number;

/** A figure whose areas are named by tapping: which triangles belong to which, and the way back. */
export class Naming {
    state = $state.raw<State>({ labels: new Uint8Array(), areas: [], patches: new Uint16Array() });
    problem = $state.raw<Problem | null>(null);
    saving = $state(false);
    private back = $state.raw<State[]>([]);
    private version: number;
    /** As the server has them: they are sent only when they were cut. */
    private keptPatches: Uint16Array;
    private neighbours: Int32Array | null = null;
    private readonly mirror = new Map<string, number>();
    private waiting: ReturnType<typeof setTimeout> | undefined;

    constructor(
        private readonly figure: Figure,
        labels: Uint8Array,
        patches: Uint16Array,
        private readonly sculpt: Sculpt,
        private readonly saved: (figure: Figure) => void,
    ) {
        this.version = figure.version;
        this.keptPatches = patches;
        this.state = { labels, areas: [...figure.areas], patches };
    }

    get canUndo(): boolean {
        return this.back.length > 0;
    }

    /** How much of the figure belongs to no area yet, counted in triangles. */
    get unnamed(): number {
        const { labels } = this.state;
        return labels.reduce((sum, label) => sum + (label === NONE ? 1 : 0), 0) / Math.max(1, labels.length);
    }

    areaOf(triangle: number): string | null {
        return this.state.areas[this.state.labels[triangle] ?? NONE] ?? null;
    }

    /** The patch under a triangle goes to the area; if it is the area's already, it is taken back. */
    tap(triangle: number, area: string, bothSides: boolean): void {
        const patch = this.patchOf(triangle);
        const takes = patch.every((one) => this.areaOf(one) === area);
        this.give(bothSides ? [...patch, ...this.mirrored(patch)] : patch, takes ? null : area);
    }

    /** The patch goes to the area, as a hand that is drawn over the figure gives it. */
    pass(triangle: number, area: string, bothSides: boolean): void {
        if (this.areaOf(triangle) === area) return;
        const patch = this.patchOf(triangle);
        this.give(bothSides ? [...patch, ...this.mirrored(patch)] : patch, area, true);
    }

    /** One ring of triangles more, from what belongs to nobody or to others. */
    grow(area: string): void {
        const ring: number[] = [];
        this.rim(area, (_inside, outside) => ring.push(outside));
        this.give(ring, area);
    }

    shrink(area: string): void {
        const ring: number[] = [];
        this.rim(area, (inside) => ring.push(inside));
        this.give(ring, null);
    }

    /** All that belongs to nobody. */
    rest(area: string): void {
        const free: number[] = [];
        this.state.labels.forEach((label, at) => label === NONE && free.push(at));
        this.give(free, area);
    }

    /**
     * Cuts the patch under a triangle in two, along a plane.
     *
     * @returns whether there is something of it on both sides
     */
    cut(triangle: number, side: Cut): boolean {
        const beyond = this.patchOf(triangle).filter((one) => side(...this.middle(one)) > 0);
        if (beyond.length === 0 || beyond.length === this.patchOf(triangle).length) return false;
        const patches = this.state.patches.slice();
        const next = patches.reduce((most, one) => Math.max(most, one), 0) + 1;
        if (next > MOST_PATCHES) return false;
        for (const one of beyond) patches[one] = next;
        this.become({ ...this.state, patches });
        return true;
    }

    /** Cuts it across the way it is longest, through its middle. */
    halve(triangle: number): boolean {
        const places = this.patchOf(triangle).map((one) => this.middle(one));
        const mean = [0, 1, 2].map((axis) => places.reduce((sum, one) => sum + one[axis]!, 0) / places.length);
        const spread = [0, 1, 2].map((axis) => places.reduce((sum, one) => sum + (one[axis]! - mean[axis]!) ** 2, 0));
        const long = spread.indexOf(Math.max(...spread));
        return this.cut(triangle, (...place) => place[long]! - mean[long]!);
    }

    undo(): void {
        const before = this.back.at(-1);
        if (before === undefined) return;
        this.back = this.back.slice(0, -1);
        this.state = before;
        this.save();
    }

    patchOf(triangle: number): number[] {
        const { patches } = this.state;
        const patch = patches[triangle];
        const all: number[] = [];
        patches.forEach((one, at) => one === patch && all.push(at));
        return all;
    }

    /** Some triangle of the next patch that nobody has, or of the next one at all: for going through them by keys. */
    next(triangle: number | null, by: 1 | -1): number {
        const { patches } = this.state;
        const count = patches.reduce((most, one) => Math.max(most, one), 0) + 1;
        const here = triangle === null ? (by === 1 ? -1 : count) : (patches[triangle] ?? 0);
        return patches.indexOf((here + by + count) % count);
    }

    private give(triangles: readonly number[], area: string | null, goesOn = false): void {
        const areas = area === null || this.state.areas.includes(area) ? this.state.areas : [...this.state.areas, area];
        const label = area === null ? NONE : areas.indexOf(area);
        const changed = triangles.filter((one) => this.state.labels[one] !== label);
        if (changed.length === 0) return;
        const labels = this.state.labels.slice();
        for (const one of changed) labels[one] = label;
        // A stroke is undone as a whole.
        this.become({ ...this.state, labels, areas }, !goesOn || this.waiting === undefined);
    }

    private become(state: State, isStep = true): void {
        if (isStep) this.back = [...this.back.slice(-MOST_BACK + 1), this.state];
        this.state = state;
        this.save();
    }

    private save(): void {
        clearTimeout(this.waiting);
        this.waiting = setTimeout(() => void this.send(), 350);
    }

    private async send(): Promise<void> {
        this.waiting = undefined;
        if (this.saving) return this.save();
        this.saving = true;
        const { labels, areas, patches } = this.state;
        try {
            const params = { path: { id: this.figure.id } };
            const cut =
                patches === this.keptPatches
                    ? {}
                    : { patches: base64(new Uint8Array(patches.buffer, patches.byteOffset, patches.byteLength)) };
            const body = { version: this.version, areas, triangles: base64(labels), ...cut };
            const figure = await got(server.PUT('/figures/{id}/labels', { params, body }));
            this.version = figure.version;
            this.keptPatches = patches;
            this.problem = null;
            this.saved(figure);
        } catch (error) {
            this.problem = asProblem(error);
        }
        this.saving = false;
    }

    /** It was named elsewhere meanwhile: what stands here takes the place of that. */
    keepMine(): void {
        this.version = this.problem?.version ?? this.version;
        void this.send();
    }

    private rim(area: string, met: (inside: number, outside: number) => void): void {
        const label = this.state.areas.indexOf(area);
        const beside = (this.neighbours ??= neighboursOf(this.sculpt));
        const { labels } = this.state;
        beside.forEach((other, at) => {
            const here = Math.floor(at / 3);
            if (other >= 0 && labels[here] === label && labels[other] !== label) met(here, other);
        });
    }

    /** What lies on the other side, where there is something. */
    private mirrored(triangles: readonly number[]): number[] {
        if (this.mirror.size === 0) {
            for (let at = 0; at < this.state.patches.length; at++) {
                const [x, y, z] = this.middle(at);
                this.mirror.set(cell(x, y, z), at);
            }
        }
        const others = new Set<number>();
        for (const one of triangles) {
            const [x, y, z] = this.middle(one);
            const other = this.mirror.get(cell(-x, y, z));
            if (other !== undefined) others.add(this.state.patches[other]!);
        }
        const both: number[] = [];
        this.state.patches.forEach((patch, at) => others.has(patch) && both.push(at));
        return both;
    }

    private middle(triangle: number): [number, number, number] {
        const { positions, triangles } = this.sculpt;
        return [0, 1, 2].map(
            (axis) =>
                [0, 1, 2].reduce((sum, corner) => sum + positions[3 * triangles[3 * triangle + corner]! + axis]!, 0) /
                3,
        ) as [number, number, number];
    }
}

function base64(bytes: Uint8Array): string {
    let digits = '';
    for (let at = 0; at < bytes.length; at += 8192) digits += String.fromCharCode(...bytes.subarray(at, at + 8192));
    return btoa(digits);
}

const cell = (x: number, y: number, z: number) => `${Math.round(x)} ${Math.round(y)} ${Math.round(z)}`;

/** Of each side of each triangle the one beyond it, or -1. */
function neighboursOf({ positions, triangles }: Sculpt): Int32Array {
    const count = positions.length / 3;
    const open = new Map<number, number>();
    const beside = new Int32Array(triangles.length).fill(-1);
    triangles.forEach((from, at) => {
        const to = triangles[at % 3 === 2 ? at - 2 : at + 1]!;
        const edge = Math.min(from, to) * count + Math.max(from, to);
        const other = open.get(edge);
        if (other === undefined) open.set(edge, at);
        else {
            beside[at] = Math.floor(other / 3);
            beside[other] = Math.floor(at / 3);
        }
    });
    return beside;
}
