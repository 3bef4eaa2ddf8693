import { ball, box, dented, drum, egg, folds, grown, limb, melted, placed, ring, union, within, without } from './forms.mjs';

/** A hooded bust in a cloak, with a riveted plate on its breast and a stone in its clasp: folds, edges, a flat, a ball; small enough for a card. */
export function practice() {
    const cloak = (p) => {
        const down = Math.max(0, Math.min(1, (15 - p[1]) / 15));
        const wide = 4.2 + 5.2 * Math.pow(down, 0.75);
        return (Math.hypot(p[0], p[2] / 0.86) - wide - folds(p, [0, 0], 6, 0.3 + 1.0 * down, 0.02, 3)) * 0.8;
    };
    const shoulders = melted(1.6, within(cloak, box([0, 7.6, 0], [30, 15, 30])), limb([-4.2, 13.2, 0], [4.2, 13.2, 0], 2.5));
    const hood = dented(
        0.5,
        melted(1.2, egg([0, 18.6, -0.2], [3.7, 4.3, 4.0]), limb([0, 21.5, -2.2], [0, 20.2, -4.3], 1.3, 0.7)),
        placed(egg([0, 0, 0], [2.3, 3.0, 2.6]), { at: [0, 18.1, 3.6], nod: -6 }),
    );
    const face = union(egg([0, 17.9, 1.3], [1.9, 2.6, 1.7]), limb([0, 18.4, 2.7], [0, 17.4, 3.2], 0.35, 0.5));
    const collar = ring([0, 14.9, 0.3], 4.1, 0.95, 1.1);
    const plate = union(
        placed(
            union(
                without(box([0, 0, 0], [5.6, 5.6, 1.1], 0.12), box([0, 0, 0.9], [4.3, 4.3, 1.1], 0.05)),
                box([0, 0, 0.05], [2.4, 2.4, 1.1], 0.1),
                ...[[-2.45, -2.45], [2.45, -2.45], [-2.45, 2.45], [2.45, 2.45]].map(([x, y]) => ball([x, y, 0.55], 0.32)),
            ),
            { at: [0, 8.6, 8.1], nod: -19 },
        ),
    );
    const foot = drum([0, 0, 0], 9.6, 0.9, 0.3);
    const clasp = ball([0, 13.7, 5.1], 1.7);
    const all = { edge: 0.42 };
    return {
        thinnedMm: 0.035,
        parts: [
            { area: 'Body', form: union(grown(shoulders, 0), hood, face, collar, plate, foot), from: [-12, -0.3, -12], to: [12, 24, 12], ...all },
            { area: 'Stone', form: clasp, from: [-2, 11.8, 3], to: [2, 15.7, 7.1], edge: 0.25 },
        ],
    };
}
