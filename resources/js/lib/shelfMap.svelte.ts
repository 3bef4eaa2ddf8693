import { scaleLinear } from 'd3-scale';
import { got, type Problem, type Schemas, server, said } from './api';
import { Latest } from './latest.svelte';

type Placed = { id: string; name: string; hue: number | null; exactValue: number; lean: number };
export type Point = Schemas['OwnedPoint'];
export type Spot<T = Placed> = { point: T; x: number; y: number };
export type Facet = 'low' | 'neverUsed' | 'twins';

/** Red begins the axis at the left: what lies before it on the circle comes last. */
const FIRST_HUE = 10;
const HUE_WORDS = [
    { hue: 30, word: 'red' },
    { hue: 60, word: 'orange' },
    { hue: 88, word: 'yellow' },
    { hue: 140, word: 'green' },
    { hue: 198, word: 'teal' },
    { hue: 265, word: 'blue' },
    { hue: 312, word: 'violet' },
    { hue: 348, word: 'pink' },
];
const NEUTRAL_SHARE = 0.15;

/** A part of the hue circle to look at more closely, in degrees from where the axis begins. */
export type Closer = { value: string; label: string; from: number; to: number };
export const CLOSER: Closer[] = [
    { value: 'all', label: 'all hues', from: 0, to: 360 },
    { value: 'warm', label: 'reds to yellows', from: 0, to: 105 },
    { value: 'green', label: 'greens to blues', from: 90, to: 275 },
    { value: 'violet', label: 'blues to pinks', from: 240, to: 360 },
];

/** Where things stand on a map of some size. Only arithmetic of axes; what stands where is told by the server. */
export class Axes {
    readonly value;
    readonly hue;
    readonly lean;
    readonly plot;
    readonly neutralEnd: number;

    constructor(
        readonly width: number,
        readonly height: number,
        readonly closer: Closer = CLOSER[0]!,
    ) {
        this.plot = { left: 46, right: width - 14, top: 18, bottom: height - 34 };
        this.neutralEnd = this.plot.left + NEUTRAL_SHARE * (this.plot.right - this.plot.left);
        this.value = scaleLinear([0, 100], [this.plot.bottom, this.plot.top]);
        this.hue = scaleLinear([closer.from, closer.to], [this.neutralEnd + 14, this.plot.right]);
        this.lean = scaleLinear([-1, 1], [this.plot.left + 14, this.neutralEnd - 12]).clamp(true);
    }

    x(hue: number | null, lean: number): number {
        return hue === null ? this.lean(lean) : this.hue((hue - FIRST_HUE + 360) % 360);
    }

    spot<T extends Placed>(point: T): Spot<T> {
        return { point, x: this.x(point.hue, point.lean), y: this.value(point.exactValue) };
    }

    /** What has no hue is seen however close one looks. */
    holds(hue: number | null): boolean {
        const along = hue === null ? null : (hue - FIRST_HUE + 360) % 360;
        return along === null || (along >= this.closer.from && along <= this.closer.to);
    }

    get hueWords(): { x: number; word: string }[] {
        return HUE_WORDS.filter(({ hue }) => this.holds(hue)).map(({ hue, word }) => ({ x: this.x(hue, 0), word }));
    }

    reach(gap: Schemas['ShelfMap']['gaps'][number]): { rx: number; ry: number } {
        return {
            rx: this.hue(gap.hueReach) - this.hue(0),
            ry: this.value(0) - this.value(gap.valueReach),
        };
    }
}

export type Brush = { x: number; y: number; toX: number; toY: number };

export function within(spots: Spot<Point>[], brush: Brush): Spot<Point>[] {
    const [left, right] = [Math.min(brush.x, brush.toX), Math.max(brush.x, brush.toX)];
    const [top, bottom] = [Math.min(brush.y, brush.toY), Math.max(brush.y, brush.toY)];
    return spots.filter(({ x, y }) => x >= left && x <= right && y >= top && y <= bottom);
}

/** Within reach of a fingertip. */
export function nearest(spots: Spot<Point>[], x: number, y: number): Spot<Point> | null {
    const REACH = 16;
    let found: Spot<Point> | null = null;
    let distance = REACH;
    for (const spot of spots) {
        const apart = Math.hypot(spot.x - x, spot.y - y);
        if (apart < distance) [found, distance] = [spot, apart];
    }
    return found;
}

/** The next in a direction: what lies aside counts double. */
export function onward(spots: Spot<Point>[], from: Spot<Point>, dx: number, dy: number): Spot<Point> | null {
    let found: Spot<Point> | null = null;
    let least = Infinity;
    for (const spot of spots) {
        const [x, y] = [spot.x - from.x, spot.y - from.y];
        const along = x * dx + y * dy;
        const aside = Math.abs(x * dy - y * dx);
        if (spot !== from && along > 0 && aside <= 2 * along && along + 2 * aside < least) {
            [found, least] = [spot, along + 2 * aside];
        }
    }
    return found;
}

/** The shelf as a map: what stands on it, what is laid over it, what is chosen. */
export class ShelfMap {
    planId = $state('');
    setId = $state('');
    chosen = $state.raw<ReadonlySet<string>>(new Set());
    closer = $state.raw<Closer>(CLOSER[0]!);
    private latest = new Latest<Schemas['ShelfMap']>();

    get map(): Schemas['ShelfMap'] | null {
        return this.latest.answer;
    }

    get problem(): Problem | null {
        return this.latest.problem;
    }

    load(): Promise<void> {
        return this.latest.ask(() => {
            const query = said({ plan: this.planId, set: this.setId });
            return got(server.GET('/shelf/map', { params: { query } }));
        });
    }

    choose(ids: Iterable<string>): void {
        this.chosen = new Set(ids);
    }

    /** Chooses what is called so, and says whether there is any. */
    find(words: string): boolean {
        const told = words.trim().toLowerCase();
        const found = (this.map?.points ?? []).filter((point) => point.name.toLowerCase().includes(told));
        if (told !== '' && found.length > 0) this.choose(found.map((point) => point.id));
        return found.length > 0;
    }

    toggle(id: string): void {
        const next = new Set(this.chosen);
        if (!next.delete(id)) next.add(id);
        this.chosen = next;
    }

    facet(facet: Facet): Point[] {
        const points = this.map?.points ?? [];
        if (facet === 'low') return points.filter((point) => point.level === 'low');
        if (facet === 'neverUsed') return points.filter((point) => point.neverUsed);
        const twins = new Set((this.map?.twins ?? []).flatMap((pair) => [pair.one, pair.other]));
        return points.filter((point) => twins.has(point.id));
    }

    get selection(): Point[] {
        return (this.map?.points ?? []).filter((point) => this.chosen.has(point.id));
    }
}
