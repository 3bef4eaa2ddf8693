import { describe, expect, it } from 'vitest';
import { no, ok, pass, server } from './server';

const person = (number: number, more: object = {}) => ({
    number,
    name: '',
    role: null,
    ways: {},
    without: [],
    ...more,
});
const squad = (version: number, ...models: object[]) => ({
    version,
    models,
    areas: [
        {
            id: 'a',
            looks: [{ variant: null }, { variant: 'v' }],
            cells: models.map(() => 0),
            painted: models.map(() => 1),
        },
    ],
});
const pot = { pots: 1, remainingMl: 12, note: null, wished: false, version: 3 };

async function fresh() {
    const { outbox } = await import('../../resources/js/lib/outbox.svelte');
    const { notices } = await import('../../resources/js/lib/notices.svelte');
    const { Squad } = await import('../../resources/js/lib/squad.svelte');
    const { setPot } = await import('../../resources/js/lib/pots');
    return { outbox, notices, Squad, setPot };
}
const slip = (id: string) => ({
    kind: 'thing' as const,
    version: null,
    words: `slip ${id}`,
    does: {
        do: 'slip' as const,
        batchId: 'b',
        slip: { id, stepId: 's', kind: 'dulled' as const, models: [1] },
    },
});

describe('what is changed beside records and plans', () => {
    it('waits for the server like a record, survives a reload and keeps its place in the order', async () => {
        server();
        const { outbox } = await fresh();
        outbox.add({
            kind: 'batch',
            batchId: 'b',
            does: { do: 'record', entry: { id: '00', stepId: 's' } },
            words: 'one',
        });
        outbox.add(slip('2'));
        await pass(200);
        const { vi } = await import('vitest');
        vi.clearAllTimers();
        vi.resetModules();
        const asked = server(ok({ id: 'b' }, 201), ok({ id: 'b' }, 201));
        const after = (await fresh()).outbox;
        const end = after.run();
        await pass(300);
        end();

        expect(asked.map((one) => [one.method, one.path])).toEqual([
            ['POST', '/batches/b/log'],
            ['POST', '/batches/b/slips'],
        ]);
        expect(asked[1]?.body).toEqual({ id: '2', stepId: 's', kind: 'dulled', models: [1] });
        expect(after.waiting).toEqual([]);
    });

    it('goes on from the version that what was done before has led to', async () => {
        const asked = server('lost', ok({ pot: { ...pot, pots: 2, version: 4 } }), ok({ pot: { ...pot, version: 5 } }));
        const { outbox, setPot } = await fresh();
        const paint = { id: 'p', name: 'Rust', pot };
        void setPot(paint, { pots: 2 });
        void setPot(paint, { pots: 1 });
        void setPot({ ...paint, id: 'q' }, { pots: 1 });
        await pass(1500);

        expect(asked.slice(1, 3).map((one) => (one.body as { version: number }).version)).toEqual([3, 4]);
        expect((asked[3]?.body as { version: number }).version).toBe(3);
        expect(outbox.refused).toEqual([]);
    });

    it('is told with the way back once it is made, and by its words where it is refused', async () => {
        const asked = server(
            ok({ pot: { ...pot, wished: true, version: 4 } }),
            ok({ pot: { ...pot, version: 5 } }),
            no(422),
        );
        const { outbox, notices, setPot } = await fresh();
        const paint = { id: 'p', name: 'Rust', pot };
        const made = setPot(paint, { wished: true }, 'Wished.', (now) =>
            setPot({ ...paint, pot: now.paint!.pot }, { wished: false }),
        );
        await pass(100);
        expect(await made).toMatchObject({ version: 4 });
        void notices.find((one) => one.text === 'Wished.')?.action?.run();
        await pass(100);
        expect(asked[1]?.body).toMatchObject({ wished: false, version: 4 });

        const refused = setPot(paint, { pots: -1 });
        await pass(100);
        expect(await refused).toBe(null);
        expect(notices.at(-1)).toMatchObject({ text: 'Refused with 422', alarm: true });
        expect(outbox.refused).toEqual([]);
    });

    it('leaves no way back to what is not the newest any more, from the press on', async () => {
        server(ok({ pot: { ...pot, pots: 2, version: 4 } }));
        const { notices, setPot } = await fresh();
        const paint = { id: 'p', name: 'Rust', pot };
        void setPot(paint, { pots: 2 }, 'Two.', () => undefined);
        await pass(100);
        const first = notices.find((one) => one.text === 'Two.');
        expect(first?.action?.label).toBe('Undo');
        server();
        void setPot({ ...paint, id: 'q' }, { pots: 3 });
        expect(first?.action?.label).toBe('Undo');
        void setPot(paint, { pots: 3 });
        expect(first?.action).toBe(undefined);
    });

    it('stays until somebody decides where it was changed elsewhere while it waited, and is laid on the newest then', async () => {
        const asked = server(
            'lost',
            'lost',
            'lost',
            'lost',
            no(409, { version: 9 }),
            ok({ pot: { ...pot, version: 10 } }),
        );
        const { outbox, setPot } = await fresh();
        const made = setPot({ id: 'p', name: 'Rust', pot }, { pots: 2 });
        await pass(8000);
        expect(await made).toBe('waits');
        expect(outbox.refused.map((one) => [one.words, one.refusal?.version])).toEqual([['Pot of “Rust”', 9]]);

        await Promise.all([outbox.retry(outbox.refused[0]!.id), pass(200)]);
        expect(asked.at(-1)?.body).toMatchObject({ pots: 2, version: 9 });
        expect(outbox.refused).toEqual([]);
    });

    it('shows a squad as it will be while its seats are on their way', async () => {
        server(ok(squad(1, person(1), person(2))));
        const { Squad } = await fresh();
        const heard: string[] = [];
        const at = new Squad('b', () => heard.push('changed'));
        const end = at.listen();
        await at.load();
        const given = at.give('a', [2], 'v', 'Given.');
        await pass(4000);
        expect(await given).toBe(true);
        expect(at.answer?.areas[0]?.cells).toEqual([0, 1]);
        expect(at.answer?.models[1]?.ways).toEqual({ a: 'v' });
        expect(heard).toEqual([]);

        server(ok(squad(2, person(1), person(2, { ways: { a: 'v' } }))));
        await pass(8000);
        end();
        expect([at.answer?.version, heard]).toEqual([2, ['changed']]);
    });
});
