import { box, drum, ball, grown, noise, path, placed, scatter, union, within, without } from './forms.mjs';

/** A piece of the old jetty: planks on a round foot, mud that oozes between them, stones and reeds at the edge. */
export function jetty({ radius, seed, stones = 9, planks = 5, keep = () => true }) {
    const random = scatter(seed);
    const wide = (2 * radius) / planks;
    const foot = drum([0, 0, 0], radius, 2.2, 0.35);
    const boards = within(
        drum([0, 0.5, 0], radius - 0.5, 3),
        union(
            ...Array.from({ length: planks }, (_, at) => {
                const x = -radius + wide * (at + 0.5);
                const short = 0.7 + 0.3 * random();
                return placed(
                    grown(box([0, 0, 0], [wide - 0.55, 1.3, 2 * radius * short], 0.2), (p) => 0.07 * Math.sin(3.1 * p[0] + 0.8 * Math.sin(0.6 * p[2])) + 0.05 * noise(p, 0.9)),
                    { at: [x, 2.25 + 0.25 * random(), 3 * (random() - 0.5)], lean: 3 * (random() - 0.5), turn: 4 * (random() - 0.5) },
                );
            }),
        ),
    );
    const mud = grown(drum([0, 0, 0], radius - 0.4, 2.5, 0.4), (p) => 0.22 * noise(p, 1.6));
    const loose = [];
    while (loose.length < stones) {
        const [angle, far, size] = [2 * Math.PI * random(), radius * (0.55 + 0.36 * random()), 0.7 + 1.3 * random()];
        const at = [far * Math.sin(angle), 2.2 + 0.3 * size, far * Math.cos(angle)];
        const turn = { at, nod: 40 * random(), lean: 40 * random(), turn: 360 * random() };
        if (!keep(at)) continue;
        const cut = [random(), random(), random()];
        loose.push(
            placed(
                without(
                    grown(box([0, 0, 0], [1.5 * size, size, 1.2 * size], 0.12 * size), (p) => 0.06 * noise(p, 0.6)),
                    placed(box([0, 1.05 * size, 0], [3 * size, size, 3 * size]), { nod: 30 * cut[0] - 15, lean: 40 * cut[1] - 20 }),
                    placed(box([1.2 * size, 0, 0], [size, 3 * size, 3 * size]), { turn: 60 * cut[2] - 30 }),
                ),
                turn,
            ),
        );
    }
    const reeds = Array.from({ length: 7 }, (_, at) => {
        const angle = -2.35 + 0.09 * at + 0.1 * random();
        const [x, z] = [radius * 0.78 * Math.sin(angle), radius * 0.78 * Math.cos(angle)];
        const [lean, high] = [1.6 * (random() - 0.4), 4 + 4 * random()];
        return path([[x, 2, z], [x + 0.3 * lean, 2 + high * 0.6, z + 0.2], [x + lean, 2 + high, z + 0.5 * lean]], [0.34, 0.3, 0.14]);
    });
    const snail = ball([radius * 0.55, 2.9, radius * 0.62], 0.5);
    return union(foot, mud, boards, ...loose, ...reeds, snail);
}
