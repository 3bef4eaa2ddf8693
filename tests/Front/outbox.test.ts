import { openDB } from 'idb';
import { describe, expect, it, vi } from 'vitest';
import { no, ok, pass, server, storage } from './server';

const record = (id: string, models = 2) => ({
    kind: 'batch' as const,
    batchId: 'b',
    does: { do: 'record' as const, entry: { id, stepId: 's', models } },
    words: `record ${id}`,
});
/** As an earlier release kept it. */
const before = (id: string) => ({ batchId: 'b', entry: { id, stepId: 's', models: 2 }, words: `record ${id}` });
const fresh = async () => (await import('../../resources/js/lib/outbox.svelte')).outbox;
const reloaded = async () => {
    vi.clearAllTimers();
    vi.resetModules();
    return fresh();
};
const keys = (asked: { key: string | null }[]) => asked.map((one) => one.key);

describe('what was done waits for the server', () => {
    it('is sent in the order it was done, each with its own key', async () => {
        const asked = server(ok({}, 201), ok({}, 201));
        const outbox = await fresh();
        outbox.add(record('1'));
        outbox.add(record('2'));
        await pass(100);

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
        // That it waits is said after one more try.
        await pass(500);
        expect(outbox.isStuck).toBe(true);
        expect(outbox.waiting.length).toBe(2);
        await pass(7000);

        expect(keys(asked)).toEqual(['1', '1', '1', '1', '1', '2']);
        expect([outbox.waiting, outbox.isStuck]).toEqual([[], false]);
    });

    it('sends what was done in the moment the sending before it ends', async () => {
        const asked = server(ok({ id: 'b' }, 201), ok({ id: 'b' }, 201));
        const outbox = await fresh();
        // The lock of one sender is given back a moment after the last look at what waits.
        vi.stubGlobal('navigator', {
            locks: {
                request: async (_name: string, send: () => Promise<void>) => {
                    await send();
                    if (asked.length < 2) outbox.add(record('2'));
                    await new Promise((go) => setTimeout(go, 50));
                },
            },
        });
        outbox.add(record('1'));
        await pass(1000);

        expect(keys(asked)).toEqual(['1', '2']);
        expect(outbox.waiting).toEqual([]);
    });

    it('survives a reload, and is sent then whatever page is open', async () => {
        server();
        (await fresh()).add(record('1'));
        await pass(100);
        const asked = server(ok({}, 201));
        const after = await reloaded();
        const end = after.run();
        await pass(200);
        end();

        expect(keys(asked)).toEqual(['1']);
        expect(after.waiting).toEqual([]);
    });

    it.each([507, 503, 500, 429])('waits while the server refuses with %i, for that may pass', async (status) => {
        const asked = server(no(status), no(status), ok({}, 201));
        const outbox = await fresh();
        outbox.add(record('1'));
        await pass(10000);

        expect(new Set(keys(asked))).toEqual(new Set(['1']));
        expect([outbox.waiting, outbox.refused]).toEqual([[], []]);
        expect(asked.length).toBe(3);
    });

    it('keeps what is refused until somebody decides, tells it once and goes on with the next', async () => {
        server(no(422), ok({ id: 'b' }, 201));
        const outbox = await fresh();
        const heard: [string, number | undefined][] = [];
        outbox.listen((one, became) =>
            heard.push([one.id, became.is === 'refused' ? became.problem.status : undefined]),
        );
        outbox.add(record('1'));
        outbox.add(record('2'));
        await pass(200);

        expect(heard).toEqual([
            ['1', 422],
            ['2', undefined],
        ]);
        expect(outbox.waiting).toEqual([]);
        expect(outbox.refused.map((one) => [one.id, one.refusal?.message])).toEqual([['1', 'Refused with 422']]);

        const asked = server(ok({}, 201));
        const after = await reloaded();
        const end = after.run();
        await pass(100);
        expect(asked).toEqual([]);
        expect(after.refused.length).toBe(1);
        await Promise.all([after.retry('1'), pass(200)]);
        end();
        expect(keys(asked)).toEqual(['1']);
        expect(after.refused).toEqual([]);
    });

    it('is one list for all tabs: none writes over what another has added', async () => {
        server();
        const here = await fresh();
        here.add(record('1'));
        const there = await reloaded();
        there.add(record('2'));
        here.add(record('3'));
        await pass(300);
        await (await openDB('kalokroma')).close();
        const after = await reloaded();
        const end = after.run();
        await pass(100);
        end();

        expect(after.waiting.map((one) => one.id)).toEqual(['1', '2', '3']);
    });

    it('waits for its own desk where another database answers', async () => {
        const settings = (desk: string) => ok({ desk, currency: 'EUR', zone: null, room: {}, measures: {} });
        const { home } = await import('../../resources/js/lib/home.svelte');
        home.known('first');
        const asked = server(no(421), settings('second'));
        const outbox = await fresh();
        outbox.add(record('1'));
        await pass(300);
        expect(asked.map((one) => one.path)).toEqual(['/batches/b/log', '/settings']);
        expect([outbox.waiting.length, outbox.refused.length, outbox.foreign.length]).toEqual([0, 0, 1]);

        // The first is back.
        const again = server(ok({}, 201));
        home.known('first');
        await Promise.all([outbox.send(), pass(200)]);
        expect(keys(again)).toEqual(['1']);
        expect(outbox.foreign).toEqual([]);
    });

    it('takes over what an earlier release has kept, and puts aside what is no record', async () => {
        storage.setItem(
            'kalokroma.kept.outbox',
            JSON.stringify({ at: Date.now(), value: [before('1'), 7, { batchId: 'b' }] }),
        );
        const database = await openDB('kalokroma', 1, {
            upgrade(made) {
                made.createObjectStore('outbox');
                made.createObjectStore('aside', { autoIncrement: true });
            },
        });
        await database.put('outbox', { rubbish: true }, 'x');
        await database.put('outbox', { ...before('2'), desk: null, refusal: null }, '2');
        database.close();
        const asked = server(ok({}, 201), ok({}, 201));
        const outbox = await fresh();
        const end = outbox.run();
        await pass(300);
        end();

        expect(keys(asked)).toEqual(['1', '2']);
        expect(await (await openDB('kalokroma')).getAll('aside')).toEqual([{ rubbish: true }]);
    });

    it.each(['{}', '5', 'null', '{"value":{}}', '{'])('begins with nothing where %s was kept', async (rubbish) => {
        storage.setItem('kalokroma.kept.outbox', rubbish);
        server();
        const outbox = await fresh();
        const end = outbox.run();
        await pass(100);
        end();

        expect([outbox.waiting, outbox.refused, outbox.foreign]).toEqual([[], [], []]);
    });

    it('knows what nobody else has seen yet: that can be dropped as if it had never been', async () => {
        const asked = server('lost');
        const outbox = await fresh();
        outbox.add(record('1'));
        outbox.add(record('2'));
        await pass(100);
        expect(outbox.waiting.map((one) => outbox.canDrop(one))).toEqual([false, true]);
        await outbox.drop('2');
        await pass(100);
        expect(outbox.waiting.map((one) => one.id)).toEqual(['1']);
        expect(new Set(keys(asked))).toEqual(new Set(['1']));
    });

    it('takes back after it was sent: what never got there is taken back already', async () => {
        const asked = server(no(404), ok({ id: 'b' }));
        const outbox = await fresh();
        const heard: unknown[] = [];
        outbox.listen((one, became) => heard.push([one.kind === 'batch' && one.does.do, became]));
        outbox.add({ kind: 'batch', batchId: 'b', does: { do: 'take-back', entryId: '1' }, words: 'back' });
        outbox.add({ kind: 'batch', batchId: 'b', does: { do: 'put-back', entryId: '1' }, words: 'again' });
        await pass(200);

        expect(asked.map((one) => [one.method, one.path])).toEqual([
            ['DELETE', '/log/1'],
            ['POST', '/log/1/restore'],
        ]);
        expect(heard).toEqual([
            ['take-back', { is: 'made' }],
            ['put-back', { is: 'made', batch: { id: 'b' } }],
        ]);
    });

    it('hears of what another tab has sent, so that it can be asked for', async () => {
        server();
        const here = await fresh();
        here.add(record('1'));
        await pass(4000);
        const heard: unknown[] = [];
        here.listen((one, became) => heard.push([one.id, became]));
        const database = await openDB('kalokroma');
        await database.delete('outbox', '1');
        database.close();
        await Promise.all([here.send(), pass(200)]);

        expect(heard).toEqual([['1', { is: 'made' }]]);
        expect(here.waiting).toEqual([]);
    });
});
