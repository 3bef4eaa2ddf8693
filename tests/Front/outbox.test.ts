import { describe, expect, it, vi } from 'vitest';
import { no, ok, server } from './server';

const record = (id: string, models = 2) => ({
    batchId: 'b',
    entry: { id, stepId: 's', models },
    words: `record ${id}`,
});
const fresh = async () => (await import('../../resources/js/lib/outbox.svelte')).outbox;

describe('what was done waits for the server', () => {
    it('is sent in the order it was done, each with its own key', async () => {
        const asked = server(ok({}, 201), ok({}, 201));
        const outbox = await fresh();
        outbox.add(record('1'));
        outbox.add(record('2'));
        await vi.runAllTimersAsync();

        expect(asked.map((one) => [one.path, one.key])).toEqual([
            ['/batches/b/log', '1'],
            ['/batches/b/log', '2'],
        ]);
        expect(outbox.waiting).toEqual([]);
    });

    it('is sent again with the same key until there is an answer, and the next waits its turn', async () => {
        const asked = server('lost', 'lost', no(500), 'lost', ok({}, 201), ok({}, 201));
        const outbox = await fresh();
        outbox.add(record('1'));
        outbox.add(record('2'));
        await vi.advanceTimersByTimeAsync(3500);
        expect(outbox.isStuck).toBe(true);
        expect(outbox.waiting.length).toBe(2);
        await vi.runAllTimersAsync();

        expect(asked.map((one) => one.key)).toEqual(['1', '1', '1', '1', '1', '2']);
        expect([outbox.waiting, outbox.isStuck]).toEqual([[], false]);
    });

    it('survives a reload', async () => {
        server();
        (await fresh()).add(record('1'));
        await vi.advanceTimersByTimeAsync(10);
        vi.resetModules();
        const asked = server(ok({}, 201));
        const after = await fresh();
        expect(after.of('b').map((one) => one.entry.id)).toEqual(['1']);
        await after.send();

        expect(asked.length).toBe(1);
        expect(after.waiting).toEqual([]);
    });

    it('tells what was refused and goes on with the next', async () => {
        server(no(422), ok({ id: 'b' }, 201));
        const outbox = await fresh();
        const heard: [string, number | undefined][] = [];
        outbox.listen((one, batch, error) => heard.push([one.entry.id, (error as { status?: number } | null)?.status]));
        outbox.add(record('1'));
        outbox.add(record('2'));
        await vi.runAllTimersAsync();

        expect(heard).toEqual([
            ['1', 422],
            ['2', undefined],
        ]);
        expect(outbox.waiting).toEqual([]);
    });
});
