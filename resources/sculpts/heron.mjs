import { ball, blend, box, clamp, dented, drum, egg, folds, grown, length, less, limb, melted, mirrored, noise, path, placed, ring, shell, smooth, union, within, without } from './forms.mjs';
import { jetty } from './stones.mjs';

/** Feathers laid like shingles: each rises to its tip and drops to the next row. Along and across in mm; gives 0…1. */
function shingles(along, across, long, wide) {
    const row = Math.floor(along / long);
    const beside = across / wide + 0.5 * (((row % 2) + 2) % 2);
    const off = 2 * (beside - Math.floor(beside) - 0.5);
    const share = along / long + 0.32 * off * off;
    const rise = share - Math.floor(share);
    return rise - 0.3 * smooth(0.25, 0, Math.abs(off)) * smooth(0.1, 0.5, rise);
}

/** The Provost on the white heron, lantern held high. About 75 mm. */
export function heron() {
    const belly = placed(egg([0, 0, 0], [9.2, 9.6, 17.5]), { at: [0, 33, 0], nod: -14 });
    const neckLine = [[0, 37, 13], [0, 43, 19.5], [0, 50, 20], [0, 56, 16], [0, 61.5, 15.5]];
    const neck = path(neckLine, [6.4, 4.3, 3.2, 2.7, 2.6]);
    const skull = egg([0, 62.6, 17.6], [2.7, 2.8, 4.3]);
    const tail = within(placed(egg([0, 0, 0], [6.5, 2.2, 11]), { at: [0, 29.5, -19], nod: 8 }), (p) => -30 - p[2]);
    const down = (p) => 0.55 * shingles(-p[2] * 0.85 - p[1] * 0.35, Math.atan2(p[0], p[1] - 33) * 9, 3.2, 3.4);
    const ruff = (p) => 0.4 * shingles(-p[1], Math.atan2(p[0], p[2] - 17) * 4, 2.1, 2.2) * smooth(60, 56, p[1]);
    const chest = grown(melted(4, belly, neck), (p) => down(p) * smooth(52, 40, p[1]) + ruff(p) * smooth(40, 46, p[1]));
    const plumes = [-0.5, 0, 0.5].map((x) => path([[x, 64.4, 15], [2.2 * x, 64.6, 10], [4.5 * x, 61.5, 4.5]], [0.8, 0.7, 0.32]));
    const beard = [-1.4, -0.5, 0.5, 1.4].map((x) => path([[x * 1.3, 39, 19], [x * 1.5, 33.5, 20.5], [x * 1.2, 28.5 + x, 19.2]], [0.9, 0.8, 0.3]));
    const eyes = mirrored(egg([2.2, 63.2, 19.4], [0.6, 0.75, 0.75]));
    const wing = mirrored((p) => {
        const [along, up] = [-(p[2] - 9) * 0.94 - (p[1] - 36) * 0.28, p[1] - 36 - (p[2] - 9) * 0.3];
        const plate = egg([7.6, 34.6, -4.2], [2.9, 8.4, 17.6])(p);
        const long = blend(3.6, 7.5, smooth(3, 22, along));
        return plate - 0.95 * shingles(along, up, long, blend(2.9, 3.4, smooth(3, 22, along)));
    });
    const pinions = mirrored(union(...Array.from({ length: 5 }, (_, at) => placed(egg([0, 0, 0], [0.75, 1.5, 9.5]), { at: [6.9 - 0.75 * at, 31.6 - 1.5 * at, -18 - 0.5 * at], nod: 12 + 2 * at, turn: 7 }))));
    const plumage = union(melted(0.8, chest, skull), dented(0.5, tail, box([0, 29.5, -24], [0.4, 6, 18]), box([2.6, 29.5, -24], [0.4, 6, 18]), box([-2.6, 29.5, -24], [0.4, 6, 18])), wing, pinions, ...plumes, ...beard);

    const leg = (x, z, lift) => [
        path([[x, 25, z - 1], [x * 1.1, 15.6 + lift, z - 3.4], [x * 1.1, 3.4 + lift, z + 0.4 + lift * 0.4]], [2.1, 1.15, 0.95]),
        ball([x * 1.1, 15.6 + lift, z - 3.4], 1.5),
        ...[-28, 0, 28].map((turn) => path([[x * 1.1, 3.2 + lift, z + 0.4 + lift * 0.4], [x * 1.1 + 4.8 * Math.sin((turn * Math.PI) / 180), 2.9 + lift * 0.72, z + 0.4 + lift * 0.4 + 4.8 * Math.cos((turn * Math.PI) / 180)]], [0.9, 0.55])),
        limb([x * 1.1, 3.2 + lift, z + 0.4], [x * 1.1, 2.9 + lift * 0.8, z - 2.6], 0.8, 0.5),
    ];
    const beak = union(within(path([[0, 62.9, 20.2], [0, 61.6, 31.5]], [1.55, 0.28]), (p) => 62.2 - 0.1 * (p[2] - 20) - p[1]), within(path([[0, 61.7, 20], [0, 61, 30.4]], [1.3, 0.26]), (p) => p[1] - 61.9 + 0.1 * (p[2] - 20)), mirrored(egg([1.75, 63.4, 20], [0.75, 0.75, 1])));
    const horn = union(...leg(3.6, 1.5, 0), ...leg(-3.6, 2.5, 2.6), beak, eyes);

    const saddle = union(
        within(shell(grown(belly, 1.5), 1.3), (p) => Math.abs(p[2] + 1.5) - 8.2 - 0.04 * (p[1] - 30) * (p[1] - 30), (p) => 33 - p[1]),
        within(shell(grown(belly, 1.1), 1), (p) => Math.abs(p[2] - 4) - 1.3),
        placed(egg([0, 0, 0], [4.6, 3.2, 2]), { at: [0, 45.2, -8.4], nod: -24 }),
        placed(egg([0, 0, 0], [2.2, 2.6, 1.5]), { at: [0, 45.4, 5.2], nod: 20 }),
        mirrored(union(limb([9.3, 37, 1.8], [10.4, 30.5, 2], 0.55), placed(ring([0, 0, 0], 1.9, 0.5), { at: [10.5, 28.6, 2], lean: 90 }))),
        path([[0, 61.6, 20.6], [2.9, 58, 17.5], [3.6, 50, 10], [1, 50.5, 5.6]], [0.3, 0.3, 0.3, 0.3]),
        path([[0, 61.6, 20.6], [-2.9, 58, 17.5], [-3.6, 50, 10], [-1, 50.5, 5.6]], [0.3, 0.3, 0.3, 0.3]),
    );

    const torso = placed(egg([0, 0, 0], [3.9, 5.2, 3.1]), { at: [0, 51.6, -1.3], nod: -4 });
    const breastplate = union(
        dented(0.35, grown(torso, (p) => 0.28 * smooth(0.5, 0.1, Math.abs(p[0])) + 0.2), ...[48.6, 47.6].map((y) => placed(ring([0, 0, 0], 4.1, 0.16), { at: [0, y, -1.3] }))),
        mirrored(egg([4.3, 54.6, -1.3], [2, 1.7, 2.1])),
        placed(ring([0, 0, 0], 2.1, 0.55), { at: [0, 56.2, -1] }),
        mirrored(limb([3.1, 47, 1.4], [3.6, 44.6, 3.4], 1.5, 1.35)),
    );
    const cloakRound = (y) => 4.9 + 5.6 * smooth(55, 36, y);
    const cloak = union(
        within(
            shell((p) => (Math.hypot(p[0], (p[2] + 1.4) * (p[2] < -1.4 ? 0.78 : 1.05)) - cloakRound(p[1]) - folds(p, [0, -1.4], 7, 0.25 + 1.1 * smooth(54, 38, p[1]), 0.02, 0.7)) * 0.72, 0.95),
            (p) => p[1] - 56.2,
            (p) => 36.6 + 0.09 * p[2] + 0.5 * Math.sin(3 * Math.atan2(p[0], p[2])) - p[1],
            (p) => (p[2] > -0.6 ? 3.1 + 0.26 * (56 - p[1]) - Math.abs(p[0]) : -1),
        ),
        within(shell(egg([0, 59.3, -2], [3.7, 4.1, 3.9]), 0.8), (p) => p[2] - 0.15 + 0.35 * (p[1] - 60)),
        melted(0.8, limb([-4.6, 54.6, -1.3], [-7.7, 52.6, 2.2], 1.9, 1.7), grown(limb([-7.7, 52.6, 2.2], [-7.2, 58.8, 5], 1.7, 1.6), (p) => 0.26 * Math.sin(2.6 * p[1]))),
        melted(0.8, limb([4.6, 54.6, -1.3], [6.3, 51, 0.6], 1.9, 1.7), limb([6.3, 51, 0.6], [2.4, 50.4, 4.6], 1.7, 1.5)),
        mirrored(limb([3.7, 45, 3.4], [10.2, 39.5, 3], 2.1, 1.75)),
        mirrored(union(limb([10.2, 39.5, 3], [10.5, 30, 2], 1.75, 1.3), limb([10.5, 29.3, 1], [10.5, 29, 4.4], 1.3, 1.05))),
    );
    const face = melted(
        0.4,
        dented(0.25, egg([0, 59, -0.9], [2.35, 2.85, 2.5]), mirrored(egg([0.92, 59.5, 1.45], [0.6, 0.36, 0.45]))),
        mirrored(egg([0.92, 59.5, 0.98], [0.42, 0.32, 0.4])),
        limb([0, 59.8, 1.3], [0, 58.5, 2], 0.26, 0.46),
        mirrored(limb([0.3, 60.3, 1.35], [1.6, 60.15, 0.85], 0.3, 0.26)),
        egg([0, 56.9, 0.85], [0.95, 0.8, 0.75]),
        mirrored(limb([0.2, 58.05, 1.6], [1.7, 57.2, 0.9], 0.36, 0.16)),
        egg([-7.1, 60, 5.4], [1.2, 1.35, 1.15]),
        egg([2, 50.4, 5], [1.15, 1.15, 1.2]),
    );
    const [lx, ly, lz] = [-7.2, 64.4, 7.1];
    const lantern = union(
        limb([-7.1, 56.5, 4.6], [-7.1, 63.2, 6.5], 0.42),
        drum([lx, ly - 1, lz], 2.1, 0.8, 0.2),
        egg([lx, ly + 2.6, lz], [1.75, 2.9, 1.75]),
        ...[0, 60, 120, 180, 240, 300].map((angle) => {
            const [x, z] = [1.85 * Math.cos((angle * Math.PI) / 180), 1.85 * Math.sin((angle * Math.PI) / 180)];
            return limb([lx + x, ly - 0.4, lz + z], [lx + x, ly + 5, lz + z], 0.26);
        }),
        (p) => Math.max((Math.hypot(p[0] - lx, p[2] - lz) - 2.3 + 0.75 * (p[1] - ly - 4.8)) * 0.8, ly + 4.8 - p[1], p[1] - ly - 7.3),
        ball([lx, ly + 7.6, lz], 0.65),
    );

    return {
        name: 'Provost on the White Heron',
        thinnedMm: 0.065,
        parts: [
            { area: 'Heron plumage', form: plumage, from: [-12.5, 17, -33], to: [12.5, 67, 27], edge: 0.74 },
            { area: 'Beak and legs', form: horn, from: [-10, 1.5, -8], to: [10, 66, 33], edge: 0.46 },
            { area: 'Cloak', form: cloak, from: [-14.5, 26, -19], to: [14.5, 65, 9], edge: 0.64 },
            { area: 'Breastplate', form: breastplate, from: [-7, 42, -6], to: [7, 58, 6], edge: 0.4 },
            { area: 'Saddle', form: saddle, from: [-14, 19, -13], to: [14, 63, 23], edge: 0.5 },
            { area: 'Provost’s face', form: face, from: [-9, 48, -4], to: [4, 63, 7.2], edge: 0.27 },
            { area: 'Glowing lantern', form: lantern, from: [-10.5, 55, 3.6], to: [-4, 73.5, 10.5], edge: 0.3 },
            { area: 'Jetty base', form: jetty({ radius: 19, seed: 21, stones: 13, planks: 6, keep: (at) => Math.hypot(at[0], at[2]) > 9 }), from: [-20, -0.3, -20], to: [20, 14, 20], edge: 0.75 },
        ],
    };
}
