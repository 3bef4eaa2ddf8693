/**
 * Forms as signed distances (mm, negative inside) and what can be done to them. A form is a function of a point [x, y, z]:
 * x to the model's left hand, y up, z to whoever looks at its face. Distances need not be exact, only their signs and slopes.
 */

export const add = (a, b) => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const less = (a, b) => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a, by) => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a, b) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const length = (a) => Math.hypot(a[0], a[1], a[2]);
export const clamp = (value, low = 0, high = 1) => Math.min(high, Math.max(low, value));
export const blend = (a, b, share) => a + (b - a) * share;
export const smooth = (from, to, value) => {
    const share = clamp((value - from) / (to - from));
    return share * share * (3 - 2 * share);
};

/** The same numbers on every machine and every run. */
export function scatter(seed) {
    let state = seed >>> 0;
    return () => {
        state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
        return state / 4294967296;
    };
}

/** Gentle bumps without a pattern, about -1…1. */
export function noise(p, size) {
    const [x, y, z] = times(p, 1 / size);
    return (
        (Math.sin(1.7 * x + 2.3 * Math.sin(0.9 * y + 1.1)) +
            Math.sin(1.9 * y + 2.1 * Math.sin(1.1 * z + 2.7)) +
            Math.sin(1.6 * z + 2.2 * Math.sin(1.05 * x + 0.4))) /
        3
    );
}

export const ball = (centre, radius) => (p) => length(less(p, centre)) - radius;

export const egg =
    (centre, [rx, ry, rz]) =>
    (p) => {
        const d = less(p, centre);
        const scaled = Math.hypot(d[0] / rx, d[1] / ry, d[2] / rz);
        const slope = Math.hypot(d[0] / (rx * rx), d[1] / (ry * ry), d[2] / (rz * rz));
        return slope < 1e-9 ? -Math.min(rx, ry, rz) : (scaled * (scaled - 1)) / slope;
    };

/** Along a line from one ball to another. */
export const limb = (from, to, thick, thin = thick) => {
    const along = less(to, from);
    const square = dot(along, along);
    return (p) => {
        const share = clamp(dot(less(p, from), along) / square);
        return length(less(p, add(from, times(along, share)))) - blend(thick, thin, share);
    };
};

/** Through several points; the thickness at each. */
export const path = (points, thicknesses) => union(...points.slice(1).map((to, at) => limb(points[at], to, thicknesses[at], thicknesses[at + 1])));

export const box =
    (centre, [w, h, d], round = 0) =>
    (p) => {
        const q = less(p, centre).map((value, at) => Math.abs(value) - [w, h, d][at] / 2 + round);
        return Math.hypot(Math.max(q[0], 0), Math.max(q[1], 0), Math.max(q[2], 0)) + Math.min(Math.max(...q), 0) - round;
    };

/** Upright, round edges. */
export const drum =
    (foot, radius, height, round = 0) =>
    (p) => {
        const d = less(p, foot);
        const side = Math.hypot(d[0], d[2]) - radius + round;
        const end = Math.abs(d[1] - height / 2) - height / 2 + round;
        return Math.hypot(Math.max(side, 0), Math.max(end, 0)) + Math.min(Math.max(side, end), 0) - round;
    };

/** Lying ring. */
export const ring =
    (centre, radius, thickness, flat = 1) =>
    (p) => {
        const d = less(p, centre);
        return (Math.hypot(Math.hypot(d[0], d[2]) - radius, d[1] * flat) - thickness) / Math.max(1, flat);
    };

export const union =
    (...forms) =>
    (p) => {
        let least = Infinity;
        for (const form of forms) least = Math.min(least, form(p));
        return least;
    };
export const without =
    (form, ...others) =>
    (p) => {
        let most = form(p);
        for (const other of others) most = Math.max(most, -other(p));
        return most;
    };
export const within =
    (...forms) =>
    (p) => {
        let most = -Infinity;
        for (const form of forms) most = Math.max(most, form(p));
        return most;
    };

/** Run into each other over a width, as clay does. */
export const melted =
    (width, ...forms) =>
    (p) => {
        let least = forms[0](p);
        for (const form of forms.slice(1)) {
            const other = form(p);
            const near = Math.max(width - Math.abs(least - other), 0) / width;
            least = Math.min(least, other) - (near * near * width) / 4;
        }
        return least;
    };
/** Pressed in over a width. */
export const dented =
    (width, form, ...others) =>
    (p) => {
        let most = form(p);
        for (const one of others) {
            const other = -one(p);
            const near = Math.max(width - Math.abs(most - other), 0) / width;
            most = Math.max(most, other) + (near * near * width) / 4;
        }
        return most;
    };
export const grown = (form, by) => (p) => form(p) - (typeof by === 'number' ? by : by(p));
export const shell = (form, thickness) => (p) => Math.abs(form(p)) - thickness / 2;

const rotation = (one, other) => (degrees) => {
    const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    return (p) => {
        const turned = [...p];
        turned[one] = cos * p[one] + sin * p[other];
        turned[other] = cos * p[other] - sin * p[one];
        return turned;
    };
};
/** Moves a form, turned first about x (nodding), then z (leaning), then y (looking round), in degrees. */
export function placed(form, { at = [0, 0, 0], nod = 0, lean = 0, turn = 0 }) {
    const back = [rotation(2, 0)(turn), rotation(0, 1)(lean), rotation(1, 2)(nod)];
    return (p) => form(back.reduce((q, step) => step(q), less(p, at)));
}
/** Both sides alike. */
export const mirrored = (form) => (p) => form([Math.abs(p[0]), p[1], p[2]]);

/** Cloth hanging round an upright axis: folds that open towards the hem. Depth in mm at a height, their count round the body. */
export function folds(p, centre, count, depth, twist = 0, seed = 0) {
    const angle = Math.atan2(p[0] - centre[0], p[2] - centre[1]) + twist * p[1];
    const wander = 0.35 * Math.sin(2 * angle + seed) + 0.22 * Math.sin(3 * angle + 1.7 * seed + 0.12 * p[1]);
    const wave = Math.sin(count * (angle + wander / 2));
    // Ridges are rounder than the valleys between them.
    return depth * (1 - 2 * Math.pow(Math.abs((1 - wave) / 2), 1.6));
}
