import { describe, expect, it, vi } from 'vitest';
import { late, no, ok, pass, server } from './server';

const step = (id: string, done: number, entries: object[] = [], coats = 1) => ({
    step: { id, coats },
    areaName: 'Coat',
    technique: 'Basecoat',
    done,
    left: 5 - done,
    coat: 1,
    models: [1, 2, 3, 4, 5],
    laid: Array.from({ length: coats }, () => [1, 2, 3, 4, 5].slice(0, done)),
    coatsDone: Array.from({ length: coats }, () => done),
    isSkipped: false,
    entries,
    canBegin: true,
    readyAt: null,
    waitsFor: [] as { stepId: string; coat: number; seconds: number }[][],
});
const batch = (...steps: object[]) => ({ id: 'b', models: 5, steps, next: 's' });
const desk = async () => {
    const { BatchDesk } = await import('../../resources/js/lib/batchDesk.svelte');
    return new BatchDesk('b');
};

describe('a batch on the desk', () => {
    it('counts what is on its way as done, once', async () => {
        server(ok(batch(step('s', 1), step('t', 0))));
        const at = await desk();
        await at.load();
        at.record(at.step('s')!, { models: 4 });
        expect([at.step('s')?.done, at.step('s')?.left, at.batch?.next]).toEqual([5, 0, 't']);

        // The server has it, though its answer was lost: the next look at the batch shows it, and it is not counted twice.
        const id = at.waiting[0]!.id;
        server(ok(batch(step('s', 5, [{ id, models: 4 }]), step('t', 0))));
        await at.load();
        expect(at.step('s')?.done).toBe(5);
    });

    it('counts coats on their way one by one; only the last makes the step done', async () => {
        server(ok(batch(step('s', 0, [], 3), step('t', 0))));
        const at = await desk();
        await at.load();
        at.record(at.step('s')!, { models: 5, coat: 1 });
        at.record(at.step('s')!, { models: 3, coat: 2 });
        expect(at.step('s')).toMatchObject({ coatsDone: [5, 3, 0], done: 0, left: 5, coat: 2 });

        at.record(at.step('s')!, { models: 5 });
        expect(at.step('s')).toMatchObject({ coatsDone: [5, 5, 5], done: 5, left: 0 });
        expect(at.batch?.next).toBe('t');
    });

    it('knows which models a record on its way is about', async () => {
        server(ok(batch(step('s', 0, [], 2))));
        const { lacking } = await import('../../resources/js/lib/batchDesk.svelte');
        const at = await desk();
        await at.load();
        at.record(at.step('s')!, { on: [4, 2], coat: 1 });
        expect(lacking(at.step('s')!, 1)).toEqual([1, 3, 5]);
        expect(at.step('s')).toMatchObject({ coatsDone: [2, 0], coat: 1, left: 5 });

        at.record(at.step('s')!, { on: [1, 3, 5], coat: 1 });
        expect(at.step('s')).toMatchObject({ coatsDone: [5, 0], coat: 2 });
    });

    it('never shows a record as undone between its answer and its leaving the outbox', async () => {
        const { outbox } = await import('../../resources/js/lib/outbox.svelte');
        server(ok(batch(step('s', 0))), ok(batch(step('s', 4, [{ id: '1', models: 4 }])), 201));
        const at = await desk();
        const end = at.listen();
        await at.load();
        const seen: unknown[] = [];
        outbox.add({
            kind: 'batch',
            batchId: 'b',
            does: { do: 'record', entry: { id: '1', stepId: 's', models: 4 } },
            words: 'Coat',
        });
        for (let look = 0; look < 40; look++) {
            seen.push([at.step('s')?.done, at.step('s')?.left]);
            await new Promise((go) => setImmediate(go));
        }
        end();

        expect(new Set(seen.map((one) => JSON.stringify(one)))).toEqual(new Set(['[4,1]']));
        expect(outbox.waiting).toEqual([]);
    });

    it('asks once more when a record arrived while it was asked for', async () => {
        const done = batch(step('s', 5, [{ id: '1', models: 5 }]));
        const asked = server(late(500, batch(step('s', 0))), ok(done, 201), ok(done));
        const at = await desk();
        const end = at.listen();
        const loaded = at.load();
        const { outbox } = await import('../../resources/js/lib/outbox.svelte');
        outbox.add({
            kind: 'batch',
            batchId: 'b',
            does: { do: 'record', entry: { id: '1', stepId: 's', models: 5 } },
            words: 'Coat',
        });
        await pass(1000);
        await loaded;
        end();

        expect(asked.map((one) => one.method)).toEqual(['GET', 'POST', 'GET']);
        expect(at.step('s')?.done).toBe(5);
    });

    it('takes the record away again and says why when it is refused', async () => {
        server(ok(batch(step('s', 1))), no(422));
        const at = await desk();
        const end = at.listen();
        await at.load();
        at.record(at.step('s')!, { models: 4 });
        await pass(100);
        end();

        expect(at.step('s')?.done).toBe(1);
        expect(at.fault?.message).toBe('Refused with 422');
    });

    it('takes back what waits: unsent it has never been, sent it is taken back behind it', async () => {
        server(ok(batch(step('s', 1))));
        const at = await desk();
        const end = at.listen();
        await at.load();
        at.record(at.step('s')!, { models: 1 });
        at.record(at.step('s')!, { models: 2 });
        await pass(3600);
        expect(at.step('s')?.done).toBe(4);
        await at.undoNewest();
        expect([at.step('s')?.done, at.waiting.length]).toEqual([2, 1]);

        const id = at.waiting[0]!.id;
        await at.undoNewest();
        expect(at.waiting.map((one) => one.does.do)).toEqual(['record', 'take-back']);
        const asked = server(ok(batch(step('s', 2, [{ id, on: [2], coat: null }])), 201), ok(batch(step('s', 1))));
        await pass(5000);
        end();
        expect(asked.map((one) => [one.method, one.path])).toEqual([
            ['POST', '/batches/b/log'],
            ['DELETE', `/log/${id}`],
        ]);
        expect([at.step('s')?.done, at.waiting]).toEqual([1, []]);
    });

    it('shows a record that is being taken back as undone at once', async () => {
        server(
            ok(
                batch(
                    step('s', 5, [
                        { id: '1', on: [1, 2], coat: null },
                        { id: '2', on: [3, 4, 5], coat: null },
                    ]),
                ),
            ),
        );
        const at = await desk();
        const end = at.listen();
        await at.load();
        await at.undo('2');
        expect([at.step('s')?.laid, at.step('s')?.done, at.step('s')?.entries.length]).toEqual([[[1, 2]], 2, 1]);
        end();
    });

    it('goes on without the server: what waits for a coat may be begun once that is laid and dry', async () => {
        const wash = { ...step('t', 0), canBegin: false, waitsFor: [[{ stepId: 's', coat: 2, seconds: 1200 }]] };
        const base = {
            ...step('s', 0, [], 2),
            readyAt: '2026-10-04T18:00:00Z',
            waitsFor: [[], [{ stepId: 's', coat: 1, seconds: 900 }]],
        };
        server(ok(batch(base, wash)));
        const at = await desk();
        await at.load();
        const told = (id: string) => [at.step(id)?.coat, at.step(id)?.canBegin, at.step(id)?.readyAt];
        vi.setSystemTime('2026-10-04T19:00:00Z');
        at.record(at.step('s')!, { on: [1, 2, 3, 4, 5], coat: 1 });
        expect(told('s')).toEqual([2, true, '2026-10-04T19:15:00.000Z']);
        expect(told('t')).toEqual([1, false, null]);

        vi.setSystemTime('2026-10-04T19:30:00Z');
        at.record(at.step('s')!, { on: [1, 2], coat: 2 });
        expect(told('t')).toEqual([1, true, '2026-10-04T19:50:00.000Z']);
        expect(at.step('s')?.canBegin).toBe(true);
    });
});
