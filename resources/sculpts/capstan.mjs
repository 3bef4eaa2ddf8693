import { ball, box, drum, egg, grown, limb, mirrored, noise, path, placed, ring, scatter, shell, smooth, union, within, without } from './forms.mjs';

const round = (count, of) => Array.from({ length: count }, (_, at) => of((2 * Math.PI * at) / count, at));

/** The Bound Capstan: a winch of tarred wood that walks on four bent knees, rope round its belly. About 110 mm. */
export function capstan() {
    const random = scatter(5);
    const girth = (y) => 15 + 4.2 * smooth(44, 30, y) + 3.4 * smooth(70, 88, y);
    /** Staves side by side, with the grain running up. */
    const barrel = (p) => {
        const angle = Math.atan2(p[0], p[2]);
        const stave = Math.abs(Math.sin(8 * angle));
        const grain = 0.16 * Math.sin(46 * angle + 0.5 * p[1] + 2 * Math.sin(0.21 * p[1] + 5 * angle)) + 0.12 * noise(p, 2.2);
        return Math.max(Math.hypot(p[0], p[2]) - girth(p[1]) + 0.85 * smooth(0.2, 0.02, stave) - grain, 30 - p[1], p[1] - 90) * 0.85;
    };
    const beam = (from, to, thick, thin, seed) =>
        grown(limb(from, to, thick, thin), (p) => 0.22 * Math.sin(1.9 * (p[0] + p[2]) + seed + 0.6 * Math.sin(0.3 * p[1])) + 0.14 * Math.sin(4.2 * (p[0] - p[2]) + 0.35 * p[1]) + 0.15 * noise(p, 2));
    const legs = round(4, (angle, at) => {
        const turn = angle + Math.PI / 4;
        const [x, z] = [Math.sin(turn), Math.cos(turn)];
        const step = at % 2 === 0 ? 3 : 0;
        return [
            beam([13 * x, 38, 13 * z], [29 * x, 31 + step, 29 * z], 5.2, 4.4, at),
            beam([29 * x, 31 + step, 29 * z], [33.5 * x, 4.5 + step, 33.5 * z], 4.3, 3.3, at + 2),
            beam([32 * x, 4 + step, 32 * z], [38.5 * x, 2.6 + step, 38.5 * z], 3.6, 2.6, at + 4),
        ];
    }).flat();
    const bars = round(6, (angle, at) => beam([10 * Math.sin(angle), 95, 10 * Math.cos(angle)], [33 * Math.sin(angle), 95.4 + 0.6 * (at % 2), 33 * Math.cos(angle)], 2.5, 1.7, at));
    const head = (p) => Math.max(Math.hypot(p[0], p[2]) - 19.4 - 0.5 * Math.sin(12 * Math.atan2(p[0], p[2])) - 0.15 * noise(p, 2), 89 - p[1], p[1] - 101) * 0.9;
    const cap = grown(drum([0, 100.5, 0], 12, 4.5, 1.4), (p) => 0.16 * Math.sin(1.5 * p[0] + 0.6 * Math.sin(0.4 * p[2])));
    const timbers = union(without(barrel, drum([0, 20, 0], 8, 18)), head, cap, ...legs, ...bars);

    /** Turns of a laid rope: three strands that wind round each other. */
    const coil = (y, radius, thick, at) => (p) => {
        const [angle, far] = [Math.atan2(p[0], p[2]), Math.hypot(p[0], p[2])];
        const [out, up] = [far - radius, p[1] - y - 0.5 * Math.sin(angle + at)];
        const lay = Math.atan2(up, out) + 15 * angle + at;
        return (Math.hypot(out, up) - thick - 0.3 * Math.cos(3 * lay)) * 0.7;
    };
    const turns = Array.from({ length: 7 }, (_, at) => coil(54 + 3.35 * at, 16.6 + 0.5 * (at % 2), 1.75, at));
    const end = (p) => {
        const line = path([[16, 60, 9], [20.5, 52, 14], [21, 40, 17], [19, 25, 20], [24, 13, 22]], [1.6, 1.6, 1.6, 1.6, 1.6]);
        return line(p) - 0.3 * Math.cos(3 * (1.1 * p[1] + Math.atan2(p[0] - 20, p[2] - 16)));
    };
    const knot = placed(ring([0, 0, 0], 2.6, 1.5), { at: [17.6, 59, 8.6], lean: 60, turn: 30 });
    const rope = union(...turns, end, knot);

    const band = (y, high) => within(shell((p) => (Math.hypot(p[0], p[2]) - girth(y) - 0.9) * 0.9, 1.5), (p) => Math.abs(p[1] - y) - high);
    const rivets = [36.5, 47.5, 80].flatMap((y) => round(10, (angle) => egg([(girth(y) + 1.7) * Math.sin(angle), y, (girth(y) + 1.7) * Math.cos(angle)], [0.95, 0.95, 0.95])));
    const knees = round(4, (angle, at) => {
        const turn = angle + Math.PI / 4;
        const step = at % 2 === 0 ? 3 : 0;
        return union(
            placed(ring([0, 0, 0], 4.6, 1.1, 0.55), { at: [25 * Math.sin(turn), 33 + step * 0.8, 25 * Math.cos(turn)], nod: 68, turn: (turn * 180) / Math.PI }),
            placed(ring([0, 0, 0], 4, 1.1, 0.55), { at: [30.6 * Math.sin(turn), 22 + step, 30.6 * Math.cos(turn)], nod: 9, turn: (turn * 180) / Math.PI }),
        );
    });
    const links = Array.from({ length: 6 }, (_, at) => placed(ring([0, 0, 0], 1.9, 0.6), { at: [-21 - 0.15 * at, 44.5 - 2.9 * at, 8 + 0.3 * at], nod: at % 2 === 0 ? 90 : 0, lean: at % 2 === 0 ? 0 : 90, turn: 20 }));
    const pin = union(drum([0, 104, 0], 4, 3.2, 0.5), egg([0, 107.5, 0], [3.2, 2.2, 3.2]));
    const iron = union(band(36.5, 2.1), band(47.5, 2), band(80, 2.1), within(shell((p) => Math.hypot(p[0], p[2]) - 20.4, 1.4), (p) => Math.abs(p[1] - 95) - 1.3, (p) => 0), ...rivets, ...knees, ...links, pin);

    const barnacles = [];
    for (let at = 0; at < 46; at++) {
        const onLeg = at % 3 === 0;
        const turn = onLeg ? Math.PI / 4 + (Math.PI / 2) * Math.floor(4 * random()) : 0.5 + 2.4 * random();
        const [y, size] = [onLeg ? 6 + 16 * random() : 31 + 13 * random(), 0.9 + 1.1 * random()];
        const far = onLeg ? 32.5 + 2.6 * (random() > 0.5 ? 1 : -1) : girth(y) + 0.4;
        const spread = onLeg ? 0.05 * (random() - 0.5) : 0;
        const [x, z] = [Math.sin(turn + spread), Math.cos(turn + spread)];
        barnacles.push(
            placed(
                without((p) => Math.max(Math.hypot(p[0], p[2]) - 1.25 * size + 0.42 * p[1] - 0.12 * size * Math.sin(6 * Math.atan2(p[0], p[2])), -0.6 - p[1], p[1] - 1.35 * size) * 0.85, drum([0, 0.5 * size, 0], 0.5 * size, 3)),
                { at: [far * x, y, far * z], nod: 90, turn: (turn * 180) / Math.PI },
            ),
        );
    }
    const weeds = [];
    for (let at = 0; at < 26; at++) {
        const turn = at < 15 ? 2.6 + 2.1 * random() : Math.PI / 4 + (Math.PI / 2) * Math.floor(4 * random()) + 0.12 * (random() - 0.5);
        const high = at < 15 ? 36 + 2 * random() : 24 + 5 * random();
        const far = (at < 15 ? girth(high) + 2 : 31) + 0.8 * random();
        const [x, z, long] = [Math.sin(turn), Math.cos(turn), 7 + 9 * random()];
        const sway = 1.6 * (random() - 0.5);
        weeds.push(path([[far * x, high, far * z], [(far + 1) * x + sway, high - long / 2, (far + 1) * z - sway], [far * x + 1.5 * sway, high - long, far * z + sway]], [1.15, 1.05, 0.5]));
    }
    const bosses = round(6, (angle) => {
        const [x, z] = [Math.sin(angle + Math.PI / 6), Math.cos(angle + Math.PI / 6)];
        return union(egg([19.2 * x, 95, 19.2 * z], [2.7, 2.7, 2.7]), placed(ring([0, 0, 0], 3, 0.55), { at: [19.6 * x, 95, 19.6 * z], nod: 90, turn: ((angle + Math.PI / 6) * 180) / Math.PI }));
    });

    return {
        name: 'The Bound Capstan',
        thinnedMm: 0.15,
        parts: [
            { area: 'Tarred timbers', form: timbers, from: [-37, -0.5, -37], to: [37, 106, 37], edge: 1.45 },
            { area: 'Rope', form: rope, from: [-21, 9, -21], to: [27, 78, 26], edge: 0.92 },
            { area: 'Iron bands', form: iron, from: [-33, 18, -33], to: [33, 111, 33], edge: 1 },
            { area: 'Barnacles', form: union(...barnacles), from: [-37, 4, -37], to: [37, 46, 37], edge: 0.8 },
            { area: 'Weed', form: union(...weeds), from: [-36, 6, -36], to: [36, 41, 36], edge: 0.85 },
            { area: 'Deck bosses', form: union(...bosses), from: [-24, 89, -24], to: [24, 101, 24], edge: 0.8 },
        ],
    };
}
