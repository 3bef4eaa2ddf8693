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
});
