import { zipSync } from 'three/addons/libs/fflate.module.js';
import { describe, expect, it } from 'vitest';
import { ColourTable, TABLE, type Painted } from '../../resources/js/lib/figure/colours';
import { NoSculpt, read } from '../../resources/js/lib/figure/files';
import { glb } from '../../resources/js/lib/figure/glb';
import { otherwise } from '../../resources/js/lib/figure/besides';
import { cut, joined, openEdges } from '../../resources/js/lib/figure/mesh';
import { hasMarks } from '../../resources/js/lib/figures.svelte';
import { boundsOf, placed, together } from '../../resources/js/lib/figure/parts';
import { AS_FILED } from '../../resources/js/lib/figure/placement';
import { guessUp, turned, UPS } from '../../resources/js/lib/figure/upright';

/** Twelve triangles of a box that stands on y = 0: width, height, depth in mm. */
function box(w: number, h: number, d: number): number[] {
    const at = (x: number, y: number, z: number) => [(x - 0.5) * w, y * h, (z - 0.5) * d];
    const sides: [number, number, number][][] = [
        [
            [0, 0, 0],
            [1, 0, 0],
            [1, 0, 1],
            [0, 0, 1],
        ],
        [
            [0, 1, 0],
            [0, 1, 1],
            [1, 1, 1],
            [1, 1, 0],
        ],
        [
            [0, 0, 0],
            [0, 1, 0],
            [1, 1, 0],
            [1, 0, 0],
        ],
        [
            [0, 0, 1],
            [1, 0, 1],
            [1, 1, 1],
            [0, 1, 1],
        ],
        [
            [0, 0, 0],
            [0, 0, 1],
            [0, 1, 1],
            [0, 1, 0],
        ],
        [
            [1, 0, 0],
            [1, 1, 0],
            [1, 1, 1],
            [1, 0, 1],
        ],
    ];
    return sides.flatMap(([a, b, c, e]) => [a!, b!, c!, a!, c!, e!].flatMap((place) => at(...place)));
}

const bytes = (text: string): ArrayBuffer => new TextEncoder().encode(text).buffer as ArrayBuffer;

function binaryStl(corners: number[], told = corners.length / 9): ArrayBuffer {
    const file = new DataView(new ArrayBuffer(84 + (50 * corners.length) / 9));
    file.setUint32(80, told, true);
    corners.forEach((value, at) => file.setFloat32(84 + 50 * Math.floor(at / 9) + 12 + 4 * (at % 9), value, true));
    return file.buffer;
}

const textStl = (corners: number[]): string =>
    `solid box\n${Array.from({ length: corners.length / 9 }, (_, at) => {
        const three = [0, 3, 6].map((corner) => corners.slice(9 * at + corner, 9 * at + corner + 3).join(' '));
        return `facet normal 0 0 0\nouter loop\n${three.map((one) => `vertex ${one}`).join('\n')}\nendloop\nendfacet`;
    }).join('\n')}\nendsolid box\n`;

const asObj = (corners: number[]): string => {
    const places = Array.from(
        { length: corners.length / 3 },
        (_, at) => `v ${corners.slice(3 * at, 3 * at + 3).join(' ')}`,
    );
    const faces = Array.from({ length: corners.length / 9 }, (_, at) => `f ${3 * at + 1} ${3 * at + 2} ${3 * at + 3}`);
    return [...places, ...faces].join('\n');
};

function as3mf(corners: number[], unit = 'millimeter', transform = ''): ArrayBuffer {
    const vertices = Array.from({ length: corners.length / 3 }, (_, at) => {
        const [x, y, z] = corners.slice(3 * at, 3 * at + 3);
        return `<vertex x="${x}" y="${y}" z="${z}"/>`;
    });
    const triangles = Array.from(
        { length: corners.length / 9 },
        (_, at) => `<triangle v1="${3 * at}" v2="${3 * at + 1}" v3="${3 * at + 2}"/>`,
    );
    const model = `<?xml version="1.0"?><model unit="${unit}"><resources><object id="1"><mesh><vertices>${vertices.join('')}</vertices><triangles>${triangles.join('')}</triangles></mesh></object></resources><build><item objectid="1"${transform}/></build></model>`;
    return zipSync({ '3D/3dmodel.model': new TextEncoder().encode(model), 'Metadata/x.png': new Uint8Array(4) })
        .buffer as ArrayBuffer;
}

const sides = (corners: ArrayLike<number>): number[] =>
    [0, 1, 2].map((axis) => {
        const along = Array.from(corners).filter((_, at) => at % 3 === axis);
        return Math.round(1000 * (Math.max(...along) - Math.min(...along))) / 1000;
    });

describe('files of sculpts', () => {
    const corners = box(10, 30, 20);

    it.each([
        ['binary STL', 'a.stl', binaryStl(corners)],
        ['text STL', 'a.STL', bytes(textStl(corners))],
        ['OBJ', 'a.obj', bytes(asObj(corners))],
        ['3MF', 'a.3mf', as3mf(corners)],
        [
            'GLB',
            'a.glb',
            glb(
                corners,
                corners.map((_, at) => at).filter((at) => at < corners.length / 3),
            ).buffer,
        ],
    ])('%s is read', async (_, name, file) => {
        const read_ = await read(name, file);
        expect(read_.length).toBe(corners.length);
        expect(sides(read_)).toEqual([10, 30, 20]);
    });

    it('3MF in inches, moved and turned, is read as it is built', async () => {
        const read_ = await read('a.3mf', as3mf(box(1, 3, 2), 'inch', ' transform="0 1 0 -1 0 0 0 0 1 5 6 7"'));
        expect(sides(read_)).toEqual([76.2, 25.4, 50.8]);
    });

    it.each([
        ['another kind', 'a.png', bytes('x'), 'is none of'],
        ['nothing', 'a.stl', new ArrayBuffer(0), 'is empty'],
        ['a thousand million triangles told', 'a.stl', binaryStl(corners, 1e9), 'cut short'],
        ['places that are no numbers', 'a.stl', binaryStl([NaN, ...corners.slice(1)]), 'no numbers'],
        ['text that is none', 'a.obj', bytes('hello'), 'no corners'],
        ['a GLB that is none', 'a.glb', bytes('hello, hello, hello'), 'does not begin like'],
        ['no triangles', 'a.obj', bytes('v 0 0 0\nv 1 1 1\n'), 'no triangles'],
    ])('%s is refused in words', async (_, name, file, words) => {
        await expect(read(name, file)).rejects.toThrow(words);
        await expect(read(name, file)).rejects.toBeInstanceOf(NoSculpt);
    });

    it('an archive that would burst is refused before it is unpacked', async () => {
        const small = new Uint8Array(as3mf(corners));
        const view = new DataView(small.buffer);
        // The directory at the end of the archive says how large each file will be.
        for (let at = 0; at + 46 < small.length; at++) {
            if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, 4e8, true);
        }
        await expect(read('a.3mf', small.buffer)).rejects.toThrow('Unpacked it would be larger');
    });
});

describe('meshes', () => {
    it('joins what lies at one place and sees that it is closed', () => {
        const mesh = joined({ positions: new Float32Array(box(10, 30, 20)) });
        expect(mesh.positions.length / 3).toBe(8);
        expect(mesh.triangles.length / 3).toBe(12);
        expect(openEdges(mesh)).toBe(0);
        expect(openEdges({ ...mesh, triangles: mesh.triangles.slice(3) })).toBe(3);
    });

    it('drops triangles without any width', () => {
        const flat = [0, 0, 0, 1, 0, 0, 0, 0, 0.0001];
        expect(joined({ positions: new Float32Array([...box(10, 10, 10), ...flat]) }).triangles.length / 3).toBe(12);
    });

    it('cuts long sides, and stays closed and as large as it was', () => {
        const area = ({ positions: p, triangles: t }: { positions: Float32Array; triangles: Uint32Array }) => {
            let sum = 0;
            for (let at = 0; at < t.length; at += 3) {
                const [a, b, c] = [t[at]! * 3, t[at + 1]! * 3, t[at + 2]! * 3];
                const u = [0, 1, 2].map((k) => p[b + k]! - p[a + k]!);
                const v = [0, 1, 2].map((k) => p[c + k]! - p[a + k]!);
                sum +=
                    Math.hypot(
                        u[1]! * v[2]! - u[2]! * v[1]!,
                        u[2]! * v[0]! - u[0]! * v[2]!,
                        u[0]! * v[1]! - u[1]! * v[0]!,
                    ) / 2;
            }
            return sum;
        };
        const whole = joined({ positions: new Float32Array(box(10, 30, 20)) });
        const fine = cut(whole, 4, 80_000);
        expect(fine.triangles.length).toBeGreaterThan(whole.triangles.length * 20);
        expect(openEdges(fine)).toBe(0);
        expect(area(fine)).toBeCloseTo(area(whole), 1);
        expect(cut(whole, 0.01, 500).triangles.length / 3).toBeLessThanOrEqual(500);
    });

    it.each(UPS)('sees which way is up when %s is', (up) => {
        // A foot that is wide and flat, a body that is round and narrow: laid down every way there is.
        const cone = Array.from({ length: 24 }, (_, at) => {
            const [one, other] = [(at * Math.PI) / 12, ((at + 1) * Math.PI) / 12];
            const rim = (angle: number) => [9 * Math.cos(angle), 0, 9 * Math.sin(angle)];
            return [...rim(one), ...rim(other), 0, 0, 0, ...rim(one), 0, 30, 0, ...rim(other)];
        }).flat();
        const upright = new Float32Array(cone);
        // What turns it upright turns it back when done often enough.
        const lying = UPS.map((way) => turned(upright, way)).find(
            (one) => sides(turned(one, up)).join() === sides(upright).join() && isSame(turned(one, up), upright),
        );
        expect(lying).toBeDefined();
        expect(guessUp(lying!)).toBe(up);
    });
});

describe('what a figure is held against', () => {
    const variant = (id: string, name: string) => ({ id, name, steps: [] });
    const document = {
        areas: [
            { id: 'coat', name: 'Coat', variants: [variant('c1', 'teal'), variant('c2', 'dark')] },
            { id: 'hat', name: 'Hat', variants: [variant('h1', 'dark')] },
            { id: 'boots', name: 'Boots' },
        ],
    } as never;
    const briefs = (id: string) => (id === 'coat' ? [{ id: 'c1', isRecipe: true }] : []) as never;

    it('is every other way of the open area, and ways of several', () => {
        expect(otherwise(document, 'coat', briefs).map((one) => [one.value, one.label])).toEqual([
            ['variant c2', 'Beside it: Coat as “dark”'],
            ['way dark', 'Beside it: all of “dark”'],
        ]);
        expect(otherwise(document, 'boots', briefs).map((one) => one.edit)).toEqual([
            { do: 'promote-way', name: 'dark', id: 'shown' },
        ]);
        expect(otherwise(document, null, briefs).length).toBe(1);
        const primers = ['black', 'grey', 'bone', 'white', 'red', 'blue'].map((id) => ({ id, name: id }));
        const over = (undercoat: unknown) =>
            otherwise({ undercoat, areas: [] } as never, null, briefs, primers).map((one) => one.value);
        expect(over({ base: 'grey' })).toEqual(['ground black', 'ground bone', 'ground white', 'ground red']);
        expect(over({ base: 'black', light: 'bone' })[0]).toBe('ground black');
    });
});

describe('parts of a model', () => {
    const part = (w: number, h: number, d: number) => joined({ positions: new Float32Array(box(w, h, d)) });
    const size = (positions: Float32Array) => {
        const { low, high } = boundsOf(positions);
        return [...low.toArray(), ...high.toArray()].map((value) => Math.round(100 * value) / 100);
    };

    it('stay where their files have them, in one skin that stands on the ground', () => {
        const sunk = placed(part(10, 30, 20), { ...AS_FILED, up: -7, right: 40 });
        const whole = together([sunk, placed(part(10, 30, 20), { ...AS_FILED, right: 40 })]);
        expect(size(whole.positions)).toEqual([-5, 0, -10, 5, 37, 10]);
        expect(whole.triangles.length / 3).toBe(24);
        expect(Math.max(...whole.triangles)).toBe(15);
        expect([...whole.triangles.slice(36, 39)]).toEqual([...whole.triangles.slice(0, 3)].map((one) => one + 8));
    });

    it('turn about their own middle and move by millimetres', () => {
        const base = part(10, 30, 20);
        expect(size(placed(base, AS_FILED).positions)).toEqual(size(base.positions));
        expect(size(placed(base, { ...AS_FILED, turn: 90 }).positions)).toEqual([-10, 0, -5, 10, 30, 5]);
        expect(size(placed(base, { ...AS_FILED, lean: 90, near: 3 }).positions)).toEqual([-15, 10, -7, 15, 20, 13]);
        expect(size(placed(base, { ...AS_FILED, tip: 90 }).positions)).toEqual([-5, 5, -15, 5, 25, 15]);
        expect(size(base.positions)).toEqual([-5, 0, -10, 5, 30, 10]);
    });
});

const isSame = (one: Float32Array, other: Float32Array) =>
    one.every((value, at) => Math.abs(value - other[at]!) < 1e-4);

describe('colours of a figure', () => {
    const stage = (step: string | null, pass: number, hex: string, lands = [1, 1, 1, 1, 1]) => ({
        step,
        pass,
        left: hex.repeat(5),
        sheen: [0, 0, 0, 0, 0],
        gloss: 0,
        lands,
    });
    const painted: Painted = {
        passes: [
            { step: 'one', where: 'Coat', words: 'Basecoat', isUndercoat: false },
            { step: 'two', where: 'Hat', words: 'Basecoat', isUndercoat: false },
        ],
        areas: [
            {
                id: 'coat',
                name: 'Coat',
                above: [1],
                below: [1],
                stages: [stage(null, 0, '808080'), stage('one', 1, 'ff0000', [0, 0, 0.5, 1, 1])],
            },
            {
                id: 'hat',
                name: 'Hat',
                above: [1],
                below: [1],
                stages: [stage(null, 0, '808080'), stage('two', 2, '00ff00')],
            },
        ],
    };
    const seen = (moment: Parameters<ColourTable['show']>[2], row: number, zone = 2) => {
        const table = new ColourTable();
        table.show(painted, ['hat', 'coat', 'gone'], moment);
        const { data, width } = table.texture.image as { data: Float32Array; width: number };
        const at = (column: number) =>
            [...data.slice(4 * (width * row + column), 4 * (width * row + column) + 4)].map(
                (value) => Math.round(1000 * value) / 1000,
            );
        return { head: at(0), colour: at(TABLE.HEAD + zone).slice(0, 3), lit: at(1 + zone)[0] };
    };

    it('each area stands at the last of its stages', () => {
        expect(seen({ pass: 1, only: null, lit: null }, 1).colour).toEqual([1, 0, 0]);
        expect(seen({ pass: 1, only: null, lit: null }, 0).colour).toEqual([0.216, 0.216, 0.216]);
        expect(seen({ pass: 2, only: null, lit: null }, 0).colour).toEqual([0, 1, 0]);
        expect(seen({ pass: 2, only: 'hat', lit: null }, 1).colour).toEqual([0.216, 0.216, 0.216]);
    });

    it('what the plan has no more is nobody’s', () => {
        expect(seen({ pass: 2, only: null, lit: null }, 2).head).toEqual([0, 0, 0, 0]);
        expect(seen({ pass: 2, only: null, lit: null }, 1).head).toEqual([1, 1, 0, 1]);
    });

    it('a step lights up where it lands', () => {
        const lit = { area: 'coat', step: 'one' };
        expect([1, 2, 3].map((zone) => seen({ pass: 1, only: null, lit }, 1, zone).lit)).toEqual([0, 0.5, 1]);
        expect(seen({ pass: 1, only: null, lit }, 0, 3).lit).toBe(0);
    });

    it('flecks and marks stand beside the ground they lie on', () => {
        const broken: Painted = {
            passes: painted.passes,
            areas: [
                {
                    ...painted.areas[0]!,
                    stages: [
                        {
                            ...stage('one', 1, 'ff0000'),
                            flecks: { grain: 'streaks', shares: [0, 0.1, 0.2, 0.3, 0.4], left: '0000ff'.repeat(5) },
                            marks: [{ hex: '#00ff00', share: 0.25 }],
                            landsWithin: 0.25,
                        },
                    ],
                },
            ],
        };
        const table = new ColourTable();
        const told = (moment: Parameters<ColourTable['show']>[2]) => {
            table.show(broken, ['coat'], moment);
            const { data } = table.texture.image as { data: Float32Array };
            return (column: number) =>
                [...data.slice(4 * column, 4 * column + 4)].map((value) => Math.round(100 * value) / 100);
        };
        const at = told({ pass: 1, only: null, lit: { area: 'coat', step: 'one' } });
        expect(table.isBroken).toBe(true);
        expect(at(TABLE.ZONE + 3)[2]).toBe(0.3);
        expect(at(TABLE.ZONE)[3]).toBe(1);
        expect(at(TABLE.ZONE + 1)[3]).toBe(0.5);
        expect(at(TABLE.MARK)).toEqual([0, 1, 0, 0.5]);
        expect(at(TABLE.MARK + 1)[3]).toBe(0);
        expect(at(TABLE.HEAD).slice(0, 3)).toEqual([1, 0, 0]);
        expect(at(TABLE.HEAD + 2 * TABLE.FLANK).slice(0, 3)).toEqual([0, 0, 1]);
        expect(hasMarks(broken)).toBe(true);

        table.show(painted, ['coat'], { pass: 1, only: null, lit: null });
        expect(table.isBroken).toBe(false);
        expect(hasMarks(painted)).toBe(false);
    });
});
