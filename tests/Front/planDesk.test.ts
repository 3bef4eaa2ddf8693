import { describe, expect, it, vi } from 'vitest';
import { no, ok, server, storage } from './server';

const area = (id: string, ...steps: string[]) => ({
    id,
    name: id,
    touches: [],
    liesUnder: [],
    steps: steps.map((one) => ({ id: one, coats: 1 })),
});
const document = (name: string) => ({
    name,
    model: { name: 'Warden' },
    areas: [area('coat', 'base', 'wash'), area('belt', 'leather')],
});
const plan = (version: number, name: string) => ({ id: 'p', version, document: document(name) });
const desk = async () => {
    const { PlanDesk } = await import('../../resources/js/lib/planDesk.svelte');
    return new PlanDesk('p');
};
const rename = (name: string) => (one: { name: string }) => {
    one.name = name;
};
/** A desk on which a change was made and not saved before the page was loaded anew, and what the server was asked since. */
const reloaded = async (...answers: Parameters<typeof server>) => {
    server(ok(plan(1, 'old')));
    const before = await desk();
    await before.load();
    before.change(rename('mine') as never);
    vi.clearAllTimers();
    vi.resetModules();
    const asked = server(...answers);
    const after = await desk();
    await after.load();
    await vi.runAllTimersAsync();
    return { asked, after };
};
const drafts = () => Object.keys(storage).filter((key) => key.includes('plan.p'));

describe('a plan on the desk', () => {
    it('saves what was changed with the version it was changed from', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'new')));
        const at = await desk();
        await at.load();
        at.change(rename('new') as never);
        expect([at.saving, at.isUnsaved, drafts().length]).toEqual(['saving', true, 1]);
        await vi.runAllTimersAsync();

        expect(asked[1]).toMatchObject({
            method: 'PUT',
            path: '/plans/p',
            body: { version: 1, document: { name: 'new' } },
        });
        expect([at.saving, at.isUnsaved, at.plan?.version, drafts()]).toEqual(['saved', false, 2, []]);
    });

    it('sends a change whose answer was lost as the very same again, and what came after it next', async () => {
        const asked = server(
            ok(plan(1, 'old')),
            'lost',
            'lost',
            'lost',
            'lost',
            ok(plan(2, 'one')),
            ok(plan(3, 'two')),
        );
        const at = await desk();
        await at.load();
        at.change(rename('one') as never);
        await vi.advanceTimersByTimeAsync(3600);
        expect(at.saving).toBe('unreachable');
        at.change(rename('two') as never);
        await vi.runAllTimersAsync();

        const puts = asked.slice(1);
        expect(new Set(puts.slice(0, 5).map((one) => one.key)).size).toBe(1);
        expect(puts.slice(0, 5).map((one) => (one.body as { document: { name: string } }).document.name)).toEqual([
            'one',
            'one',
            'one',
            'one',
            'one',
        ]);
        expect(puts[5].body).toMatchObject({ version: 2, document: { name: 'two' } });
        expect(at.document?.name).toBe('two');
    });

    it('finds an unsaved change again after a reload and saves it', async () => {
        const { asked, after } = await reloaded(ok(plan(1, 'old')), ok(plan(2, 'mine')));

        expect(asked[1]).toMatchObject({ method: 'PUT', body: { version: 1, document: { name: 'mine' } } });
        expect(after.document?.name).toBe('mine');
    });

    it('keeps an unsaved change beside a state that is newer, and saves it only when told to', async () => {
        const { asked, after } = await reloaded(ok(plan(4, 'theirs')), ok(plan(5, 'mine')));
        expect([after.saving, after.document?.name, asked.length]).toEqual(['stale', 'mine', 1]);

        await after.resolve('mine');
        expect(asked[1]).toMatchObject({ body: { version: 4, document: { name: 'mine' } } });
        expect([after.saving, drafts()]).toEqual(['saved', []]);
    });

    it('takes theirs when told to', async () => {
        server(ok(plan(1, 'old')), no(409, { version: 7 }), ok(plan(7, 'theirs')));
        const at = await desk();
        await at.load();
        at.change(rename('mine') as never);
        await vi.runAllTimersAsync();
        expect(at.saving).toBe('stale');
        await at.resolve('theirs');

        expect([at.saving, at.document?.name, drafts()]).toEqual(['saved', 'theirs', []]);
    });

    it('names the field at fault, and drops the faulty edit before it undoes anything', async () => {
        const asked = server(
            ok(plan(1, 'old')),
            no(422, { faults: [{ field: 'name', message: 'Too long' }] }),
            ok(plan(1, 'old')),
        );
        const at = await desk();
        await at.load();
        at.change(rename('x'.repeat(200)) as never);
        await vi.runAllTimersAsync();
        expect([at.saving, at.faultAt('name')]).toEqual(['faulty', 'Too long']);
        await at.undo();

        expect(asked.some((one) => one.path.endsWith('/undo'))).toBe(false);
        expect([at.saving, at.document?.name]).toEqual(['saved', 'old']);
    });

    it('takes back its own change and no other', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'old')), ok(plan(3, 'later')));
        const at = await desk();
        await at.load();
        at.change(rename('mine') as never);
        const back = at.wayBack();
        await vi.advanceTimersByTimeAsync(200);
        at.change(rename('later') as never);
        await vi.advanceTimersByTimeAsync(200);
        await back.run();

        expect(asked.some((one) => one.path.endsWith('/undo'))).toBe(false);
    });

    it('undoes with the version it shows, after what is on its way', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'new')), ok(plan(3, 'old')));
        const at = await desk();
        await at.load();
        at.change(rename('new') as never);
        const undone = at.undo();
        await vi.runAllTimersAsync();
        await undone;

        expect(asked.slice(1).map((one) => [one.method, one.path, (one.body as { version: number }).version])).toEqual([
            ['PUT', '/plans/p', 1],
            ['POST', '/plans/p/undo', 2],
        ]);
        expect(at.document?.name).toBe('old');
    });

    it('names the neighbour an area goes before, and nobody when it goes last', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'old')), ok(plan(3, 'old')), ok(plan(4, 'old')));
        const at = await desk();
        await at.load();
        at.moveArea(1, 0);
        expect(at.document?.areas.map((one) => one.id)).toEqual(['belt', 'coat']);
        at.moveArea(0, 1);
        at.moveArea(1, 1);
        at.moveStep('coat', 1, 0);
        await vi.runAllTimersAsync();

        expect(asked.slice(1).map((one) => (one.body as { edit: object }).edit)).toEqual([
            { do: 'move-area', area: 'belt', before: 'coat' },
            { do: 'move-area', area: 'belt', before: null },
            { do: 'move-step', step: 'wash', other: 'base', before: true },
        ]);
    });
});

describe('a change whose consequences are the craft’s', () => {
    const changed = (version: number, name = 'old') => ({
        ...plan(version, name),
        document: { ...document(name), by: 'server' },
    });
    const step = { id: 'base', mix: [], coats: 1 } as never;
    const red = [{ paint: 'red', parts: 1, name: 'Red' }];

    it('goes to the server with the version, under a key, and what comes back stands on the desk', async () => {
        const asked = server(ok(plan(1, 'old')), ok(changed(2)));
        const at = await desk();
        await at.load();
        expect(await at.addStep('coat')).toEqual(expect.any(String));
        expect(asked[1]).toMatchObject({
            method: 'POST',
            path: '/plans/p/edits',
            body: { version: 1, edit: { do: 'add-step', area: 'coat' } },
        });
        expect([asked[1]?.key === null, at.plan?.version, at.isUnsaved]).toEqual([false, 2, false]);
    });

    it('waits until what was changed before is saved', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'mine')), ok(changed(3, 'mine')));
        const at = await desk();
        await at.load();
        at.change(rename('mine') as never);
        await at.addArea('Face');
        expect(asked.map((one) => [one.method, (one.body as { version?: number } | undefined)?.version])).toEqual([
            ['GET', undefined],
            ['PUT', 1],
            ['POST', 2],
        ]);
    });

    it('what is changed meanwhile is not lost: it is done again on what comes back', async () => {
        const asked = server(ok(plan(1, 'old')), ok(changed(2)), ok(changed(3, 'typed')));
        const at = await desk();
        await at.load();
        const made = at.addArea('Face');
        await Promise.resolve();
        await Promise.resolve();
        at.change(rename('typed') as never);
        await made;
        expect(at.document).toMatchObject({ name: 'typed', by: 'server' });
        await vi.runAllTimersAsync();
        expect(asked.at(-1)).toMatchObject({
            method: 'PUT',
            body: { version: 2, document: { name: 'typed', by: 'server' } },
        });
        expect([at.saving, at.isUnsaved]).toEqual(['saved', false]);
    });

    it('a refusal is told and changes nothing; behind the newer state the desk catches up', async () => {
        const { notices } = await import('../../resources/js/lib/notices.svelte');
        server(
            ok(plan(1, 'old')),
            no(422, { faults: [{ field: 'area', message: 'This area is gone.' }] }),
            no(409, { version: 5 }),
            ok(plan(5, 'newer')),
        );
        const at = await desk();
        await at.load();
        at.moveStep('coat', 1, 0);
        expect(at.document?.areas[0]?.steps.map((one) => one.id)).toEqual(['wash', 'base']);
        await vi.waitFor(() => expect(at.document?.areas[0]?.steps.map((one) => one.id)).toEqual(['base', 'wash']));
        expect([notices.at(-1)?.text, at.plan?.version]).toEqual(['This area is gone.', 1]);
        expect(await at.addStep('coat')).toBe(null);
        expect([at.plan?.version, at.document?.name]).toEqual([5, 'newer']);
    });

    it('what is changed while an edit is refused is done once and saved', async () => {
        const asked = server(
            ok(plan(1, 'old')),
            no(422, { faults: [{ field: 'area', message: 'No.' }] }),
            ok(plan(2, 'old')),
        );
        const at = await desk();
        await at.load();
        const made = at.addStep('gone');
        await Promise.resolve();
        await Promise.resolve();
        at.changeStep('base', { coats: 3 });
        expect(await made).toBe(null);
        await vi.runAllTimersAsync();
        const put = asked.at(-1)?.body as { document: { areas: { steps: object[] }[] } };
        expect([asked.at(-1)?.method, put.document.areas[0]?.steps[0]]).toEqual(['PUT', { id: 'base', coats: 3 }]);
    });

    it('a paint that was picked while the server was away is kept and saved when it is back', async () => {
        const asked = server(ok(plan(1, 'old')), 'lost', 'lost', 'lost', 'lost', ok(plan(2, 'old')));
        const at = await desk();
        await at.load();
        at.paintStep(step, red);
        await vi.runAllTimersAsync();
        const put = asked.at(-1);
        expect(put).toMatchObject({ method: 'PUT', body: { version: 1 } });
        expect((put?.body as { document: { areas: { steps: object[] }[] } }).document.areas[0]?.steps[0]).toMatchObject(
            { id: 'base', mix: red },
        );
        expect(at.isUnsaved).toBe(false);
    });

    it('more parts of the same paint are only noted', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'old')));
        const at = await desk();
        await at.load();
        at.paintStep({ id: 'base', mix: red } as never, [{ ...red[0]!, parts: 3 }]);
        await vi.runAllTimersAsync();
        expect(asked.slice(1).map((one) => one.method)).toEqual(['PUT']);
    });
});
