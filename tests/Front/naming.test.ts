import { describe, expect, it } from 'vitest';
import type { Figure } from '../../resources/js/lib/figures.svelte';
import { no, ok, pass, server } from './server';

/** Four triangles, two patches. */
async function named(version: number) {
    const { Naming } = await import('../../resources/js/lib/figure/naming.svelte');
    const figure = { id: 'heron', version, areas: [] as string[] } as unknown as Figure;
    const seen: Figure[] = [];
    const naming = new Naming(
        figure,
        new Uint8Array([255, 255, 255, 255]),
        new Uint16Array([0, 0, 1, 1]),
        {} as never,
        (one) => seen.push(one),
    );
    return { naming, seen };
}

const triangles = (body: unknown): number[] =>
    [...atob((body as { triangles: string }).triangles)].map((one) => one.charCodeAt(0));

describe('naming the areas of a figure', () => {
    it('gives a tapped patch to the area, takes it back when tapped again, and saves once it rests', async () => {
        const asked = server(ok({ version: 2 }));
        const { naming, seen } = await named(1);
        naming.tap(0, 'cloak', false);
        naming.tap(2, 'beak', false);
        naming.tap(0, 'cloak', false);
        expect(naming.unnamed).toBe(0.5);
        await pass(1000);
        expect(asked.map((one) => [one.method, one.path])).toEqual([['PUT', '/figures/heron/labels']]);
        expect(triangles(asked[0]!.body).slice(0, 2)).toEqual([255, 255]);
        expect(seen.length).toBe(1);
    });

    it('says that it was named elsewhere, and puts its own in the place of that when told to', async () => {
        const asked = server(no(409, { version: 7 }), ok({ version: 8 }));
        const { naming } = await named(1);
        naming.tap(0, 'cloak', false);
        await pass(1000);
        expect([naming.problem?.status, naming.problem?.version]).toEqual([409, 7]);
        naming.keepMine();
        await pass(1000);
        expect(naming.problem).toBe(null);
        expect(asked.map((one) => (one.body as { version: number }).version)).toEqual([1, 7]);
        expect(triangles(asked[1]!.body)).toEqual(triangles(asked[0]!.body));
    });

    /** Four triangles in a row along x, a millimetre apart, of one patch. */
    async function row() {
        const { Naming } = await import('../../resources/js/lib/figure/naming.svelte');
        const figure = { id: 'heron', version: 1, areas: [] as string[] } as unknown as Figure;
        const positions = [0, 1, 2, 3].flatMap((x) => [x, 0, 0, x, 0.1, 0, x, 0, 0.1]);
        const sculpt = { positions: new Float32Array(positions), triangles: new Uint32Array(12).map((_, at) => at) };
        return new Naming(figure, new Uint8Array(4).fill(255), new Uint16Array(4), sculpt, () => {});
    }

    it('cuts a patch along a line, keeps that, and takes it back', async () => {
        const asked = server(ok({ version: 2 }), ok({ version: 3 }), ok({ version: 4 }));
        const naming = await row();
        expect(naming.cut(0, (x) => x - 9)).toBe(false);
        expect(naming.canUndo).toBe(false);
        expect(naming.cut(0, (x) => x - 0.5)).toBe(true);
        expect(naming.patchOf(0)).toEqual([0]);
        expect(naming.patchOf(3)).toEqual([1, 2, 3]);
        naming.tap(0, 'hem', false);
        await pass(1000);
        const sent = (at: number) => (asked[at]!.body as { patches?: string }).patches;
        expect([...atob(sent(0)!)].map((one) => one.charCodeAt(0))).toEqual([0, 0, 1, 0, 1, 0, 1, 0]);
        expect(triangles(asked[0]!.body)).toEqual([0, 255, 255, 255]);

        naming.tap(3, 'hem', false);
        await pass(1000);
        expect(sent(1)).toBe(undefined);
        naming.undo();
        naming.undo();
        naming.undo();
        await pass(1000);
        expect(naming.patchOf(0)).toEqual([0, 1, 2, 3]);
        expect(atob(sent(2)!).length).toBe(8);
        expect(naming.unnamed).toBe(1);
    });

    it('halves a patch across the way it is longest', async () => {
        server(ok({ version: 2 }));
        const naming = await row();
        expect(naming.halve(1)).toBe(true);
        expect(naming.patchOf(0)).toEqual([0, 1]);
        expect(naming.patchOf(3)).toEqual([2, 3]);
        expect(naming.next(0, 1)).toBe(2);
        await pass(1000);
    });
});
