import { ball, box, dented, drum, egg, folds, grown, limb, melted, mirrored, noise, path, placed, ring, shell, smooth, union, within, without } from './forms.mjs';
import { jetty } from './stones.mjs';

/** A warden of the night ferry: oilskin coat to the knee, sou'wester, lantern held out, pole in the other hand. About 32 mm to the eye. */
export function warden() {
    const hip = [0, 0];
    /** Half width of the coat at a height; the skirt opens below the belt, the shoulders above it. */
    const coatRadius = (y) => (y < 17.2 ? 4.15 + 2.5 * smooth(17.2, 8, y) : 4.15 + 0.55 * smooth(17.2, 22.5, y) - 2.6 * smooth(22.8, 28.4, y));
    const body = (p) => {
        const depth = 0.1 + 0.85 * smooth(16.6, 9, p[1]) + 0.12 * smooth(18, 24, p[1]);
        const round = Math.hypot(p[0], p[2] * (1.22 - 0.12 * smooth(17, 9, p[1])));
        const side = round - coatRadius(p[1]) - folds(p, hip, 9, depth, 0.012, 1.3);
        const hem = 8.6 + 0.35 * Math.sin(3 * Math.atan2(p[0], p[2]) + 1);
        // The slit in front shows the breeches, and each edge of it turns out a little.
        const slit = p[1] < 15 && p[2] > 0 ? 0.15 + 0.11 * (15 - p[1]) - Math.abs(p[0] + 0.4) : -1;
        return Math.max(side * 0.8, hem - p[1], p[1] - 28.2, slit);
    };
    const hollow = (p) => (p[1] < 15.4 ? Math.hypot(p[0], p[2] * 1.15) - coatRadius(p[1]) + 1.05 - folds(p, hip, 9, 0.6 * smooth(16.6, 9, p[1]), 0.012, 1.3) : 1);
    const arm = (shoulder, elbow, wrist) => {
        const upper = limb(shoulder, elbow, 1.95, 1.75);
        const lower = limb(elbow, wrist, 1.7, 1.5);
        const crease = (p) => {
            const near = Math.hypot(p[0] - elbow[0], p[1] - elbow[1], p[2] - elbow[2]);
            return 0.34 * Math.sin(3.4 * near + 0.7 * Math.sin(1.3 * p[2] + p[0])) * smooth(5.2, 0.8, near) + 0.1 * noise(p, 1.4);
        };
        return melted(0.8, grown(upper, crease), grown(lower, crease));
    };
    const [lanternWrist, poleWrist] = [[-6.6, 19.6, 4.9], [7.1, 20.6, 3.2]];
    const sleeves = union(arm([-4.2, 25.4, -0.2], [-6.9, 21, 0.4], lanternWrist), arm([4.2, 25.4, -0.2], [7.6, 21.9, -0.9], poleWrist));
    const cuff = (wrist, from) => {
        const along = [wrist[0] - from[0], wrist[1] - from[1], wrist[2] - from[2]].map((one) => one / 6);
        return limb(wrist.map((one, at) => one - 0.7 * along[at]), wrist.map((one, at) => one + 0.4 * along[at]), 1.85, 1.9);
    };
    const collar = within(shell((p) => Math.hypot(p[0], (p[2] - 0.1) * 1.08) - 2.55 - 0.42 * (p[1] - 26.8), 0.6), (p) => 26.4 - p[1], (p) => p[1] - 29.3 - 0.5 * (p[2] < 0 ? 1 : 0), (p) => 0.55 - Math.abs(p[0]) - (p[2] < 1 ? 9 : 0));
    const cape = within(shell((p) => (Math.hypot(p[0] * 0.88, p[2] * 1.12) - 2.4 - 0.95 * (27.6 - p[1]) - folds(p, hip, 8, 0.28 * smooth(27, 23, p[1]), 0, 2.1)) * 0.72, 0.55), (p) => 23.4 + 0.25 * Math.sin(4 * Math.atan2(p[0], p[2])) - p[1], (p) => p[1] - 27.4);
    const buttons = [22.2, 20.3, 18.8].map((y) => egg([0.7, y, coatRadius(y) / 1.22 + 0.25], [0.42, 0.42, 0.32]));
    const flap = box([-0.05, 21, 3.75], [0.35, 8, 0.6], 0.12);
    /** Sou'wester: a crown of six seams, the brim turned up in front and long behind. */
    const crown = (p) => {
        const seam = Math.abs(Math.sin(3 * Math.atan2(p[0], p[2] + 0.2)));
        return egg([0, 32.6, -0.2], [3.15, 3.3, 3.35])(p) + 0.14 * smooth(0.3, 0, seam);
    };
    const brim = (p) => {
        const [x, z] = [p[0], p[2] + 0.2];
        const far = Math.hypot(x, z);
        const behind = z < 0 ? -z / (far + 1e-9) : 0;
        const ahead = z > 0 ? z / (far + 1e-9) : 0;
        const reach = 4.5 + 1.9 * behind * behind - 0.2 * ahead;
        const height = 32.35 - 0.28 * (far - 2.6) * (1 + 1.5 * behind) + 0.42 * ahead * ahead * Math.max(0, far - 3.1) * 1.3 + 0.1 * Math.sin(5 * Math.atan2(x, z));
        return Math.max((Math.abs(p[1] - height) - 0.36) * 0.85, far - reach, 2.2 - far);
    };
    const hat = melted(0.5, within(crown, (p) => 31.6 - p[1]), brim);
    const coat = union(melted(0.5, without(body, hollow), sleeves), cuff(lanternWrist, [-6.9, 21, 0.4]), cuff(poleWrist, [7.6, 21.9, -0.9]), collar, cape, ...buttons, flap, hat);

    const eye = [0.98, 30.35, 2.42];
    const skull = melted(
        0.55,
        egg([0, 30.4, 0.1], [2.4, 2.9, 2.55]),
        egg([0, 28.75, 1.0], [1.7, 1.5, 1.75]),
        mirrored(egg([1.25, 29.6, 1.85], [0.78, 0.66, 0.72])),
        mirrored(limb([0.35, 31.1, 2.62], [1.75, 30.95, 2.0], 0.34, 0.3)),
        limb([0, 30.75, 2.55], [0, 29.55, 3.25], 0.26, 0.5),
        mirrored(egg([0.34, 29.45, 2.95], [0.32, 0.26, 0.34])),
        egg([0, 27.95, 2.2], [0.72, 0.58, 0.62]),
    );
    const face = union(
        dented(0.3, skull, mirrored(egg(eye, [0.62, 0.36, 0.5])), limb([-0.85, 28.62, 2.66], [0.85, 28.62, 2.66], 0.13)),
        mirrored(egg([eye[0], eye[1], eye[2] - 0.2], [0.42, 0.3, 0.36])),
        limb([-0.6, 28.38, 2.5], [0.6, 28.38, 2.5], 0.26),
        mirrored(egg([2.42, 29.9, 0.1], [0.35, 0.8, 0.5])),
    );
    const neck = limb([0, 26, 0], [0, 28.6, 0.2], 1.8, 1.7);
    const hand = (at, { along, palm, thumb }) => {
        const knuckles = Array.from({ length: 4 }, (_, finger) => {
            const up = (finger - 1.5) * 0.62;
            const knuckle = at.map((one, axis) => one + along[axis] * up + palm[axis] * 0.95);
            const tip = knuckle.map((one, axis) => one + thumb[axis] * 1.15 - palm[axis] * 0.75);
            return limb(knuckle, tip, 0.4, 0.34);
        });
        return melted(0.22, egg(at, [1.15, 1.25, 1.15]), ...knuckles, limb(at.map((one, axis) => one + along[axis] * 1.1), at.map((one, axis) => one + along[axis] * 1.3 + thumb[axis] * 0.9), 0.42, 0.36));
    };
    const lanternHand = [-6.5, 19.1, 6.5];
    const poleHand = [7.0, 20.4, 4.9];
    const skin = union(
        neck,
        face,
        hand(lanternHand, { along: [-1, 0, 0.15], palm: [0, -0.1, 1], thumb: [0, -1, 0.1] }),
        hand(poleHand, { along: [0, 1, 0], palm: [0.25, 0, 0.95], thumb: [-0.95, 0, 0.2] }),
    );

    const leg = (x, z, turn) =>
        grown(path([[x * 0.85, 13, 0], [x, 9.8, z * 0.5 + 0.3], [x + turn * 0.1, 8.4, z * 0.9]], [2.35, 2.3, 1.75]), (p) => 0.3 * Math.sin(2.3 * p[1] + 1.2 * Math.sin(1.1 * p[0] + p[2])) * smooth(12.5, 9, p[1]) + 0.12 * noise(p, 0.9));
    const breeches = union(leg(-2.3, 1.0, -1), leg(2.3, -0.6, 1));

    const boot = (x, z, turn) =>
        placed(
            union(
                melted(0.7, grown(limb([0, 1.0, -0.2], [0, 4.4, 0], 1.35, 1.75), (p) => 0.16 * Math.sin(2.6 * p[1] + p[2]) * smooth(4, 2, p[1])), limb([0, 0.95, 0], [0, 0.8, 2.5], 1.2, 1.05)),
                grown(limb([0, 4.2, 0], [0, 5.0, 0], 1.75, 1.9), (p) => 0.28 * smooth(4.3, 4.5, p[1]) - 4 * smooth(5.6, 5.75, p[1])),
                box([0, 0.3, 1.0], [2.5, 0.65, 5], 0.3),
                box([0, 0.45, -0.9], [2.2, 0.95, 1.5], 0.2),
            ),
            { at: [x, 2.75, z], turn },
        );
    const belt = (p) => Math.max(Math.abs(Math.hypot(p[0], p[2] * 1.19) - coatRadius(17.3) - 0.12) - 0.5, Math.abs(p[1] - 17.1 - 0.05 * p[0]) - 0.95) * 0.9;
    const buckle = without(box([0.2, 17.1, 4.15], [2.3, 2.3, 0.7], 0.15), box([0.2, 17.1, 4.5], [1.3, 1.2, 2]));
    const strap = within(
        (p) => Math.abs(Math.hypot(p[0], p[2] * 1.21) - coatRadius(p[1]) - 0.2 - 0.25 * smooth(17, 23, p[1])) - 0.42,
        (p) => Math.abs(p[1] - 21.2 - 1.15 * p[0] * (p[2] > 0 ? 1 : 0.9)) * 0.66 - 0.62,
        (p) => p[1] - 25,
        (p) => 16.9 - p[1],
    );
    const satchel = placed(union(box([0, 0, 0], [1.9, 3.7, 3.5], 0.45), box([0.45, 0.8, 0], [1.6, 2.3, 3.8], 0.35), box([1.25, 0, 0], [0.5, 0.9, 0.7], 0.15)), { at: [5.4, 14.4, 0.2], lean: -9 });
    const boots = union(boot(-2.7, 0.9, -16), boot(2.8, -0.7, 20), belt, buckle, strap, satchel);

    const lampFoot = [-6.5, 11.4, 7.1];
    const [lx, ly, lz] = lampFoot;
    const lantern = union(
        drum([lx, ly, lz], 1.75, 0.75, 0.15),
        drum([lx, ly + 0.65, lz], 1.4, 0.4, 0.1),
        drum([lx, ly + 4.1, lz], 1.75, 0.55, 0.15),
        (p) => Math.max((Math.hypot(p[0] - lx, p[2] - lz) - 1.7 + 0.75 * (p[1] - ly - 4.5)) * 0.8, ly + 4.5 - p[1], p[1] - ly - 6.1),
        drum([lx, ly + 5.7, lz], 0.62, 0.65, 0.15),
        ...[45, 135, 225, 315].map((angle) => limb([lx + 1.42 * Math.cos((angle * Math.PI) / 180), ly + 0.6, lz + 1.42 * Math.sin((angle * Math.PI) / 180)], [lx + 1.42 * Math.cos((angle * Math.PI) / 180), ly + 4.4, lz + 1.42 * Math.sin((angle * Math.PI) / 180)], 0.27)),
        ring([lx, ly + 2.5, lz], 1.45, 0.2),
        placed(ring([0, 0, 0], 0.72, 0.2), { at: [lx, ly + 6.9, lz], nod: 90 }),
    );
    const glass = egg([lx, ly + 2.45, lz], [1.18, 1.9, 1.18]);

    const grain = (p) => 0.09 * Math.sin(6 * Math.atan2(p[0] - 7.5, p[2] - 5.4) + 0.7 * p[1] + 1.5 * Math.sin(0.45 * p[1])) + 0.06 * noise(p, 1.1);
    const pole = union(
        grown(limb([7.6, 2.6, 5.6], [7.2, 42.5, 5.2], 0.78, 0.58), grain),
        ...[33.4, 34.1, 34.8, 35.5].map((y) => ring([7.28, y, 5.29], 0.66, 0.34)),
        grown(limb([7.2, 41.4, 5.2], [7.2, 43, 5.2], 0.95, 0.4), grain),
        ball([7.28, 30, 5.6], 0.4),
    );

    return {
        name: 'Ferry Warden',
        thinnedMm: 0.04,
        parts: [
            { area: 'Oilskin coat', form: coat, from: [-10, 7.6, -8], to: [10.5, 37, 8.4], edge: 0.33 },
            { area: 'Breeches', form: breeches, from: [-6, 5, -4], to: [6, 15, 5], edge: 0.34 },
            { area: 'Boots and straps', form: boots, from: [-7, 2.4, -6], to: [7.6, 26, 6.5], edge: 0.27 },
            { area: 'Face and hands', form: skin, from: [-9, 17, -3.2], to: [9, 34, 8.8], edge: 0.21 },
            { area: 'Lantern', form: lantern, from: [-9, 11, 4.5], to: [-4, 20, 9.6], edge: 0.2 },
            { area: 'Lantern glass', form: glass, from: [-8, 11.5, 5.5], to: [-5, 16.2, 8.8], edge: 0.25 },
            { area: 'Ferry pole', form: pole, from: [5.8, 2, 3.6], to: [9, 44, 7.2], edge: 0.27 },
            { area: 'Jetty base', form: jetty({ radius: 13.5, seed: 7, keep: (at) => Math.hypot(at[0], at[2]) > 6.5 && Math.hypot(at[0] - 7.6, at[2] - 5.6) > 2 }), from: [-14.5, -0.3, -14.5], to: [14.5, 12, 14.5], edge: 0.42 },
        ],
    };
}
