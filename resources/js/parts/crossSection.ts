/**
 * A technique drawn as a cut through three folds of cloth: the model below, the air above, and between them what the technique leaves there.
 * Where and how thick it lies is told by its deposit (coats from recess to edge); the manner says how: as a film, pooled, broken, dusted.
 */
export const WIDTH = 240;
export const HEIGHT = 72;

const FOLD = 80;
const FLOOR = 60;
const RISE = 32;
const STEP = 2;
/** How high on a fold each zone has its middle, from recess to edge. */
const ZONES = [0.05, 0.3, 0.52, 0.75, 0.97];
/** As thick as a standard coat is drawn, and as thick as anything gets. */
const COAT = 6;
const THICKEST = 11;

type Manner = 'film' | 'broken' | 'pool' | 'veil' | 'clear' | 'grains';
type Weights = readonly number[];

export type Laid = {
    manner: Manner;
    /** Coats from recess to edge; without them the technique's own deposit. */
    weights?: Weights;
    /** Only between these, in parts of the width. */
    across?: readonly [number, number];
    /** Only on the slopes that look to the left. */
    left?: true;
    /** Lies this high above the model: what was there before, or a film that bridges. */
    lift?: number;
};

/** What lies there, the lowest first, and lines that say how it came there: rays, a brush's way, an edge of tape. */
export type Drawing = { laid: Laid[]; lines?: string[]; solids?: string[] };

const EVENLY = [1, 1, 1, 1, 1];
const BEFORE: Laid = { manner: 'veil', weights: EVENLY };
const rays = (tilt: number): string[] =>
    [30, 66, 102, 138, 174, 210].map((x) => `M${x - tilt} 3l${tilt === 0 ? 0 : tilt / 2} 9`);
/** Folds of cloth have no room for these: they are drawn on the crest in the middle. */
const onCrest = (laid: Laid): Laid => ({ ...laid, across: [0.4, 0.6] });
const film = (weights?: Weights): Laid => (weights ? { manner: 'film', weights } : { manner: 'film' });
const varnish = (...lines: string[]): Drawing => ({
    laid: [{ manner: 'clear', weights: [0.9, 0.9, 0.9, 0.9, 0.9] }],
    lines,
});

const DRAWINGS: Record<string, Drawing> = {
    primer: { laid: [film()], lines: [...rays(0), ...rays(14)] },
    'spray-from-above': { laid: [{ manner: 'film', weights: [0.1, 0.3, 0.7, 1, 1.1] }], lines: rays(0) },
    'spray-layer': { laid: [{ manner: 'film', left: true }], lines: rays(18) },
    'one-coat': { laid: [{ manner: 'pool' }] },
    'wet-blend': { laid: [{ manner: 'veil', weights: [0.2, 1.3, 1.1, 0.2, 0] }, film([0, 0, 0.6, 1.1, 1.1])] },
    stipple: { laid: [{ manner: 'broken' }] },
    wash: { laid: [{ manner: 'pool' }] },
    'layered-shade': { laid: [BEFORE, { ...film([1.3, 0.7, 0.05, 0, 0]), lift: 5 }] },
    lining: { laid: [BEFORE, { ...film([1.6, 0, 0, 0, 0]), lift: 4 }] },
    drybrush: { laid: [{ manner: 'broken', weights: [0, 0, 0, 0.4, 1] }], lines: ['M14 8h60M94 8h60M174 8h52'] },
    patting: { laid: [{ manner: 'broken', weights: [0, 0, 0.1, 1, 1.2] }, film([0, 0, 0, 0.3, 0.8])] },
    layer: { laid: [film()] },
    highlight: { laid: [BEFORE, { ...film([0, 0, 0.1, 1, 1]), lift: 5 }] },
    'edge-highlight': { laid: [BEFORE, { ...film([0, 0, 0, 0, 1.2]), lift: 5 }] },
    dot: { laid: [BEFORE, { ...onCrest(film([0, 0, 0, 0, 1.6])), lift: 5 }] },
    glaze: { laid: [{ manner: 'veil', weights: [0.5, 0.5, 0.5, 0.5, 0.5] }] },
    'coloured-light': {
        laid: [{ manner: 'veil', weights: EVENLY, left: true }],
        lines: ['M4 14l22 5M4 24l18 4M4 34l12 3'],
    },
    eye: { laid: [onCrest(BEFORE)], solids: ['M108 22q12-11 24 0q-12 8-24 0z'] },
    lens: { laid: [onCrest(BEFORE)], solids: ['M106 27a14 14 0 0 1 14-14v14z'], lines: ['M106 27a14 14 0 0 1 28 0'] },
    gem: { laid: [onCrest(BEFORE)], solids: ['M106 27l6-14h8v14z'], lines: ['M106 27l6-14h16l6 14z'] },
    freehand: { laid: [BEFORE, { ...film(EVENLY), across: [0.36, 0.46], lift: 5 }] },
    'touch-up': { laid: [BEFORE, { ...film(EVENLY), across: [0.4, 0.5] }] },
    'clean-up': {
        laid: [
            { ...BEFORE, across: [0, 0.5] },
            { ...film(EVENLY), across: [0.5, 1] },
        ],
        lines: ['M120 2v20'],
    },
    'gloss-coat': varnish('M30 8l8 8M36 6l8 8M110 8l8 8M116 6l8 8M190 8l8 8M196 6l8 8'),
    'satin-coat': varnish('M34 8l8 8M114 8l8 8M194 8l8 8'),
    'matt-coat': varnish(),
    'gloss-spot': {
        laid: [{ manner: 'clear', weights: EVENLY, across: [0.38, 0.62] }],
        lines: ['M110 6l8 8M116 4l8 8'],
    },
    decal: { laid: [BEFORE], solids: ['M92 24l50-8v3l-50 8z'] },
    'decal-softener': {
        laid: [BEFORE, { manner: 'film', weights: [0.5, 0.5, 0.5, 0.5, 0.5], across: [0.38, 0.62], lift: 5 }],
    },
    'solvent-wash': {
        laid: [
            { manner: 'clear', weights: EVENLY },
            { manner: 'pool', lift: 5 },
        ],
    },
    'wipe-back': { laid: [{ manner: 'pool', weights: [1, 0, 0, 0, 0] }], lines: ['M94 10h50M138 5l6 5l-6 5'] },
    streaks: {
        laid: [
            BEFORE,
            { ...film([0.9, 1, 0.1, 0, 0]), across: [0.12, 0.3], lift: 5 },
            { ...film([0.9, 1, 0.1, 0, 0]), across: [0.55, 0.7], lift: 5 },
        ],
    },
    feather: {
        laid: [{ manner: 'veil', weights: [1.6, 1, 0.4, 0, 0] }],
        lines: ['M94 10h50M138 5l6 5l-6 5'],
    },
    pigments: { laid: [{ manner: 'grains', weights: [1.6, 0.6, 0, 0, 0] }] },
    effect: { laid: [BEFORE, { manner: 'grains', weights: [1, 0.8, 0.5, 0.2, 0.1], lift: 5 }] },
    'chipping-fluid': { laid: [{ manner: 'clear', weights: EVENLY }] },
    chip: {
        laid: [{ manner: 'film', weights: [1, 1, 1, 0.5, 0] }],
        lines: ['M34 8l6 8l6-8M114 8l6 8l6-8M194 8l6 8l6-8'],
    },
    'texture-paste': {
        laid: [film([2, 1.7, 1.5, 1.3, 1.2]), { manner: 'grains', weights: [0.7, 0.7, 0.7, 0.7, 0.7], lift: 8 }],
    },
    grit: { laid: [{ manner: 'grains', weights: [2.4, 2.2, 2, 2, 2] }] },
    tuft: {
        laid: [onCrest(BEFORE)],
        lines: ['M114 24Q110 12 104 6M118 24Q117 10 114 3M122 24Q123 10 127 3M126 24Q130 12 137 7'],
    },
    rim: { laid: [{ ...film(EVENLY), across: [0.82, 1] }], lines: ['M197 2v20'] },
    mask: {
        laid: [{ manner: 'clear', weights: [1.6, 1.6, 1.6, 1.6, 1.6], across: [0, 0.5] }],
        lines: rays(0).slice(3),
    },
    unmask: {
        laid: [
            { ...film(EVENLY), across: [0.5, 1] },
            { manner: 'clear', weights: EVENLY, across: [0, 0.3] },
        ],
        lines: ['M72 36Q84 8 104 6'],
    },
    'glue-part': { laid: [onCrest(film([0, 0, 0, 0.5, 0.7]))], solids: ['M98 18V5h44v13z'] },
};

function height(x: number): number {
    return 0.5 - 0.5 * Math.cos((2 * Math.PI * x) / FOLD);
}

function ground(x: number): number {
    return FLOOR - RISE * height(x);
}

/** Above the ground by so much, straight out of it. */
function above(x: number, by: number): string {
    const slope = ((RISE * Math.PI) / FOLD) * Math.sin((2 * Math.PI * x) / FOLD);
    const length = Math.hypot(slope, 1);
    return `${(x - (slope * by) / length).toFixed(1)} ${(ground(x) - by / length).toFixed(1)}`;
}

/** Coats at a height, between the middles of the zones. */
function coats(weights: Weights, at: number): number {
    const up = ZONES.findIndex((zone) => zone >= at);
    if (up === 0) return weights[0] ?? 0;
    if (up < 0) return weights[4] ?? 0;
    const [low, high] = [ZONES[up - 1]!, ZONES[up]!];
    return (weights[up - 1] ?? 0) + ((at - low) / (high - low)) * ((weights[up] ?? 0) - (weights[up - 1] ?? 0));
}

function places(laid: Laid): number[] {
    const [from, to] = laid.across ?? [0, 1];
    const all = Array.from({ length: WIDTH / STEP + 1 }, (_, at) => at * STEP);
    return all.filter((x) => x >= from * WIDTH && x <= to * WIDTH && (!laid.left || x % FOLD <= FOLD / 2));
}

/** Runs of places that follow each other, each closed to a shape between the ground and what lies on it. */
function shapes(places: number[], low: (x: number) => number, high: (x: number) => number): string {
    const runs: number[][] = [];
    for (const x of places) {
        const last = runs.at(-1);
        if (last && x - last.at(-1)! === STEP) last.push(x);
        else runs.push([x]);
    }
    return runs
        .filter((run) => run.length > 1)
        .map((run) => {
            const up = [...run].reverse();
            return `M${run.map((x) => above(x, low(x))).join('L')}L${up.map((x) => above(x, high(x))).join('L')}Z`;
        })
        .join('');
}

/** Where each fold begins, the liquid stands level; above it only a trace is left. */
function pools(weights: Weights, lift: number): string {
    const level = FLOOR - lift - Math.min(14, 6.5 * (weights[0] ?? 0));
    const filled = Array.from({ length: WIDTH / STEP + 1 }, (_, at) => at * STEP);
    return filled
        .slice(1)
        .filter((x) => ground(x) - lift > level && ground(x - STEP) - lift > level)
        .map((x) => {
            const [from, to] = [ground(x - STEP) - lift, ground(x) - lift];
            return `M${x - STEP} ${from.toFixed(1)}L${x} ${to.toFixed(1)}V${level.toFixed(1)}H${x - STEP}Z`;
        })
        .join('');
}

/** Grains strewn where it lies: as many as there is of it, never twice otherwise. */
function grains(laid: Laid, weights: Weights): string {
    return places(laid)
        .filter((x) => coats(weights, height(x)) > 0.15)
        .map((x) => {
            const much = coats(weights, height(x));
            const chance = Math.abs(Math.sin(x * 12.9898) * 43758.5453) % 1;
            const size = Math.min(3.2, 0.8 + much * (0.5 + chance));
            return chance > 0.25 + 0.5 * Math.min(1, much)
                ? ''
                : `M${above(x, (laid.lift ?? 0) + size)}m-${size.toFixed(1)} 0a${size.toFixed(1)} ${size.toFixed(1)} 0 1 0 ${(2 * size).toFixed(1)} 0a${size.toFixed(1)} ${size.toFixed(1)} 0 1 0-${(2 * size).toFixed(1)} 0`;
        })
        .join('');
}

function shape(laid: Laid, deposit: Weights): string {
    const weights = laid.weights ?? deposit;
    const lift = laid.lift ?? 0;
    const thick = (x: number): number => Math.min(THICKEST, COAT * coats(weights, height(x)));
    const lies = places(laid).filter((x) => thick(x) > 0.7);
    const film = (xs: number[], cap = THICKEST): string =>
        shapes(
            xs,
            () => lift,
            (x) => lift + Math.min(cap, thick(x)),
        );
    switch (laid.manner) {
        case 'pool':
            return (
                pools(weights, lift) +
                film(
                    lies.filter((x) => height(x) > 0.2),
                    2.5,
                )
            );
        case 'broken':
            return film(lies.filter((x) => x % 8 < 6));
        case 'grains':
            return grains(laid, weights);
        default:
            return film(lies);
    }
}

/** The model itself, as it is cut. */
export const BODY = `M0 ${HEIGHT}V${ground(0)}${Array.from({ length: WIDTH / STEP + 1 }, (_, at) => `L${at * STEP} ${ground(at * STEP).toFixed(1)}`).join('')}V${HEIGHT}Z`;

/** What is drawn of a technique: its layers as paths with their manner, the lowest first. A technique without a drawing of its own is a film as thick as it leaves. */
export function crossSection(
    technique: string,
    deposit: Weights,
): { layers: { manner: Manner; d: string }[]; lines: string[]; solids: string[] } {
    const { laid, lines = [], solids = [] } = DRAWINGS[technique] ?? { laid: [film()] };
    return { layers: laid.map((one) => ({ manner: one.manner, d: shape(one, deposit) })), lines, solids };
}
